<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Equivalence;

use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Text\Plain;

/** A setting's resistance named as a mass in the pattern's reference lift, for the same person. */
final readonly class Equivalent
{
    /** Stands for the load of patterns that are not measured in kilograms, so that loads compare as equal. */
    public const UNMEASURED_WHOLE_KG = 1.0;

    /**
     * @param  float  $kg  May be below zero where the setting is easier than the reference lift with empty hands.
     * @param  float  $sdKg  One standard deviation.
     * @param  float  $ownKg  What the body itself adds in the reference lift, kilograms.
     * @param  float  $shapeDifference  See ResistanceCurve::shapeDifferenceFrom().
     */
    public function __construct(
        public float $kg,
        public float $sdKg,
        public float $ownKg,
        public string $pattern,
        public string $referenceExercise,
        public string $unit,
        public ResistanceCurve $curve,
        public ResistanceCurve $referenceCurve,
        public float $shapeDifference,
        public bool $isMeasured = true,
    ) {
    }

    /** For patterns in which kilograms mean nothing: movement and muscles alone compare. */
    public static function unmeasured(string $pattern, ResistanceCurve $curve): self
    {
        return new self(0.0, 0.0, self::UNMEASURED_WHOLE_KG, $pattern, '', '', $curve, $curve, 0.0, isMeasured: false);
    }

    /** The whole resistance, body included, in kilograms of the reference lift; what capacity is kept in. */
    public function wholeKg(): float
    {
        return $this->kg + $this->ownKg;
    }

    /** The same over the easier part of the range, whose mean is this share of the whole range's. */
    public function overPartOfRange(float $ratio): self
    {
        return new self(
            $this->wholeKg() * $ratio - $this->ownKg,
            $this->sdKg,
            $this->ownKg,
            $this->pattern,
            $this->referenceExercise,
            $this->unit,
            $this->curve,
            $this->referenceCurve,
            $this->shapeDifference,
            $this->isMeasured,
        );
    }

    public function lowKg(): float
    {
        return $this->kg - $this->sdKg;
    }

    public function highKg(): float
    {
        return $this->kg + $this->sdKg;
    }

    /** Rounds for showing: to 0.5 kg below 20 kg, to 1 kg above, and never finer than the spread allows. */
    public static function rounded(float $kg, float $sdKg): float
    {
        $step = abs($kg) < 20 ? 0.5 : 1.0;
        if ($sdKg > 2.5) {
            $step = $sdKg > 10 ? 5.0 : 1.0;
        }

        return round($kg / $step) * $step;
    }

    /** For sentences: "16 kg per hand (15.5–16.5)". A load below zero says what it means. */
    public function inWords(): string
    {
        $plain = fn (float $kg): string => Plain::number(abs(self::rounded($kg, $this->sdKg)), 1);
        if (! $this->isMeasured) {
            return 'work that is not measured in kilograms';
        }
        if (self::rounded($this->kg, $this->sdKg) < 0) {
            return sprintf('%s kg less than the lift with no load at all', $plain($this->kg));
        }
        if ($plain($this->kg) === '0') {
            return 'the lift with no load added';
        }
        $text = $plain($this->kg).' '.$this->unit;

        return $plain($this->lowKg()) === $plain($this->highKg())
            ? $text
            : sprintf('%s (%s–%s)', $text, $plain(max(0.0, $this->lowKg())), $plain($this->highKg()));
    }
}
