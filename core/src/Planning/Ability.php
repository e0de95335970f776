<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** How many repetitions a client has at a load: from a capacity on record, or from what a prescription implies. */
final readonly class Ability
{
    /** Lighter than this nothing is reckoned, kilograms. */
    private const LEAST_KG = 0.1;

    /**
     * @param  float  $maximumKg  What the client could lift once, whole kilograms of the pattern's reference lift.
     * @param  float  $shift  Repetitions by which the formulas miss what was prescribed at its own load.
     */
    private function __construct(public float $maximumKg, private float $shift)
    {
    }

    /** @param  float  $maximumKg  Above zero. */
    public static function of(float $maximumKg): self
    {
        return new self($maximumKg, 0.0);
    }

    /** What so many repetitions with so many in reserve at a load imply; it gives the same count back at the same load. */
    public static function impliedBy(float $wholeKg, int $reps, int $reserve): self
    {
        // No formula was tried beyond sixty.
        $reps = min(60, $reps);
        $maximumKg = RepetitionMaximum::from(max(0.5, $wholeKg), $reps, $reserve)->medianKg();

        return new self($maximumKg, $reps + $reserve - RepetitionMaximum::repetitionsToFailure($maximumKg, max(self::LEAST_KG, $wholeKg)));
    }

    /** The whole load, kilograms, that allows so many repetitions to failure. */
    public function loadFor(float $repetitions): float
    {
        return RepetitionMaximum::loadFor($this->maximumKg, max(1.0, $repetitions - $this->shift));
    }

    public function repetitionsToFailure(float $wholeKg): float
    {
        return RepetitionMaximum::repetitionsToFailure($this->maximumKg, max(self::LEAST_KG, $wholeKg)) + $this->shift;
    }
}
