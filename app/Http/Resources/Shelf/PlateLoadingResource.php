<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** Every load of an adjustable dumbbell and the way from one to another. */
final readonly class PlateLoadingResource extends Resource
{
    /**
     * @param  list<PlateBuildResource>  $builds  Lightest first.
     * @param  string  $change  What to take off and put on at each end, from one build to the other.
     */
    public function __construct(
        public int $itemId,
        public array $builds,
        public int $from,
        public int $to,
        public string $change,
    ) {
    }
}
