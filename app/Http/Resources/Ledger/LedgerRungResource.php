<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** One rung of the shelf for a pattern. */
final readonly class LedgerRungResource extends Resource
{
    /**
     * @param  string  $label  Short, for the axis.
     */
    public function __construct(
        public string $words,
        public string $exercise,
        public string $name,
        public float $kg,
        public float $lowKg,
        public float $highKg,
        public string $label,
        public bool $current,
        public bool $next,
    ) {
    }
}
