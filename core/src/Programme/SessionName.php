<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Text\Plain;

/** Calls a session what it holds, and no more. */
final class SessionName
{
    /**
     * @param  list<Slot>  $slots
     */
    public static function of(array $slots): string
    {
        $held = self::holds($slots);

        return match (true) {
            $held === [] => 'Rest',
            isset($held['legs'], $held['push'], $held['pull']) => 'Full body',
            isset($held['push'], $held['pull']) => 'Upper body',
            isset($held['legs']) && ! isset($held['push']) && ! isset($held['pull']) => isset($held['trunk']) ? 'Legs and trunk' : 'Legs',
            default => ucfirst(Plain::listed(array_map(
                static fn (string $part): string => $part === 'trunk' ? 'trunk' : ($part === 'legs' ? 'legs' : "{$part}ing"),
                array_keys($held),
            ))),
        };
    }

    /**
     * What a name promises that a session does not hold; null where the name is true.
     *
     * @param  list<Slot>  $slots
     */
    public static function brokenPromise(string $name, array $slots): ?string
    {
        $held = self::holds($slots);
        $name = mb_strtolower($name);
        $promised = array_keys(array_filter([
            'legs' => str_contains($name, 'full body') || str_contains($name, 'leg') || str_contains($name, 'lower'),
            'push' => str_contains($name, 'full body') || str_contains($name, 'upper') || str_contains($name, 'push'),
            'pull' => str_contains($name, 'full body') || str_contains($name, 'upper') || str_contains($name, 'pull'),
            'trunk' => str_contains($name, 'trunk') || str_contains($name, 'core'),
        ]));
        $missing = array_values(array_filter($promised, static fn (string $part): bool => ! isset($held[$part])));

        return $missing === [] ? null : Plain::listed($missing);
    }

    /**
     * @param  list<Slot>  $slots
     * @return array<string, true>
     */
    private static function holds(array $slots): array
    {
        $held = [];
        foreach ($slots as $slot) {
            $pattern = $slot->exercise->pattern;
            $part = match (true) {
                in_array(Region::of($pattern), [Region::Front, Region::Back], true) || $pattern === 'power' => 'legs',
                Region::of($pattern) === Region::Push => 'push',
                Region::of($pattern) === Region::Pull => 'pull',
                PatternGroup::of($pattern) === PatternGroup::Trunk => 'trunk',
                default => null,
            };
            if ($part !== null) {
                $held[$part] = true;
            }
        }

        // Always said in the same order.
        return array_intersect_key(['legs' => true, 'push' => true, 'pull' => true, 'trunk' => true], $held);
    }
}
