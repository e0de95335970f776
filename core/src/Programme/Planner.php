<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;

/** Plans a programme: chooses the week, lays it out, carries it forward and proves it. */
final readonly class Planner
{
    private const NO_ROOM = 'Held: the visit has no minutes for more.';

    private const HELD = 'Held: the next load up needs a thing that something else of the same round has set up.';

    public function __construct(
        private OptionFinder $finder,
        private Arrangement $arrangement,
        private Progression $progression,
        private WeekChecks $checks,
        private HeldBack $heldBack,
    ) {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);
        $finder = new OptionFinder($catalogue, $model, $rungs);

        return new self(
            $finder,
            new Arrangement(new FrameFinder($catalogue, $rungs)),
            Progression::of($model, $rungs, $finder),
            new WeekChecks($catalogue, $model, $rungs),
            new HeldBack($catalogue, $rungs, $finder),
        );
    }

    /**
     * @param  (\Closure(float): void)|null  $progress  Told how far it is, 0 to 1.
     *
     * @throws InvalidQuantity If a pin cannot be kept.
     */
    public function plan(Brief $brief, ?\Closure $progress = null): ProgrammePlan
    {
        $brief = $this->finder->known($brief);
        $options = $this->finder->options($brief);
        $progress?->__invoke(0.4);
        [$options, $pinned] = $this->withPins($options, $brief);
        $days = WeekSearch::best($options, $brief, $pinned);
        $progress?->__invoke(0.8);
        $days = $this->fitting($days, $options, $brief);
        $impossible = $this->heldBack->impossible($options, $brief);
        [$weeks, $steps, $equivalents] = $this->weeks($days, $options, $brief);
        $checks = [];
        foreach ($weeks as $week) {
            array_push($checks, ...$this->checks->of($week, $brief, $impossible));
        }
        $progress?->__invoke(1.0);

        return new ProgrammePlan(
            $weeks,
            $checks,
            WeekScore::of($days, $options, $brief),
            $this->heldBack->words($options, $days, $impossible, $brief),
            $steps,
            $equivalents,
        );
    }

    /**
     * @param  list<PlanOption>  $options
     * @return array{list<PlanOption>, list<array<int, int>>}
     */
    private function withPins(array $options, Brief $brief): array
    {
        $pinned = array_fill(0, count($brief->days), []);
        foreach ($brief->pinned as $i => $pin) {
            $day = (int) array_search($pin->weekday, array_map(static fn (TrainingDay $day): int => $day->weekday, $brief->days), true);
            $found = null;
            foreach ($options as $place => $option) {
                if ($option->exercise->id === $pin->exercise && ($pin->setting === null || $option->rung->setting->sameAs($pin->setting))) {
                    $found = $place;

                    break;
                }
            }
            if ($found === null) {
                $options[] = $this->finder->pinned($pin, $brief) ?? throw InvalidQuantity::because(
                    "pinned.{$i}.exercise",
                    "pinned.{$i}.exercise: {$pin->exercise} cannot be done so with this shelf, this room or these limits.",
                );
                $found = count($options) - 1;
            }
            $pinned[$day][$found] = $pin->sets ?? min(3, $brief->mostSets($brief->days[$day]));
        }

        return [$options, array_values($pinned)];
    }

    /**
     * What search bounds from above is measured here: sets that do not fit after all go, the least worth first.
     *
     * @param  list<array<int, int>>  $days
     * @param  list<PlanOption>  $options
     * @return list<array<int, int>>
     */
    private function fitting(array $days, array $options, Brief $brief): array
    {
        foreach ($brief->days as $i => $day) {
            while ($days[$i] !== [] && $this->day($days[$i], $options, $day, $brief)->likelyMinutes($brief) > $day->minutes) {
                $worst = null;
                $least = INF;
                foreach ($days[$i] as $option => $sets) {
                    $less = $days[$i];
                    $less[$option] = $sets > 2 ? $sets - 1 : 0;
                    $without = array_values(array_replace($days, [$i => array_filter($less, static fn (int $left): bool => $left > 0)]));
                    $lost = -WeekScore::of($without, $options, $brief)->total;
                    if ($lost < $least) {
                        [$least, $worst] = [$lost, $without];
                    }
                }
                $days = $worst ?? $days;
            }
        }

        return array_values($days);
    }

    /**
     * @param  array<int, int>  $slots
     * @param  list<PlanOption>  $options
     */
    private function day(array $slots, array $options, TrainingDay $day, Brief $brief): PlannedDay
    {
        $made = [];
        foreach ($slots as $option => $sets) {
            $made[] = $options[$option]->slot(self::thread($day, $options[$option]), $sets);
        }

        return new PlannedDay($day, $this->arrangement->session($made, $day, $brief));
    }

    /**
     * @param  list<array<int, int>>  $days
     * @param  list<PlanOption>  $options
     * @return array{list<PlannedWeek>, array<string, list<string>>, array<string, float|null>}
     */
    private function weeks(array $days, array $options, Brief $brief): array
    {
        $threads = $sessions = $begun = [];
        foreach ($brief->days as $i => $day) {
            if ($days[$i] === []) {
                continue;
            }
            $sessions[$i] = $this->day($days[$i], $options, $day, $brief);
            $taken = array_map(static fn (int $option): string => $options[$option]->exercise->id, array_keys($days[$i]));
            foreach ($days[$i] as $option => $sets) {
                $thread = self::thread($day, $options[$option]);
                $begun[$thread] = [$options[$option], $sets, $thread, $brief, 1, $taken];
                $threads[$thread] = $this->progression->forward(...$begun[$thread]);
                // What takes a place later is no other's to take.
                array_push($taken, ...array_map(static fn (array $step): string => $step['slot']->exercise->id, $threads[$thread]));
            }
        }
        $held = [];
        $weeks = $last = [];
        for ($number = 1; $number <= $brief->weeks; $number++) {
            $made = [];
            foreach ($sessions as $first) {
                $slots = [];
                foreach ($first->work() as $slot) {
                    $slots[$slot->thread] = self::inWeek($number, $threads[$slot->thread][$number - 1]['slot'], $last, $brief);
                }
                foreach ($this->inTheWay($first, $slots, $last, $brief) as $thread) {
                    $threads[$thread] = $this->progression->forward(...[...$begun[$thread], $number]);
                    $slots[$thread] = $threads[$thread][$number - 1]['slot'];
                    $held["{$thread}/{$number}"] = self::HELD;
                }
                $day = $this->within($first, $slots, $last, $brief);
                foreach ($day->work() as $slot) {
                    if ($slot->assignment->dose->count() < $slots[$slot->thread]->assignment->dose->count()) {
                        $held["{$slot->thread}/{$number}"] = self::NO_ROOM;
                    }
                    $last[$slot->thread] = $slot;
                }
                $made[] = $day;
            }
            $weeks[] = new PlannedWeek($number, Progression::isDeload($number) && $brief->goal !== Goal::Keep, $made);
        }

        $steps = $equivalents = [];
        foreach ($threads as $thread => $forward) {
            foreach ($forward as $i => $step) {
                $number = $i + 1;
                $steps[$thread][] = $held["{$thread}/{$number}"] ?? $step['words'];
                $equivalents["{$thread}/{$number}"] = $this->progression->equivalentKg($begun[$thread][0], $step['wholeKg'], $brief);
            }
        }

        return [$weeks, $steps, $equivalents];
    }

    /**
     * What a week asks; a lighter one of what was done, whatever was to come.
     *
     * @param  array<string, Slot>  $last
     */
    private static function inWeek(int $number, Slot $next, array $last, Brief $brief): Slot
    {
        return Progression::isDeload($number) && $brief->goal !== Goal::Keep && isset($last[$next->thread])
            ? self::on($last[$next->thread], $next)
            : $next;
    }

    /**
     * Threads whose step to another rung would have a thing in two places at once.
     *
     * @param  array<string, Slot>  $slots
     * @param  array<string, Slot>  $last  As they were the week before; empty in the first.
     * @return list<string>
     */
    private function inTheWay(PlannedDay $first, array $slots, array $last, Brief $brief): array
    {
        $found = [];
        do {
            $new = [];
            $timeline = (new PlannedDay($first->day, self::withSlots($first->plan, $slots)))->timeline($brief);
            foreach ($timeline->conflicts as $conflict) {
                // Whatever stepped to a rung with the thing that is missed: it need not stand next to where it is missed.
                foreach ($conflict->fits() ? [] : $slots as $thread => $slot) {
                    $uses = array_filter($slot->things, static fn (Thing $thing): bool => $thing->id === $conflict->thing->id) !== [];
                    if ($uses && isset($last[$thread]) && ! $last[$thread]->assignment->setting->sameAs($slot->assignment->setting)) {
                        $new[] = $thread;
                        $slots[$thread] = $last[$thread];
                    }
                }
            }
            $found = [...$found, ...$new];
        } while ($new !== []);

        return array_values(array_unique($found));
    }

    /** The rung of one week with the sets and the reserve of another. */
    private static function on(Slot $rung, Slot $week): Slot
    {
        return $rung->asking($rung->assignment->with(sets: $week->assignment->sets, reserve: $week->assignment->reserve));
    }

    /**
     * The session with the slots of another week; what grew too long for the visit takes a repetition, then a set, back.
     *
     * @param  array<string, Slot>  $slots
     * @param  array<string, Slot>  $last  As they were the week before.
     */
    private function within(PlannedDay $first, array $slots, array $last, Brief $brief): PlannedDay
    {
        $slots = $this->held($first, $slots, $last, $brief);
        do {
            $made = new PlannedDay($first->day, self::withSlots($first->plan, $slots));
            $longest = null;
            $most = 0.0;
            if ($made->likelyMinutes($brief) > $first->day->minutes) {
                foreach ($slots as $thread => $slot) {
                    $seconds = $slot->assignment->sets * $slot->assignment->dose->workSeconds($slot->secondsEach());
                    if ($seconds > $most && ($slot->assignment->dose->count() > 1 || $slot->assignment->sets > 1)) {
                        [$most, $longest] = [$seconds, $thread];
                    }
                }
            }
            if ($longest !== null) {
                $slots[$longest] = self::shorter($slots[$longest]);
            }
        } while ($longest !== null);

        return $made;
    }

    /**
     * What grew waits for a week, the longest first, until the visit is long enough.
     *
     * @param  array<string, Slot>  $slots
     * @param  array<string, Slot>  $last
     * @return array<string, Slot>
     */
    private function held(PlannedDay $first, array $slots, array $last, Brief $brief): array
    {
        $grown = [];
        foreach ($slots as $thread => $slot) {
            $more = isset($last[$thread]) ? $slot->assignment->dose->count() - $last[$thread]->assignment->dose->count() : 0;
            if ($more > 0 && $last[$thread]->assignment->setting->sameAs($slot->assignment->setting)) {
                $grown[$thread] = $slot->assignment->sets * $slot->assignment->dose->workSeconds($slot->secondsEach());
            }
        }
        arsort($grown);
        foreach (array_keys($grown) as $thread) {
            $made = new PlannedDay($first->day, self::withSlots($first->plan, $slots));
            if ($made->likelyMinutes($brief) <= $first->day->minutes) {
                break;
            }
            $slots[$thread] = self::on($last[$thread], $slots[$thread]);
        }

        return $slots;
    }

    private static function shorter(Slot $slot): Slot
    {
        $asked = $slot->assignment;
        $count = $asked->dose->count();
        $less = $asked->dose->isTimed() ? $count - 5 : $count - 1;

        return $slot->asking($asked->with(
            sets: $less >= 1 ? $asked->sets : max(1, $asked->sets - 1),
            dose: $asked->dose->to(max(1, $less)),
        ));
    }

    /** @param  array<string, Slot>  $slots */
    private static function withSlots(SessionPlan $plan, array $slots): SessionPlan
    {
        return new SessionPlan($plan->name, array_map(static function (Block $block) use ($slots): Block {
            $others = array_map(static fn (Slot $slot): Slot => $slots[$slot->thread] ?? $slot, $block->slots);
            $rounds = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $others)]);
            $rule = $block->rule->rounds === null || $block->rule->rounds === $rounds
                ? $block->rule
                : BlockRule::fromArray($block->kind, ['rounds' => $rounds] + $block->rule->toArray());

            return Block::asItStands($block->kind, $block->name, $rule, $others);
        }, $plan->blocks));
    }

    private static function thread(TrainingDay $day, PlanOption $option): string
    {
        return "{$day->weekday}.{$option->exercise->id}";
    }
}
