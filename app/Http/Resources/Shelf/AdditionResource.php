<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** One thing that would open more, with the arithmetic. */
final readonly class AdditionResource extends Resource
{
    /**
     * @param  string  $how  `buy`, `fill`, `borrow` or `find`.
     * @param  list<string>  $opened  Patterns that cannot be trained without it.
     * @param  list<string>  $further  Patterns in which it reaches further up.
     * @param  int  $closed  Jumps above fifteen per cent that it fills.
     */
    public function __construct(
        public string $how,
        public string $words,
        public array $opened,
        public array $further,
        public int $closed,
        public int $score,
        public string $sum,
    ) {
    }
}
