<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Shelf\HouseholdMass;

/** The mass of a household thing, with the sum and one sigma. */
final readonly class HouseholdMassResource extends Resource
{
    public function __construct(
        public float $massKg,
        public float $sdKg,
        public string $certainty,
        public string $sum,
    ) {
    }

    public static function of(HouseholdMass $mass): self
    {
        return new self(round($mass->massKg, 3), round($mass->sdKg(), 3), $mass->certainty->value, $mass->sum);
    }
}
