<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Timeline;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\Verdict;

/** Reads plans without the planner's own rules. */
final class PlanJudge
{
    /**
     * What a week breaks of the rules that may never be broken, found without the planner's own checks.
     *
     * @return list<string>
     */
    public static function broken(PlannedWeek $week, Brief $brief): array
    {
        $broken = [];
        $home = $brief->situation->home;
        $ids = array_map(static fn ($thing): string => $thing->id, $brief->situation->shelf);
        $hard = [];
        foreach ($week->days as $day) {
            $timeline = Timeline::of($day->plan, $brief->isSlowOnFeet(), resting: $brief->situation->client->resting());
            if ($timeline->seconds() > 60 * $day->day->minutes) {
                $broken[] = sprintf('time: %.1f of %d min on day %d', $timeline->seconds() / 60, $day->day->minutes, $day->day->weekday);
            }
            foreach ($timeline->steps as $step) {
                foreach ($brief->situation->client->limits as $limit) {
                    [$rests] = explode('-', $limit->value);
                    $said = $step->slot->exercise->limits[$limit->value]['why'] ?? '';
                    // "right arm only"
                    if ($rests === $step->side && preg_match('/^(left|right) (arm|leg) only/', $said) === 1) {
                        $broken[] = "limits: {$step->words} with the {$rests} side";
                    }
                }
            }
            foreach ($timeline->conflicts as $conflict) {
                if ($conflict->neededSeconds > $conflict->restSeconds) {
                    $broken[] = 'kit: '.$conflict->inWords();
                }
            }
            foreach ($day->plan->blocks as $block) {
                foreach ($block->slots as $slot) {
                    foreach ($brief->situation->client->limits as $limit) {
                        if (($slot->exercise->limits[$limit->value]['effect'] ?? '') === 'exclude') {
                            $broken[] = "limits: {$slot->exercise->id} against {$limit->value}";
                        }
                    }
                    if ($home->quiet && $slot->exercise->noise === 'loud') {
                        $broken[] = "limits: {$slot->exercise->id} is loud";
                    }
                    foreach ($slot->things as $thing) {
                        // What lies in a bag is named after the bag's own shelf entry.
                        if (! in_array($thing->id, $ids, true)) {
                            $broken[] = "shelf: {$thing->id} is not there";
                        }
                    }
                    array_push($broken, ...($block->kind->isFrame() ? [] : self::smiledAt($slot, $brief)));
                    if ($block->kind !== BlockKind::WarmUp && $block->kind !== BlockKind::CoolDown && $slot->assignment->reserve <= 4) {
                        foreach ($slot->exercise->mainMuscles as $muscle => $share) {
                            $hard[$muscle][$day->day->weekday] = ($hard[$muscle][$day->day->weekday] ?? 0) + $slot->assignment->sets;
                        }
                        foreach ($slot->exercise->helpingMuscles as $muscle => $share) {
                            $hard[$muscle][$day->day->weekday] = ($hard[$muscle][$day->day->weekday] ?? 0) + $slot->assignment->sets / 2;
                        }
                    }
                }
            }
        }
        foreach ($hard as $muscle => $days) {
            foreach ($days as $weekday => $sets) {
                $next = $weekday % 7 + 1;
                if ($sets >= 3 && ($days[$next] ?? 0) >= 3) {
                    $broken[] = "recovery: {$muscle} on days {$weekday} and {$next}";
                }
            }
        }

        return $broken;
    }

    /**
     * What no practitioner would sign as work, whatever it scores; planning contract, section 4b.
     *
     * @return list<string>
     */
    private static function smiledAt(Slot $slot, Brief $brief): array
    {
        $setting = $slot->assignment->setting;

        return [
            ...($setting->massKg <= 0 && $setting->band === null && ! $slot->exercise->usesBodyWeight
                ? ["work: {$slot->exercise->id} with empty hands"]
                : []),
            ...($slot->exercise->role($setting) === Role::Drill && self::couldBeWork($slot, $brief)
                ? ["work: {$slot->exercise->id} is a drill"]
                : []),
            ...($slot->exercise->skill > 2 && $brief->isCareful() ? ["work: {$slot->exercise->id} takes too much skill"] : []),
            ...($slot->assignment->goesToFailure() && $brief->isCareful() ? ["work: {$slot->exercise->id} to failure"] : []),
        ];
    }

    /** True where something of the same pattern that is no drill, and that anybody can do, is there. */
    private static function couldBeWork(Slot $slot, Brief $brief): bool
    {
        $rungs = ShelfRungs::of(Shipped::model());
        foreach (Shipped::catalogue()->exercises as $exercise) {
            if ($exercise->pattern !== $slot->exercise->pattern || $exercise->skill > 1 || $exercise->impact !== 'none'
                || in_array($exercise->id, $brief->dislikes, true)) {
                continue;
            }
            foreach ($rungs->usable($exercise, $brief->situation) as ['rung' => $rung]) {
                if ($exercise->role($rung->setting) !== Role::Drill) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * Plans for random clients, and what is broken in any of them.
     *
     * @param  int  $from  First seed.
     * @return array{broken: list<string>, slots: int}
     */
    public static function clients(int $from, int $count): array
    {
        $planner = Planner::of(Shipped::catalogue(), new ResistanceModel(Shipped::catalogue()));
        $broken = [];
        $slots = 0;
        for ($seed = $from; $seed < $from + $count; $seed++) {
            [$brief, $what] = RandomBriefs::number($seed, weeks: 6);
            $plan = $planner->plan($brief);
            foreach ($plan->weeks as $week) {
                foreach (self::broken($week, $brief) as $rule) {
                    $broken[] = "{$what}, week {$week->number}: {$rule}";
                }
                foreach ($week->days as $day) {
                    $slots += count($day->work());
                }
            }
            foreach ($plan->checks as $check) {
                if ($check->verdict === Verdict::No && in_array($check->id, ['limits', 'kit', 'time', 'recovery'], true)) {
                    $broken[] = "{$what}, week {$check->week}: {$check->id} says {$check->words}";
                }
                if ($check->verdict !== Verdict::Ok && trim($check->words) === '') {
                    $broken[] = "{$what}: {$check->id} gives no reason";
                }
            }
        }

        return ['broken' => $broken, 'slots' => $slots];
    }
}
