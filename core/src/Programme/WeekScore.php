<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Matching\Limit;

/**
 * What a week is worth, part by part, so that it can be printed: the builder looks for the highest total.
 *
 * Every weight is ours. A muscle is worth most in the middle of its band and less beyond it; patterns count on their first
 * day and half as much on a second; what does not meet the goal, set-up, getting up and down, and imbalance cost.
 */
final readonly class WeekScore
{
    /** A main muscle in the middle of its band. */
    public const MUSCLE = 10.0;

    /** What a week should hold, on one day and on two. */
    public const PATTERNS = [0.0, 8.0, 12.0];

    /** A set that meets the goal not at all. */
    public const MISMATCH = 2.0;

    /** A slot that is liked or known. */
    public const LIKED = 1.0;

    /** A minute of set-up. */
    public const SET_UP_MINUTE = 2.0;

    /** Each step of skill above the plainest; a combined movement; a hold that is not for the trunk. */
    public const SKILL = 0.5;

    public const COMBINED = 2.0;

    public const HELD = 2.5;

    /** Sitting down to it, for who can stand and need not take care. */
    public const SEATED = 0.5;

    /** A slot on the floor in a session that also stands. */
    public const MIXED = 0.5;

    /** The same pattern once more in one session. */
    public const REPEATED = 4.0;

    /** Each doubling, in natural logarithms, by which one side outweighs the other beyond one and a half. */
    public const IMBALANCE = 6.0;

    public const BALANCED = 1.5;

    /** A set by what its exercise is to a plan: main lifts carry it, drills are work only where nothing else is left. */
    public const ROLES = ['main' => 1.0, 'power' => 1.0, 'trunk' => 0.0, 'builder' => -1.0, 'drill' => -4.0];

    /** Each set beyond the third of what helps or is too light to be hard: the minutes belong to what carries the plan. */
    public const HELPS = 3;

    public const TOO_MUCH_HELP = 2.0;

    /** Each working set that main lifts are short of half of them. */
    public const SHORT_OF_HALF = 6.0;

    /** Each movement of the whole body that the week holds. */
    public const MOVEMENT = 4.0;

    /** A minute of a visit that stays empty, up to nearly all of it. */
    public const IDLE_MINUTE = 0.5;

    /** So much of the time for work is wanted used; set-ups are reckoned from above, so that this is some 85 % of the visit. */
    public const USED = 0.94;

    /** A minute of one exercise beyond such a share of the longest visit, and beyond so many minutes. */
    public const LONG_MINUTE = 2.0;

    public const LONG = 0.3;

    public const LONG_AT_LEAST = 10;

    /** How much further from the plainest each step of skill is for who is new, older or has to take care. */
    public const CAREFUL = 3.0;

    /** @param  array<string, float>  $parts */
    private function __construct(public float $total, public array $parts)
    {
    }

    /**
     * @param  list<array<int, int>>  $days  For each day the sets of each option that stands there.
     * @param  list<PlanOption>  $options
     */
    public static function of(array $days, array $options, Brief $brief): self
    {
        $band = $brief->band();
        $parts = array_fill_keys(
            [
                'muscles',
                'patterns',
                'movements',
                'roles',
                'effort',
                'basics',
                'liking',
                'changes',
                'positions',
                'variety',
                'balance',
                'time',
            ],
            0.0,
        );
        $volume = $groups = $regions = $movements = [];
        $main = $all = 0;
        foreach ($days as $day => $slots) {
            $onFloor = $patterns = [];
            $seconds = 0.0;
            foreach ($slots as $i => $sets) {
                $option = $options[$i];
                foreach ($option->volume() as $muscle => $each) {
                    $volume[$muscle] = ($volume[$muscle] ?? 0) + $each * $sets;
                }
                $group = $option->group();
                if ($group !== null) {
                    $groups[$group->value][$day] = true;
                }
                $region = Region::of($option->exercise->pattern);
                if ($region !== null) {
                    $regions[$region->value] = ($regions[$region->value] ?? 0) + $sets;
                }
                $parts['effort'] -= self::MISMATCH * (1 - $option->match) * $sets;
                $movement = Movement::of($option->exercise->pattern);
                if ($movement !== null) {
                    $movements[$movement->value] = true;
                }
                $parts['roles'] += self::role($option, $sets);
                $main += $option->isMain() ? $sets : 0;
                $all += $sets;
                $seconds += WeekState::boundSeconds($option, $sets, $brief);
                $parts['basics'] -= self::farFromBasic($option, $brief);
                $parts['liking'] += self::LIKED * $option->liking;
                $parts['time'] -= self::tooLong($option, $sets, $brief);
                $parts['changes'] -= self::SET_UP_MINUTE * $option->rung->setUpSeconds / 60;
                $onFloor[] = $option->isOnFloor;
                $patterns[] = $option->exercise->pattern;
            }
            $parts['time'] += $slots === [] ? 0.0 : self::used($seconds, $brief->days[$day]);
            $parts['positions'] -= self::mixing(count(array_filter($onFloor)), count($onFloor) - count(array_filter($onFloor)));
            $parts['variety'] -= self::REPEATED * (count($patterns) - count(array_unique($patterns)));
        }
        foreach ($volume as $muscle => $tenths) {
            $parts['muscles'] += self::muscle($muscle, $tenths, $band);
        }
        foreach ($groups as $on) {
            $parts['patterns'] += self::PATTERNS[min(2, count($on))];
        }
        $parts['roles'] -= self::shortOfHalf($main, $all);
        $parts['movements'] += self::MOVEMENT * count($movements);
        $parts['balance'] -= self::imbalance($regions);

        return new self(array_sum($parts), $parts);
    }

    /** What a muscle's tenths of half sets of a week are worth: nothing without any, most at the band's middle, nothing at twice that. */
    public static function muscle(string $muscle, int $tenths, VolumeBand $band): float
    {
        $off = 1 - $tenths / 20 / $band->middle();

        return self::MUSCLE * (Muscles::WEIGHTS[$muscle] ?? 0.0) * (1 - $off * $off);
    }

    /** What a slot is worth by itself, whatever else stands in the week. */
    public static function slot(PlanOption $option, int $sets, Brief $brief): float
    {
        return $sets === 0 ? 0.0 : self::LIKED * $option->liking
            + self::role($option, $sets)
            - self::MISMATCH * (1 - $option->match) * $sets
            - self::farFromBasic($option, $brief)
            - self::tooLong($option, $sets, $brief)
            - self::SET_UP_MINUTE * $option->rung->setUpSeconds / 60;
    }

    /** What so many sets of an exercise are to a plan. */
    private static function role(PlanOption $option, int $sets): float
    {
        $carries = $option->isMain() && $option->isHard();

        return self::ROLES[$option->role->value] * $sets - ($carries ? 0.0 : self::TOO_MUCH_HELP * max(0, $sets - self::HELPS));
    }

    /** Plain lifts first: what takes skill, mixes movements or only holds is for when there is nothing plainer. */
    public static function farFromBasic(PlanOption $option, Brief $brief): float
    {
        $exercise = $option->exercise;

        return self::SKILL * ($brief->isCareful() ? self::CAREFUL : 1.0) * ($exercise->skill - 1)
            + ($exercise->reckonedAs === null ? 0.0 : self::COMBINED)
            + ($exercise->position === 'seated' && ! $brief->isCareful() && ! $brief->situation->client->has(Limit::SeatedOnly)
                ? self::SEATED
                : 0.0)
            + ($exercise->isHold && $option->group() !== PatternGroup::Trunk ? self::HELD : 0.0);
    }

    /** What it costs that one exercise takes a third of a visit: nobody wants to be at one thing for so long. */
    public static function tooLong(PlanOption $option, int $sets, Brief $brief): float
    {
        $longest = max(0, ...array_map(static fn (TrainingDay $day): int => $day->minutes, $brief->days));
        $minutes = WeekState::boundSeconds($option, $sets, $brief) / 60;

        return self::LONG_MINUTE * max(0.0, $minutes - max(self::LONG_AT_LEAST, self::LONG * $longest));
    }

    /** What is worth of a visit that work takes so many seconds of: nothing empty, nearly full all. */
    public static function used(float $seconds, TrainingDay $day): float
    {
        return self::IDLE_MINUTE * min($seconds, self::USED * Frame::workSeconds($day->minutes)) / 60;
    }

    /** What it costs that so many sets of main lifts, power with them, are less than half of all. */
    public static function shortOfHalf(int $main, int $all): float
    {
        return self::SHORT_OF_HALF * max(0.0, $all / 2 - $main);
    }

    public static function mixing(int $onFloor, int $standing): float
    {
        return self::MIXED * min($onFloor, $standing);
    }

    /** @param  array<string, int>  $sets  By region. */
    public static function imbalance(array $sets): float
    {
        $cost = 0.0;
        foreach ([['push', 'pull'], ['front', 'back']] as [$one, $other]) {
            // One set more on each side, so that nothing against something can be reckoned.
            $ratio = log((1 + ($sets[$one] ?? 0)) / (1 + ($sets[$other] ?? 0)));
            $cost += self::IMBALANCE * max(0.0, abs($ratio) - log(self::BALANCED));
        }

        return $cost;
    }
}
