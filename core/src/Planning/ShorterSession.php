<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * A session cut to the minutes there are: fewer sets before fewer exercises, small movements before large ones, and
 * legs, pushing and pulling kept for as long as there is time for them.
 */
final readonly class ShorterSession
{
    /** What a session is not whole without; by pattern. */
    private const GROUPS = [
        'legs' => ['squat', 'single-leg', 'hinge', 'bridge', 'hip-extension', 'power'],
        'pushing' => ['horizontal-press', 'vertical-press', 'dip'],
        'pulling' => ['horizontal-pull', 'vertical-pull', 'shoulder-extension'],
    ];

    /** @param  array<array-key, int>  $sets  By thread; 0 where it is left out. */
    private function __construct(public array $sets, public float $secondsBefore, public float $seconds)
    {
    }

    /**
     * @param  SessionPlan  $plan  What is still to be done, earlier slots counting for more; every slot with a thread of its own.
     * @param  bool  $slowOnFeet  True where getting down and up takes longer.
     *
     * @throws InvalidQuantity If the minutes are not between 5 and 180.
     */
    public static function of(SessionPlan $plan, float $minutes, bool $slowOnFeet = false, ?RestingLimbs $resting = null): self
    {
        InvalidQuantity::unlessBetween('minutes', $minutes, 5, 180, 'min');
        $slots = $plan->slots();
        $sets = [];
        foreach ($slots as $slot) {
            $sets[$slot->thread] = $slot->assignment->sets;
        }
        $time = static fn (array $sets): float => Timeline::of(
            $plan->withSets($sets),
            $slowOnFeet,
            resting: $resting,
        )->seconds();
        $before = $now = $time($sets);
        foreach (self::shedding($plan) as ['thread' => $thread, 'sets' => $left]) {
            if ($now <= 60 * $minutes) {
                break;
            }
            $sets[$thread] = $left;
            $now = $time($sets);
        }

        return new self($sets, $before, $now);
    }

    /**
     * In what order sets are given up as time runs short, down to one exercise: three sets become two, then what is small
     * goes, then two sets become one, then the rest goes from the end.
     *
     * @param  SessionPlan  $plan  Earlier slots count for more; every slot with a thread of its own.
     * @return list<array{thread: array-key, sets: int}> Each with how many sets are left of it.
     */
    public static function shedding(SessionPlan $plan): array
    {
        $slots = $plan->slots();
        $sets = $order = [];
        foreach ($slots as $slot) {
            $sets[$slot->thread] = $slot->assignment->sets;
        }
        $least = self::leastFirst($slots);
        foreach ([[2, false], [0, true], [1, false], [0, false]] as [$downTo, $keepsWhole]) {
            foreach ($least as $slot) {
                while ($sets[$slot->thread] > $downTo && ! ($downTo === 0 && self::mustStay($slot, $slots, $sets, $keepsWhole))) {
                    $sets[$slot->thread] = $downTo === 0 ? 0 : $sets[$slot->thread] - 1;
                    $order[] = ['thread' => $slot->thread, 'sets' => $sets[$slot->thread]];
                }
            }
        }

        return $order;
    }

    /**
     * True where it is the only one left; or, of a session kept whole, the only one of legs, pushing or pulling.
     *
     * @param  list<Slot>  $slots
     * @param  array<string, int>  $sets
     */
    private static function mustStay(Slot $slot, array $slots, array $sets, bool $keepsWhole): bool
    {
        $others = array_filter($slots, static fn (Slot $other): bool => $other->thread !== $slot->thread && $sets[$other->thread] > 0);
        $group = self::groupOf($slot);

        return $others === []
            || ($keepsWhole && $group !== null && array_filter(
                $others,
                static fn (Slot $other): bool => self::groupOf($other) === $group,
            ) === []);
    }

    private static function groupOf(Slot $slot): ?string
    {
        foreach (self::GROUPS as $group => $patterns) {
            if (in_array($slot->exercise->pattern, $patterns, true)) {
                return $group;
            }
        }

        return null;
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<Slot> Single-joint work from the end first, compound work from the end after it.
     */
    private static function leastFirst(array $slots): array
    {
        $last = array_reverse($slots);

        return [
            ...array_filter($last, static fn (Slot $slot): bool => ! $slot->exercise->effort->isCompound()),
            ...array_filter($last, static fn (Slot $slot): bool => $slot->exercise->effort->isCompound()),
        ];
    }
}
