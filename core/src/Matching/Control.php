<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

/** One thing about a candidate that can be moved by hand: centimetres, kilograms, seconds, or folded or not. */
final readonly class Control
{
    /**
     * @param  string  $name  `stanceCm`, `gripCm`, `anchorDistanceCm`, `supportCm`, `massKg`, `folded`, `lowerSeconds` or `pauseSeconds`.
     * @param  list<array{value: float, label: string}>  $stops  The only values there are; empty where every step will do.
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $value,
        public array $stops = [],
    ) {
    }
}
