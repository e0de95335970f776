<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Strength\HardSets;

/** What a slot that somebody wrote can be expected to cost this client. */
final readonly class WrittenEffort
{
    /**
     * @param  float|null  $wholeKg  In the pattern's reference lift; null where nothing is measured, as all of the next four.
     * @param  float|null  $toFailure  Repetitions to failure at its tempo, with an interval of 80 %.
     * @param  float|null  $reserve  Repetitions that will be left; below zero where more is asked than is likely.
     * @param  float  $match  How near it comes to what the goal asks, 0 to 1.
     * @param  float  $counts  What one of its sets counts, 0 to 1.
     */
    public function __construct(
        public ?float $wholeKg,
        public ?float $toFailure,
        public ?float $low,
        public ?float $high,
        public ?float $reserve,
        public float $match,
        public float $counts,
    ) {
    }

    /** Where no load tells: by the reserve that is asked for. */
    public static function unmeasured(int $reserve, float $match): self
    {
        return new self(null, null, null, null, null, $match, HardSets::count((float) $reserve));
    }
}
