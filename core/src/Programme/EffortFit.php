<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Goal;

/** How a load meets what a goal asks: how many repetitions, what they leave in reserve, and how far that is from wanted. */
final readonly class EffortFit
{
    /** Beyond this a set is bridged no further; planning contract, section 5. */
    public const MOST_REPETITIONS = 30;

    /** How fast a load out of the window matches less, as for swaps. */
    private const FALLS = 1.3;

    private function __construct(public int $reps, public int $reserve, public float $match)
    {
    }

    /**
     * @param  float  $toFailure  Repetitions possible at the load, none in reserve.
     * @return self|null Null where the load is too heavy, or too light to be hard work at thirty repetitions.
     */
    public static function of(float $toFailure, Goal $goal, int $leastReserve, int $mostReserve): ?self
    {
        [$fewest, $most] = $goal->repetitions();
        $low = (int) ceil(max($fewest, $toFailure - $mostReserve) - 1e-9);
        if ($low <= min($most, $toFailure - $leastReserve)) {
            return new self($low, max($leastReserve, min($mostReserve, (int) round($toFailure - $low))), 1.0);
        }
        if ($toFailure - $leastReserve < $fewest) {
            return null;
        }
        $reps = (int) min(self::MOST_REPETITIONS, max($most, floor($toFailure - $mostReserve)));
        $left = $toFailure - $reps;
        if ($left > Muscles::HARD_RESERVE + 0.5 && $left > $mostReserve + 0.5) {
            return null;
        }

        return new self(
            $reps,
            (int) max($leastReserve, min($mostReserve, round($left))),
            ($most / max($reps, $toFailure - $mostReserve)) ** self::FALLS,
        );
    }
}
