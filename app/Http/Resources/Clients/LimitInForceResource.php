<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** A limit with where it comes from and why. */
final readonly class LimitInForceResource extends Resource
{
    public function __construct(
        public string $id,
        public string $label,
        public string $source,
        public string $why,
    ) {
    }
}
