<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Text\Plain;

/**
 * Where a programme goes on after days without training: missed days hold, they do not punish. Planning contract, section 5.
 */
final readonly class AfterBreak
{
    /** Up to so many days the last week is done again; up to so many the one before it. */
    private const REPEAT_DAYS = 10;

    private const BACK_DAYS = 21;

    private function __construct(public int $week, public bool $isRungDown, public string $words)
    {
    }

    /**
     * @param  int  $days  Since the last session.
     * @param  int  $lastWeek  Of the programme that session belongs to.
     */
    public static function of(int $days, int $lastWeek): self
    {
        $since = sprintf('The last session was %s ago.', Plain::count($days, 'day'));
        if ($days <= self::REPEAT_DAYS) {
            return new self($lastWeek, false, "{$since} Week {$lastWeek} is done again; nothing is lost.");
        }
        $week = max(1, $lastWeek - 1);
        if ($days <= self::BACK_DAYS) {
            return new self($week, false, "{$since} Go on from week {$week}, the one before, with what is known.");
        }

        return new self(
            $week,
            true,
            "{$since} Go on from week {$week}, one load down for the main lifts; the first set of each says how it is.",
        );
    }
}
