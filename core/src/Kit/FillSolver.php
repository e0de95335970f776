<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Internal\ReachableSums;

/**
 * The recipe that makes a carrier weigh what is wanted: least error first, then fewest pieces.
 *
 * Exact: every sum the stock can make is marked on a grid whose step divides every mass, then the fewest pieces are
 * found for the nearest sum (bounded knapsack by reachability; Pisinger 1999 surveys the method). Where no step of a
 * twentieth of a gram or more divides all masses, they are rounded to one.
 */
final class FillSolver
{
    /** Most cells of the grid: 40 kg in steps of 0.04 g. */
    private const MOST_CELLS = 1_000_000;

    /** All planes of all stages together. */
    private const MOST_BYTES = 80_000_000;

    /** The grid knows masses to a milligram. */
    private const PER_KG = 1_000_000;

    /** Same recipe twice is good enough for a pair when it misses the target by no more than this share. */
    private const PAIR_MISS = 0.05;

    /**
     * @param  float  $targetKg  0.1 to 300 kg, carrier included.
     * @param  float  $tareKg  The empty carrier, 0 to 100 kg.
     * @param  float  $maxKg  What the carrier may weigh in all, tare to 300 kg.
     *
     * @throws InvalidQuantity If one is out of range, naming it.
     */
    public static function solve(float $targetKg, float $tareKg, float $maxKg, FillStock $stock): Recipe
    {
        InvalidQuantity::unlessBetween('target_kg', $targetKg, 0.1, 300, 'kg');
        InvalidQuantity::unlessBetween('carrier.tare_kg', $tareKg, 0, 100, 'kg');
        InvalidQuantity::unlessBetween('carrier.max_kg', $maxKg, $tareKg, 300, 'kg');
        // What is wanted lies far below what fits: nothing nearer can lie beyond the lightest piece above it.
        $maxKg = min($maxKg, max($tareKg, 2 * $targetKg - $tareKg) + self::lightestKg($stock));
        $unitMg = self::unitMg($stock, $maxKg - $tareKg, $targetKg - $tareKg);
        $stages = [];
        foreach ($stock->items as $item) {
            $stages[] = ['step' => self::cells($item['massKg'], $unitMg), 'most' => $item['count'], 'base' => 0, 'isPour' => false];
        }
        foreach ($stock->pourables as $pourable) {
            $stages[] = [
                'step' => self::cells($pourable['kgPerL'] * $pourable['stepL'], $unitMg),
                'most' => FillStock::steps($pourable['maxL'], $pourable['stepL']),
                'base' => self::cells($pourable['containerKg'], $unitMg),
                'isPour' => true,
            ];
        }
        $room = ($maxKg - $tareKg) * self::PER_KG / $unitMg;
        $counts = ReachableSums::nearest($stages, (int) floor($room + 1e-6), ($targetKg - $tareKg) * self::PER_KG / $unitMg);

        return Recipe::of($stock, $tareKg, $counts, $targetKg);
    }

    /**
     * Two loads as equal as possible: the same recipe twice where that comes within a twentieth of the target; else
     * one as near as the stock allows and the other as near to the first as what is left allows. The second way is
     * exact for each load in turn, not for the two at once.
     *
     * @return array{Recipe, Recipe}
     *
     * @throws InvalidQuantity As `solve()` does.
     */
    public static function solvePair(float $targetKg, float $tareKg, float $maxKg, FillStock $stock): array
    {
        $twice = self::solve($targetKg, $tareKg, $maxKg, $stock->halved());
        if ($twice->errorKg <= self::PAIR_MISS * $targetKg) {
            return [$twice, $twice];
        }
        $first = self::solve($targetKg, $tareKg, $maxKg, $stock);
        $second = self::solve(max(0.1, $first->totalKg), $tareKg, $maxKg, $stock->without($first));
        $second = new Recipe(
            $second->totalKg,
            abs($second->totalKg - $targetKg),
            $second->sdKg,
            $second->picks,
            $second->pours,
            $second->pieces,
        );

        return max($first->errorKg, $second->errorKg) < $twice->errorKg ? [$first, $second] : [$twice, $twice];
    }

    /** Below the target nothing comes nearer than an empty carrier; above it, what is further off than that is no answer. */
    private static function lightestKg(FillStock $stock): float
    {
        return max([0.0, ...array_column($stock->items, 'massKg')]);
    }

    /** The largest step, milligrams, that divides every mass, or the one the grid can afford. */
    private static function unitMg(FillStock $stock, float $roomKg, float $wantedKg): int
    {
        $unit = 0;
        foreach ($stock->items as $item) {
            $unit = self::commonDivisor($unit, (int) round($item['massKg'] * self::PER_KG));
        }
        foreach ($stock->pourables as $pourable) {
            $unit = self::commonDivisor($unit, (int) round($pourable['kgPerL'] * $pourable['stepL'] * self::PER_KG));
            $unit = self::commonDivisor($unit, (int) round($pourable['containerKg'] * self::PER_KG));
        }

        return max(1, $unit, (int) ceil($roomKg * self::PER_KG / self::cellsFor($stock, $wantedKg)));
    }

    /** How fine the grid may be: finding the fewest of hundreds of pieces takes many planes of it at a time. */
    private static function cellsFor(FillStock $stock, float $wantedKg): int
    {
        $heaviestKg = max([
            0.001,
            ...array_column($stock->items, 'massKg'),
            ...array_map(static fn (array $pour): float => $pour['kgPerL'] * $pour['maxL'], $stock->pourables),
        ]);
        $planes = intdiv((int) ceil(max(0.0, $wantedKg) / $heaviestKg), 8) + 1;
        $stages = max(1, count($stock->items) + count($stock->pourables));

        return max(1000, min(self::MOST_CELLS, intdiv(self::MOST_BYTES, 2 * $planes * $stages)));
    }

    private static function commonDivisor(int $one, int $two): int
    {
        while ($two !== 0) {
            [$one, $two] = [$two, $one % $two];
        }

        return $one;
    }

    private static function cells(float $kg, int $unitMg): int
    {
        return (int) round($kg * self::PER_KG / $unitMg);
    }
}
