<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Thing;

it('builds every balanced load of an adjustable dumbbell', function (array $plates, int $count, array $expected): void {
    $thing = Thing::fromArray(['kind' => 'adjustable-dumbbell', 'count' => $count, 'handle_kg' => 2, 'plates' => $plates]);
    expect($thing->reachableLoadsKg())->toEqualWithDelta($expected, 1e-9);
})->with([
    'bare handle' => [[], 1, [2.0]],
    'one pair of 1.25' => [[['mass_kg' => 1.25, 'count' => 2]], 1, [2.0, 4.5]],
    'two pairs of two sizes' => [[['mass_kg' => 1.25, 'count' => 2], ['mass_kg' => 2.5, 'count' => 2]], 1, [2.0, 4.5, 7.0, 9.5]],
    'a plate too few for the second end' => [[['mass_kg' => 5, 'count' => 1]], 1, [2.0]],
    'two dumbbells share four plates' => [[['mass_kg' => 2.5, 'count' => 4]], 2, [2.0, 7.0]],
]);

it('knows what nobody may lean on', function (array $flaw, ?string $says): void {
    $problem = Thing::fromArray(['kind' => 'chair', 'name' => 'chair', 'height_cm' => 45] + $flaw)->supportProblem();
    $says === null ? expect($problem)->toBeNull() : expect($problem)->toContain($says);
})->with([
    'sound' => [[], null],
    'castors' => [['castors' => true], 'castors'],
    'folds' => [['folding' => true], 'folds'],
    'glass' => [['glass' => true], 'glass'],
]);

it('refuses what it cannot reckon with, naming the field', function (array $data, string $field): void {
    try {
        Thing::fromArray($data);
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    'no kind' => [[], 'shelf.kind'],
    'an unknown kind' => [['kind' => 'anvil'], 'shelf.kind'],
    'a weightless dumbbell' => [['kind' => 'dumbbell'], 'shelf.mass_kg'],
    'a dumbbell in grams' => [['kind' => 'dumbbell', 'mass_kg' => 6000], 'shelf.mass_kg'],
    'a band stretched past anything' => [
        ['kind' => 'tube', 'rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'limit_ratio' => 4],
        'shelf.limit_ratio',
    ],
    'a band without length' => [['kind' => 'tube', 'a_n' => 10, 'b_n' => 10], 'band.rest_length_cm'],
]);
