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

    /** @param  array<int, int>  $sets  By exercise; 0 where it is left out. */
    private function __construct(public array $sets, public float $secondsBefore, public float $seconds)
    {
    }

    /**
     * @param  list<SessionTime>  $exercises  In the order of the session; earlier ones count for more.
     * @param  float  $spentSeconds  Already used, or needed whatever happens: warm-up and cool-down.
     *
     * @throws InvalidQuantity If the minutes are not between 5 and 180.
     */
    public static function of(array $exercises, float $minutes, float $spentSeconds = 0.0): self
    {
        InvalidQuantity::unlessBetween('minutes', $minutes, 5, 180, 'min');
        $sets = [];
        foreach ($exercises as $exercise) {
            $sets[$exercise->id] = $exercise->sets;
        }
        $time = static fn (array $sets): float => $spentSeconds + array_sum(array_map(static fn (SessionTime $exercise): float => $exercise->secondsFor($sets[$exercise->id]), $exercises));
        $before = $time($sets);
        $least = self::leastFirst($exercises);
        // Three sets become two, then what is small goes, then two sets become one, then the rest goes from the end.
        foreach ([[2, false], [0, true], [1, false], [0, false]] as [$downTo, $keepsWhole]) {
            foreach ($least as $exercise) {
                while ($time($sets) > 60 * $minutes && $sets[$exercise->id] > $downTo && ! ($downTo === 0 && self::mustStay($exercise, $exercises, $sets, $keepsWhole))) {
                    $sets[$exercise->id] = $downTo === 0 ? 0 : $sets[$exercise->id] - 1;
                }
            }
        }

        return new self($sets, $before, $time($sets));
    }

    /**
     * True where it is the only one left; or, of a session kept whole, the only one of legs, pushing or pulling.
     *
     * @param  list<SessionTime>  $exercises
     * @param  array<int, int>  $sets
     */
    private static function mustStay(SessionTime $exercise, array $exercises, array $sets, bool $keepsWhole): bool
    {
        $others = array_filter($exercises, static fn (SessionTime $other): bool => $other->id !== $exercise->id && $sets[$other->id] > 0);
        $group = self::groupOf($exercise);

        return $others === [] || ($keepsWhole && $group !== null && array_filter($others, static fn (SessionTime $other): bool => self::groupOf($other) === $group) === []);
    }

    private static function groupOf(SessionTime $exercise): ?string
    {
        foreach (self::GROUPS as $group => $patterns) {
            if (in_array($exercise->pattern, $patterns, true)) {
                return $group;
            }
        }

        return null;
    }

    /**
     * @param  list<SessionTime>  $exercises
     * @return list<SessionTime> Single-joint work from the end first, compound work from the end after it.
     */
    private static function leastFirst(array $exercises): array
    {
        $last = array_reverse($exercises);

        return [
            ...array_filter($last, static fn (SessionTime $exercise): bool => ! $exercise->isCompound),
            ...array_filter($last, static fn (SessionTime $exercise): bool => $exercise->isCompound),
        ];
    }
}
