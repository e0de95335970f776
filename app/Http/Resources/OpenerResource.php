<?php

declare(strict_types=1);

namespace App\Http\Resources;

/** One thing that would bring a swap where there is none. */
final readonly class OpenerResource extends Resource
{
    /**
     * @param  string  $how  `buy`, `fill`, `borrow` or `find`.
     * @param  string  $best  The best swap it would bring, in words.
     */
    public function __construct(
        public string $how,
        public string $words,
        public int $swaps,
        public string $best,
        public int $matchPercent,
    ) {
    }
}
