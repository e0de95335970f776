<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Kit\FillSolver;
use NimbleShelf\Core\Kit\FillStock;
use NimbleShelf\Core\Shelf\HouseholdMass;

/**
 * The least error and the fewest pieces by trying everything.
 *
 * @param  list<array{id: string, massKg: float, count: int}>  $items
 * @param  list<array{id: string, kgPerL: float, maxL: float, stepL: float, containerKg: float}>  $pourables
 * @return array{float, int}
 */
function byTryingEverything(float $targetKg, float $tareKg, float $maxKg, array $items, array $pourables): array
{
    $sums = [[$tareKg, 0]];
    foreach ($items as $item) {
        $more = [];
        foreach ($sums as [$kg, $pieces]) {
            for ($n = 0; $n <= $item['count']; $n++) {
                $more[] = [$kg + $n * $item['massKg'], $pieces + $n];
            }
        }
        $sums = $more;
    }
    foreach ($pourables as $pourable) {
        $more = $sums;
        foreach ($sums as [$kg, $pieces]) {
            for ($n = 1; $n * $pourable['stepL'] <= $pourable['maxL'] + 1e-9; $n++) {
                $more[] = [$kg + $pourable['containerKg'] + $n * $pourable['stepL'] * $pourable['kgPerL'], $pieces + 1];
            }
        }
        $sums = $more;
    }
    $best = [INF, 0];
    foreach ($sums as [$kg, $pieces]) {
        $error = abs($kg - $targetKg);
        if ($kg <= $maxKg + 1e-9 && ($error < $best[0] - 1e-7 || ($error < $best[0] + 1e-7 && $pieces < $best[1]))) {
            $best = [$error, $pieces];
        }
    }

    return $best;
}

it('finds what trying everything finds', function (int $seed): void {
    mt_srand($seed);
    for ($case = 0; $case < 40; $case++) {
        $items = $pourables = [];
        for ($i = mt_rand(0, 4); $i > 0; $i--) {
            $items[] = ['id' => "item {$i}", 'massKg' => mt_rand(1, 400) / 100, 'count' => mt_rand(0, 3)];
        }
        for ($i = mt_rand(0, 2); $i > 0; $i--) {
            $pourables[] = [
                'id' => "pour {$i}",
                'kgPerL' => [1.0, 1.6, 0.85, 1.03][mt_rand(0, 3)],
                'maxL' => mt_rand(1, 20) / 4,
                'stepL' => 0.25,
                'containerKg' => mt_rand(0, 5) / 10,
            ];
        }
        $targetKg = mt_rand(10, 1500) / 100;
        $tareKg = mt_rand(0, 10) / 10;
        $maxKg = $tareKg + mt_rand(0, 150) / 10;
        $recipe = FillSolver::solve($targetKg, $tareKg, $maxKg, FillStock::of($items, $pourables));
        [$errorKg, $pieces] = byTryingEverything($targetKg, $tareKg, $maxKg, $items, $pourables);
        expect($recipe->errorKg)->toEqualWithDelta($errorKg, 1e-6)
            ->and($recipe->pieces)->toBe($pieces)
            ->and($recipe->totalKg)->toBeLessThanOrEqual($maxKg + 1e-6);
        $weighed = $tareKg;
        foreach ($recipe->picks as $pick) {
            $item = array_values(array_filter($items, static fn (array $item): bool => $item['id'] === $pick['id']))[0];
            expect($pick['count'])->toBeLessThanOrEqual($item['count']);
            $weighed += $pick['count'] * $item['massKg'];
        }
        foreach ($recipe->pours as $pour) {
            $pourable = array_values(array_filter($pourables, static fn (array $pourable): bool => $pourable['id'] === $pour['id']))[0];
            expect($pour['litres'])->toBeLessThanOrEqual($pourable['maxL'] + 1e-9);
            $weighed += $pourable['containerKg'] + $pour['litres'] * $pourable['kgPerL'];
        }
        expect($recipe->totalKg)->toEqualWithDelta($weighed, 1e-9);
    }
})->with(range(1, 10));

it('counts more than eight and more than sixteen pieces', function (): void {
    $recipe = FillSolver::solve(19.0, 0.0, 30.0, FillStock::of([['id' => 'tin', 'massKg' => 1.0, 'count' => 25]]));
    expect($recipe->pieces)->toBe(19)->and($recipe->errorKg)->toEqualWithDelta(0, 1e-9);
    $recipe = FillSolver::solve(
        9.0,
        0.0,
        30.0,
        FillStock::of([['id' => 'tin', 'massKg' => 1.0, 'count' => 25], ['id' => 'brick', 'massKg' => 2.5, 'count' => 3]]),
    );
    // Two bricks and four tins are six; three bricks would need 1.5 kg more.
    expect($recipe->pieces)->toBe(6);
});

