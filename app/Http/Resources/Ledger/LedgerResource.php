<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** What was done, and what it says. */
final readonly class LedgerResource extends Resource
{
    /**
     * @param  list<LedgerPatternResource>  $patterns
     * @param  list<LedgerSwapResource>  $swaps  Newest first.
     * @param  list<LedgerEntryResource>  $entries  Newest first.
     */
    public function __construct(
        public int $clientId,
        public string $clientName,
        public array $patterns,
        public array $entries,
        public array $swaps,
    ) {
    }
}
