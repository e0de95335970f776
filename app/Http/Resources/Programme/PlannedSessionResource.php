<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One session of a planned week. */
final readonly class PlannedSessionResource extends Resource
{
    /**
     * @param  int  $weekday  1 for Monday to 7.
     * @param  string  $time  On the clock on the wall: "08:30".
     * @param  list<PlannedBlockResource>  $blocks
     */
    public function __construct(
        public int $weekday,
        public string $day,
        public string $time,
        public string $name,
        public int $minutes,
        public int $likelyMinutes,
        public int $positionChanges,
        public array $blocks,
    ) {
    }
}
