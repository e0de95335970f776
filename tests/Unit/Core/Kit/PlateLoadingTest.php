<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\PlateLoading;
use NimbleShelf\Core\Kit\Thing;

/** @param  list<array{float, int}>  $plates */
function loadingOf(float $handleKg, array $plates, int $dumbbells = 1): PlateLoading
{
    return PlateLoading::of(
        $handleKg,
        array_map(static fn (array $plate): array => ['massKg' => $plate[0], 'count' => $plate[1]], $plates),
        $dumbbells,
    );
}

/** @param  list<array{float, int}>  $plates */
function adjustable(array $plates, int $count = 1): Thing
{
    return Thing::fromArray([
        'id' => 'a', 'kind' => 'adjustable-dumbbell', 'name' => 'adjustable', 'count' => $count, 'handle_kg' => 2,
        'plates' => array_map(static fn (array $plate): array => ['mass_kg' => $plate[0], 'count' => $plate[1]], $plates),
    ]);
}

it('builds every load that is balanced, lightest first', function (float $handleKg, array $plates, int $dumbbells, array $expected): void {
    expect(array_column(loadingOf($handleKg, $plates, $dumbbells)->builds, 'loadKg'))->toEqualWithDelta($expected, 1e-9);
})->with([
    'the bare handle' => [2.0, [], 1, [2.0]],
    'one pair of plates' => [2.0, [[1.25, 2]], 1, [2.0, 4.5]],
    'an odd plate is of no use' => [2.0, [[1.25, 3]], 1, [2.0, 4.5]],
    'two dumbbells share' => [2.0, [[1.25, 4]], 2, [2.0, 4.5]],
    'two sizes: 2 and 4 kg more, both 6' => [2.0, [[1.0, 2], [2.0, 2]], 1, [2.0, 4.0, 6.0, 8.0]],
    'the same load two ways is one' => [1.0, [[1.0, 4], [2.0, 2]], 1, [1.0, 3.0, 5.0, 7.0, 9.0]],
]);

it('takes the fewest plates that make a load', function (): void {
    $loading = loadingOf(1.0, [[1.0, 4], [2.0, 2]]);
    $place = $loading->placeOf(5.0);
    expect($loading->builds[(int) $place]['perEnd'])->toBe([['massKg' => 2.0, 'count' => 1]]);
});

it('finds a load to ten grams, and none that cannot be built', function (float $kg, ?int $place): void {
    expect(loadingOf(2.0, [[1.25, 4]])->placeOf($kg))->toBe($place);
})->with([[2.0, 0], [4.5, 1], [4.509, 1], [7.0, 2], [4.6, null], [9.5, null]]);

it('says what comes off and goes on at each end', function (): void {
    $loading = loadingOf(2.0, [[1.0, 2], [2.0, 2]]);
    ['off' => $off, 'on' => $on] = $loading->change((int) $loading->placeOf(4.0), (int) $loading->placeOf(6.0));
    expect($off)->toBe([['massKg' => 1.0, 'count' => 1]])->and($on)->toBe([['massKg' => 2.0, 'count' => 1]])
        ->and($loading->change(1, 1))->toBe(['off' => [], 'on' => []]);
});

it('builds nothing that nobody lifts', function (): void {
    $loads = array_column(loadingOf(2.0, [[60.0, 8], [20.0, 8]])->builds, 'loadKg');
    expect(max($loads))->toBeLessThanOrEqual(PlateLoading::HEAVIEST_KG)->and($loads)->toContain(2.0)->toContain(82.0);
});

it('stays small for racks of many odd plates, and lists what is worth a step', function (): void {
    $thing = adjustable([[1.237, 60], [2.311, 60], [0.577, 60], [3.119, 60], [0.893, 60]]);
    $builds = $thing->loading->builds ?? [];
    $listed = $thing->reachableLoadsKg();
    // No two builds are closer than ten grams, up to a hundred kilograms.
    expect(count($builds))->toBeLessThanOrEqual(10_001)
        ->and(count($listed))->toBeLessThan(250)
        ->and($listed[0])->toBe(2.0)
        ->and($listed[count($listed) - 1])->toBeGreaterThan(97.0);
    foreach (array_slice($listed, 1) as $i => $kg) {
        expect($kg / $listed[$i])->toBeGreaterThanOrEqual(1.02);
    }
});

it('lists every load of a usual set', function (): void {
    expect(adjustable([[0.5, 4], [1.25, 4], [2.5, 4]])->reachableLoadsKg())->toHaveCount(
        count(adjustable([[0.5, 4], [1.25, 4], [2.5, 4]])->loading->builds ?? []),
    );
});

it('refuses plates that are none', function (array $plate, string $says): void {
    expect(fn () => adjustable([$plate]))->toThrow(InvalidQuantity::class, $says);
})->with([[[125.0, 4], 'shelf.plates.mass_kg'], [[0.01, 4], 'shelf.plates.mass_kg'], [[1.25, 400], 'shelf.plates.count']]);

it('has a thing that cannot be read and serves nothing', function (): void {
    $thing = Thing::unreadable('7', 'odd thing', 'its kind is gone');
    expect($thing->id)->toBe('7')
        ->and($thing->name)
        ->toBe('odd thing')
        ->and($thing->outOfService)
        ->toBe('it cannot be read: its kind is gone')
        ->and($thing->isBand())->toBeFalse()->and($thing->isSupport())->toBeFalse()->and($thing->massKg)->toBe(0.0);
});
