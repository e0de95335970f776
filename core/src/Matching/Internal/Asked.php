<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Planning\Ability;

/**
 * What is asked of a swap: the prescription, what it comes to for this client, and what the client can lift.
 *
 * @internal
 */
final readonly class Asked
{
    /**
     * @param  Ability  $ability  The client's own, or what the prescription itself implies.
     */
    public function __construct(
        public Prescription $prescription,
        public Exercise $exercise,
        public Equivalent $equivalent,
        public Ability $ability,
        public int $reserve,
        public bool $capacityKnown,
    ) {
    }
}
