<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What one week is likely to ask of a lift. */
final readonly class ForecastPointResource extends Resource
{
    /**
     * @param  float  $kg  Of the pattern's reference lift.
     * @param  string  $kind  `start`, `more`, `step`, `bridge`, `lighter` or `same`.
     */
    public function __construct(
        public int $week,
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public int $count,
        public int $sets,
        public string $kind,
        public string $words,
    ) {
    }
}
