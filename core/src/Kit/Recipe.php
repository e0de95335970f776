<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

use NimbleShelf\Core\Mechanics\Certainty;

/** What to put into a carrier, and what it weighs then. */
final readonly class Recipe
{
    /**
     * @param  float  $totalKg  Carrier included.
     * @param  float  $errorKg  How far from the target, never negative.
     * @param  float  $sdKg  One sigma of the total, from how sure each part is.
     * @param  list<array{id: string, count: int}>  $picks  Pieces, only those taken.
     * @param  list<array{id: string, litres: float}>  $pours  Contents, only those poured.
     * @param  int  $pieces  Things to put in: pieces and vessels together.
     */
    public function __construct(
        public float $totalKg,
        public float $errorKg,
        public float $sdKg,
        public array $picks,
        public array $pours,
        public int $pieces,
    ) {
    }

    /**
     * @param  list<int>  $counts  How many of each item of the stock, then how many steps of each pourable.
     * @param  float|null  $targetKg  What was wanted; null where this is it.
     */
    public static function of(FillStock $stock, float $tareKg, array $counts, ?float $targetKg = null): self
    {
        $totalKg = $tareKg;
        $variance = ($tareKg * Certainty::Labelled->sigma()) ** 2;
        $picks = $pours = [];
        $pieces = 0;
        foreach ($stock->items as $i => $item) {
            if ($counts[$i] > 0) {
                $picks[] = ['id' => $item['id'], 'count' => $counts[$i]];
                $totalKg += $counts[$i] * $item['massKg'];
                // Pieces of one kind share one label: they are off together.
                $variance += ($counts[$i] * $item['massKg'] * $item['certainty']->sigma()) ** 2;
                $pieces += $counts[$i];
            }
        }
        foreach ($stock->pourables as $j => $pourable) {
            $steps = $counts[count($stock->items) + $j];
            if ($steps > 0) {
                $litres = $steps * $pourable['stepL'];
                $pours[] = ['id' => $pourable['id'], 'litres' => $litres];
                $totalKg += $pourable['containerKg'] + $litres * $pourable['kgPerL'];
                $variance += ($litres * $pourable['kgPerL'] * Certainty::Filled->sigma()) ** 2;
                $pieces++;
            }
        }

        return new self($totalKg, abs($totalKg - ($targetKg ?? $totalKg)), sqrt($variance), $picks, $pours, $pieces);
    }
}
