<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;

/** What would bring a swap where there is none. */
final readonly class OpenerResource extends Resource
{
    /**
     * @param  string  $how  `buy`, `fill`, `borrow` or `find`.
     * @param  int  $pieces  Things it takes; more than one only where no single one would do.
     * @param  string  $best  The best swap it would bring, in words.
     */
    public function __construct(
        public string $how,
        public string $words,
        public int $pieces,
        public int $swaps,
        public string $best,
        public int $matchPercent,
    ) {
    }
}
