<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Answer;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\EffortFinder;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\PlanOption;

/**
 * What a first session, or what was told of somebody, changes in a plan that was made before: each exercise is asked for where
 * strength now puts it. Planning contract, section 4b.
 */
final readonly class AfterStart
{
    /** A repetition or two either way are no other plan. */
    private const ABOUT_THE_SAME = 2;

    /** Of an exercise that meets the goal less than this the place goes to another of its pattern; our choice. */
    private const POOR = 0.3;

    private function __construct(private Catalogue $catalogue, private EffortFinder $efforts, private OptionFinder $finder)
    {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        return new self($catalogue, new EffortFinder($catalogue, $model), new OptionFinder($catalogue, $model, ShelfRungs::of($model)));
    }

    /** @return list<Mend> Each with the name of what is asked for anew; none where the plan fits what is known. */
    public function mends(PlannedWeek $week, Brief $brief): array
    {
        $mends = [];
        foreach ($week->isDeload ? [] : $week->days as $day) {
            foreach ($day->work() as $slot) {
                $asked = $slot->assignment;
                if ($asked->isHeld || $asked->dose->isTimed() || ! $this->catalogue->pattern($slot->exercise->pattern)->isMeasured()
                    || $this->stillFits($slot, $brief)) {
                    continue;
                }
                $option = $this->option($slot, $day, $brief);
                $isTheSame = $option === null || ($option->exercise === $slot->exercise
                    && $option->rung->setting->sameAs($asked->setting)
                    && abs($option->dose->count() - $asked->dose->count()) <= self::ABOUT_THE_SAME);
                if (! $isTheSame) {
                    $mends[] = new Mend($option->exercise->name, Edit::fromArray([
                        'kind' => 'swap',
                        'weekday' => $day->day->weekday,
                        'slot' => $slot->thread,
                        'exercise' => $option->exercise->id,
                        'setting' => $option->rung->setting->toArray(),
                    ]));
                }
            }
        }

        return $mends;
    }

    private function stillFits(Slot $slot, Brief $brief): bool
    {
        $left = $this->efforts->written($slot, $brief)->reserve;

        return $left !== null && Answer::fits($left, $brief);
    }

    private function option(Slot $slot, PlannedDay $day, Brief $brief): ?PlanOption
    {
        $same = $this->finder->among(static fn (Exercise $exercise): bool => $exercise === $slot->exercise, $brief)[0] ?? null;
        if ($same !== null && $same->match >= self::POOR) {
            return $same;
        }
        $there = array_map(static fn (Slot $other): string => $other->exercise->id, $day->work());
        $isMain = $slot->exercise->role($slot->assignment->setting);
        foreach ($this->finder->among(
            static fn (Exercise $exercise): bool => $exercise->pattern === $slot->exercise->pattern && ! $exercise->isHold
                && ! in_array($exercise->id, $there, true),
            $brief,
        ) as $other) {
            if ($other->role === $isMain && $other->match > ($same->match ?? 0.0)) {
                return $other;
            }
        }

        return $same;
    }
}
