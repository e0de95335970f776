<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** One line of a recipe: so many pieces, or so many litres. */
final readonly class FillPartResource extends Resource
{
    public function __construct(
        public string $name,
        public ?int $count,
        public ?float $litres,
        public float $massKg,
    ) {
    }
}
