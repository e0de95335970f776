<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use Tests\Support\Shipped;

/*
 * What a shelf allows of one exercise, and why other things do not serve.
 */

/**
 * @param  list<array<string, mixed>>  $shelf
 * @param  list<Limit>  $limits
 * @return array{rungs: list<Rung>, problems: list<string>, words: list<string>}
 */
function rungsOf(string $exercise, array $shelf, array $limits = [], ?Home $home = null): array
{
    $found = (new RungFinder)->rungs(
        Shipped::catalogue()->exercise($exercise),
        new Situation(new Client(Body::of(1.70, 70), $limits), Shipped::shelf(...$shelf), $home ?? Home::of()),
    );

    return [...$found, 'words' => array_map(static fn (Rung $rung): string => $rung->words, $found['rungs'])];
}

it('offers a load in the way there are enough of it', function (
    string $exercise,
    array $thing,
    string $words,
    ?int $limbs,
    bool $perHand,
): void {
    $found = rungsOf($exercise, [$thing]);
    $at = array_search($words, $found['words'], true);
    expect($found['words'])->toContain($words);
    $setting = $found['rungs'][(int) $at]->setting;
    expect($setting->limbs)->toBe($limbs)->and($setting->perHand)->toBe($perHand);
})->with([
    'two dumbbells' => [
        'floor-press',
        ['kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        '6 kg in each hand: two 6 kg dumbbells',
        null,
        true,
    ],
    'an adjustable pair' => [
        'floor-press',
        ['kind' => 'adjustable-dumbbell', 'name' => 'adjustable pair', 'count' => 2, 'handle_kg' => 4],
        '4 kg in each hand: the adjustable pair',
        null,
        true,
    ],
    'one of a pair, for the legs' => [
        'romanian-deadlift',
        ['kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        '6 kg held in both hands: one 6 kg dumbbell',
        null,
        false,
    ],
    'one dumbbell, for the arms' => [
        'floor-press',
        ['kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 1, 'mass_kg' => 6],
        '6 kg in one hand: the 6 kg dumbbell, one arm at a time',
        1,
        true,
    ],
    'one dumbbell, for the legs' => [
        'romanian-deadlift',
        ['kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 1, 'mass_kg' => 6],
        '6 kg held in both hands: the 6 kg dumbbell',
        null,
        false,
    ],
    'at the chest' => [
        'goblet-squat',
        ['kind' => 'kettlebell', 'name' => 'bell', 'mass_kg' => 12],
        '12 kg held at the chest: the bell',
        null,
        false,
    ],
    'across the hips' => [
        'glute-bridge',
        ['kind' => 'dumbbell', 'name' => 'dumbbell', 'mass_kg' => 10],
        '10 kg on a towel across the hips: the dumbbell',
        null,
        false,
    ],
    'two jugs' => [
        'bent-over-row',
        ['kind' => 'object', 'name' => 'jug', 'count' => 2, 'mass_kg' => 5.25, 'grip' => 'handle', 'sealed' => true],
        '5.25 kg in each hand: two jugs',
        null,
        true,
    ],
]);

it('keeps a thing out and says why', function (string $exercise, array $thing, string $problem, array $limits = []): void {
    $found = rungsOf($exercise, [$thing], $limits);
    expect($found['problems'])->toContain($problem)
        ->and(array_filter($found['rungs'], static fn (Rung $rung): bool => $rung->things !== []))->toBe([]);
})->with([
    'no hold' => [
        'bent-over-row',
        ['kind' => 'object', 'name' => 'box', 'count' => 2, 'mass_kg' => 5, 'grip' => 'none', 'sealed' => true],
        'The box has no secure hold.',
    ],
    'no handle' => [
        'bent-over-row',
        ['kind' => 'object', 'name' => 'sack', 'count' => 2, 'mass_kg' => 5, 'grip' => 'bag', 'sealed' => true],
        'The sack has no handle to hold it by one hand.',
    ],
    'glass above the face' => [
        'floor-press',
        ['kind' => 'object', 'name' => 'demijohn', 'count' => 2, 'mass_kg' => 5, 'grip' => 'handle', 'sealed' => true, 'glass' => true],
        'The demijohn is glass and stays below the chest.',
    ],
    'water above the face' => [
        'overhead-press',
        ['kind' => 'object', 'name' => 'bucket', 'count' => 2, 'mass_kg' => 5, 'grip' => 'handle', 'sealed' => false],
        'The bucket is not sealed and stays below the chest.',
    ],
    'rubber on someone who cannot' => [
        'biceps-curl',
        ['kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 18, 'b_n' => 16],
        'The red tube is rubber, and the client does not tolerate latex.',
        [Limit::LatexAllergy],
    ],
    'a torn band' => [
        'biceps-curl',
        ['kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 18, 'b_n' => 16, 'out_of_service' => 'a nick'],
        'The red tube is out of service: a nick.',
    ],
    'a chair on castors' => [
        'chair-dip',
        ['kind' => 'chair', 'name' => 'desk chair', 'height_cm' => 46, 'mass_kg' => 9, 'castors' => true],
        'The desk chair is on castors and can roll away; nobody leans on it.',
    ],
    'a stool too high to step on' => [
        'step-up',
        ['kind' => 'step', 'name' => 'ladder', 'height_cm' => 70, 'mass_kg' => 9],
        'The ladder is 70 cm high; 10 to 50 cm are needed.',
    ],
]);

it('says what is missing from a room', function (string $exercise, Home $home, string $says): void {
    $found = rungsOf(
        $exercise,
        [['kind' => 'towel', 'name' => 'towel'], ['kind' => 'dumbbell', 'name' => 'dumbbell', 'count' => 2, 'mass_kg' => 6]],
        home: $home,
    );
    expect($found['rungs'])->toBe([])->and(implode(' ', $found['problems']))->toContain($says);
})->with([
    'carpet under a slide' => ['towel-leg-curl', Home::of(floor: 'carpet'), 'smooth floor'],
    'a floor that rocks under a slide' => ['towel-leg-curl', Home::of(floor: 'rocking'), 'not still'],
    'no lane to walk' => ['farmer-carry', Home::of(lengthM: 2.0), 'a clear lane of 3 m; the room has 2.0 m'],
    'no wall' => ['wall-sit', Home::of(), 'It needs a clear wall'],
]);

it('does it on the smooth floor and in the long room', function (): void {
    expect(rungsOf('towel-leg-curl', [['kind' => 'towel', 'name' => 'towel']])['rungs'])->not->toBe([])
        ->and(
            rungsOf(
                'farmer-carry',
                [['kind' => 'dumbbell', 'name' => 'dumbbell', 'count' => 2, 'mass_kg' => 6]],
                home: Home::of(lengthM: 3.0),
            )['rungs'],
        )->not
        ->toBe([]);
});

it('packs a rucksack to what there is to pack and it holds, and to nothing else', function (
    float $maxKg,
    array $fill,
    array $expectedKg,
): void {
    $found = rungsOf('rucksack-squat', [['kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1, 'max_kg' => $maxKg], ...$fill]);
    expect(array_map(static fn (Rung $rung): float => $rung->setting->massKg, $found['rungs']))->toBe($expectedKg);
})->with([
    'nothing to pack: its own weight' => [20.0, [], [1.0]],
    'two bottles of 2 kg: 5 kg in all' => [
        20.0,
        [['kind' => 'object', 'name' => 'bottle', 'count' => 2, 'mass_kg' => 2, 'grip' => 'body', 'sealed' => true]],
        [1.0, 3.0, 5.0],
    ],
    'more to pack than it holds' => [
        9.0,
        [['kind' => 'object', 'name' => 'sack', 'count' => 2, 'mass_kg' => 10, 'grip' => 'bag', 'sealed' => true]],
        [1.0],
    ],
]);

it('puts a press-up on everything that carries it, and on the floor', function (): void {
    $found = rungsOf('push-up', [
        ['kind' => 'chair', 'name' => 'chair', 'height_cm' => 46, 'mass_kg' => 6],
        ['kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 25],
        ['kind' => 'chair', 'name' => 'garden chair', 'height_cm' => 44, 'mass_kg' => 3, 'folding' => true],
    ]);
    $heights = array_map(static fn (Rung $rung): float => $rung->setting->supportHeightM, $found['rungs']);
    expect($heights)->toContain(0.0, 0.46, 0.75)->not->toContain(0.44)
        ->and(implode(' ', $found['words']))->toContain('Hands on the table, 75 cm high, against a wall')
        ->and(implode(' ', $found['problems']))->toContain('garden chair');
});

it('keeps the hands off the floor for who cannot get down to it', function (): void {
    $shelf = [
        ['kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 25],
        ['kind' => 'step', 'name' => 'step', 'height_cm' => 20, 'mass_kg' => 8],
    ];
    $heights = array_map(
        static fn (Rung $rung): float => $rung->setting->supportHeightM,
        rungsOf('push-up', $shelf, [Limit::NoFloor])['rungs'],
    );
    expect($heights)->toBe([0.75]);
});

it('tries a band in every stance and grip, and asks for an anchor where it needs one', function (): void {
    $tube = ['kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 18, 'b_n' => 16];
    $curls = rungsOf('biceps-curl', [$tube])['rungs'];
    $stances = array_unique(array_map(static fn (Rung $rung): string => (string) $rung->setting->band?->stanceM, $curls));
    $row = rungsOf('standing-band-row', [$tube]);
    $anchored = rungsOf('standing-band-row', [$tube], home: Home::of(anchors: [['id' => 'rail', 'heightM' => 1.1, 'kind' => 'rail']]));
    expect(array_values($stances))->toContain('0.2', '0.5', '0.7')
        ->and($row['rungs'])->toBe([])
        ->and(implode(' ', $row['problems']))->toContain('the home has no anchor noted')
        ->and($anchored['rungs'][0]->setting->band?->anchorHeightM)->toBe(1.1)
        ->and($anchored['words'][0])->toStartWith('Red tube: anchored 110 cm up');
});

it('says what an exercise wants that nobody has', function (): void {
    expect(
        RungWords::missing(Shipped::catalogue()->exercise('rucksack-squat')),
    )->toBe('It needs a rucksack, and the shelf holds none that serves.')
        ->and(RungWords::missing(Shipped::catalogue()->exercise('band-pull-apart')))
        ->toBe('It needs a band, and the shelf holds none that serves.');
});

it('refuses a room that is none', function (Closure $make, string $says): void {
    expect($make)->toThrow(NimbleShelf\Core\Exception\InvalidQuantity::class, $says);
})->with([
    [fn () => Home::of(ceilingM: 1.3), 'home.ceiling_cm must be between 140 and 600 cm; got 130.'],
    [fn () => Home::of(floor: 'ice'), 'home.floor must be smooth, carpet or rocking; got ice.'],
    [fn () => Home::of(lengthM: 51), 'home.length_m must be between 0.5 and 50 m; got 51.'],
]);
