<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;

/** What can probably be lifted once in a pattern's reference lift, beyond the body, and what was thought before. */
final readonly class BeliefResource extends Resource
{
    /**
     * @param  float  $lowKg  Nine in ten like this can lift it.
     * @param  float  $highKg  One in ten can.
     * @param  float|null  $wasLowKg  Null where nothing was found out yet.
     * @param  string  $from  `norms`, `related`, `tests` or `sets`.
     */
    public function __construct(
        public string $pattern,
        public string $name,
        public string $unit,
        public string $reference,
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public ?float $wasLowKg,
        public ?float $wasHighKg,
        public string $from,
    ) {
    }
}
