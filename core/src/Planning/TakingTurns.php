<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Planning\Internal\ChangeOver;
use NimbleShelf\Core\Planning\Internal\Part;
use NimbleShelf\Core\Planning\Internal\Turn;

/**
 * Two people who train with one kit: one works while the other rests.
 *
 * Whoever has rested enough goes next; where both have, the one who waited longer. A thing both use in two set-ups is set
 * up anew between them, and that time is counted where nobody's rest covers it.
 */
final readonly class TakingTurns
{
    /**
     * @param  list<array{who: 0|1, thread: string, set: int, side: 'left'|'right'|null, startsAt: float}>  $turns  In order; seconds
     *     from the beginning.
     * @param  float  $seconds  Until both are through.
     * @param  float  $waits  Seconds in which nobody works.
     * @param  list<KitConflict>  $conflicts  Things that one has set up otherwise than the other needs them.
     * @param  list<string>  $shared  Names of things that both use.
     */
    private function __construct(
        public array $turns,
        public float $seconds,
        public float $waits,
        public array $conflicts,
        public array $shared,
    ) {
    }

    public static function of(Timeline $one, Timeline $two): self
    {
        $left = [self::sets($one), self::sets($two)];
        $shared = self::shared($left[0], $left[1]);
        $ready = [0.0, 0.0];
        $last = [-1.0, -1.0];
        $lastUse = [];
        $turns = $conflicts = [];
        $now = $waits = 0.0;
        $place = [0, 0];
        while ($place[0] < count($left[0]) || $place[1] < count($left[1])) {
            $who = self::next([$place[0] < count($left[0]), $place[1] < count($left[1])], $ready, $last, $now);
            $set = $left[$who][$place[$who]++];
            $starts = max($now, $ready[$who]);
            foreach (ThingInUse::allOf($set->slot) as $use) {
                [$by, $other, $slot, $ended] = $lastUse[$use->id] ?? [$who, $use, $set->slot, $starts];
                if ($by !== $who && $other->setUp !== $use->setUp) {
                    $needed = ChangeOver::to($set->slot, $slot, [], [$use->id => $other], false, false)->anew[$use->id] ?? 0.0;
                    $conflicts["{$use->id}/{$slot->thread}/{$set->slot->thread}"] = new KitConflict(
                        $use,
                        $slot,
                        $set->slot,
                        $needed,
                        $starts - $ended,
                    );
                    $starts = max($starts, $ended + $needed);
                }
            }
            $waits += $starts - $now;
            $now = $starts + $set->seconds();
            foreach (ThingInUse::allOf($set->slot) as $use) {
                $lastUse[$use->id] = [$who, $use, $set->slot, $now];
            }
            $turns[] = [
                'who' => $who,
                'thread' => $set->slot->thread,
                'set' => $set->round,
                'side' => $set->parts[0]->side ?? null,
                'startsAt' => $starts,
            ];
            $ready[$who] = $now + $set->restSeconds;
            $last[$who] = $now;
        }

        return new self($turns, $now, $waits, array_values($conflicts), $shared);
    }

    /**
     * @param  array{bool, bool}  $isLeft  Whether somebody has a set left.
     * @param  array{float, float}  $ready
     * @param  array{float, float}  $last
     * @return 0|1
     */
    private static function next(array $isLeft, array $ready, array $last, float $now): int
    {
        if (! $isLeft[0] || ! $isLeft[1]) {
            return $isLeft[0] ? 0 : 1;
        }
        $could = [max($now, $ready[0]), max($now, $ready[1])];

        return match (true) {
            $could[0] < $could[1] => 0,
            $could[1] < $could[0] => 1,
            default => $last[1] < $last[0] ? 1 : 0,
        };
    }

    /**
     * Work without a break in it, with the rest and the changes that follow.
     *
     * @return list<Turn>
     */
    private static function sets(Timeline $timeline): array
    {
        $sets = [];
        $open = null;
        $seconds = $rest = 0.0;
        foreach ($timeline->steps as $step) {
            if ($step->kind !== StepKind::Work) {
                $rest += $step->seconds;

                continue;
            }
            if ($open !== null) {
                $sets[] = $open->resting($rest);
                $open = null;
            }
            [$seconds, $rest] = [$seconds + $step->seconds, 0.0];
            if ($step->endsSet && $step->slot !== null) {
                $part = new Part($seconds, (int) $step->dose, $step->unit ?? 'seconds', $step->words, $step->side);
                $open = new Turn($step->slot, $step->round ?? 1, [$part], 0.0);
                $seconds = 0.0;
            }
        }

        return $open === null ? $sets : [...$sets, $open];
    }

    /**
     * @param  list<Turn>  $one
     * @param  list<Turn>  $two
     * @return list<string>
     */
    private static function shared(array $one, array $two): array
    {
        /**
         * @param  list<Turn>  $sets
         * @return array<string, string>
         */
        $names = static function (array $sets): array {
            $names = [];
            foreach ($sets as $set) {
                foreach (ThingInUse::allOf($set->slot) as $use) {
                    $names[$use->id] = $use->thing->name ?? $use->name;
                }
            }

            return $names;
        };

        return array_values(array_unique(array_intersect_key($names($one), $names($two))));
    }
}
