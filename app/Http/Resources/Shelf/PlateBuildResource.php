<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** One load of an adjustable dumbbell. */
final readonly class PlateBuildResource extends Resource
{
    public function __construct(
        public float $loadKg,
        public string $perEnd,
    ) {
    }
}
