<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\Equivalent;

/** A load named in the reference lift, with its spread. */
final readonly class EquivalentResource extends Resource
{
    /**
     * @param  float  $lowKg  The lower end of the likely range: four cases in five lie within.
     * @param  float  $ownKg  What the body itself adds in the reference lift.
     * @param  string  $reference  Name of the reference lift.
     */
    public function __construct(
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public float $ownKg,
        public string $unit,
        public string $reference,
        public string $words,
    ) {
    }

    /** Null for work that is not measured in kilograms. */
    public static function of(Equivalent $equivalent, Catalogue $catalogue): ?self
    {
        if (! $equivalent->isMeasured) {
            return null;
        }
        $round = static fn (float $kg): float => Equivalent::rounded($kg, $equivalent->sdKg);

        return new self(
            kg: $round($equivalent->kg),
            lowKg: $round($equivalent->likelyLowKg()),
            highKg: $round($equivalent->likelyHighKg()),
            ownKg: $round($equivalent->ownKg),
            unit: $equivalent->unit,
            reference: $catalogue->exercise($equivalent->referenceExercise)->name,
            words: $equivalent->inWords(),
        );
    }
}
