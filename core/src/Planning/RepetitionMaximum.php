<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * One-repetition maximum from a set, by six published formulas and their median.
 *
 * With load w and n = repetitions done + repetitions left in reserve. Only Lombardi, Brzycki and, within half a
 * per cent, Wathan and Mayhew return w at n = 1; Epley and O'Conner return a little more, as published.
 */
final readonly class RepetitionMaximum
{
    /** Brzycki's line reaches zero at 37; beyond 30 it is left out. */
    private const BRZYCKI_LAST = 30.0;

    /** Middle absolute deviation of a normal distribution to its standard deviation. */
    private const MAD_TO_SD = 1.4826;

    private function __construct(
        public float $epleyKg,
        public ?float $brzyckiKg,
        public float $lombardiKg,
        public float $oconnerKg,
        public float $wathanKg,
        public float $mayhewKg,
    ) {
    }

    /**
     * @param  float  $loadKg  Whole load, body-weight share included; above 0 to 1000 kg.
     * @param  float  $reps  1 to 100.
     * @param  float  $reserve  Repetitions left; 0 to 20.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function from(float $loadKg, float $reps, float $reserve): self
    {
        if ($loadKg <= 0 || $loadKg > 1000) {
            throw InvalidQuantity::notBetween('load_kg', $loadKg, 0, 1000, 'kg');
        }
        if ($reps < 1 || $reps > 100) {
            throw InvalidQuantity::notBetween('reps', $reps, 1, 100, 'repetitions');
        }
        if ($reserve < 0 || $reserve > 20) {
            throw InvalidQuantity::notBetween('reserve', $reserve, 0, 20, 'repetitions');
        }
        $factors = self::factors($reps + $reserve);

        return new self(
            epleyKg: $loadKg * $factors['epley'],
            brzyckiKg: isset($factors['brzycki']) ? $loadKg * $factors['brzycki'] : null,
            lombardiKg: $loadKg * $factors['lombardi'],
            oconnerKg: $loadKg * $factors['oconner'],
            wathanKg: $loadKg * $factors['wathan'],
            mayhewKg: $loadKg * $factors['mayhew'],
        );
    }

    public function medianKg(): float
    {
        return self::median($this->all());
    }

    /**
     * Returns the middle distance of the formulas from their median, scaled to a standard deviation, kilograms: what one formula
     * does that runs away, as Brzycki's does near thirty, counts no more than what any other does.
     */
    public function usualSpreadKg(): float
    {
        $median = $this->medianKg();

        return self::MAD_TO_SD * self::median(array_map(static fn (float $kg): float => abs($kg - $median), $this->all()));
    }

    /** Returns the same as a share of the median. */
    public function usualSpread(): float
    {
        return $this->usualSpreadKg() / $this->medianKg();
    }

    /**
     * Returns how many repetitions to failure a load allows: the inverse of the median, by bisection.
     *
     * Zero where the load exceeds the maximum; never more than 60, beyond which no formula was tested.
     */
    public static function repetitionsToFailure(float $maximumKg, float $loadKg): float
    {
        if ($loadKg <= 0) {
            return 60.0;
        }
        $wanted = $maximumKg / $loadKg;
        if ($wanted < self::median(array_values(self::factors(1.0)))) {
            return $wanted < 1.0 ? 0.0 : 1.0;
        }
        $low = 1.0;
        $high = 60.0;
        if ($wanted >= self::median(array_values(self::factors($high)))) {
            return $high;
        }
        // Every search halves the same span, so its places are few and their factors are kept: as a heap, children at 2n and 2n + 1.
        for ($place = 1; $high - $low > 0.01;) {
            $middle = ($low + $high) / 2;
            $isBelow = self::medianFactorAt($place, $middle) < $wanted;
            [$low, $high] = $isBelow ? [$middle, $high] : [$low, $middle];
            $place = 2 * $place + ($isBelow ? 1 : 0);
        }

        return ($low + $high) / 2;
    }

    private static function medianFactorAt(int $place, float $n): float
    {
        /** @var array<int, float> $known */
        static $known = [];

        return $known[$place] ??= self::median(array_values(self::factors($n)));
    }

    /** Returns the load that allows so many repetitions to failure, 1 to 60; the inverse of `repetitionsToFailure()`. */
    public static function loadFor(float $maximumKg, float $repetitions): float
    {
        return $maximumKg / self::median(array_values(self::factors(max(1.0, min(60.0, $repetitions)))));
    }

    /** @return array<string, float> Maximum / load for n repetitions to failure. */
    private static function factors(float $n): array
    {
        $factors = [
            'epley' => 1 + $n / 30,
            'lombardi' => $n ** 0.10,
            'oconner' => 1 + $n / 40,
            'wathan' => 100 / (48.8 + 53.8 * exp(-0.075 * $n)),
            'mayhew' => 100 / (52.2 + 41.9 * exp(-0.055 * $n)),
        ];
        if ($n <= self::BRZYCKI_LAST) {
            $factors['brzycki'] = 36 / (37 - $n);
        }

        return $factors;
    }

    /** @return list<float> */
    private function all(): array
    {
        return array_values(array_filter(
            [$this->epleyKg, $this->brzyckiKg, $this->lombardiKg, $this->oconnerKg, $this->wathanKg, $this->mayhewKg],
            static fn (?float $kg): bool => $kg !== null,
        ));
    }

    /** @param  list<float>  $values */
    private static function median(array $values): float
    {
        sort($values);
        $middle = intdiv(count($values), 2);

        return count($values) % 2 === 1 ? $values[$middle] : ($values[$middle - 1] + $values[$middle]) / 2;
    }
}
