<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Muscles;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlannedWeek;

/** Finds what of a programme no longer stands, with the shelf, the room and the limits as they are now, and what would stand. */
final class Refit
{
    /** @var array<string, string|null> Why a setting cannot stay, by exercise and setting; null where it can. */
    private array $known = [];

    private function __construct(
        private readonly WeekEditor $editor,
        private readonly ShelfRungs $rungs,
        private readonly OptionFinder $finder,
    ) {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);

        return new self(WeekEditor::of($catalogue, $model), $rungs, new OptionFinder($catalogue, $model, $rungs));
    }

    /**
     * @param  non-empty-list<PlannedWeek>  $weeks  From the one that is to be changed on.
     * @param  bool  $withLoads  Whether loads of the first week must suit the client too: for what was made for somebody else.
     * @return list<RefitEntry> By day, in the order of the session.
     */
    public function entries(array $weeks, Brief $brief, bool $withLoads = false): array
    {
        $this->known = [];
        $entries = [];
        foreach ($weeks[0]->days as $day) {
            $taken = array_map(static fn (Slot $slot): string => $slot->exercise->id, $day->plan->slots());
            foreach ($day->plan->slots() as $slot) {
                [$why, $broken] = $this->problems($slot, $day->day->weekday, $weeks, $brief);
                if ($why === null && $withLoads && Muscles::isWork($slot->exercise)
                    && ! $this->finder->suits($slot->exercise, $slot->assignment->setting, $brief)) {
                    [$why, $broken] = ['The load is not what the goal asks of this client.', [$weeks[0]->number]];
                }
                if ($why === null) {
                    continue;
                }
                if ($broken[0] > $weeks[0]->number) {
                    $entries[] = new RefitEntry($day->day->weekday, $slot, $why, $broken, null, goesOn: true);

                    continue;
                }
                $option = $this->editor->bestFor($slot, array_values(array_diff($taken, [$slot->exercise->id])), $brief);
                if ($option !== null) {
                    // No two get the same in one session.
                    $taken[] = $option->exercise->id;
                }
                $entries[] = new RefitEntry($day->day->weekday, $slot, $why, $broken, $option, goesOn: false);
            }
        }

        return $entries;
    }

    /**
     * @param  list<PlannedWeek>  $weeks
     * @return array{string|null, list<int>} Why, and in which weeks.
     */
    private function problems(Slot $slot, int $weekday, array $weeks, Brief $brief): array
    {
        $why = null;
        $broken = [];
        foreach ($weeks as $week) {
            foreach ($week->days as $day) {
                foreach ($day->day->weekday === $weekday ? $day->plan->slots() : [] as $then) {
                    $problem = $then->thread === $slot->thread ? $this->problem($then, $brief) : null;
                    if ($problem !== null) {
                        $why ??= $problem;
                        $broken[] = $week->number;
                    }
                }
            }
        }

        return [$why, $broken];
    }

    private function problem(Slot $slot, Brief $brief): ?string
    {
        $setting = $slot->assignment->setting;
        $key = "{$slot->exercise->id}|{$setting->implement}|{$setting->key()}";
        if (! array_key_exists($key, $this->known)) {
            $this->known[$key] = $this->rungs->problemsAsWritten($slot->exercise, $setting, $brief->situation)[0] ?? null;
        }

        return $this->known[$key];
    }
}
