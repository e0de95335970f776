<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** Capacity after one day's sets. */
final readonly class CapacityPointResource extends Resource
{
    public function __construct(
        public string $date,
        public float $kg,
        public float $lowKg,
        public float $highKg,
    ) {
    }
}
