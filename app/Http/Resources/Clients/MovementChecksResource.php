<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** What was seen in the movement checks: rises in 30 s, seconds on one leg, reach, and what each side managed. */
final readonly class MovementChecksResource extends Resource
{
    public function __construct(
        public ?int $rises,
        public ?float $leftBalanceS,
        public ?float $rightBalanceS,
        public ?string $overhead,
        public ?float $leftKg,
        public ?float $rightKg,
    ) {
    }
}
