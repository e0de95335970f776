<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What of a programme no longer stands with the shelf, the room and the limits as they are. */
final readonly class ReviewResource extends Resource
{
    /**
     * @param  int  $week  From which it would be mended.
     * @param  bool  $isCopy  True while it was made for somebody else: loads are looked at too.
     * @param  list<ReviewEntryResource>  $entries
     */
    public function __construct(
        public int $programmeId,
        public string $programme,
        public string $state,
        public int $version,
        public int $week,
        public bool $isCopy,
        public array $entries,
    ) {
    }
}
