<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** One earlier test of a band. */
final readonly class BandTestResource extends Resource
{
    public function __construct(
        public string $testedOn,
        public int $points,
        public float $aN,
        public float $bN,
        public float $rmsN,
        public float $forceAtDoubleN,
    ) {
    }
}
