<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;

/** A common fault and what mends it. */
final readonly class FaultResource extends Resource
{
    public function __construct(
        public string $fault,
        public string $fix,
    ) {
    }
}
