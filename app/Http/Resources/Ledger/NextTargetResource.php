<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** What to ask for next time. */
final readonly class NextTargetResource extends Resource
{
    public function __construct(
        public string $step,
        public string $words,
        public int $reps,
        public string $why,
    ) {
    }
}
