<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Equivalence\Equivalent;

/** Ranked replacements for one prescription, best first, and everything that was left out. */
final readonly class SwapResult
{
    /**
     * @param  list<Candidate>  $candidates
     * @param  list<Exclusion>  $excluded
     * @param  list<Exclusion>  $leftOut  Exercises that are offered, with the things or settings of theirs that are not.
     * @param  list<string>  $problems  Why the shelf cannot serve the prescription as written; empty where it can.
     * @param  bool  $capacityKnown  False where no logged set backs the repetitions.
     */
    public function __construct(
        public Prescription $prescription,
        public Equivalent $prescribed,
        public array $candidates,
        public array $excluded,
        public array $leftOut,
        public array $problems,
        public bool $capacityKnown,
    ) {
    }
}
