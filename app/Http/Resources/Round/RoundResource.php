<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** The trainer's day. */
final readonly class RoundResource extends Resource
{
    /**
     * @param  string  $tomorrow  The day after it.
     * @param  list<VisitResource>  $visits
     * @param  list<AppointmentResource>  $appointments  Visits without a session, and time that is not free.
     * @param  list<WeekDayResource>  $week
     * @param  string|null  $nextDate  The next day with a visit, where this one has none.
     */
    public function __construct(
        public string $date,
        public string $tomorrow,
        public array $visits,
        public array $appointments,
        public array $week,
        public ?string $nextDate,
    ) {
    }
}
