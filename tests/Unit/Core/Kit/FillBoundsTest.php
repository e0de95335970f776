<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\FillSolver;
use NimbleShelf\Core\Kit\FillStock;
use NimbleShelf\Core\Kit\Recipe;
use Random\Engine\Mt19937;
use Random\Randomizer;

/*
 * Many pieces: still the nearest sum with the fewest pieces, and found without trying them all.
 */

/** @param  list<array{float, int}>  $pieces  Kilograms each, and how many. */
function stockOf(array $pieces): FillStock
{
    return FillStock::of(
        array_map(
            static fn (int $i, array $piece): array => ['id' => "piece {$i}", 'massKg' => $piece[0], 'count' => $piece[1]],
            array_keys($pieces),
            $pieces,
        ),
    );
}

/**
 * The nearest sum and the fewest pieces for it, by trying everything.
 *
 * @param  list<array{float, int}>  $pieces
 * @return array{float, int} Kilograms off, pieces.
 */
function byTrying(array $pieces, float $targetKg, float $tareKg, float $maxKg): array
{
    $best = [INF, PHP_INT_MAX];
    $try = function (int $i, float $kg, int $count) use (&$try, &$best, $pieces, $targetKg, $maxKg): void {
        if ($kg > $maxKg + 1e-9) {
            return;
        }
        if ($i === count($pieces)) {
            $best = min($best, [round(abs($kg - $targetKg), 6), $count]);

            return;
        }
        for ($n = 0; $n <= $pieces[$i][1]; $n++) {
            $try($i + 1, $kg + $n * $pieces[$i][0], $count + $n);
        }
    };
    $try(0, $tareKg, 0);

    return $best;
}

it('agrees with trying everything', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $pieces = array_map(static fn (): array => [$random->getInt(2, 60) / 20, $random->getInt(0, 14)], range(1, $random->getInt(1, 4)));
    $tareKg = $random->getInt(0, 10) / 10;
    $maxKg = $tareKg + $random->getInt(10, 400) / 10;
    $targetKg = $random->getInt(5, 500) / 10;
    $recipe = FillSolver::solve($targetKg, $tareKg, $maxKg, stockOf($pieces));
    [$errorKg, $count] = byTrying($pieces, $targetKg, $tareKg, $maxKg);
    expect(round($recipe->errorKg, 6))->toEqualWithDelta($errorKg, 1e-6)
        ->and($recipe->pieces)->toBe($count)
        ->and($recipe->totalKg)->toBeLessThanOrEqual($maxKg + 1e-6);
})->with(range(1, 60));

it('packs everything where even that is too little', function (): void {
    $recipe = FillSolver::solve(290, 1, 300, stockOf([[1.03, 20], [1.557, 20], [0.733, 20], [2.119, 20], [1.987, 20]]));
    expect($recipe->pieces)->toBe(100)->and($recipe->totalKg)->toEqualWithDelta(149.52, 1e-6);
});

it('stops at what the carrier holds', function (): void {
    $recipe = FillSolver::solve(290, 1, 60.5, stockOf([[1.03, 20], [1.557, 20], [0.733, 20], [2.119, 20], [1.987, 20]]));
    expect($recipe->totalKg)->toBeLessThanOrEqual(60.5 + 1e-9)->toBeGreaterThan(60.49);
});

it('counts hundreds of pieces', function (float $targetKg, int $least, int $most): void {
    $recipe = FillSolver::solve($targetKg, 1, 300, stockOf([[0.25, 200], [0.5, 200], [0.1, 200]]));
    expect($recipe->errorKg)->toBeLessThan(1e-6)->and($recipe->pieces)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($most);
})->with([
    'all the half kilograms' => [101.0, 200, 200],
    'and half of the quarters' => [126.0, 300, 300],
    'and everything else' => [171.0, 600, 600],
]);

it('makes two loads of many pieces alike', function (): void {
    [$one, $two] = FillSolver::solvePair(20, 0, 60, stockOf([[1.03, 40], [0.733, 40]]));
    expect($one)->toBeInstanceOf(Recipe::class)
        ->and(abs($one->totalKg - $two->totalKg))
        ->toBeLessThan(0.2)
        ->and($one->errorKg)
        ->toBeLessThan(1.0);
});
