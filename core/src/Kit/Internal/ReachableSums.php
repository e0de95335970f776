<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit\Internal;

/**
 * Which sums some stages of pieces can make, and the fewest pieces for one of them.
 *
 * A sum is a cell of a string, one byte each; adding a mass to every sum at once is shifting the string, which the
 * language does at the speed of memory. A cell's bits say with how many pieces it can be made, eight counts to a plane.
 *
 * @internal
 *
 * @phpstan-type Stage array{step: int, most: int, base: int, isPour: bool}
 */
final class ReachableSums
{
    /**
     * Returns how many of each stage make the sum nearest to the target with the fewest pieces.
     *
     * @param  list<Stage>  $stages  A piece weighs `step` cells; a vessel weighs `base` and each pour `step` more.
     * @param  int  $room  Largest sum allowed, cells.
     * @param  float  $target  Cells; may be negative or between two.
     * @return list<int>
     */
    public static function nearest(array $stages, int $room, float $target): array
    {
        // More of a kind than fits is of no use.
        $stages = array_map(
            static fn (array $stage): array => [
                ...$stage,
                'most' => $stage['step'] === 0 ? 0 : min($stage['most'], intdiv($room, $stage['step'])),
            ],
            $stages,
        );
        $everything = array_sum(
            array_map(
                static fn (array $stage): int => $stage['most'] * $stage['step'] + ($stage['most'] > 0 ? $stage['base'] : 0),
                $stages,
            ),
        );
        if ($everything <= $room && $everything <= $target) {
            return array_map(static fn (array $stage): int => $stage['most'], $stages);
        }
        $reach = "\1".str_repeat("\0", $room);
        foreach ($stages as $stage) {
            $reach |= self::upTo($reach, $stage, $room);
        }
        $best = null;
        foreach (self::nearestTo($reach, $target, $room) as $sum) {
            $found = self::fewest($stages, $sum);
            if ($best === null || array_sum($found['pieces']) < array_sum($best['pieces'])) {
                $best = $found;
            }
        }

        return $best['counts'] ?? array_fill(0, count($stages), 0);
    }

    /** @return list<int> The reachable sum nearest to the target; two where they are equally near. */
    private static function nearestTo(string $reach, float $target, int $room): array
    {
        $at = max(0, min($room, (int) floor($target)));
        $below = strrpos($reach, "\1", $at - $room - 1);
        $above = $at < $room ? strpos($reach, "\1", $at + 1) : false;
        if ($below === false || $above === false) {
            return [$below === false ? (int) $above : $below];
        }
        $fromBelow = abs($target - $below);
        $fromAbove = abs($above - $target);

        return match (true) {
            $fromBelow < $fromAbove - 1e-6 => [$below],
            $fromAbove < $fromBelow - 1e-6 => [$above],
            default => [$below, $above],
        };
    }

    /**
     * Every sum that one stage makes of the sums there are, by doubling.
     *
     * @param  Stage  $stage
     */
    private static function upTo(string $reach, array $stage, int $room): string
    {
        if ($stage['most'] === 0) {
            return $reach;
        }
        $window = $stage['isPour'] ? self::shifted($reach, $stage['base'] + $stage['step'], $room) : $reach;
        $have = 1;
        $want = $stage['isPour'] ? $stage['most'] : $stage['most'] + 1;
        while ($have < $want) {
            $more = min($have, $want - $have);
            $window |= self::shifted($window, $more * $stage['step'], $room);
            $have += $more;
        }

        return $window;
    }

    private static function shifted(string $cells, int $by, int $room): string
    {
        return $by > $room ? str_repeat("\0", $room + 1) : str_repeat("\0", $by).substr($cells, 0, $room + 1 - $by);
    }

    /**
     * @param  list<Stage>  $stages
     * @return array{counts: list<int>, pieces: list<int>}
     */
    private static function fewest(array $stages, int $sum): array
    {
        // No recipe has fewer pieces than the heaviest alone would take.
        $heaviest = max([1, ...array_map(static fn (array $stage): int => $stage['isPour'] ? $sum : $stage['step'], $stages)]);
        for ($planes = intdiv((int) ceil($sum / $heaviest), 8) + 1; ; $planes *= 2) {
            $snapshots = [];
            $cells = array_fill(0, $planes, str_repeat("\0", $sum + 1));
            $cells = ["\1".str_repeat("\0", $sum), ...array_slice($cells, 1)];
            foreach ($stages as $stage) {
                $snapshots[] = $cells;
                $cells = $stage['isPour'] ? self::poured($cells, $stage, $sum) : self::added($cells, $stage, $sum);
            }
            foreach ($cells as $plane => $bytes) {
                $bits = ord($bytes[$sum]);
                for ($bit = 0; $bits !== 0 && $bit < 8; $bit++) {
                    if (($bits & (1 << $bit)) !== 0) {
                        return self::traced($stages, $snapshots, $sum, 8 * $plane + $bit);
                    }
                }
            }
        }
    }

