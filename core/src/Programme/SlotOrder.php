<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Planning\Slot;

/** Puts the exercises of one session into the order a school keeps, or says where it is not kept. */
final class SlotOrder
{
    private const LARGE_FIRST = [
        ['squat', 'single-leg', 'hinge', 'bridge', 'hip-extension', 'knee-flexion', 'knee-extension'],
        ['horizontal-pull', 'vertical-pull', 'shoulder-extension'],
        ['horizontal-press', 'dip', 'fly'],
        ['vertical-press', 'shoulder-raise', 'rear-shoulder', 'shoulder-rotation'],
        ['elbow-flexion', 'elbow-extension'],
        ['calf', 'hip-abduction', 'hip-flexion', 'carry'],
    ];

    private const LOWER = [
        'squat', 'single-leg', 'hinge', 'bridge', 'hip-extension', 'knee-flexion', 'knee-extension', 'calf', 'hip-abduction',
        'hip-flexion',
    ];

    /** What is trained against what. */
    private const OPPOSITE = [
        'horizontal-press' => ['horizontal-pull', 'vertical-pull'], 'dip' => ['horizontal-pull', 'vertical-pull'],
        'vertical-press' => ['vertical-pull', 'horizontal-pull'], 'elbow-flexion' => ['elbow-extension'],
        'squat' => ['hinge', 'bridge', 'knee-flexion'], 'single-leg' => ['hinge', 'bridge', 'knee-flexion'],
        'knee-extension' => ['knee-flexion'], 'shoulder-raise' => ['rear-shoulder', 'shoulder-extension'], 'fly' => ['rear-shoulder'],
    ];

    /**
     * @param  list<Slot>  $slots
     * @param  bool  $sparesTrips  Goes down to the floor as few times as the school allows, before what is left to taste.
     * @return list<Slot>
     */
    public static function of(array $slots, OrderSchool $school, bool $sparesTrips = false): array
    {
        $places = [];
        foreach ($slots as $i => $slot) {
            $places[] = [[...self::rank($slot->exercise, $school), $slot->isOnFloor() ? 1 : 0, $i], $slot];
        }
        usort($places, static fn (array $one, array $two): int => $one[0] <=> $two[0]);
        $inOrder = array_map(static fn (array $place): Slot => $place[1], $places);

        return match ($school) {
            OrderSchool::Alternate => self::inTurn($inOrder),
            OrderSchool::Opposites => self::paired($inOrder),
            default => $sparesTrips ? self::withFewTrips($inOrder, $school) : $inOrder,
        };
    }

    /**
     * Of what the school sets level, all on the floor together: first or last, whichever way is down and up again least.
     *
     * @param  list<Slot>  $slots  In order.
     * @return list<Slot>
     */
    private static function withFewTrips(array $slots, OrderSchool $school): array
    {
        $level = [];
        foreach ($slots as $slot) {
            $level[self::rank($slot->exercise, $school)[0]][$slot->isOnFloor() ? 1 : 0][] = $slot;
        }
        // By where one ends up, standing or on the floor: how often that changed, and in which order.
        $ways = [0 => [0, []]];
        foreach ($level as $both) {
            $next = [];
            foreach ($ways as $at => [$changes, $order]) {
                foreach ([[0, 1], [1, 0]] as $turn) {
                    [$now, $count, $then] = [$at, $changes, $order];
                    foreach ($turn as $place) {
                        if (isset($both[$place])) {
                            $count += $now === $place ? 0 : 1;
                            $now = $place;
                            array_push($then, ...$both[$place]);
                        }
                    }
                    if (! isset($next[$now]) || $count < $next[$now][0]) {
                        $next[$now] = [$count, $then];
                    }
                }
            }
            $ways = $next;
        }
        // Who ends on the floor has still to get up.
        $standing = $ways[0] ?? [PHP_INT_MAX, $slots];
        $lying = $ways[1] ?? [PHP_INT_MAX - 1, $slots];

        return $standing[0] > $lying[0] + 1 ? $lying[1] : $standing[1];
    }

    /**
     * The first two slots that stand the wrong way round; null where the order holds.
     *
     * @param  list<Slot>  $slots
     * @return array{Slot, Slot}|null
     */
    public static function brokenAt(array $slots, OrderSchool $school): ?array
    {
        foreach ($slots as $i => $slot) {
            foreach (array_slice($slots, $i + 1) as $later) {
                if (self::rank($slot->exercise, $school)[0] > self::rank($later->exercise, $school)[0]) {
                    return [$slot, $later];
                }
            }
        }

        return null;
    }

    public static function areOpposite(string $one, string $other): bool
    {
        return in_array($other, self::OPPOSITE[$one] ?? [], true) || in_array($one, self::OPPOSITE[$other] ?? [], true);
    }

    /** @return array{int, int} What the school asks for, and what is left to taste. */
    private static function rank(Exercise $exercise, OrderSchool $school): array
    {
        $isTrunk = PatternGroup::of($exercise->pattern) === PatternGroup::Trunk;
        if ($exercise->pattern === 'power') {
            return [-1, 0];
        }
        if ($isTrunk) {
            return [99, 0];
        }
        $size = count(self::LARGE_FIRST);
        foreach (self::LARGE_FIRST as $i => $patterns) {
            if (in_array($exercise->pattern, $patterns, true)) {
                $size = $i;
            }
        }
        $isCompound = $exercise->effort->isCompound() ? 0 : 1;

        return match ($school) {
            OrderSchool::CompoundFirst => [$isCompound, $size],
            OrderSchool::LargeToSmall => [$size, $isCompound],
            OrderSchool::LegsFirst => [in_array($exercise->pattern, self::LOWER, true) ? 0 : 1, 2 * $size + $isCompound],
            OrderSchool::Alternate, OrderSchool::Opposites => [0, 10 * $isCompound + $size],
        };
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<Slot> Lower and upper body in turn, as long as there are both; trunk at the end.
     */
    private static function inTurn(array $slots): array
    {
        $ends = array_values(array_filter($slots, self::isTrunk(...)));
        $first = array_values(array_filter($slots, static fn (Slot $slot): bool => $slot->exercise->pattern === 'power'));
        $rest = array_filter($slots, static fn (Slot $slot): bool => ! self::isTrunk($slot) && $slot->exercise->pattern !== 'power');
        $lower = array_values(array_filter($rest, static fn (Slot $slot): bool => in_array($slot->exercise->pattern, self::LOWER, true)));
        $upper = array_values(array_filter($rest, static fn (Slot $slot): bool => ! in_array($slot->exercise->pattern, self::LOWER, true)));
        $mixed = [];
        for ($i = 0; $i < max(count($lower), count($upper)); $i++) {
            array_push($mixed, ...array_slice($lower, $i, 1), ...array_slice($upper, $i, 1));
        }

        return [...$first, ...$mixed, ...$ends];
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<Slot> Each followed by its opposite, where there is one.
     */
    private static function paired(array $slots): array
    {
        $ordered = [];
        while ($slots !== []) {
            $slot = array_shift($slots);
            $ordered[] = $slot;
            foreach ($slots as $i => $other) {
                if (self::areOpposite($slot->exercise->pattern, $other->exercise->pattern)) {
                    $ordered[] = $other;
                    array_splice($slots, $i, 1);

                    break;
                }
            }
        }

        return $ordered;
    }

    private static function isTrunk(Slot $slot): bool
    {
        return PatternGroup::of($slot->exercise->pattern) === PatternGroup::Trunk;
    }
}
