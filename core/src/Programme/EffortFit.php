<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Strength\HardSets;

/** How a load meets what a goal asks: how many repetitions, what they leave in reserve, and how far that is from wanted. */
final readonly class EffortFit
{
    /** Beyond this a set is bridged no further; planning contract, section 5. */
    public const MOST_REPETITIONS = 30;

    /** How fast a load out of the window matches less, as for swaps. */
    private const FALLS = 1.3;

    /** A load as far from the middle of the window as twice the repetitions matches so much less; our choice. */
    private const OFF_THE_MIDDLE = 0.12;

    /** How fast fewer repetitions than the window match less. */
    private const FEWER = 0.5;

    private function __construct(public int $reps, public int $reserve, public float $match)
    {
    }

    /**
     * @param  float  $toFailure  Repetitions possible at the load, none in reserve.
     * @return self|null Null where the load is too heavy, or so light that it counts nothing.
     */
    public static function of(float $toFailure, Goal $goal, int $leastReserve, int $mostReserve): ?self
    {
        [$fewest, $most] = $goal->repetitions();
        if ($toFailure - $leastReserve < $fewest || $toFailure > HardSets::NOTHING) {
            return null;
        }
        $low = (int) ceil(max($fewest, $toFailure - $mostReserve) - 1e-9);
        $reps = $low <= min($most, $toFailure - $leastReserve)
            ? (int) min($most, max($low, min($toFailure - $leastReserve, round($toFailure - ($leastReserve + $mostReserve) / 2))))
            : (int) min(self::MOST_REPETITIONS, max($most, floor($toFailure - $mostReserve)));

        return new self(
            $reps,
            (int) max($leastReserve, min($mostReserve, round($toFailure - $reps))),
            self::match($toFailure, $reps, $goal, $leastReserve, $mostReserve),
        );
    }

    /**
     * How near so many repetitions at a load come to what a goal asks, 0 to 1, whoever wrote them.
     *
     * @param  float  $toFailure  Repetitions possible at the load, none in reserve.
     */
    public static function match(float $toFailure, int $reps, Goal $goal, int $leastReserve, int $mostReserve): float
    {
        [$fewest, $most] = $goal->repetitions();
        $left = $toFailure - $reps;
        if ($left < 0 || $toFailure > HardSets::NOTHING) {
            return 0.0;
        }
        $wanted = $goal->usualRepetitions() + ($leastReserve + $mostReserve) / 2;
        $match = max(0.0, 1 - self::OFF_THE_MIDDLE * abs(log(max(1.0, $toFailure) / $wanted, 2)));
        if ($left < $leastReserve - 0.5) {
            $match *= ((1 + $left) / (1 + $leastReserve)) ** self::FALLS;
        }
        if ($left > $mostReserve + 0.5) {
            $match *= (($reps + $mostReserve) / $toFailure) ** self::FALLS;
        }
        if ($reps > $most) {
            $match *= ($most / $reps) ** self::FALLS;
        }

        return $reps < $fewest ? $match * ($reps / $fewest) ** self::FEWER : $match;
    }

    /** No more repetitions than so many, and a match that is so much less. */
    public function atMost(int $reps, float $share): self
    {
        return new self(min($reps, $this->reps), $this->reserve, $share * $this->match);
    }
}
