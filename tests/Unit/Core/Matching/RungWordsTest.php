<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Packing;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungInUse;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

function thingNamed(string $name, int $count = 1): Thing
{
    return Shipped::shelf(['id' => 'a', 'kind' => 'dumbbell', 'name' => $name, 'count' => $count, 'mass_kg' => 6])[0];
}

function packedWords(string $exercise, float $massKg): string
{
    [$rucksack, $clay] = Shipped::shelf(
        ['id' => 'r', 'kind' => 'rucksack', 'name' => 'canvas rucksack', 'tare_kg' => 1, 'max_kg' => 20],
        ['id' => 'c', 'kind' => 'object', 'name' => 'clay bag', 'count' => 3, 'mass_kg' => 5, 'grip' => 'bag'],
    );
    $packing = Packing::of($rucksack, [$rucksack, $clay]);

    return RungWords::packed(Shipped::catalogue()->exercise($exercise), $packing, $packing->near($massKg));
}

it('says how a thing is held', function (Closure $words, string $expected): void {
    expect($words())->toBe($expected);
})->with([
    'one in each hand' => [fn () => RungWords::inEachHand(thingNamed('6 kg dumbbell', 2), 6), '6 kg in each hand: two 6 kg dumbbells'],
    'a pair is two already' => [
        fn () => RungWords::inEachHand(thingNamed('adjustable pair', 2), 4.5),
        '4.5 kg in each hand: the adjustable pair',
    ],
    'one arm, of two' => [
        fn () => RungWords::inOneHand(thingNamed('6 kg dumbbell', 2), 6),
        '6 kg in one hand: one 6 kg dumbbell, one arm at a time',
    ],
    'one arm, of one' => [
        fn () => RungWords::inOneHand(thingNamed('6 kg dumbbell'), 6),
        '6 kg in one hand: the 6 kg dumbbell, one arm at a time',
    ],
    'one arm, of a pair' => [
        fn () => RungWords::inOneHand(thingNamed('adjustable pair', 2), 6),
        '6 kg in one hand: one of the adjustable pair, one arm at a time',
    ],
    'both hands' => [fn () => RungWords::inBothHands(thingNamed('6 kg dumbbell', 2), 6), '6 kg held in both hands: one 6 kg dumbbell'],
    'at the chest' => [fn () => RungWords::held(LoadPoint::Goblet, thingNamed('bell'), 12), '12 kg held at the chest: the bell'],
    'on the hips' => [fn () => RungWords::held(LoadPoint::Hips, thingNamed('sack'), 12), '12 kg on a towel across the hips: the sack'],
    'anywhere else' => [fn () => RungWords::held(LoadPoint::Ankles, thingNamed('cuff'), 1), '1 kg at each ankle: the cuff'],
    'packed' => [
        fn () => packedWords('rucksack-squat', 11.0),
        'Canvas rucksack packed to 11 kg: two clay bags, high and tight on the back',
    ],
    'packed, in front' => [
        fn () => packedWords('rucksack-front-squat', 6.0),
        'Canvas rucksack packed to 6 kg: one clay bag, worn on the chest, straps tight',
    ],
    'packed, in the hand' => [
        fn () => packedWords('one-arm-row', 6.0),
        'Canvas rucksack packed to 6 kg: one clay bag, held by its top loop',
    ],
    'empty' => [fn () => packedWords('rucksack-squat', 1.0), 'Canvas rucksack empty, 1 kg, high and tight on the back'],
    'on hands' => [fn () => RungWords::bodyWeight(Shipped::catalogue()->exercise('push-up')), 'Hands on the floor'],
    'standing' => [fn () => RungWords::bodyWeight(Shipped::catalogue()->exercise('squat')), 'Body weight alone'],
]);

it('knows which rung a client is on', function (string $exercise, float $massKg, float $wholeKg, ?int $place): void {
    $rungs = array_map(static fn (float $kg): array => [
        'rung' => new Rung(
            Shipped::catalogue()->exercise('floor-press'),
            Setting::of('dumbbell', $kg, perHand: true),
            [],
            Certainty::Labelled,
            "{$kg} kg",
            10,
        ),
        'wholeKg' => $kg + 2,
    ], [4.0, 6.0, 8.0]);
    expect(RungInUse::among($rungs, $exercise, Setting::of('dumbbell', $massKg, perHand: true), $wholeKg))->toBe($place);
})->with([
    'the very one, whatever it weighed' => ['floor-press', 6.0, 99.0, 1],
    'another exercise: the nearest in load' => ['push-up', 6.0, 10.4, 2],
    'a load that is gone: the nearest' => ['floor-press', 5.0, 6.6, 0],
]);

it('is on no rung where there is none', function (): void {
    expect(RungInUse::among([], 'floor-press', Setting::bodyWeight(), 10))->toBeNull();
});

it('takes things away and adds them, and leaves the rest as it was', function (): void {
    [$one, $two] = Shipped::shelf(['id' => 'one', 'kind' => 'wall'], ['id' => 'two', 'kind' => 'towel']);
    $situation = new Situation(new Client(Body::of(1.7, 70), [Limit::NoFloor]), [$one], Home::of(ceilingM: 2.2));
    expect($situation->with($two)->shelf)->toBe([$one, $two])
        ->and($situation->with($two)->without(['one'])->shelf)->toBe([$two])
        ->and($situation->withAnchor('door', 1.9)->home->anchors)->toHaveCount(1)
        ->and($situation->withAnchor('door', 1.9)->home->ceilingM)->toBe(2.2)
        ->and($situation->with($two)->client)->toBe($situation->client)
        ->and((new Situation($situation->client))->home->floor)->toBe('smooth');
});

it('knows who is slow on the way down and up', function (array $limits, bool $isSlow): void {
    expect((new Client(Body::of(1.7, 70), $limits))->isSlowOnFeet())->toBe($isSlow);
})->with([[[], false], [[Limit::NoJumps], false], [[Limit::BalanceSupport], true], [[Limit::LowBoneDensity], true]]);
