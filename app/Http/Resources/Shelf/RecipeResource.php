<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** What to put in, and what it weighs then. */
final readonly class RecipeResource extends Resource
{
    /**
     * @param  float  $likelyKg  How far either side of the total four cases in five lie.
     * @param  list<FillPartResource>  $parts
     */
    public function __construct(
        public float $totalKg,
        public float $errorKg,
        public float $likelyKg,
        public int $pieces,
        public array $parts,
    ) {
    }
}
