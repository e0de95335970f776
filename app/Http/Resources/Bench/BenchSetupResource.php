<?php

declare(strict_types=1);

namespace App\Http\Resources\Bench;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\EquivalentResource;

/** What a tested band is worth in one set-up. */
final readonly class BenchSetupResource extends Resource
{
    public function __construct(
        public string $exercise,
        public string $words,
        public EquivalentResource $equivalent,
    ) {
    }
}
