<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Planning\Slot;

/** The muscles a week is judged by, how much each counts, and what a set gives them. */
final class Muscles
{
    /** Main muscles of the volume check count whole, small ones half: our choice. */
    public const WEIGHTS = [
        'quadriceps' => 1.0, 'gluteals' => 1.0, 'hamstrings' => 1.0, 'chest' => 1.0, 'lats' => 1.0, 'mid-back' => 1.0,
        'front-shoulder' => 1.0, 'triceps' => 1.0, 'biceps' => 1.0, 'abdominals' => 1.0,
        'side-shoulder' => 0.5, 'rear-shoulder' => 0.5, 'calves' => 0.5, 'obliques' => 0.5, 'spinal-erectors' => 0.5,
    ];

    /** Sets with more than this in reserve are not hard; planning contract, section 7. */
    public const HARD_RESERVE = 4;

    /** @return array<string, int> Half sets by muscle that one hard set gives: two to a main muscle, one to a helping one. */
    public static function halvesOf(Exercise $exercise): array
    {
        return array_fill_keys(array_keys($exercise->mainMuscles), 2) + array_fill_keys(array_keys($exercise->helpingMuscles), 1);
    }

    /**
     * Sets by muscle of what some slots ask for, main 1 and helping a half.
     *
     * @param  list<Slot>  $slots
     * @param  (\Closure(Slot): float)|null  $counts  What each set of a slot counts, 0 to 1; null for all that leave few in reserve,
     *     which is what wears out.
     * @return array<string, float>
     */
    public static function hardSets(array $slots, ?\Closure $counts = null): array
    {
        $counts ??= static fn (Slot $slot): float => $slot->assignment->reserve > self::HARD_RESERVE ? 0.0 : 1.0;
        $sets = [];
        foreach ($slots as $slot) {
            $hard = self::isWork($slot->exercise) ? $slot->assignment->sets * $counts($slot) : 0.0;
            foreach ($hard > 0 ? self::halvesOf($slot->exercise) : [] as $muscle => $each) {
                $sets[$muscle] = ($sets[$muscle] ?? 0.0) + $each / 2 * $hard;
            }
        }

        return $sets;
    }

    /** False for what loosens, stretches or plays: it wears no muscle out. */
    public static function isWork(Exercise $exercise): bool
    {
        return ! in_array($exercise->pattern, ['loosen', 'stretch', 'play'], true);
    }

    public static function label(string $muscle): string
    {
        return ucfirst(str_replace('-', ' ', $muscle));
    }
}