    /**
     * @param  list<string>  $planes
     * @param  Stage  $stage
     * @return list<string>
     */
    private static function added(array $planes, array $stage, int $sum): array
    {
        $have = 0;
        // Up to twice as many with every step, as one adds weights by their binary digits.
        while ($have < $stage['most'] && ($have + 1) * $stage['step'] <= $sum) {
            $more = min($have + 1, $stage['most'] - $have);
            $planes = array_map(
                static fn (string $cells, string $added): string => $cells | $added,
                $planes,
                self::withMore($planes, $more, $more * $stage['step'], $sum),
            );
            $have += $more;
        }

        return $planes;
    }

    /**
     * @param  list<string>  $planes
     * @param  Stage  $stage
     * @return list<string>
     */
    private static function poured(array $planes, array $stage, int $sum): array
    {
        if ($stage['most'] === 0 || $sum < $stage['base'] + $stage['step']) {
            return $planes;
        }
        $poured = [];
        foreach (self::withMore($planes, 1, $stage['base'] + $stage['step'], $sum) as $i => $window) {
            $have = 1;
            while ($have < $stage['most']) {
                $more = min($have, $stage['most'] - $have);
                $window |= self::shifted($window, $more * $stage['step'], $sum);
                $have += $more;
            }
            $poured[] = $planes[$i] | $window;
        }

        return $poured;
    }

    /**
     * Every sum moved up by a mass and counted as so many pieces more.
     *
     * @param  list<string>  $planes  Eight counts to a plane, the fewest first.
     * @return list<string>
     */
    private static function withMore(array $planes, int $pieces, int $by, int $sum): array
    {
        [$whole, $bits] = [intdiv($pieces, 8), $pieces % 8];
        $bytes = range(0, 255);
        $all = implode('', array_map(chr(...), $bytes));
        $up = implode('', array_map(static fn (int $byte): string => chr(($byte << $bits) & 255), $bytes));
        $over = implode('', array_map(static fn (int $byte): string => chr($byte >> (8 - $bits)), $bytes));
        $nothing = str_repeat("\0", $sum + 1);
        $more = [];
        $below = null;
        foreach (array_keys($planes) as $place) {
            $moved = $place < $whole ? null : self::shifted($planes[$place - $whole], $by, $sum);
            $cells = $moved === null ? $nothing : ($bits === 0 ? $moved : strtr($moved, $all, $up));
            $more[] = $bits === 0 || $below === null ? $cells : $cells | strtr($below, $all, $over);
            $below = $moved;
        }

        return $more;
    }

    /**
     * Goes back through the stages from the sum to nothing.
     *
     * @param  list<Stage>  $stages
     * @param  list<list<string>>  $snapshots  Cells before each stage.
     * @return array{counts: list<int>, pieces: list<int>}
     */
    private static function traced(array $stages, array $snapshots, int $sum, int $pieces): array
    {
        $counts = $used = array_fill(0, count($stages), 0);
        for ($i = count($stages) - 1; $i >= 0; $i--) {
            for ($n = 0; $n <= $stages[$i]['most']; $n++) {
                $from = $sum - $n * $stages[$i]['step'] - ($n > 0 ? $stages[$i]['base'] : 0);
                $took = $stages[$i]['isPour'] ? min(1, $n) : $n;
                if ($from >= 0
                    && $pieces >= $took
                    && (ord($snapshots[$i][intdiv($pieces - $took, 8)][$from]) & (1 << (($pieces - $took) % 8))) !== 0) {
                    [$sum, $pieces] = [$from, $pieces - $took];
                    [$counts[$i], $used[$i]] = [$n, $took];
                    break;
                }
            }
        }

        return ['counts' => array_values($counts), 'pieces' => array_values($used)];
    }
}
