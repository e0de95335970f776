<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/**
 * What is asked first of a resistance curve, and all that is asked of most: how hard on the whole, and whether it fits.
 * It answers as a ResistanceCurve does, without the samples.
 */
final readonly class CurveSummary
{
    /**
     * @param  float  $mean  Mean resistance over the effort, N or N·m per working limb: mean × range is the work of one repetition.
     * @param  float  $slackFraction  Part of the range in which a band hangs slack, 0 to 1; 0 without a band.
     * @param  float|null  $longestStretch  Largest length / rest length of a band; null without one.
     * @param  float  $highestPointM  Highest point of body and hands, above the floor.
     */
    public function __construct(
        private float $mean,
        public float $slackFraction,
        public ?float $longestStretch,
        public float $highestPointM,
    ) {
    }

    /** @return non-empty-list<float> All of it in a row; not a number stands for null. */
    public function packed(): array
    {
        return [$this->mean, $this->slackFraction, $this->longestStretch ?? NAN, $this->highestPointM];
    }

    /** @param  non-empty-list<float>  $packed  As `packed()` gives it. */
    public static function unpacked(array $packed): self
    {
        [$mean, $slack, $stretch, $highest] = $packed;

        return new self($mean, $slack, is_nan($stretch) ? null : $stretch, $highest);
    }

    /** Mean over the effort, so that mean × range is the work of one repetition. */
    public function mean(): float
    {
        return $this->mean;
    }
}