it('takes a near miss from either side, and nothing where nothing is nearer', function (): void {
    $stock = FillStock::of([['id' => 'brick', 'massKg' => 2.4, 'count' => 2]]);
    expect(FillSolver::solve(3.4, 0.9, 20, $stock)->totalKg)->toEqualWithDelta(3.3, 1e-9)
        ->and(FillSolver::solve(2.0, 0.9, 20, $stock)->picks)->toBe([])
        ->and(FillSolver::solve(50, 0.9, 4.0, $stock)->totalKg)->toEqualWithDelta(3.3, 1e-9);
    // 1.2 kg below or above alike: the fewer pieces win.
    expect(FillSolver::solve(1.2, 0.0, 20, $stock)->pieces)->toBe(0);
});

it('makes a pair alike where it can, and the second near the first where it cannot', function (): void {
    [$left, $right] = FillSolver::solvePair(
        4.0,
        0.0,
        20,
        FillStock::of([['id' => 'bottle', 'massKg' => 2.0, 'count' => 4], ['id' => 'tin', 'massKg' => 0.4, 'count' => 1]]),
    );
    expect($left->totalKg)->toBe($right->totalKg)->and($left->totalKg)->toEqualWithDelta(4.0, 1e-9);
    [$left, $right] = FillSolver::solvePair(
        4.0,
        0.0,
        20,
        FillStock::of([
            ['id' => 'sack', 'massKg' => 4.0, 'count' => 1],
            ['id' => 'bottle', 'massKg' => 1.9, 'count' => 2],
            ['id' => 'brick', 'massKg' => 3.0, 'count' => 1],
        ]),
    );
    expect($left->totalKg)->toEqualWithDelta(4.0, 1e-9)
        ->and($right->totalKg)->toEqualWithDelta(3.8, 1e-9)
        ->and($right->picks)->toBe([['id' => 'bottle', 'count' => 2]]);
});

it('is less sure of what is poured than of what is labelled', function (): void {
    $packs = FillSolver::solve(6, 0, 20, FillStock::of([['id' => 'pack', 'massKg' => 6.0, 'count' => 1]]));
    $water = FillSolver::solve(
        6,
        0,
        20,
        FillStock::of([], [['id' => 'water', 'kgPerL' => 1.0, 'maxL' => 6, 'stepL' => 0.5, 'containerKg' => 0]]),
    );
    expect($packs->sdKg)->toEqualWithDelta(0.18, 1e-9)->and($water->sdKg)->toEqualWithDelta(0.30, 1e-9);
});

it('names the field that is wrong', function (string $field, Closure $work): void {
    try {
        $work();
        $this->fail('It was taken.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    ['target_kg', fn () => FillSolver::solve(0, 0, 20, FillStock::of([]))],
    ['carrier.tare_kg', fn () => FillSolver::solve(5, -1, 20, FillStock::of([]))],
    ['carrier.max_kg', fn () => FillSolver::solve(5, 3, 2, FillStock::of([]))],
    [
        'items.1.mass_kg',
        fn () => FillStock::of([['id' => 'a', 'massKg' => 1.0, 'count' => 1], ['id' => 'b', 'massKg' => 0.0, 'count' => 1]]),
    ],
    ['items.0.count', fn () => FillStock::of([['id' => 'a', 'massKg' => 1.0, 'count' => -1]])],
    [
        'pourables.0.density_kg_per_l',
        fn () => FillStock::of([], [['id' => 'a', 'kgPerL' => 20.0, 'maxL' => 1.0, 'stepL' => 0.1, 'containerKg' => 0.0]]),
    ],
    [
        'pourables.0.step_l',
        fn () => FillStock::of([], [['id' => 'a', 'kgPerL' => 1.0, 'maxL' => 100.0, 'stepL' => 0.01, 'containerKg' => 0.0]]),
    ],
    ['litres', fn () => HouseholdMass::ofContents(Contents::Water, 0, 0)],
    ['netKg', fn () => HouseholdMass::ofPack(100)],
]);

it('weighs contents by volume and density, and packs by their label', function (
    Contents $contents,
    float $litres,
    float $containerKg,
    float $kg,
): void {
    $mass = HouseholdMass::ofContents($contents, $litres, $containerKg);
    expect($mass->massKg)->toEqualWithDelta($kg, 1e-9)
        ->and($mass->sdKg())
        ->toEqualWithDelta(0.05 * $kg, 1e-9)
        ->and($mass->sum)
        ->toContain($contents->label());
})->with([
    [Contents::Water, 5.0, 0.2, 5.2], [Contents::DrySand, 10.0, 0.5, 16.5], [Contents::Rice, 2.0, 0.0, 1.7],
    [Contents::Gravel, 4.0, 0.0, 6.0],
    [Contents::Salt, 1.0, 0.0, 1.2], [Contents::Compost, 20.0, 0.0, 8.0], [Contents::Sugar, 1.0, 0.1, 0.95], [
        Contents::LaundryLiquid,
        3.0,
        0.15,
        3.24,
    ],
]);

it('adds three per cent for a pack', function (): void {
    expect(HouseholdMass::ofPack(1.0)->massKg)->toEqualWithDelta(1.03, 1e-9);
});
