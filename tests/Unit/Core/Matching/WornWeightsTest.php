<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use Tests\Support\Shipped;

/*
 * Vests, ankle weights, dials, and what stands on a shelf without serving.
 */

const WORN_VEST = ['id' => 'v', 'kind' => 'vest', 'name' => 'weight vest', 'mass_kg' => 8];
const ANKLE_PAIR = ['id' => 'a', 'kind' => 'ankle-weight', 'name' => 'ankle weight', 'count' => 2, 'mass_kg' => 1.5];

/**
 * @param  list<array<string, mixed>>  $shelf
 * @return list<Rung>
 */
function servedBy(string $exercise, array $shelf): array
{
    return (new RungFinder)->rungs(
        Shipped::catalogue()->exercise($exercise),
        new Situation(new Client(Body::of(1.70, 70)), Shipped::shelf(...$shelf), Home::of()),
    )['rungs'];
}

it('wears a vest where a bag would go on the back, and nowhere else', function (): void {
    foreach (Shipped::catalogue()->exercises as $exercise) {
        $worn = array_filter(
            servedBy($exercise->id, [WORN_VEST]),
            static fn (Rung $rung): bool => $rung->setting->implement === 'vest',
        );
        $isOnTheBack = $exercise->loadPointFor('rucksack')?->value === 'back';
        expect($exercise->loadPointFor('vest')?->value)->toBe($isOnTheBack ? 'back' : null);
        foreach ($worn as $rung) {
            expect($rung->words)->toContain('8 kg worn, straps tight: the weight vest');
        }
    }
    expect(array_column(servedBy('rucksack-squat', [WORN_VEST]), 'words'))->toContain('8 kg worn, straps tight: the weight vest');
});

it('hangs ankle weights where legs are lifted, one at each ankle', function (string $exercise): void {
    $found = servedBy($exercise, [ANKLE_PAIR]);
    $with = array_values(array_filter($found, static fn (Rung $rung): bool => $rung->setting->implement === 'ankle-weight'));
    expect($with)->toHaveCount(1)
        ->and($with[0]->setting->massKg)->toBe(1.5)
        ->and($with[0]->words)->toContain('1.5 kg at each ankle: the ankle weights');
})->with(['side-lying-leg-raise', 'straight-leg-raise', 'standing-heel-curl']);

it('serves nothing with what no exercise is done with, and says why', function (string $kind): void {
    $thing = ['id' => 't', 'kind' => $kind, 'name' => $kind, 'handle_kg' => 10];
    foreach (Shipped::catalogue()->exercises as $exercise) {
        foreach (servedBy($exercise->id, [$thing]) as $rung) {
            expect(array_column($rung->things, 'id'))->not->toContain('t');
        }
    }
    expect(Thing::UNSERVED[$kind])->not->toBe('');
})->with(array_keys(Thing::UNSERVED));

it('sets a dial to the loads it has', function (array $dial, array $loads): void {
    $thing = Thing::fromArray(['id' => 'd', 'kind' => 'adjustable-dumbbell', 'dial' => $dial]);
    expect($thing->reachableLoadsKg())->toBe($loads)->and($thing->massKg)->toBe($loads[0]);
})->with([
    [['from_kg' => 2, 'to_kg' => 8, 'step_kg' => 2], [2.0, 4.0, 6.0, 8.0]],
    [['from_kg' => 5, 'to_kg' => 11, 'step_kg' => 2.5], [5.0, 7.5, 10.0]],
    [['from_kg' => 4, 'to_kg' => 4, 'step_kg' => 1], [4.0]],
]);

it('refuses a dial that means nothing, and names it', function (array $dial, string $field): void {
    try {
        Thing::fromArray(['id' => 'd', 'kind' => 'adjustable-dumbbell', 'dial' => $dial]);
        $named = null;
    } catch (InvalidQuantity $wrong) {
        $named = $wrong->field();
    }
    expect($named)->toBe($field);
})->with([
    [['from_kg' => 0, 'to_kg' => 8, 'step_kg' => 2], 'shelf.dial.from_kg'],
    [['from_kg' => 8, 'to_kg' => 2, 'step_kg' => 2], 'shelf.dial.to_kg'],
    [['from_kg' => 2, 'to_kg' => 8, 'step_kg' => 0], 'shelf.dial.step_kg'],
    [['from_kg' => 2, 'to_kg' => 8], 'shelf.dial.step_kg'],
]);
