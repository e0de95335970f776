<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** One logged set in the ledger. */
final readonly class LedgerEntryResource extends Resource
{
    public function __construct(
        public int $id,
        public string $loggedAt,
        public string $exercise,
        public string $words,
        public string $pattern,
        public int $setNumber,
        public ?string $side,
        public ?int $reps,
        public ?int $seconds,
        public bool $isHold,
        public ?float $reserve,
        public bool $pain,
        public string $painNote,
        public string $equivalent,
    ) {
    }
}
