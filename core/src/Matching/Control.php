<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

/** One thing about a rung's setting that can be moved by hand: centimetres, kilograms, or folded or not. */
final readonly class Control
{
    /** @param  string  $name  `stanceCm`, `gripCm`, `anchorDistanceCm`, `massKg` or `folded`. */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $value,
    ) {
    }
}
