<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Programme\PlannedWeek;

/** A week after a change, and what the change was. */
final readonly class EditedWeek
{
    /**
     * @param  string  $words  "Goblet squat moved to Thursday".
     * @param  list<string>  $anew  Threads whose exercise or dose is not what it was: later weeks are reckoned from here.
     * @param  array<int, int>  $from  By weekday: the weekday a session stood on before, where that is another.
     */
    public function __construct(public PlannedWeek $week, public string $words, public array $anew = [], public array $from = [])
    {
    }
}
