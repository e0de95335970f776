<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * What a client could lift once in a pattern's reference lift, body included, and how sure that is.
 *
 * Of one pattern: how days, sets and other patterns change it is `Strength`'s.
 */
final readonly class Capacity
{
    /** How far a person's own count of repetitions in reserve is off, repetitions, one sigma. Our estimate. */
    private const RESERVE_SD = 1.0;

    /** Half the width of an interval of 80 %, in sigmas. */
    private const Z80 = 1.2816;

    /** By how much one day differs from another, as a share, one sigma. Our estimate. */
    private const DAY_SD = 0.04;

    /** Where it is known from: what people like this usually can, other patterns, tests, or logged sets of its own. */
    public const NORMS = 'norms';

    public const RELATED = 'related';

    public const TESTS = 'tests';

    public const SETS = 'sets';

    private function __construct(public float $kg, public float $sdKg, public string $from = self::SETS)
    {
    }

    /**
     * What is expected of somebody, with the spread of its logarithm.
     *
     * @param  float  $kg  Above zero.
     * @param  float  $logSd  Above zero.
     */
    public static function expected(float $kg, float $logSd, string $from): self
    {
        return new self($kg, $kg * $logSd, $from);
    }

    /** Spread of the logarithm: about the spread as a share of the whole. */
    public function logSd(): float
    {
        return $this->sdKg / $this->kg;
    }

    /** True where something of this very pattern was done, and not only expected of people like this. */
    public function isOnRecord(): bool
    {
        return $this->from === self::SETS || $this->from === self::TESTS;
    }

    /** What so many in a hundred like this, or as likely, can at the least; 0.5 is the middle. */
    public function atLeastKg(float $share): float
    {
        return $this->kg * exp(self::quantile(1 - $share) * $this->logSd());
    }

    /** Value below which a share of a standard normal distribution lies (Abramowitz & Stegun 26.2.23, off by less than 0.0005). */
    private static function quantile(float $share): float
    {
        if ($share > 0.5) {
            return -self::quantile(1 - $share);
        }
        $t = sqrt(-2 * log(max(1e-9, $share)));

        return (2.515517 + $t * (0.802853 + $t * 0.010328)) / (1 + $t * (1.432788 + $t * (0.189269 + $t * 0.001308))) - $t;
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
        $sd = sqrt($maximum->usualSpreadKg() ** 2 + ($loadSdKg * $kg / $wholeKg) ** 2 + $fromReserve ** 2);

        return new self($kg, max($sd, 0.01 * $kg));
    }

    /** Under which an exercise that was done stands among the capacities, beside its pattern. */
    public static function key(string $pattern, string $exercise): string
    {
        return "{$pattern}/{$exercise}";
    }

    /** Returns repetitions possible at a load with some left in reserve; below 1 where it is too heavy. */
    public function repetitionsAt(float $wholeKg, float $reserve): float
    {
        return RepetitionMaximum::repetitionsToFailure($this->kg, $wholeKg) - $reserve;
    }

    /**
     * Repetitions to failure at a load: what nine in ten like this, half of them, and one in ten would do at the least.
     *
     * @param  float  $loadSdKg  Spread of the load.
     * @return array{float, float, float} An interval of 80 % and its middle, 0 to 60.
     */
    public function repetitionsAround(float $wholeKg, float $loadSdKg): array
    {
        $spread = self::Z80 * sqrt($this->logSd() ** 2 + self::DAY_SD ** 2 + ($loadSdKg / max(0.1, $wholeKg)) ** 2);

        return array_map(
            static fn (float $kg): float => RepetitionMaximum::repetitionsToFailure($kg, $wholeKg),
            [$this->kg * exp(-$spread), $this->kg, $this->kg * exp($spread)],
        );
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
