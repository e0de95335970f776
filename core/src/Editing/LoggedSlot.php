<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Planning\Slot;

/** What became of one exercise of a planned session. */
final readonly class LoggedSlot
{
    /**
     * @param  Slot  $slot  As it was done: the exercise and setting of its last set.
     * @param  int  $reps  Of the weakest set; seconds where seconds count.
     * @param  float  $reserve  Repetitions left after it.
     */
    public function __construct(public int $weekday, public Slot $slot, public int $reps, public float $reserve, public bool $pain)
    {
    }
}
