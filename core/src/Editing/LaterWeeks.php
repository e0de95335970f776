<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\PlanOption;
use NimbleShelf\Core\Programme\Progression;
use NimbleShelf\Core\Programme\TrainingDay;

/** Carries a change of one week on to the weeks after it. */
final readonly class LaterWeeks
{
    /** Kinds in which repetitions grow from week to week; in the others the clock or the rule decides. */
    private const GROWING = [BlockKind::Straight, BlockKind::Superset, BlockKind::Circuit, BlockKind::Section, BlockKind::Hold];

    private function __construct(private OptionFinder $finder, private Progression $progression)
    {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);

        $finder = new OptionFinder($catalogue, $model, $rungs);

        return new self($finder, Progression::of($model, $rungs, $finder));
    }

    /**
     * Later sessions take over what was changed; a thread whose exercise and dose were not, keeps what it was to ask then.
     *
     * @param  list<PlannedWeek>  $later
     * @return list<PlannedWeek>
     */
    public function after(PlannedWeek $before, EditedWeek $edited, array $later, Brief $brief): array
    {
        if ($edited->week->isDeload) {
            // What is changed in a lighter week is meant for it alone.
            return $later;
        }
        $forward = $this->forward($edited, $later, $brief);
        $stays = [];
        foreach ($before->days as $day) {
            $stays[$day->day->weekday] = $day;
        }

        return array_map(function (PlannedWeek $week) use ($edited, $forward, $stays): PlannedWeek {
            $then = $asked = [];
            foreach ($week->days as $day) {
                $then[$day->day->weekday] = $day;
                foreach ($day->plan->slots() as $slot) {
                    $asked["{$day->day->weekday}/{$slot->thread}"] = $slot;
                    $asked[$slot->thread] ??= $slot;
                }
            }
            $days = [];
            foreach ($edited->week->days as $day) {
                $weekday = $day->day->weekday;
                $was = $edited->from[$weekday] ?? $weekday;
                if (isset($then[$was], $stays[$was]) && $stays[$was]->plan === $day->plan) {
                    $days[] = new PlannedDay(
                        TrainingDay::of($weekday, $stays[$was]->day->minutes === $day->day->minutes
                            ? $then[$was]->day->minutes
                            : $day->day->minutes),
                        $then[$was]->plan,
                    );

                    continue;
                }
                $days[] = new PlannedDay($day->day, self::session($day->plan, $week, $was, $asked, $forward));
            }

            return new PlannedWeek($week->number, $week->isDeload, $days);
        }, $later);
    }

    /**
     * @param  array<string, Slot>  $asked
     * @param  array<string, array<int, Slot>>  $forward
     */
    private static function session(SessionPlan $plan, PlannedWeek $week, int $was, array $asked, array $forward): SessionPlan
    {
        return new SessionPlan($plan->name, array_map(static function (Block $block) use ($week, $was, $asked, $forward): Block {
            $slots = array_map(
                static fn (Slot $slot): Slot => $forward[$slot->thread][$week->number]
                    ?? $asked["{$was}/{$slot->thread}"]
                    ?? $asked[$slot->thread]
                    ?? $slot,
                $block->slots,
            );
            $rounds = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $slots)]);
            if ($block->kind->goesRound() && $block->kind !== BlockKind::Ladder) {
                // In a lighter week all of a round are done as often as the one that is done most.
                $slots = array_map(static fn (Slot $slot): Slot => $slot->withSets($rounds), $slots);
            }
            $rule = $block->rule->rounds === null || $block->kind === BlockKind::Ladder
                ? $block->rule
                : BlockRule::fromArray($block->kind, ['rounds' => $rounds] + $block->rule->toArray());

            return Block::asItStands($block->kind, $block->name, $rule, $slots);
        }, $plan->blocks));
    }

    /**
     * @param  list<PlannedWeek>  $later
     * @return array<string, array<int, Slot>> By thread and week number.
     */
    private function forward(EditedWeek $edited, array $later, Brief $brief): array
    {
        $forward = $planned = [];
        foreach ($later as $week) {
            foreach ($week->work() as $slot) {
                $planned[$slot->thread][$slot->exercise->id] = true;
            }
        }
        foreach ($edited->week->days as $day) {
            $taken = array_map(static fn (Slot $slot): string => $slot->exercise->id, $day->plan->slots());
            foreach ($day->plan->blocks as $block) {
                foreach ($block->slots as $slot) {
                    if (in_array($slot->thread, $edited->anew, true)) {
                        $forward[$slot->thread] = in_array($block->kind, self::GROWING, true)
                            // An exercise gives way later on only where that was planned.
                            ? $this->growing($slot, $edited->week->number, $brief, count($planned[$slot->thread] ?? []) > 1 ? $taken : null)
                            : array_fill($edited->week->number + 1, max(0, $brief->weeks - $edited->week->number), $slot);
                    }
                }
            }
        }

        return $forward;
    }

    /**
     * @param  list<string>|null  $taken  Exercises that may not take its place; null where nothing may.
     * @return array<int, Slot>
     */
    private function growing(Slot $slot, int $number, Brief $brief, ?array $taken): array
    {
        $asked = $slot->assignment;
        if ($asked->isHeld) {
            return $this->level($slot, $number, $brief);
        }
        $option = $asked->dose->asLongAsClean
            ? null
            : $this->finder->pinned(new Pin(1, $slot->exercise->id, $asked->setting), $brief);
        if ($option === null) {
            return array_fill($number + 1, max(0, $brief->weeks - $number), $slot);
        }
        $weeks = [];
        $brief = self::asWritten($option, $asked, $brief);
        $steps = $this->progression->forward($option->asking($asked), $asked->sets, $slot->thread, $brief, $number, $taken);
        foreach ($steps as $i => $step) {
            $next = $step['slot']->assignment;
            if ($step['slot']->exercise !== $slot->exercise) {
                $weeks[$number + $i] = $step['slot']->asking($next->with(why: $step['words']));

                continue;
            }
            $weeks[$number + $i] = new Slot($slot->thread, $slot->exercise, $asked->with(
                setting: $next->setting,
                words: $next->words,
                sets: $next->sets,
                dose: $next->dose,
                reserve: min(10, $next->reserve),
                // What was slow because it was light is not, once it is heavier.
                tempo: $next->setting->sameAs($asked->setting) ? null : $next->tempo ?? false,
                why: $step['words'],
                // A lighter week goes to no end; it comes back after it.
                lastToFailure: $asked->lastToFailure && ! (Progression::isDeload($number + $i) && $brief->goal !== Goal::Keep),
            ), $step['slot']->things);
        }

        return $weeks;
    }

    /** Where nothing is on record, what somebody wrote is what they think is right: strength is taken to be what it asks. */
    private static function asWritten(PlanOption $option, Assignment $asked, Brief $brief): Brief
    {
        $client = $brief->situation->client;
        $pattern = $option->exercise->pattern;

        return $option->wholeKg === null || $asked->dose->isTimed() || $client->onRecord($pattern) !== null ? $brief : $brief->knowing([
            $pattern => Capacity::fromSet($option->wholeKg, 0.0, $asked->dose->count(), $asked->reserve),
        ] + $client->capacities);
    }

    /** @return array<int, Slot> The same every week, less of it in a lighter one. */
    private function level(Slot $slot, int $number, Brief $brief): array
    {
        $asked = $slot->assignment;
        $weeks = [];
        for ($week = $number + 1; $week <= $brief->weeks; $week++) {
            $weeks[$week] = $slot->asking(Progression::isDeload($week) && $brief->goal !== Goal::Keep
                ? Progression::lighter($asked)
                : $asked);
        }

        return $weeks;
    }
}
