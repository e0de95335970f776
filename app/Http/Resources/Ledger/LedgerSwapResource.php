<?php

declare(strict_types=1);

namespace App\Http\Resources\Ledger;

use App\Http\Resources\Resource;

/** One change of what was prescribed. */
final readonly class LedgerSwapResource extends Resource
{
    /**
     * @param  string  $on  When it was made.
     * @param  string  $session  Which session it was made for; empty where that is gone.
     * @param  string  $occasion  What asked for it.
     */
    public function __construct(
        public int $id,
        public string $on,
        public string $session,
        public string $occasion,
        public string $from,
        public string $to,
        public string $why,
        public bool $isUndone,
    ) {
    }
}
