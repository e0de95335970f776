<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Tempo;

/** One ranked replacement, with the prescription rewritten so that the effort stays. */
final readonly class Candidate
{
    /**
     * @param  float  $match  0 to 1.
     * @param  list<MatchPart>  $parts
     * @param  int  $reps  Repetitions at the same reserve; seconds for a hold.
     * @param  int  $repsLow  The same at the heavy end of the spread.
     * @param  int  $repsHigh  The same at the light end.
     * @param  Tempo|null  $tempo  Slower than usual; null for the usual one.
     * @param  string|null  $range  How to keep to the part of the range that is used; null for the whole.
     * @param  float  $rangeRatio  What the load comes to over that part, against the whole; 1 for the whole.
     * @param  float  $restFactor  What the prescribed rest is multiplied by, before seconds are added.
     * @param  bool  $isReached  False where no rewriting brings the effort of the prescription.
     * @param  list<string>  $reasons
     * @param  list<string>  $lost  What this replacement does not give.
     * @param  list<string>  $changes  What in the prescription was rewritten.
     * @param  list<string>  $cautions
     * @param  Execution|null  $execution  The way it is done, where that was set by hand.
     * @param  bool  $byMuscles  True where its load has no common measure with what is prescribed.
     */
    public function __construct(
        public Rung $rung,
        public Equivalent $equivalent,
        public float $match,
        public array $parts,
        public int $reps,
        public int $repsLow,
        public int $repsHigh,
        public int $reserve,
        public ?Tempo $tempo,
        public ?string $range,
        public float $rangeRatio,
        public float $restFactor,
        public int $restSeconds,
        public bool $isReached,
        public array $reasons,
        public array $lost,
        public array $changes,
        public array $cautions,
        public bool $byMuscles = false,
        public ?Execution $execution = null,
    ) {
    }

    /** How the sides share a set: as it was set by hand, or as the rung asks. */
    public function sides(): Sides
    {
        return $this->execution->sides ?? ($this->rung->isOneSided() ? Sides::Each : Sides::Both);
    }

    /** Seconds of rest after a set, where so many were prescribed; never less than ten. */
    public function restAfter(int $prescribedSeconds): int
    {
        return max(10, (int) round($prescribedSeconds * $this->restFactor / 5) * 5 + $this->restSeconds);
    }
}
