<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** A session of a week that is being changed. */
final readonly class SheetSessionResource extends Resource
{
    /**
     * @param  int  $weekday  1 for Monday to 7.
     * @param  string  $time  On the clock on the wall: "08:30".
     * @param  int  $promisedMinutes  By the plan's own rests.
     * @param  int  $likelyMinutes  As rests and changes of this client have gone.
     * @param  int  $kitChanges  How often something is put down and something else taken up.
     * @param  list<SheetBlockResource>  $blocks
     */
    public function __construct(
        public int $weekday,
        public string $day,
        public string $time,
        public string $name,
        public int $minutes,
        public int $promisedMinutes,
        public int $likelyMinutes,
        public int $positionChanges,
        public int $kitChanges,
        public array $blocks,
    ) {
    }
}
