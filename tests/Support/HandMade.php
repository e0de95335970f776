<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\EditedWeek;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/** Weeks made by hand for tests: written line by line, and read back as a line a block. */
final class HandMade
{
    /** @param  list<Thing>|null  $shelf  Null for two dumbbells, a bell and a tube. */
    public static function brief(int $weeks = 6, ?array $shelf = null, Goal $goal = Goal::Muscle, Limit ...$limits): Brief
    {
        $shelf ??= Shipped::shelf(
            ['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
            ['id' => '2', 'kind' => 'kettlebell', 'name' => '12 kg bell', 'count' => 1, 'mass_kg' => 12],
            ['id' => '3', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20],
        );

        return Brief::of(
            new Situation(new Client(Body::of(1.72, 74), array_values($limits)), $shelf, Home::of(ceilingM: 2.5)),
            $goal,
            Experience::Some,
            TrainingDay::spread(2, 45),
            $weeks,
        );
    }

    public static function editor(): WeekEditor
    {
        return WeekEditor::of(Shipped::catalogue(), Shipped::model());
    }

    /** @param  array<int, string>  $days  What is written on each weekday, a line a block. */
    public static function week(Brief $brief, array $days): PlannedWeek
    {
        $week = new PlannedWeek(1, false, []);
        foreach ($days as $weekday => $text) {
            $week = self::edited($week, $brief, ['kind' => 'add-session', 'weekday' => $weekday])->week;
            $week = self::edited($week, $brief, ['kind' => 'write', 'weekday' => $weekday, 'text' => $text])->week;
        }

        return $week;
    }

    /** @param  array<string, mixed>  $edit */
    public static function edited(PlannedWeek $week, Brief $brief, array $edit): EditedWeek
    {
        return self::editor()->apply($week, Edit::fromArray($edit), $brief);
    }

    /** @return list<string> Of one day, a block a line: "superset: 1.row 3 × 12, 1.floor-press 3 × 12". */
    public static function lines(PlannedWeek $week, int $weekday): array
    {
        foreach ($week->days as $day) {
            if ($day->day->weekday === $weekday) {
                return array_map(static fn (Block $block): string => "{$block->kind->value}: ".implode(', ', array_map(
                    static fn (Slot $slot): string => "{$slot->thread} {$slot->assignment->inShort()}",
                    $block->slots,
                )), $day->plan->blocks);
            }
        }

        return [];
    }

    /** @return list<string> Threads of the whole week, sorted. */
    public static function threads(PlannedWeek $week): array
    {
        $threads = array_merge(...[[], ...array_map(static fn (PlannedDay $day): array => array_map(
            static fn (Slot $slot): string => $slot->thread,
            $day->plan->slots(),
        ), $week->days)]);
        sort($threads);

        return $threads;
    }
}
