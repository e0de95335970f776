<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/**
 * What a carrier can be made to weigh with what stands on the shelf: every sum within its limit that is a step worth
 * having, each with the recipe of fewest pieces.
 *
 * Sums are found on a grid of 0.1 kg (bounded knapsack, as in Pisinger 1999) and then reckoned from the true masses, so that
 * what is shown is exact; of sums that fall into one cell one is kept.
 */
final class PackedLoads
{
    /** Neighbours lie at least this far apart: a share of the load (engine contract, section 5), and kilograms (our choice). */
    private const APART = 1.04;

    private const APART_KG = 0.5;

    /** Of sums this close the one of fewest pieces is taken; our choice. */
    private const ALIKE = 1.02;

    private const CELL_KG = 0.1;

    /** Contents are poured in half litres; our choice, a bottle's mark. */
    private const STEP_L = 0.5;

    /**
     * @param  list<Thing>  $shelf  What may go in, the carrier itself among it or not.
     * @return list<Recipe> Lightest first; the first is the empty carrier.
     */
    public static function into(Thing $carrier, array $shelf): array
    {
        // What breaks or spills does not go into a bag that is worn.
        $shelf = array_values(array_filter($shelf, static fn (Thing $thing): bool => $thing->sealed && ! $thing->glass));
        $stock = FillStock::ofShelf($shelf, self::STEP_L, except: $carrier->id);
        $room = (int) floor(($carrier->maxKg - $carrier->massKg) / self::CELL_KG + 1e-6);
        $recipes = [];
        foreach (self::fewest($stock, max(0, $room)) as $counts) {
            $recipe = Recipe::of($stock, $carrier->massKg, $counts);
            if ($recipe->totalKg <= $carrier->maxKg + 1e-9) {
                $recipes[] = $recipe;
            }
        }

        return self::worthHaving($recipes);
    }

    /**
     * What a vessel held by its handle weighs with more and more in it.
     *
     * @return list<Recipe> Lightest first; the first is the empty vessel.
     */
    public static function poured(Thing $vessel): array
    {
        $stock = FillStock::ofShelf([$vessel], self::STEP_L);
        $empty = new Recipe($vessel->containerKg, 0.0, 0.0, [], [], 0);
        $recipes = $vessel->containerKg > 0 ? [$empty] : [];
        for ($steps = 1; $steps <= FillStock::steps($vessel->maxL, self::STEP_L); $steps++) {
            $recipes[] = Recipe::of($stock, 0.0, [$steps]);
        }

        return self::worthHaving($recipes);
    }

    /**
     * The fewest pieces for each cell that can be reached.
     *
     * @return list<list<int>> How many of each item, then how many steps of each pourable.
     */
    private static function fewest(FillStock $stock, int $room): array
    {
        // Of each stage: cells and pieces by the number taken.
        $stages = [];
        foreach ($stock->items as $item) {
            $stages[] = array_map(
                static fn (int $n): array => [(int) round($n * $item['massKg'] / self::CELL_KG), $n],
                range(0, min($item['count'], 1 + (int) floor($room * self::CELL_KG / $item['massKg']))),
            );
        }
        foreach ($stock->pourables as $pourable) {
            $stages[] = array_map(
                static fn (int $n): array => $n === 0
                    ? [0, 0]
                    : [(int) round(($pourable['containerKg'] + $n * $pourable['stepL'] * $pourable['kgPerL']) / self::CELL_KG), 1],
                range(0, FillStock::steps($pourable['maxL'], $pourable['stepL'])),
            );
        }
        $best = [0 => [0, []]];
        foreach ($stages as $options) {
            $next = [];
            foreach ($best as $cell => [$pieces, $counts]) {
                foreach ($options as $n => [$cells, $more]) {
                    $sum = $cell + $cells;
                    if ($sum > $room) {
                        break;
                    }
                    if (! isset($next[$sum]) || $pieces + $more < $next[$sum][0]) {
                        $next[$sum] = [$pieces + $more, [...$counts, $n]];
                    }
                }
            }
            $best = $next;
        }

        return array_column(array_values($best), 1);
    }

    /**
     * @param  list<Recipe>  $recipes
     * @return list<Recipe>
     */
    private static function worthHaving(array $recipes): array
    {
        usort($recipes, static fn (Recipe $one, Recipe $two): int => [$one->totalKg, $one->pieces] <=> [$two->totalKg, $two->pieces]);
        $kept = [];
        $last = null;
        $from = 0.0;
        foreach ($recipes as $recipe) {
            if ($recipe->totalKg >= $from - 1e-9) {
                if ($last !== null) {
                    $kept[] = $last;
                }
            } elseif ($last === null || $kept === []
                || $recipe->totalKg > $last->totalKg * self::ALIKE
                || $recipe->pieces >= $last->pieces) {
                continue;
            }
            $last = $recipe;
            $from = max($recipe->totalKg * self::APART, $recipe->totalKg + self::APART_KG);
        }

        return $last === null ? $kept : [...$kept, $last];
    }
}
