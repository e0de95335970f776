<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One week of a programme. */
final readonly class PlannedWeekResource extends Resource
{
    /**
     * @param  string  $startsOn  Its Monday, as a date.
     * @param  list<PlannedSessionResource>  $sessions
     */
    public function __construct(public int $number, public string $kind, public string $startsOn, public array $sessions)
    {
    }
}
