<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;

/** Judges a week that somebody wrote by the measures the planner goes by. */
final readonly class WeekJudge
{
    public function __construct(private OptionFinder $finder, private WeekChecks $checks)
    {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);

        return new self(new OptionFinder($catalogue, $model, $rungs), new WeekChecks($catalogue, $model, $rungs));
    }

    public function judge(PlannedWeek $week, Brief $brief): JudgedWeek
    {
        $brief = $this->finder->known($brief);
        $weekdays = array_map(static fn (TrainingDay $day): int => $day->weekday, $brief->days);
        $options = $slots = [];
        $days = array_fill(0, count($weekdays), []);
        foreach ($week->days as $day) {
            $place = (int) array_search($day->day->weekday, $weekdays, true);
            foreach ($day->work() as $slot) {
                ['option' => $option, 'expected' => $effort] = $this->finder->written($slot, $brief);
                $days[$place][count($options)] = $slot->assignment->sets;
                $options[] = $option;
                $slots[] = ['weekday' => $day->day->weekday, 'slot' => $slot, 'effort' => $effort];
            }
        }

        return new JudgedWeek(
            $this->checks->of($week, $brief),
            WeekScore::of(array_values($days), $options, $brief),
            $this->checks->hardSets($week, $brief),
            $slots,
        );
    }
}
