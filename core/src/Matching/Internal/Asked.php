<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Ability;
use NimbleShelf\Core\Planning\Capacity;

/**
 * What is asked of a swap: the prescription, what it comes to for this client, and what the client can lift.
 *
 * @internal
 */
final readonly class Asked
{
    /** Kilograms of a reference lift, body included; our estimate. */
    private const LEAST_KG = 0.5;

    /** So much of the old load, in kilograms of the other pattern's reference, may be held to begin with. Our judgement. */
    private const TO_BEGIN_WITH = 0.6;

    /** Where no set says what somebody can, so many like them can at the least; our choice, as for first loads. */
    private const SURE = 0.9;

    /**
     * @param  Ability  $ability  The client's own, or what the prescription itself implies.
     * @param  string  $pattern  In whose reference lift loads are named.
     * @param  bool  $byMuscles  True where the load of what is written says nothing about the load of what is offered.
     * @param  bool  $isExpected  True where the ability is what people like the client can, and no set of theirs.
     */
    public function __construct(
        public Prescription $prescription,
        public Exercise $exercise,
        public Equivalent $equivalent,
        public Ability $ability,
        public int $reserve,
        public bool $capacityKnown,
        public string $pattern,
        public bool $byMuscles = false,
        public bool $isExpected = false,
    ) {
    }

    /** True where what is written comes to less than anyone could tell from nothing. */
    public function isNextToNothing(): bool
    {
        return $this->equivalent->isMeasured && ! $this->exercise->isHold && $this->equivalent->wholeKg() < self::LEAST_KG;
    }

    /** Compared by muscles alone, and with no capacity on record, nothing is held that comes near what was held before. */
    public function isTooMuchToBeginWith(Setting $setting, float $wholeKg): bool
    {
        return $this->byMuscles && ! $this->capacityKnown && $setting->massKg > 0
            && $this->equivalent->isMeasured && ! $this->isNextToNothing()
            && $wholeKg > self::TO_BEGIN_WITH * $this->equivalent->wholeKg();
    }

    /** The same wish, for an exercise of which something of its own may be known. */
    public function of(?Capacity $capacity): self
    {
        return ! $this->capacityKnown || $capacity === null ? $this : new self(
            $this->prescription,
            $this->exercise,
            $this->equivalent,
            Ability::of($capacity->kg),
            $this->reserve,
            true,
            $this->pattern,
        );
    }

    /**
     * The same wish, for an exercise whose load has no common measure with what is written: what it comes to is kept in
     * the exercise's own pattern, by what the client can there, or can be expected to.
     */
    public function inAnotherMeasure(Exercise $exercise, ?Capacity $capacity): self
    {
        return new self(
            $this->prescription,
            $this->exercise,
            $this->equivalent,
            match (true) {
                $capacity === null => $this->ability,
                $capacity->isOnRecord() => Ability::of($capacity->kg),
                default => Ability::of($capacity->atLeastKg(self::SURE)),
            },
            $this->reserve,
            $capacity !== null,
            $exercise->pattern,
            byMuscles: true,
            isExpected: $capacity?->isOnRecord() === false,
        );
    }
}
