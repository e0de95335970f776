<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** A piece of a typed line and what it was taken for. */
final readonly class UnderstoodResource extends Resource
{
    public function __construct(
        public string $text,
        public string $means,
    ) {
    }
}
