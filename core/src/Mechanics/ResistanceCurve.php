<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** Resistance felt over the lifting phase, per working limb. */
final readonly class ResistanceCurve
{
    private float $mean;

    /**
     * @param  array<int, float>  $us  0 to 1.
     * @param  array<int, float>  $effort  Radians or metres from the start of the lifting phase.
     * @param  non-empty-array<int, float>  $resistance  N or N·m per working limb.
     * @param  array<int, float>  $bodyPart  The body's own part of it.
     * @param  float|null  $shareOfBodyWeight  See Motion::shareOfBodyWeight().
     * @param  float  $slackFraction  Part of the range in which a band hangs slack, 0 to 1; 0 without a band.
     * @param  float|null  $longestStretch  Largest length / rest length of a band; null without one.
     * @param  float|null  $longestLengthM  Its length there, metres.
     * @param  float  $highestPointM  Highest point of body and hands, above the floor.
     */
    public function __construct(
        public array $us,
        public array $effort,
        public array $resistance,
        public array $bodyPart,
        public string $unit,
        public ?float $shareOfBodyWeight,
        public float $slackFraction,
        public ?float $longestStretch,
        public ?float $longestLengthM,
        public float $highestPointM,
    ) {
        $this->mean = self::meanOf($resistance, $effort);
    }

    /** @return non-empty-list<float> All of it but its unit in a row; not a number stands for null. */
    public function packed(): array
    {
        return [
            $this->shareOfBodyWeight ?? NAN,
            $this->slackFraction,
            $this->longestStretch ?? NAN,
            $this->longestLengthM ?? NAN,
            $this->highestPointM,
            ...$this->us,
            ...$this->effort,
            ...$this->resistance,
            ...$this->bodyPart,
        ];
    }

    /** @param  non-empty-list<float>  $packed  As `packed()` gives it. */
    public static function unpacked(array $packed, string $unit): self
    {
        [$share, $slack, $stretch, $length, $highest] = $packed;
        $samples = array_chunk(array_slice($packed, 5), max(1, intdiv(count($packed) - 5, 4)));
        assert(count($samples) === 4);

        return new self(
            us: $samples[0],
            effort: $samples[1],
            resistance: $samples[2],
            bodyPart: $samples[3],
            unit: $unit,
            shareOfBodyWeight: is_nan($share) ? null : $share,
            slackFraction: $slack,
            longestStretch: is_nan($stretch) ? null : $stretch,
            longestLengthM: is_nan($length) ? null : $length,
            highestPointM: $highest,
        );
    }

    /** Mean over the effort, so that mean × range is the work of one repetition. */
    public function mean(): float
    {
        return $this->mean;
    }

    public function peak(): float
    {
        return max($this->resistance);
    }

    public function end(): float
    {
        return $this->resistance[count($this->resistance) - 1];
    }

    /** Where in the lifting phase it is hardest, u from 0 to 1. */
    public function hardestAt(): float
    {
        return $this->us[(int) array_search($this->peak(), $this->resistance, true)];
    }

    /**
     * Returns how far two curves differ in shape: the RMS of their difference once both are scaled to a mean of 1.
     *
     * Zero for curves that are multiples of each other. The range of each counts as a whole: sample by sample.
     */
    public function shapeDifferenceFrom(self $other): float
    {
        $mine = $this->mean();
        $theirs = $other->mean();
        if (abs($mine) < 1e-9 || abs($theirs) < 1e-9) {
            return 0.0;
        }
        $squares = 0.0;
        foreach ($this->resistance as $i => $resistance) {
            $squares += ($resistance / $mine - $other->resistance[$i] / $theirs) ** 2;
        }

        return sqrt($squares / count($this->resistance));
    }

    /**
     * @param  array<int, float>  $values
     * @param  array<int, float>  $effort
     */
    public static function meanOf(array $values, array $effort): float
    {
        $area = $range = 0.0;
        for ($i = 1, $count = count($values); $i < $count; $i++) {
            $width = abs($effort[$i] - $effort[$i - 1]);
            $area += ($values[$i] + $values[$i - 1]) / 2 * $width;
            $range += $width;
        }

        return $range < 1e-9 ? 0.0 : $area / $range;
    }
}
