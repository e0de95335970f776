<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** One session of a running programme that a visit more could be. */
final readonly class VisitChoiceResource extends Resource
{
    /**
     * @param  int  $version  Of the programme; a change says which one it was made on.
     * @param  int  $weekday  1 is Monday.
     * @param  string  $time  On the clock on the wall: "08:30".
     */
    public function __construct(
        public int $plannedSessionId,
        public int $programmeId,
        public int $version,
        public string $name,
        public int $week,
        public int $weekday,
        public string $time,
        public int $minutes,
    ) {
    }
}
