<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Strength\HardSets;

/** How a load meets what is wanted: how many repetitions, what they leave in reserve, and how far that is from it. */
final readonly class EffortFit
{
    /** Beyond this a set is bridged no further; planning contract, section 5. */
    public const MOST_REPETITIONS = 30;

    /** How fast a load out of the window matches less, as for swaps. */
    private const FALLS = 1.3;

    /** A load as far from what is wanted most as twice the repetitions matches so much less; our choice. */
    private const OFF_THE_MIDDLE = 0.12;

    /** How fast fewer repetitions than the window match less: a load to fight with is no load to begin with. */
    private const FEWER = 2.0;

    /** A few more than a short window are the next best thing, up to so many; our choice. */
    private const A_FEW_MORE = 12;

    private const MORE = 0.5;

    private function __construct(public int $reps, public int $reserve, public float $match)
    {
    }

    /**
     * @param  float  $toFailure  Repetitions possible at the load, none in reserve.
     * @return self|null Null where the load is too heavy, or so light that it counts nothing.
     */
    public static function of(float $toFailure, Wanted $wanted): ?self
    {
        if ($toFailure - $wanted->leastReserve < $wanted->fewest || $toFailure > HardSets::NOTHING) {
            return null;
        }
        $low = (int) ceil(max($wanted->fewest, $toFailure - $wanted->mostReserve) - 1e-9);
        $high = min($wanted->most, $toFailure - $wanted->leastReserve);
        $reps = $low <= $high
            ? (int) max($low, min($high, round($toFailure - $wanted->reserve())))
            : (int) min(self::MOST_REPETITIONS, max($wanted->most, floor($toFailure - $wanted->mostReserve)));

        return self::asking($toFailure, $reps, $wanted);
    }

    /** So many repetitions at a load, whoever wrote them. */
    public static function asking(float $toFailure, int $reps, Wanted $wanted): self
    {
        return new self(
            $reps,
            (int) max($wanted->leastReserve, min($wanted->mostReserve, round($toFailure - $reps))),
            self::match($toFailure, $reps, $wanted),
        );
    }

    private static function match(float $toFailure, int $reps, Wanted $wanted): float
    {
        $left = $toFailure - $reps;
        if ($left < 0 || $toFailure > HardSets::NOTHING) {
            return 0.0;
        }
        $match = max(0.0, 1 - self::OFF_THE_MIDDLE * abs(log(max(1.0, $toFailure) / $wanted->toFailure(), 2)));
        if ($left < $wanted->leastReserve - 0.5) {
            $match *= ((1 + $left) / (1 + $wanted->leastReserve)) ** self::FALLS;
        }
        if ($left > $wanted->mostReserve + 0.5) {
            $match *= (($reps + $wanted->mostReserve) / $toFailure) ** self::FALLS;
        }
        if ($reps > $wanted->most) {
            $few = max($wanted->most, self::A_FEW_MORE);
            $match *= ($wanted->most / min($reps, $few)) ** self::MORE * ($few / max($reps, $few)) ** self::FALLS;
        }

        return $reps < $wanted->fewest ? $match * ($reps / $wanted->fewest) ** self::FEWER : $match;
    }

    /** The same, matching less. */
    public function less(float $share): self
    {
        return new self($this->reps, $this->reserve, $share * $this->match);
    }
}
