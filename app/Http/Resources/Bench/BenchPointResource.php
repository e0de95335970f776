<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;

/** One steady reading at one length. */
final readonly class BenchPointResource extends Resource
{
    /**
     * @param  float|null  $residualN  Above the curve.
     * @param  float  $massKg  What would pull as much.
     * @param  bool  $isOwn  True of a scale of the trainer's; false of the one that is simulated here.
     */
    public function __construct(
        public float $lengthCm,
        public float $forceN,
        public float $sdN,
        public ?float $residualN,
        public float $massKg,
        public bool $isOwn,
    ) {
    }
}
