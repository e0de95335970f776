<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** One steady reading at one length; the residual is newtons above the curve. */
final readonly class BenchPointResource extends Resource
{
    public function __construct(
        public float $lengthCm,
        public float $forceN,
        public float $sdN,
        public ?float $residualN,
    ) {
    }
}
