<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** One day of the week strip. */
final readonly class WeekDayResource extends Resource
{
    public function __construct(
        public string $date,
        public int $visits,
        public bool $isToday,
    ) {
    }
}
