<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** A programme as the builder proposes it, with its proofs. */
final readonly class ProgrammePlan
{
    /**
     * @param  list<PlannedWeek>  $weeks
     * @param  list<Check>  $checks
     * @param  WeekScore|null  $score  Of the first week, which the others follow; null for what was written by hand.
     * @param  list<string>  $heldBack  What kept it from being better, each with what would change that where it is known.
     * @param  array<string, list<string>>  $steps  What changes in a thread from week to week, in words; by thread, one entry a week.
     * @param  array<string, float|null>  $equivalents  Kilograms of the reference lift by thread and week: "thread/week".
     */
    public function __construct(
        public array $weeks,
        public array $checks,
        public ?WeekScore $score,
        public array $heldBack,
        public array $steps,
        public array $equivalents,
    ) {
    }
}
