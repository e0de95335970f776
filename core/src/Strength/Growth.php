<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

/** How fast somebody who trains grows stronger: for forecasts alone, since every set that is logged says it better. */
final class Growth
{
    /**
     * What a week of training adds for who is new, as a share; planning contract, section 4b. Within what `Norms` says of the
     * untrained, 20 to 40 % in the first eight to twelve weeks (B), and at its lower end.
     */
    private const A_WEEK = 0.02;

    /** After so many weeks of training a week adds half as much; our choice, so that years end at the 0.2 to 0.5 % of the trained (B). */
    private const HALVES_AFTER = 26.0;

    /** Weeks of training that lie behind: half a year, and two years and a half; our choice. */
    private const BEHIND = ['new' => 0.0, 'some' => 26.0, 'years' => 130.0];

    /**
     * By how much everything that can be lifted once has grown after so many weeks of training.
     *
     * @param  float  $weeks  Zero or more; lighter weeks do not count.
     * @return float 1 or more.
     */
    public static function after(float $weeks, Experience $experience): float
    {
        $behind = self::BEHIND[$experience->value];

        // The sum of a rate that falls as 1 / (1 + weeks / 26).
        return exp(self::A_WEEK * self::HALVES_AFTER * log(
            (self::HALVES_AFTER + $behind + max(0.0, $weeks)) / (self::HALVES_AFTER + $behind),
        ));
    }
}
