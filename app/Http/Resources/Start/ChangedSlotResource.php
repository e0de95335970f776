<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;

/** What became of one exercise of the programme. */
final readonly class ChangedSlotResource extends Resource
{
    /**
     * @param  string  $day  "Tuesday".
     * @param  string  $was  As it was asked for; with its name where it is another exercise.
     */
    public function __construct(public string $day, public string $exercise, public string $now, public string $was)
    {
    }
}
