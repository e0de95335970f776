<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Mechanics\Equivalent;

/** One ranked replacement, with the prescription rewritten so that the effort stays. */
final readonly class Candidate
{
    /**
     * @param  float  $match  0 to 1.
     * @param  list<MatchPart>  $parts
     * @param  int  $reps  Repetitions at the same reserve; seconds for a hold.
     * @param  int  $repsLow  The same at the heavy end of the spread.
     * @param  int  $repsHigh  The same at the light end.
     * @param  list<string>  $reasons
     * @param  list<string>  $lost  What this replacement does not give.
     * @param  list<string>  $changes  What in the prescription was rewritten.
     * @param  list<string>  $cautions
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
        public array $reasons,
        public array $lost,
        public array $changes,
        public array $cautions,
    ) {
    }
}
