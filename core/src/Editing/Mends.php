<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Check;
use NimbleShelf\Core\Programme\Muscles;
use NimbleShelf\Core\Programme\PatternGroup;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Region;
use NimbleShelf\Core\Programme\SessionName;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\Verdict;

/** Says what would answer a check that is not good; what it costs elsewhere, the checks say again once it is done. */
final class Mends
{
    private const HARD_DAY_SETS = 3.0;

    /** More sets of one exercise are not offered; ours. */
    private const MOST_SETS = 5;

    /** @return list<Mend> */
    public static function of(Check $check, PlannedWeek $week, Brief $brief): array
    {
        if ($check->verdict === Verdict::Ok) {
            return [];
        }
        $day = null;
        foreach ($week->days as $one) {
            $day = $one->day->weekday === $check->weekday ? $one : $day;
        }

        return match ($check->id) {
            'time' => $day === null ? [] : [
                self::mend("Cut it to {$day->day->minutes} minutes", 'shorter', $day),
                self::mend(
                    sprintf('Give it %d minutes', self::wanted($day, $brief)),
                    'visit',
                    $day,
                    ['minutes' => self::wanted($day, $brief)],
                ),
            ],
            'order', 'positions' => $day === null ? [] : [self::mend('Put it in order', 'order', $day)],
            'kit' => $day === null ? [] : self::apart($check, $day),
            'limits', 'effort' => $day === null ? [] : self::standIns($check, $day),
            'name' => $day === null ? [] : [
                self::mend(sprintf('Call it "%s"', SessionName::of($day->work())), 'rename', $day, ['name' => '=']),
            ],
            'frame' => $day === null ? [] : [self::mend('Choose warm-up and cool-down', 'frame', $day)],
            'recovery', 'hard-days' => self::otherDays($week),
            'pattern' => self::fills($check, $week),
            'volume' => self::sets($check, $week),
            'balance-push-pull' => self::balanced($check, $week, Region::Push, Region::Pull),
            'balance-thigh' => self::balanced($check, $week, Region::Front, Region::Back),
            default => [],
        };
    }

    /** @return list<Mend> */
    private static function apart(Check $check, PlannedDay $day): array
    {
        foreach ($day->plan->blocks as $block) {
            foreach ($block->slots as $slot) {
                if ($block->kind !== BlockKind::Straight && isset($check->threads[$slot->thread])) {
                    return [self::mend("Take {$block->name} apart", 'ungroup', $day, ['slot' => $slot->thread])];
                }
            }
        }

        return [];
    }

    /** @return list<Mend> */
    private static function standIns(Check $check, PlannedDay $day): array
    {
        $mends = [];
        foreach ($day->plan->slots() as $slot) {
            if (isset($check->threads[$slot->thread])) {
                $name = mb_strtolower($slot->exercise->name);
                $mends[] = self::mend("Put in what serves for {$name}", 'stand-in', $day, ['slot' => $slot->thread]);
            }
        }

        return $mends;
    }

    /** @return list<Mend> Every move to a free day after which nothing hard follows itself too soon; the smallest first. */
    private static function otherDays(PlannedWeek $week): array
    {
        $taken = array_map(static fn (PlannedDay $day): int => $day->day->weekday, $week->days);
        $mends = [];
        foreach ($week->days as $day) {
            foreach (array_diff(range(1, 7), $taken) as $to) {
                $moved = new PlannedDay(TrainingDay::of($to, $day->day->minutes), $day->plan);
                $others = array_filter($week->days, static fn (PlannedDay $one): bool => $one !== $day);
                if (self::clashes([...$others, $moved]) < self::clashes($week->days)) {
                    $far = abs($to - $day->day->weekday);
                    $mends[] = [
                        [self::clashes([...$others, $moved]), $far, $to],
                        self::mend("Move {$day->day->label()} to {$moved->day->label()}", 'day', $day, ['to' => $to]),
                    ];
                }
            }
        }
        usort($mends, static fn (array $one, array $two): int => $one[0] <=> $two[0]);

        return array_slice(array_map(static fn (array $mend): Mend => $mend[1], $mends), 0, 2);
    }

