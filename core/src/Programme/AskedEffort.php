<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Tempo;

/** What to ask of one rung, and how that meets what is wanted. */
final readonly class AskedEffort
{
    /**
     * @param  int|null  $reps  Repetitions; null for a hold.
     * @param  int|null  $seconds  Of a hold; null for repetitions.
     * @param  float  $match  0 where it does not meet the goal at all, to 1.
     * @param  float  $counts  What one set counts, 0 to 1.
     * @param  Tempo|null  $tempo  Slower than usual; null for the usual.
     */
    public function __construct(
        public ?int $reps,
        public ?int $seconds,
        public int $reserve,
        public float $match,
        public string $why,
        public float $counts = 1.0,
        public ?Tempo $tempo = null,
    ) {
    }
}
