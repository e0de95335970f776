<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;

/** The main lifts of a programme through its weeks: on which rung, how often, and how sure the load is. A forecast, and no more. */
final readonly class Forecast
{
    /** So many lifts are followed, the first of each session first. */
    private const MOST = 12;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private ShelfRungs $rungs)
    {
    }

    /**
     * @param  list<PlannedWeek>  $weeks
     * @param  int  $now  The week whose lifts are followed; weeks in which another pattern stands there are left out.
     * @return list<ForecastLift> By day, in the order of the session; lifts of one joint and holds are left out.
     */
    public function lifts(array $weeks, Brief $brief, int $now = 1): array
    {
        $lifts = $known = [];
        foreach (($weeks[$now - 1] ?? $weeks[0] ?? null)->days ?? [] as $day) {
            foreach ($day->work() as $slot) {
                if (! $this->isMainLift($slot) || count($lifts) >= self::MOST) {
                    continue;
                }
                $points = [];
                $before = null;
                foreach ($weeks as $week) {
                    $then = self::then($week, $day->day->weekday, $slot->thread);
                    if ($then === null || $then->exercise->pattern !== $slot->exercise->pattern) {
                        continue;
                    }
                    $key = "{$then->exercise->id}|{$then->assignment->setting->implement}|{$then->assignment->setting->key()}";
                    $known[$key] ??= $this->equivalent($then, $brief) ?? false;
                    if ($known[$key] !== false) {
                        $points[] = self::point($week, $then, $before, $known[$key], $brief, $slot->exercise);
                    }
                    $before = $then;
                }
                if ($points !== []) {
                    $pattern = $this->catalogue->pattern($slot->exercise->pattern);
                    $lifts[] = new ForecastLift($day->day->weekday, $slot->thread, $slot->exercise->name, $pattern->unit, $points);
                }
            }
        }

        return $lifts;
    }

    private function isMainLift(Slot $slot): bool
    {
        return $slot->exercise->effort->isCompound()
            && ! $slot->exercise->isHold
            && ! $slot->assignment->dose->isTimed()
            && $this->catalogue->pattern($slot->exercise->pattern)->isMeasured();
    }

    private function equivalent(Slot $slot, Brief $brief): ?Equivalent
    {
        $rung = $this->rungs->rungFor($slot->exercise, $slot->assignment->setting, $brief->situation);
        try {
            return $this->model->equivalent(
                $slot->exercise,
                $brief->situation->client->body,
                $slot->assignment->setting,
                School::Mean,
                $rung?->certainty,
            );
        } catch (InvalidQuantity) {
            return null;
        }
    }

    private static function then(PlannedWeek $week, int $weekday, string $thread): ?Slot
    {
        foreach ($week->days as $day) {
            foreach ($day->day->weekday === $weekday ? $day->work() : [] as $slot) {
                if ($slot->thread === $thread) {
                    return $slot;
                }
            }
        }

        return null;
    }

    /** @param  Exercise  $followed  Whose line it is: another one of its pattern is named. */
    private static function point(
        PlannedWeek $week,
        Slot $slot,
        ?Slot $before,
        Equivalent $equivalent,
        Brief $brief,
        Exercise $followed,
    ): ForecastPoint {
        $asked = $slot->assignment;
        $isSame = $before !== null && $before->assignment->asksTheSameAs($asked);
        $count = $asked->dose->count();
        [, $most] = $brief->goal->repetitions();

        return new ForecastPoint(
            week: $week->number,
            kg: $equivalent->kg,
            lowKg: $equivalent->kg - Equivalent::LIKELY * $equivalent->sdKg,
            highKg: $equivalent->kg + Equivalent::LIKELY * $equivalent->sdKg,
            count: $count,
            sets: $asked->sets,
            kind: match (true) {
                $week->isDeload => ForecastPoint::LIGHTER,
                $before === null => ForecastPoint::START,
                ! $isSame => ForecastPoint::STEP,
                $count > $most && $count > $before->assignment->dose->count() => ForecastPoint::BRIDGE,
                $count > $before->assignment->dose->count() => ForecastPoint::MORE,
                default => ForecastPoint::SAME,
            },
            words: ($slot->exercise === $followed ? '' : "{$slot->exercise->name}: ").$asked->words,
        );
    }
}
