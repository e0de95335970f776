<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * What a client could lift once in a pattern's reference lift, body included, and how sure that is.
 *
 * A scalar Kalman filter: days without a log widen it, each logged set is a measurement.
 */
final readonly class Capacity
{
    /** Drift per square root of a day, fraction of the capacity: about 4 % in two months. Our estimate. */
    private const DRIFT_PER_ROOT_DAY = 0.005;

    /** How far a person's own count of repetitions in reserve is off, repetitions, one sigma. Our estimate. */
    private const RESERVE_SD = 1.0;

    private function __construct(public float $kg, public float $sdKg)
    {
    }

    /** @throws InvalidQuantity If either is not above zero. */
    public static function of(float $kg, float $sdKg): self
    {
        if ($kg <= 0) {
            throw InvalidQuantity::notBetween('capacity.kg', $kg, 0, 1000, 'kg');
        }
        if ($sdKg <= 0) {
            throw InvalidQuantity::notBetween('capacity.sd_kg', $sdKg, 0, 1000, 'kg');
        }

        return new self($kg, $sdKg);
    }

    /**
     * What one set alone says.
     *
     * @param  float  $wholeKg  Whole load in kilograms of the reference lift.
     * @param  float  $loadSdKg  Its spread.
     */
    public static function fromSet(float $wholeKg, float $loadSdKg, int $reps, float $reserve): self
    {
        $maximum = RepetitionMaximum::from($wholeKg, $reps, $reserve);
        $kg = $maximum->medianKg();
        $fromReserve = RepetitionMaximum::from($wholeKg, $reps, min(20.0, $reserve + self::RESERVE_SD))->medianKg() - $kg;
        $sd = sqrt($maximum->spreadKg() ** 2 + ($loadSdKg * $kg / $wholeKg) ** 2 + $fromReserve ** 2);

        return new self($kg, max($sd, 0.01 * $kg));
    }

    /** @param  float  $days Zero or more since the last log. */
    public function after(float $days): self
    {
        return new self($this->kg, sqrt($this->sdKg ** 2 + ($this->kg * self::DRIFT_PER_ROOT_DAY) ** 2 * max(0.0, $days)));
    }

    public function updatedBy(self $measurement): self
    {
        $gain = $this->sdKg ** 2 / ($this->sdKg ** 2 + $measurement->sdKg ** 2);

        return new self($this->kg + $gain * ($measurement->kg - $this->kg), sqrt((1 - $gain) * $this->sdKg ** 2));
    }

    /** Returns repetitions possible at a load with some left in reserve; below 1 where it is too heavy. */
    public function repetitionsAt(float $wholeKg, float $reserve): float
    {
        return RepetitionMaximum::repetitionsToFailure($this->kg, $wholeKg) - $reserve;
    }

    /**
     * Fewest and most repetitions to expect at a load, one sigma of capacity and load together either way.
     *
     * @param  float  $loadSdKg  Spread of the load.
     * @return array{float, float}
     */
    public function repetitionRangeAt(float $wholeKg, float $loadSdKg, float $reserve): array
    {
        $spread = sqrt(($this->sdKg / $this->kg) ** 2 + ($loadSdKg / max(0.1, $wholeKg)) ** 2);

        return [
            max(0.0, RepetitionMaximum::repetitionsToFailure($this->kg, $wholeKg * (1 + $spread)) - $reserve),
            max(0.0, RepetitionMaximum::repetitionsToFailure($this->kg, $wholeKg * max(0.05, 1 - $spread)) - $reserve),
        ];
    }
}
