<?php

declare(strict_types=1);

namespace App\Http\Resources;

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
