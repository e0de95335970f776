<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** A pattern's capacity and its place on the shelf's rungs. */
final readonly class LedgerPatternResource extends Resource
{
    /**
     * @param  float  $capacityKg  One repetition, load on top of the body.
     * @param  list<CapacityPointResource>  $history
     * @param  list<LedgerRungResource>  $rungs
     */
    public function __construct(
        public string $pattern,
        public string $name,
        public string $unit,
        public string $reference,
        public float $capacityKg,
        public float $lowKg,
        public float $highKg,
        public array $history,
        public array $rungs,
        public ?NextTargetResource $next,
    ) {
    }
}
