<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;

/** Furniture a figure leans on. */
final readonly class FigurePropResource extends Resource
{
    /**
     * @param  float  $x  Metres.
     * @param  float  $y  Metres above the floor.
     */
    public function __construct(
        public string $kind,
        public float $x,
        public float $y,
    ) {
    }
}
