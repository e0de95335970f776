<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What is left of a planned session when there is less time. */
final readonly class ShorterSelfResource extends Resource
{
    /**
     * @param  int  $minutes  There are.
     * @param  int  $likelyMinutes  It takes.
     * @param  list<string>  $stays  "2 × 10 Goblet squat".
     */
    public function __construct(
        public int $minutes,
        public int $likelyMinutes,
        public array $stays,
    ) {
    }
}
