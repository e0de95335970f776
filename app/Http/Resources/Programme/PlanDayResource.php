<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** A day on which there is time. */
final readonly class PlanDayResource extends Resource
{
    /**
     * @param  int  $weekday  1 is Monday.
     * @param  string  $time  On the clock on the wall: "09:00".
     */
    public function __construct(public int $weekday, public int $minutes, public string $time)
    {
    }
}
