<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;

/** One part of a match. */
final readonly class MatchPartResource extends Resource
{
    public function __construct(
        public string $name,
        public int $percent,
        public int $weightPercent,
    ) {
    }
}
