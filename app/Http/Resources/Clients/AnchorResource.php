<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** Something firm in a home that a band can be anchored to. */
final readonly class AnchorResource extends Resource
{
    public function __construct(
        public string $id,
        public float $heightCm,
        public string $kind,
    ) {
    }
}