    /** @param  array<PlannedDay>  $days */
    private static function clashes(array $days): int
    {
        $days = array_values($days);
        $clashes = 0;
        foreach ($days as $i => $day) {
            foreach (array_slice($days, $i + 1) as $later) {
                if ($day->day->nightsFrom($later->day) >= 2) {
                    continue;
                }
                $other = Muscles::hardSets($later->work());
                foreach (Muscles::hardSets($day->work()) as $muscle => $sets) {
                    $clashes += $sets >= self::HARD_DAY_SETS && ($other[$muscle] ?? 0.0) >= self::HARD_DAY_SETS ? 1 : 0;
                }
            }
        }

        return $clashes;
    }

    /** @return list<Mend> Into the session that has most room of those without it. */
    private static function fills(Check $check, PlannedWeek $week): array
    {
        $group = PatternGroup::tryFrom($check->about);
        $free = array_filter($week->days, static fn (PlannedDay $day): bool => array_filter(
            $day->work(),
            static fn (Slot $slot): bool => PatternGroup::of($slot->exercise->pattern) === $group,
        ) === []);
        usort($free, static fn (PlannedDay $one, PlannedDay $two): int => count($one->work()) <=> count($two->work()));

        return $group === null || $free === [] ? [] : [
            self::mend("Add {$group->label()} on {$free[0]->day->label()}", 'fill', $free[0], ['group' => $group->value]),
        ];
    }

    /** @return list<Mend> A set more, or less, of what trains a muscle most, where that is done most seldom or most often. */
    private static function sets(Check $check, PlannedWeek $week): array
    {
        $trains = static fn (Slot $slot): bool => isset($slot->exercise->mainMuscles[$check->about]);

        return self::aSet($week, $trains, isMore: $check->isTooLittle);
    }

    /** @return list<Mend> A set more of the side that has fewer, a set less of the other. */
    private static function balanced(Check $check, PlannedWeek $week, Region $one, Region $other): array
    {
        [$few, $many] = $check->isTooLittle ? [$one, $other] : [$other, $one];
        $of = static fn (Region $region): \Closure => static fn (Slot $slot): bool => Region::of($slot->exercise->pattern) === $region;

        return [...self::aSet($week, $of($few), isMore: true), ...self::aSet($week, $of($many), isMore: false)];
    }

    /**
     * @param  \Closure(Slot): bool  $wanted
     * @return list<Mend> One, or none where nothing can be changed so.
     */
    private static function aSet(PlannedWeek $week, \Closure $wanted, bool $isMore): array
    {
        $best = null;
        foreach ($week->days as $day) {
            foreach ($day->work() as $slot) {
                $sets = $slot->assignment->sets;
                $isBetter = $best === null || ($isMore ? $sets < $best[1]->assignment->sets : $sets > $best[1]->assignment->sets);
                if ($wanted($slot) && $isBetter && ($isMore ? $sets < self::MOST_SETS : $sets > 1)) {
                    $best = [$day, $slot];
                }
            }
        }
        if ($best === null) {
            return [];
        }
        [$day, $slot] = $best;

        return [self::mend(
            sprintf('A set %s of %s on %s', $isMore ? 'more' : 'less', mb_strtolower($slot->exercise->name), $day->day->label()),
            'ask',
            $day,
            ['slot' => $slot->thread, 'ask' => ['sets' => $slot->assignment->sets + ($isMore ? 1 : -1)]],
        )];
    }

    /** Minutes that what stands there is likely to take, on the next five. */
    private static function wanted(PlannedDay $day, Brief $brief): int
    {
        return min(180, 5 * (int) ceil($day->likelyMinutes($brief) / 5));
    }

    /** @param  array<string, mixed>  $more */
    private static function mend(string $words, string $kind, PlannedDay $day, array $more = []): Mend
    {
        return new Mend($words, Edit::fromArray(['kind' => $kind, 'weekday' => $day->day->weekday] + $more));
    }
}
