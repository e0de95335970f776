<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Slot;

/** What a week comes to. */
final readonly class JudgedWeek
{
    /**
     * @param  list<Check>  $checks
     * @param  array<string, float>  $hardSets  By muscle; main 1, helping a half, each by what it counts.
     * @param  list<array{weekday: int, slot: Slot, effort: WrittenEffort}>  $slots  In their order.
     */
    public function __construct(public array $checks, public WeekScore $score, public array $hardSets, public array $slots)
    {
    }
}
