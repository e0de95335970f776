<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Where a programme that was missed for a while would go on. */
final readonly class BreakResource extends Resource
{
    /**
     * @param  string  $words  Empty where nothing was missed.
     * @param  int  $missed  Visits.
     * @param  string  $startsOn  The programme's start as it is, a date.
     * @param  string  $goesOnFrom  The Monday of that week, a date.
     */
    public function __construct(
        public string $words,
        public int $missed,
        public int $week,
        public string $startsOn,
        public string $goesOnFrom,
        public bool $isRungDown,
    ) {
    }
}
