<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Mechanics\Equivalent;

/**
 * What is asked of a swap: the prescription, what it comes to for this client, and what the client can lift.
 *
 * @internal
 */
final readonly class Asked
{
    /**
     * @param  float  $maximumKg  The client's own, or what the prescription itself implies.
     * @param  float  $shift  Repetitions by which the formulas miss the prescription's own count at its own load.
     */
    public function __construct(
        public Prescription $prescription,
        public Exercise $exercise,
        public Equivalent $equivalent,
        public float $maximumKg,
        public float $shift,
        public int $reserve,
        public bool $capacityKnown,
    ) {
    }
}
