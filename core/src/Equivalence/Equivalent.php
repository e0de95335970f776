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

    /** Standard deviations either side that hold 80 % of a normal distribution: what screens call likely. */
    public const LIKELY = 1.2816;

    /**
     * @param  float  $kg  May be below zero where the setting is easier than the reference lift with empty hands.
     * @param  float  $sdKg  One standard deviation.
     * @param  float  $ownKg  What the body itself adds in the reference lift, kilograms.
     * @param  float  $shapeDifference  See ResistanceCurve::shapeDifferenceFrom().
     * @param  array<int, float|null>  $kgAlong  The mass that would feel the same at each sample; null where the reference lift vanishes.
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
        public array $kgAlong = [],
        public string $referenceName = '',
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
            referenceName: $this->referenceName,
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

    /** The lower end of the range that holds four cases in five. */
    public function likelyLowKg(): float
    {
        return $this->kg - self::LIKELY * $this->sdKg;
    }

    public function likelyHighKg(): float
    {
        return $this->kg + self::LIKELY * $this->sdKg;
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

    /** For sentences: "16 kg per hand (likely 15.5–16.5)"; below the bare lift "the squat less 5 kg", never a negative weight. */
    public function inWords(): string
    {
        $plain = fn (float $kg): string => Plain::number(abs(self::rounded($kg, $this->sdKg)), 1);
        if (! $this->isMeasured) {
            return 'work that is not measured in kilograms';
        }
        if (self::rounded($this->kg, $this->sdKg) < 0) {
            return sprintf('the %s less %s kg', $this->lift(), $plain($this->kg));
        }
        if ($plain($this->kg) === '0') {
            return "the {$this->lift()} with no load added";
        }
        $text = $plain($this->kg).' '.$this->unit;

        return $plain($this->likelyLowKg()) === $plain($this->likelyHighKg())
            ? $text
            : sprintf('%s (likely %s–%s)', $text, $plain(max(0.0, $this->likelyLowKg())), $plain($this->likelyHighKg()));
    }

    /** "8 kg at the start, 15 at the end", in the reference lift; empty where it says nothing. */
    public function alongInWords(): string
    {
        $there = array_filter($this->kgAlong, static fn (?float $kg): bool => $kg !== null);
        if (count($there) < 2) {
            return '';
        }
        $say = fn (float $kg): string => (self::rounded($kg, $this->sdKg) < 0 ? 'less ' : '')
            .Plain::number(abs(self::rounded($kg, $this->sdKg)), 1);
        $first = array_key_first($there);
        $from = $first === 0 ? 'at the start' : sprintf('%d %% of the way on', round(100 * $this->curve->us[$first]));
        $words = sprintf('%s kg %s, %s at the end', $say($there[$first]), $from, $say($there[array_key_last($there)]));

        return $first === 0 ? $words : "{$words}; before that the {$this->lift()} has no weight to compare with";
    }

    /** The reference lift within a sentence: small, unless it is called after a people. */
    private function lift(): string
    {
        $name = $this->referenceName === '' ? str_replace('-', ' ', $this->referenceExercise) : $this->referenceName;

        return str_starts_with($name, 'Romanian') ? $name : mb_strtolower($name);
    }
}
