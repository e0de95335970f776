<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;

/** One muscle's share of the work. */
final readonly class MuscleShareResource extends Resource
{
    public function __construct(
        public string $muscle,
        public int $percent,
        public bool $main,
    ) {
    }
}
