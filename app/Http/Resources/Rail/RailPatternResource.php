<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;

/** A pattern that has a rail. */
final readonly class RailPatternResource extends Resource
{
    public function __construct(
        public string $id,
        public string $name,
    ) {
    }
}
