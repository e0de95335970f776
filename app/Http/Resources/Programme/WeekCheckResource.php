<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One thing a week is checked for. */
final readonly class WeekCheckResource extends Resource
{
    /**
     * @param  int|null  $weekday  The session it is about; null for the week.
     * @param  string  $verdict  `ok`, `watch` or `no`.
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $week,
        public ?int $weekday,
        public string $verdict,
        public string $value,
        public string $wanted,
        public string $words,
    ) {
    }
}
