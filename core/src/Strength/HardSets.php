<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

/** What a set counts towards the hard sets of a week: one measure for planner, checks, volume and records; engine contract, section 8. */
final class HardSets
{
    /** With so many in reserve or fewer a set is hard, and with `EASY_RESERVE` not at all; evenly between. */
    public const HARD_RESERVE = 4.0;

    public const EASY_RESERVE = 10.0;

    /** Beyond so many repetitions to failure a set counts a quarter at the most, and beyond `NOTHING` nothing. */
    public const LIGHT = 30.0;

    public const NOTHING = 50.0;

    private const A_QUARTER = 0.25;

    /**
     * @param  float  $reserve  Repetitions that are expected, or were said, to be left.
     * @param  float|null  $toFailure  Repetitions possible at the load; null where nobody can tell.
     * @return float 0 to 1.
     */
    public static function count(float $reserve, ?float $toFailure = null): float
    {
        $share = max(0.0, min(1.0, (self::EASY_RESERVE - $reserve) / (self::EASY_RESERVE - self::HARD_RESERVE)));

        return match (true) {
            $toFailure !== null && $toFailure > self::NOTHING => 0.0,
            $toFailure !== null && $toFailure > self::LIGHT => min(self::A_QUARTER, $share),
            default => $share,
        };
    }
}
