<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RepetitionMaximum;

/**
 * What one person can probably do in every pattern at once, and how sure each is.
 *
 * A linear filter over the logarithms of the capacities: what is measured in one pattern moves the others by as much as they go
 * together, and narrows them less. An exercise that was done has a capacity of its own beside its pattern's.
 * What is only known to be at least so much is a censored measurement: the state becomes
 * the normal distribution with mean and variance of the cut one (moment matching, as for a truncated normal).
 */
final readonly class Strength
{
    /** Drift per square root of a day of a capacity's logarithm: about 4 % in two months. Our estimate. */
    private const DRIFT = 0.005;

    /** Repetitions in reserve that are said as "so many or more". */
    public const OR_MORE = 5.0;

    /** From so many on nobody counts to the end, and the formulas part: at least so many. Our choice. */
    private const MANY = 50.0;

    private const SUREST = 0.01;

    /** By how much one exercise of a pattern differs from another for one person, beyond what the sums know. Our estimate. */
    private const EXERCISE_SD = 0.06;

    /** Days without training that cost nothing, and what a day costs after them: eight weeks 5 to 10 % (B in `Norms`). */
    private const FREE_DAYS = 21.0;

    private const LOST_A_DAY = 0.0018;

    private const MOST_LOST = 0.20;

    /** A pattern of which nothing was done is "related" once others have narrowed it by so much. */
    private const NARROWED = 0.93;

    /**
     * @param  array<string, float>  $mean  Logarithm of the whole load that can be lifted once, by pattern.
     * @param  array<string, array<string, float>>  $covariance
     * @param  array<string, float>  $ownKg  The body's own part of each reference lift.
     * @param  array<string, float>  $began  Variance before anything was on record; of an exercise, by how much it may differ from
     *     its pattern.
     * @param  array<string, string>  $seen  `tests` or `sets`, where there was one of that pattern.
     */
    private function __construct(
        private array $mean,
        private array $covariance,
        private array $ownKg,
        private array $began,
        private array $seen,
    ) {
    }

    /**
     * @param  array<string, float>  $mean
     * @param  array<string, array<string, float>>  $covariance
     * @param  array<string, float>  $ownKg
     */
    public static function expected(array $mean, array $covariance, array $ownKg): self
    {
        $began = [];
        foreach ($covariance as $pattern => $row) {
            $began[$pattern] = $row[$pattern];
        }

        return new self($mean, $covariance, $ownKg, $began, []);
    }

    /** @return list<string> Every pattern that a strength is kept of: all that are measured in kilograms. */
    public static function patterns(): array
    {
        return Kin::patterns();
    }

    /** True of patterns that a strength is kept of. */
    public function knows(string $pattern): bool
    {
        return isset($this->mean[$pattern]);
    }

    /** @return array<string, Capacity> Of every pattern, and of every exercise that was done. */
    public function capacities(): array
    {
        $capacities = [];
        foreach (array_keys($this->mean) as $of) {
            $capacities[$of] = $this->capacityAt($of);
        }

        return $capacities;
    }

    /** Of one exercise where that was done, of the pattern where it was not, or none is named. */
    public function capacity(string $pattern, ?string $exercise = null): Capacity
    {
        $of = $exercise === null ? $pattern : Capacity::key($pattern, $exercise);

        return $this->capacityAt(isset($this->mean[$of]) ? $of : $pattern);
    }

    private function capacityAt(string $key): Capacity
    {
        return Capacity::expected(exp($this->mean[$key]), sqrt($this->covariance[$key][$key]), $this->from($key));
    }

    private static function patternOf(string $key): string
    {
        return explode('/', $key)[0];
    }

    /**
     * The same with an exercise of a pattern beside it, of which no more is known than of the pattern.
     *
     * @param  float  $apart  How far it may lie from what the sums say, a variance.
     */
    private function withExercise(string $pattern, string $exercise, float $apart): self
    {
        $key = Capacity::key($pattern, $exercise);
        if (isset($this->mean[$key]) || ! $this->knows($pattern)) {
            return $this;
        }
        $covariance = $this->covariance;
        foreach ($this->covariance as $other => $row) {
            $covariance[$other][$key] = $covariance[$key][$other] = $row[$pattern];
        }
        $covariance[$key][$key] = $this->covariance[$pattern][$pattern] + $apart;

        return new self(
            $this->mean + [$key => $this->mean[$pattern]],
            $covariance,
            $this->ownKg,
            $this->began + [$key => $apart],
            $this->seen,
        );
    }

    /** The body's own part of a pattern's reference lift, kilograms. */
    public function ownKg(string $pattern): float
    {
        return $this->ownKg[$pattern];
    }

    public function after(float $days, bool $wasTrained = false): self
    {
        if ($days <= 0) {
            return $this;
        }
        $lost = $wasTrained ? min(self::MOST_LOST, self::LOST_A_DAY * max(0.0, $days - self::FREE_DAYS)) : 0.0;
        $covariance = $this->covariance;
        $of = [];
        foreach (array_keys($covariance) as $key) {
            $of[$key] = self::patternOf($key);
        }
        $drift = self::DRIFT ** 2 * $days;
        foreach ($covariance as $one => $row) {
            foreach ($row as $other => $value) {
                $row[$other] = $value + $drift * Kin::correlation($of[$one], $of[$other]);
            }
            $covariance[$one] = $row;
        }
        $mean = $lost > 0 ? array_map(static fn (float $log): float => $log - $lost, $this->mean) : $this->mean;

        return new self($mean, $covariance, $this->ownKg, $this->began, $this->seen);
    }

    /**
     * After a set was done.
     *
     * @param  float  $wholeKg  Whole load in kilograms of the pattern's reference lift, above zero.
     * @param  float  $loadSdKg  Its spread.
     * @param  float  $reps  Repetitions at the usual tempo; less than one says that the load was too heavy to be lifted once.
     * @param  float|null  $reserve  Repetitions left; five is said as "five or more" and is a bound, as is null, a set that the
     *     clock ended.
     */
    public function afterSet(
        string $pattern,
        float $wholeKg,
        float $loadSdKg,
        float $reps,
        ?float $reserve,
        string $by = Capacity::SETS,
        ?string $exercise = null,
    ): self {
        if ($wholeKg <= 0) {
            return $this;
        }
        if ($reps < 1) {
            return $this->cut($pattern, Capacity::expected($wholeKg, max(self::SUREST, $loadSdKg / $wholeKg), $by), -1.0, $by, $exercise);
        }
        $most = self::MANY - min(self::OR_MORE, $reserve ?? 0.0);
        $isBound = $reserve === null || $reserve >= self::OR_MORE || $reps >= $most;
        $said = Capacity::fromSet($wholeKg, $loadSdKg, (int) round(min($reps, $most)), min(self::OR_MORE, $reserve ?? 0.0));

        // A bound is as sure as its load: how the formulas differ far out must not make a longer set say less.
        return $isBound
            ? $this->cut($pattern, Capacity::expected($said->kg, max(self::SUREST, $loadSdKg / $wholeKg), $by), 1.0, $by, $exercise)
            : $this->measured($pattern, $said, $by, $exercise, RepetitionMaximum::from($wholeKg, $reps, $reserve)->usualSpread() ** 2);
    }

    /**
     * @param  Capacity  $measurement  What one set or test alone says of a pattern.
     * @param  string|null  $exercise  Of which it says most, where it is one.
     * @param  float  $formulas  Of the measurement's variance, what comes from how the formulas part: that is no other with the next
     *     set of the same exercise.
     */
    public function measured(
        string $pattern,
        Capacity $measurement,
        string $by = Capacity::SETS,
        ?string $exercise = null,
        float $formulas = 0.0,
    ): self {
        if (! $this->knows($pattern)) {
            return $this;
        }
        [$state, $of, $apart] = $this->stateOf($pattern, $exercise, $formulas);
        $variance = $state->covariance[$of][$of] + max(self::SUREST ** 2, $measurement->logSd() ** 2 - $formulas) + $apart;

        return $state->moved($of, $variance, log($measurement->kg) - $state->mean[$of], $variance, $by);
    }

    /** @return array{self, string, float} With whose key what is seen is read, and how far it may lie from that, a variance. */
    private function stateOf(string $pattern, ?string $exercise, float $formulas = 0.0): array
    {
        $apart = self::EXERCISE_SD ** 2 + $formulas;
        if ($exercise === null) {
            return [$this, $pattern, $apart];
        }
        $key = Capacity::key($pattern, $exercise);
        $state = $this->withExercise($pattern, $exercise, $apart);

        return [$state, $key, max(0.0, $apart - $state->began[$key])];
    }

    /** What was at least so much: a set that ended with "five or more" left, or by the clock. */
    public function atLeast(string $pattern, Capacity $bound, string $by = Capacity::SETS): self
    {
        return $this->cut($pattern, $bound, 1.0, $by);
    }

    /** What was less than so much: not one repetition was managed. */
    public function lessThan(string $pattern, Capacity $bound, string $by = Capacity::SETS): self
    {
        return $this->cut($pattern, $bound, -1.0, $by);
    }

    /** @param  float  $way  1 where what lies above the bound is left, -1 where what lies below. */
    private function cut(string $pattern, Capacity $bound, float $way, string $by, ?string $exercise = null): self
    {
        if (! $this->knows($pattern)) {
            return $this;
        }
        [$state, $of, $apart] = $this->stateOf($pattern, $exercise);
        $variance = $state->covariance[$of][$of] + $bound->logSd() ** 2 + $apart;
        $sd = sqrt($variance);
        $at = $way * (log($bound->kg) - $state->mean[$of]) / $sd;
        $hazard = self::hazard($at);

        // Mean and variance of a normal distribution of which only one side of the bound is left.
        return $state->moved($of, $variance, $way * $sd * $hazard, $variance * $hazard * ($hazard - $at), $by);
    }

    /**
     * The state after its measure in one pattern turned out to lie so far off.
     *
     * @param  float  $variance  Of what was expected to be measured.
     * @param  float  $shift  Of its mean.
     * @param  float  $settled  By how much its variance shrinks.
     */
    private function moved(string $pattern, float $variance, float $shift, float $settled, string $by): self
    {
        $mean = $this->mean;
        $covariance = $this->covariance;
        $with = array_map(static fn (float $value): float => $value / $variance, $covariance[$pattern]);
        foreach ($covariance as $one => $row) {
            $gain = $with[$one];
            $mean[$one] += $gain * $shift;
            $times = $gain * $settled;
            foreach ($row as $other => $value) {
                $row[$other] = $value - $times * $with[$other];
            }
            $covariance[$one] = $row;
        }

        return new self($mean, $covariance, $this->ownKg, $this->began, [$pattern => $by, self::patternOf($pattern) => $by] + $this->seen);
    }

    private function from(string $pattern): string
    {
        return $this->seen[$pattern] ?? match (true) {
            $this->covariance[$pattern][$pattern] < self::NARROWED * $this->began[$pattern] => Capacity::RELATED,
            default => Capacity::NORMS,
        };
    }

    /** Density of the standard normal distribution over what lies above: its hazard, by Mills' ratio far out. */
    private static function hazard(float $at): float
    {
        if ($at > 6) {
            return $at + 1 / $at;
        }
        $density = exp(-0.5 * $at * $at) / sqrt(2 * M_PI);

        return $density / max(1e-12, self::above($at));
    }

    /** Share of a standard normal distribution above a point (Abramowitz & Stegun 26.2.17, off by less than 7.5e-8). */
    private static function above(float $at): float
    {
        if ($at < 0) {
            return 1 - self::above(-$at);
        }
        $t = 1 / (1 + 0.2316419 * $at);
        $sum = $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return exp(-0.5 * $at * $at) / sqrt(2 * M_PI) * $sum;
    }
}
