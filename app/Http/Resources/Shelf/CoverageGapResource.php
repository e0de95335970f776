<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** A jump between two neighbouring loads that is hard to bridge with repetitions. */
final readonly class CoverageGapResource extends Resource
{
    /** @param  int  $percent  Of the whole load, body included. */
    public function __construct(
        public float $fromKg,
        public float $toKg,
        public int $percent,
    ) {
    }
}
