<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

use NimbleShelf\Core\Mechanics\LoadPoint;

/** A movement pattern and the lift its equivalents are named in. */
final readonly class Pattern
{
    /**
     * @param  string|null  $referenceExercise  Null where no load in kilograms means anything: stretches, and work
     *                                          against a turn that a plane does not show.
     * @param  array<string, float>  $related  Closeness to other patterns, 0 to 1, a trainer's judgement.
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $referenceExercise,
        public LoadPoint $referencePoint,
        public string $unit,
        public array $related,
    ) {
    }

    /** True where loads of this pattern can be compared in kilograms. */
    public function isMeasured(): bool
    {
        return $this->referenceExercise !== null;
    }
}
