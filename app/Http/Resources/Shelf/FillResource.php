<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** The recipe for a mass: one, or one for each of a pair. */
final readonly class FillResource extends Resource
{
    /**
     * @param  int  $stock  Kinds of things there are to fill with.
     * @param  list<RecipeResource>  $recipes
     */
    public function __construct(
        public float $targetKg,
        public ?string $carrier,
        public float $tareKg,
        public float $maxKg,
        public int $stock,
        public array $recipes,
    ) {
    }
}
