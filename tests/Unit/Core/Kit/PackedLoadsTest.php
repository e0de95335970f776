<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\PackedLoads;
use NimbleShelf\Core\Kit\Recipe;
use NimbleShelf\Core\Kit\Thing;
use Tests\Support\Shipped;

/*
 * A packed load is a rung only if it can be packed.
 */

/** @return array{Thing, list<Thing>, list<array{float, int}>} A carrier, what stands beside it, and masses with their counts. */
function randomShelf(int $seed): array
{
    mt_srand($seed);
    $masses = $entries = [];
    for ($i = 0, $kinds = mt_rand(0, 4); $i < $kinds; $i++) {
        $masses[] = [mt_rand(3, 90) / 10, mt_rand(1, 3)];
        [$massKg, $count] = $masses[$i];
        $entries[] = [
            'id' => "o{$i}",
            'kind' => 'object',
            'name' => "thing {$i}",
            'mass_kg' => $massKg,
            'count' => $count,
            'grip' => 'bag',
        ];
    }
    $carrier = Shipped::shelf([
        'id' => 'bag', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => mt_rand(4, 20) / 10, 'max_kg' => mt_rand(6, 25),
    ])[0];

    return [$carrier, [$carrier, ...Shipped::shelf(...$entries)], $masses];
}

/**
 * Every sum by trying every choice.
 *
 * @param  list<array{float, int}>  $masses
 * @return list<float>
 */
function everySum(array $masses): array
{
    $sums = [0.0];
    foreach ($masses as [$massKg, $count]) {
        $more = [];
        foreach ($sums as $sum) {
            for ($n = 0; $n <= $count; $n++) {
                $more[] = $sum + $n * $massKg;
            }
        }
        $sums = $more;
    }

    return $sums;
}

it('offers what can be packed, all of it worth a step, and nothing else', function (int $from): void {
    for ($seed = $from; $seed < $from + 25; $seed++) {
        [$carrier, $shelf, $masses] = randomShelf($seed);
        $recipes = PackedLoads::into($carrier, $shelf);
        $massOf = array_column(array_map(static fn (Thing $thing): array => [$thing->id, $thing->massKg], $shelf), 1, 0);
        $countOf = array_column(array_map(static fn (Thing $thing): array => [$thing->id, $thing->count], $shelf), 1, 0);
        $last = 0.0;
        foreach ($recipes as $recipe) {
            $sum = $carrier->massKg;
            foreach ($recipe->picks as ['id' => $id, 'count' => $count]) {
                expect($count)->toBeLessThanOrEqual($countOf[$id])->toBeGreaterThan(0);
                $sum += $count * $massOf[$id];
            }
            expect($recipe->totalKg)->toEqualWithDelta($sum, 1e-9)
                ->and($recipe->totalKg)->toBeLessThanOrEqual($carrier->maxKg + 1e-9)
                ->and($recipe->totalKg)->toBeGreaterThan($last * 1.04 - 1e-9)
                ->and($recipe->pieces)->toBe((int) array_sum(array_column($recipe->picks, 'count')));
            $last = $recipe->totalKg;
        }
        $offered = array_map(static fn (Recipe $recipe): float => $recipe->totalKg, $recipes);
        expect($offered[0])->toEqualWithDelta($carrier->massKg, 1e-9);
        foreach (everySum($masses) as $sum) {
            $wholeKg = $carrier->massKg + $sum;
            if ($wholeKg <= $carrier->maxKg) {
                $away = min(array_map(static fn (float $kg): float => abs($kg - $wholeKg), $offered));
                // A step, and what the grid of 0.1 kg may hide behind its neighbour.
                expect($away)->toBeLessThan(max(0.5, 0.04 * $wholeKg) + 0.25, "seed {$seed}: {$wholeKg} kg");
            }
        }
    }
})->with(range(1, 201, 25));

it('takes the fewest pieces for a load', function (): void {
    [$bag, $stone, $book] = Shipped::shelf(
        ['id' => 'bag', 'kind' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 12],
        ['id' => 'stone', 'kind' => 'object', 'name' => 'stone', 'mass_kg' => 4, 'count' => 2, 'grip' => 'body'],
        ['id' => 'book', 'kind' => 'object', 'name' => 'book', 'mass_kg' => 1, 'count' => 8, 'grip' => 'body'],
    );
    $pieces = [];
    foreach (PackedLoads::into($bag, [$stone, $book]) as $recipe) {
        $pieces[(string) $recipe->totalKg] = $recipe->pieces;
    }
    expect($pieces)->toBe([
        '1' => 0, '2' => 1, '3' => 2, '4' => 3, '5' => 1, '6' => 2,
        '7' => 3, '8' => 4, '9' => 2, '10' => 3, '11' => 4, '12' => 5,
    ]);
});

it('leaves out what breaks or spills, what is out of service, and the bag itself', function (): void {
    [$bag, $other] = Shipped::shelf(
        ['id' => 'bag', 'kind' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 20],
        ['id' => 'other', 'kind' => 'rucksack', 'tare_kg' => 2, 'max_kg' => 20],
    );
    $shelf = Shipped::shelf(
        ['id' => 'jar', 'kind' => 'object', 'name' => 'jar', 'mass_kg' => 3, 'glass' => true],
        ['id' => 'pail', 'kind' => 'object', 'name' => 'pail', 'mass_kg' => 5, 'sealed' => false],
        ['id' => 'sack', 'kind' => 'object', 'name' => 'sack', 'mass_kg' => 7, 'out_of_service' => 'torn'],
    );
    expect(PackedLoads::into($bag, [$bag, $other, ...$shelf]))->toHaveCount(1);
});

it('pours a vessel fuller and fuller', function (): void {
    [$jug] = Shipped::shelf(
        ['id' => 'j', 'kind' => 'pourable', 'name' => 'jug', 'max_l' => 5, 'density_kg_per_l' => 1.6, 'container_kg' => 0.3],
    );
    $loads = array_map(static fn (Recipe $recipe): float => round($recipe->totalKg, 2), PackedLoads::poured($jug));
    expect($loads)->toBe([0.3, 1.1, 1.9, 2.7, 3.5, 4.3, 5.1, 5.9, 6.7, 7.5, 8.3]);
});
