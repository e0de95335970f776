<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\MatchScore;
use NimbleShelf\Core\Matching\Preferences;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Matching\SwapResult;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\StrengthPrior;
use Tests\Support\Shipped;

/** A usual client on a usual day; only what a case is about is said in the case. */
function swapsFor(
    string $exercise,
    array $setting,
    array $shelf,
    array $limits = [],
    ?Home $home = null,
    int $reps = 10,
    int $limit = 40,
): SwapResult {
    return SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of($exercise, Setting::fromArray($setting), 3, $reps, 2, Goal::Muscle),
        new Situation(new Client(Body::of(1.72, 74), $limits), Shipped::shelf(...$shelf), $home ?? Home::of()),
        limit: $limit,
    );
}

/** @return list<Candidate> */
function offered(SwapResult $result, string $exercise, ?string $implement = null): array
{
    return array_values(array_filter(
        $result->candidates,
        static fn (Candidate $candidate): bool => $candidate->rung->exercise->id === $exercise
            && ($implement === null || $candidate->rung->setting->implement === $implement),
    ));
}

/** Every reason given for the exercises that train the same or a neighbouring pattern. */
function whyNot(SwapResult $result): string
{
    return implode(
        ' ',
        array_merge(...array_map(static fn ($exclusion): array => $exclusion->related ? $exclusion->reasons : [], $result->excluded)),
    );
}

function pair(float $kg): array
{
    return ['id' => "pair-{$kg}", 'kind' => 'dumbbell', 'name' => "{$kg} kg dumbbell", 'count' => 2, 'mass_kg' => $kg];
}

const TABLE = ['id' => 'table', 'kind' => 'table', 'name' => 'kitchen table', 'height_cm' => 75, 'mass_kg' => 25];
const RUCKSACK = ['id' => 'bag', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 24];
const BRICKS = ['id' => 'bricks', 'kind' => 'object', 'name' => 'brick', 'count' => 3, 'mass_kg' => 2, 'grip' => 'body'];
const SACKS = ['id' => 'sacks', 'kind' => 'object', 'name' => 'flour sack', 'count' => 2, 'mass_kg' => 10, 'grip' => 'bag'];
const TUBE = [
    'id' => 'tube',
    'kind' => 'tube',
    'name' => 'green tube',
    'rest_length_cm' => 130,
    'a_n' => 18,
    'b_n' => 16,
    'source' => 'measured',
];
const TWELVE_EACH = ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true];

it('is the identity when the shelf holds what is written', function (string $exercise, array $setting, array $shelf): void {
    $result = swapsFor($exercise, $setting, $shelf);
    $same = array_values(
        array_filter(
            $result->candidates,
            static fn (Candidate $candidate): bool => $candidate->rung->exercise->id === $exercise
                && $candidate->rung->setting->sameAs(Setting::fromArray($setting)),
        ),
    );
    expect($result->problems)->toBe([])
        ->and($same)->toHaveCount(1)
        ->and($same[0]->reps)->toBe(10)
        ->and($same[0]->equivalent->kg)->toEqualWithDelta($result->prescribed->kg, 1e-6)
        ->and($result->candidates[0])->toBe($same[0]);
})->with([
    'floor press' => ['floor-press', TWELVE_EACH, [pair(12), TABLE]],
    'rucksack squat' => ['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 11], [RUCKSACK, SACKS]],
    'press-up from the table' => ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 75], [TABLE]],
]);

it('names a press-up in kilograms per hand, and a floor press too, whichever was prescribed', function (): void {
    $toPressUp = swapsFor('floor-press', TWELVE_EACH, [TABLE]);
    $pressUp = offered($toPressUp, 'push-up')[0];
    expect($pressUp->equivalent->unit)->toBe('kg per hand')
        ->and(implode(' ', $pressUp->reasons))->toContain('kg per hand', 'prescribed was 12 kg per hand');

    $back = swapsFor('push-up', ['implement' => 'body-weight', 'support_height_cm' => 75], [pair(12)]);
    $floorPress = offered($back, 'floor-press')[0];
    expect($floorPress->equivalent->unit)->toBe('kg per hand')
        ->and($floorPress->equivalent->kg)->toEqualWithDelta(12.0, 0.01)
        ->and($back->prescribed->kg)->toEqualWithDelta($pressUp->equivalent->kg, 0.01);
});

it('names a goblet squat and a packed rucksack in kilograms on the shoulders, both ways', function (): void {
    $toRucksack = swapsFor('goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 16], [RUCKSACK, SACKS, BRICKS]);
    $packed = offered($toRucksack, 'rucksack-squat')[0];
    expect($packed->equivalent->unit)->toBe('kg on the shoulders')
        ->and($packed->equivalent->kg)->toEqualWithDelta($toRucksack->prescribed->kg, 2.1);

    $back = swapsFor(
        'rucksack-squat',
        ['implement' => 'rucksack', 'mass_kg' => 16],
        [['id' => 'bell', 'kind' => 'kettlebell', 'name' => '16 kg kettlebell', 'mass_kg' => 16]],
    );
    expect(offered($back, 'goblet-squat')[0]->equivalent->kg)->toEqualWithDelta($toRucksack->prescribed->kg, 0.01);
});

it('swaps a lateral raise to a band whose curve has another shape', function (): void {
    $raise = ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true];
    $longTube = ['rest_length_cm' => 165, 'a_n' => 25, 'b_n' => 22] + TUBE;
    $band = offered(swapsFor('lateral-raise', $raise, [$longTube]), 'lateral-raise', 'tube')[0];
    expect($band->equivalent->shapeDifference)->toBeGreaterThan(0.15);

    // Both scaled to a mean of one, the band is the lighter at the start and the heavier at the end.
    $curve = $band->equivalent->curve;
    $reference = $band->equivalent->referenceCurve;
    expect($curve->resistance[4] / $curve->mean())->toBeLessThan($reference->resistance[4] / $reference->mean())
        ->and($curve->resistance[20] / $curve->mean())->toBeGreaterThan($reference->resistance[20] / $reference->mean());

    $setting = $band->rung->setting->toArray();
    $back = swapsFor('lateral-raise', $setting, [pair(4)]);
    expect(offered($back, 'lateral-raise', 'dumbbell')[0]->equivalent->kg)->toEqualWithDelta(4.0, 0.01);
});

it('asks for more repetitions of a lighter thing and fewer of a heavier one', function (): void {
    $lighter = offered(swapsFor('floor-press', TWELVE_EACH, [pair(10)]), 'floor-press')[0];
    $heavier = offered(swapsFor('floor-press', TWELVE_EACH, [pair(14)]), 'floor-press')[0];
    expect($lighter->reps)->toBeGreaterThan(10)->and($heavier->reps)->toBeLessThan(10)
        ->and($lighter->reserve)->toBe(2)->and($heavier->reserve)->toBe(2);
});

/** How hard a candidate's set is: whole range before short, slower before quicker, then more repetitions. */
function hardnessOf(Candidate $candidate): array
{
    return [
        $candidate->range === null ? 1 : 0,
        $candidate->tempo === null ? 0 : $candidate->tempo->secondsPerRepetition(),
        $candidate->reps,
    ];
}

it('gives no easier rewrite when the prescription is heavier', function (string $exercise, float $servedKg): void {
    $last = [];
    for ($massKg = 5.0; $massKg <= 20; $massKg += 0.75) {
        $result = swapsFor($exercise, ['implement' => 'dumbbell', 'mass_kg' => $massKg, 'per_hand' => true], [pair($servedKg)]);
        foreach (offered($result, $exercise) as $candidate) {
            $words = $candidate->rung->words;
            expect(hardnessOf($candidate) <=> ($last[$words] ?? [0, 0, 0]))->toBeGreaterThanOrEqual(0);
            $last[$words] = hardnessOf($candidate);
        }
    }
    expect($last)->not->toBe([]);
})->with([['floor-press', 9.0], ['bent-over-row', 9.0], ['romanian-deadlift', 11.0], ['biceps-curl', 8.0], ['overhead-press', 10.0]]);

it('slows a lighter thing before it asks for more repetitions, and says what a rule of thumb it used', function (): void {
    $slower = offered(swapsFor('floor-press', TWELVE_EACH, [pair(11)]), 'floor-press')[0];
    $lightest = offered(swapsFor('floor-press', TWELVE_EACH, [pair(8)]), 'floor-press')[0];
    expect($slower->tempo)->not->toBeNull()
        ->and($slower->reps)->toBe(10)
        ->and(implode(' ', $slower->changes))->toContain('rule of thumb')
        ->and($lightest->reps)->toBeGreaterThan(10)
        ->and($lightest->tempo?->secondsPerRepetition())->toBeGreaterThan($slower->tempo?->secondsPerRepetition());
});

it('lets a match fall below every other where the effort is out of reach', function (): void {
    // Two kilograms in a press that was meant for fourteen.
    $result = swapsFor('floor-press', ['implement' => 'dumbbell', 'mass_kg' => 14, 'per_hand' => true], [pair(2), TABLE], reps: 8);
    $light = offered($result, 'floor-press')[0];
    expect($light->isReached)->toBeFalse()->and($light->match)->toBeLessThan(0.5)
        ->and($result->candidates[0]->isReached)->toBeTrue();
});

it('puts a loop on top of a weight, never a tube’s handle, nor anything above the head', function (): void {
    $loop = ['id' => 'loop', 'kind' => 'long-loop', 'name' => 'green loop', 'rest_length_cm' => 100, 'a_n' => 40, 'b_n' => 34];
    $both = static fn (string $exercise, array $band): array => array_filter(
        offered(swapsFor($exercise, TWELVE_EACH, [pair(6), $band]), $exercise),
        static fn (Candidate $candidate): bool => $candidate->rung->setting->band !== null && $candidate->rung->setting->massKg > 0,
    );
    $curl = array_values($both('biceps-curl', $loop))[0];
    expect($curl->rung->words)->toContain('6 kg in each hand')->toContain('and the green loop')
        ->and(count($curl->rung->things))->toBe(2)
        ->and(Setting::fromArray($curl->rung->setting->toArray())->sameAs($curl->rung->setting))->toBeTrue()
        ->and($both('biceps-curl', TUBE))->toBe([])
        ->and($both('overhead-press', $loop))->toBe([]);
    // Both together are heavier than the weight alone.
    $alone = offered(swapsFor('biceps-curl', TWELVE_EACH, [pair(6)]), 'biceps-curl')[0];
    expect($curl->equivalent->kg)->toBeGreaterThan($alone->equivalent->kg);
});

it('is the identity with a capacity on record too, and says where the two disagree', function (): void {
    $rank = static fn (float $capacityKg): Candidate => SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of('floor-press', Setting::fromArray(TWELVE_EACH), 3, 10, 2, Goal::Muscle),
        new Situation(
            new Client(Body::of(1.72, 74), capacities: ['horizontal-press' => Capacity::of($capacityKg, 1.0)]),
            Shipped::shelf(pair(12)),
        ),
    )->candidates[0];
    foreach ([20.0, 40.0] as $capacityKg) {
        expect($rank($capacityKg)->reps)->toBe(10)->and($rank($capacityKg)->tempo)->toBeNull();
    }
    expect(implode(' ', $rank(40.0)->changes))->toContain('The capacity on record expects');
});

it('starts light where nothing is on record, and says which set calibrates it', function (): void {
    $candidate = offered(swapsFor('floor-press', TWELVE_EACH, [pair(11), pair(13.2)]), 'floor-press')[0];
    expect($candidate->rung->setting->massKg)->toBe(11.0)
        ->and(implode(' ', $candidate->changes))->toContain('stop the first set two repetitions early and log it; it calibrates the second')
        ->not->toMatch('/[0-9] in reserve/');
});

it('prefers what the client likes and has done, among what is otherwise alike', function (): void {
    $rank = static fn (Preferences $preferences): SwapResult => SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of('floor-press', Setting::fromArray(TWELVE_EACH), 3, 10, 2, Goal::Muscle),
        new Situation(new Client(Body::of(1.72, 74), preferences: $preferences), Shipped::shelf(pair(12), TABLE)),
    );
    $match = static fn (Preferences $preferences): float => offered($rank($preferences), 'push-up')[0]->match;
    expect($match(Preferences::of('press-ups, push-ups', '')))->toBeGreaterThan($match(Preferences::none()))
        ->and($match(Preferences::of('', 'push-ups')))->toBeLessThan($match(Preferences::none()))
        ->and($match(Preferences::of('', '', ['push-up' => 9])))->toBeGreaterThan($match(Preferences::none()));
});

it('spares a sore part', function (): void {
    $rank = static fn (?SorePart $sore): SwapResult => SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of('squat', Setting::fromArray(TWELVE_EACH), 3, 10, 2, Goal::Muscle),
        new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(pair(12), TABLE)),
        limit: 200,
        sore: $sore,
    );
    foreach ($rank(SorePart::Knee)->candidates as $candidate) {
        expect(SorePart::Knee->against($candidate->rung->exercise))->toBeNull();
    }
    expect(count($rank(SorePart::Knee)->candidates))->toBeLessThan(count($rank(null)->candidates))
        ->and(whyNot($rank(SorePart::Knee)))->toContain('Sore knee');
});

it('never makes the best match worse by adding a thing', function (string $exercise, array $setting): void {
    $loop = ['id' => 'loop', 'kind' => 'long-loop', 'name' => 'green loop', 'rest_length_cm' => 100, 'a_n' => 40, 'b_n' => 34];
    $things = [
        TABLE,
        pair(8),
        TUBE,
        ['id' => 'chair', 'kind' => 'chair', 'name' => 'chair', 'height_cm' => 45, 'mass_kg' => 5],
        pair(14),
        $loop,
        RUCKSACK,
        SACKS,
        pair(11),
    ];
    mt_srand(5);
    for ($try = 0; $try < 4; $try++) {
        $shelf = [];
        $best = 0.0;
        foreach ($things as $thing) {
            $shelf[] = $thing;
            $match = swapsFor($exercise, $setting, $shelf)->candidates[0]->match ?? 0.0;
            expect($match)->toBeGreaterThanOrEqual($best - 1e-9);
            $best = $match;
        }
        usort($things, static fn (): int => mt_rand(-1, 1));
    }
})->with([
    ['floor-press', TWELVE_EACH],
    ['bent-over-row', TWELVE_EACH],
    ['squat', TWELVE_EACH],
    ['lateral-raise', ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true]],
    ['push-up', ['implement' => 'body-weight']],
]);

it('never adds a candidate with a limit, and offers nothing a limit excludes', function (Limit $limit): void {
    $shelf = [pair(6), pair(12), TABLE, RUCKSACK, SACKS, TUBE];
    foreach ([
        'floor-press' => TWELVE_EACH,
        'squat' => TWELVE_EACH,
        'lateral-raise' => ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true],
        'bent-over-row' => TWELVE_EACH,
    ] as $exercise => $setting) {
        $free = swapsFor($exercise, $setting, $shelf, limit: 200);
        $limited = swapsFor($exercise, $setting, $shelf, [$limit], limit: 200);
        // Neighbours compared by muscles alone come in where too few others are left.
        $names = static fn (SwapResult $result): array => array_map(
            static fn (Candidate $candidate): string => $candidate->rung->exercise->id,
            array_values(array_filter($result->candidates, static fn (Candidate $candidate): bool => ! $candidate->byMuscles)),
        );
        expect(array_diff($names($limited), $names($free)))->toBe([])
            ->and(count($names($limited)))->toBeLessThanOrEqual(count($names($free)));
        foreach ($limited->candidates as $candidate) {
            expect($candidate->rung->exercise->limits[$limit->value]['effect'] ?? 'none')->not->toBe('exclude');
        }
    }
})->with(Limit::cases());

it('reckons what only muscles compare from what people like the client can, until a set says more', function (): void {
    $body = Body::of(1.7, 70);
    $likely = (new StrengthPrior(Shipped::catalogue(), Shipped::model()))->of(Person::of($body, Person::FEMALE, 45.0, Experience::None));
    $ask = static fn (Client $client): Candidate => array_values(array_filter(
        SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
            Prescription::of('towel-leg-curl', Setting::fromArray(['implement' => 'towel']), 3, 10, 2, Goal::Muscle),
            new Situation($client, Shipped::shelf(pair(2), pair(6)), Home::of()),
        )->candidates,
        static fn (Candidate $candidate): bool => $candidate->byMuscles
            && in_array($candidate->rung->exercise->pattern, ['hinge', 'bridge'], true),
    ))[0];
    $known = $likely->capacities();
    $six = $ask((new Client($body))->knowing($known));
    $strong = $ask((new Client($body))->knowing([
        'hinge' => Capacity::of(3 * $known['hinge']->kg, 2.0),
        'bridge' => Capacity::of(3 * $known['bridge']->kg, 2.0),
    ] + $known));

    expect($ask(new Client($body))->changes)->toContain('Start light: what is written says nothing about this load.')
        ->and($six->rung->setting->massKg)->toBeGreaterThan(0.0)
        ->and(implode(' ', $six->changes))->toContain('nine in ten people like this client')->not->toContain('says nothing')
        ->and(implode(' ', $strong->changes))->not->toContain('nine in ten')
        ->and($strong->equivalent->wholeKg())->toBeGreaterThan($six->equivalent->wholeKg());
});

it('keeps a rubber band from a client who does not tolerate latex', function (): void {
    $result = swapsFor('biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true], [TUBE], [Limit::LatexAllergy]);
    expect(offered($result, 'biceps-curl'))->toBe([])
        ->and(whyNot($result))->toContain('does not tolerate latex');
});

it('says why something is not offered', function (string $exercise, array $shelf, array $limits, string $says): void {
    $result = swapsFor($exercise, TWELVE_EACH, $shelf, $limits);
    expect(offered($result, $exercise))->toBe([])->and(whyNot($result))->toContain($says);
})->with([
    'an empty shelf' => ['biceps-curl', [], [], 'the shelf holds none that serves'],
    'hands that must hold on' => ['bent-over-row', [pair(12)], [Limit::BalanceSupport], 'both hands are busy'],
    'a sack without a handle' => ['biceps-curl', [SACKS], [], 'no handle to hold it by one hand'],
    'a band out of service' => ['biceps-curl', [TUBE + ['out_of_service' => 'nick near the handle']], [], 'nick near the handle'],
]);

it('offers nothing at all where nothing in reach trains the main muscle', function (): void {
    $result = swapsFor('pullover', TWELVE_EACH, [], [Limit::NoFloor]);
    expect($result->candidates)->toBe([])
        ->and(whyNot($result))->toContain('No floor work', 'the shelf holds none that serves');
});

it('offers nothing that meets the ceiling', function (): void {
    $press = ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true];
    $low = swapsFor('overhead-press', $press, [pair(6)], home: Home::of(ceilingM: 1.88));
    $high = swapsFor('overhead-press', $press, [pair(6)], home: Home::of(ceilingM: 2.60));
    expect(offered($low, 'overhead-press'))->toBe([])
        ->and(implode(' ', $low->problems))->toContain('Ceiling')
        ->and(offered($high, 'overhead-press'))->toHaveCount(1);
});

it('leans nobody on furniture that can roll, fold or break', function (array $flaw, string $says): void {
    $result = swapsFor('push-up', ['implement' => 'body-weight'], [TABLE + $flaw], [Limit::NoFloor]);
    $said = implode(
        ' ',
        array_merge(...array_map(static fn ($exclusion): array => $exclusion->reasons, [...$result->excluded, ...$result->leftOut])),
    );
    expect(offered($result, 'push-up'))->toBe([])->and($said)->toContain($says);
})->with([
    'castors' => [['castors' => true], 'castors'],
    'a folding table' => [['folding' => true], 'folds'],
    'glass' => [['glass' => true], 'glass'],
]);

it('walks with a load only where there is a lane', function (): void {
    $carry = ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true];
    $short = swapsFor('farmer-carry', $carry, [pair(12)], home: Home::of(lengthM: 2.0), reps: 40);
    $long = swapsFor('farmer-carry', $carry, [pair(12)], home: Home::of(lengthM: 6.0), reps: 40);
    expect(offered($short, 'farmer-carry'))->toBe([])->and(whyNot($short))->toContain('clear lane of 3 m')
        ->and(offered($long, 'farmer-carry'))->toHaveCount(1);
});

it('needs what it says it needs', function (string $exercise, array $shelf, ?Home $home, string $says): void {
    $result = swapsFor($exercise, ['implement' => 'body-weight'], $shelf, home: $home);
    expect(offered($result, $exercise))->toBe([])->and(whyNot($result))->toContain($says);
})->with([
    'a towel' => ['towel-leg-curl', [], null, 'a towel'],
    'a smooth floor' => [
        'towel-leg-curl',
        [['id' => 't', 'kind' => 'towel', 'name' => 'towel']],
        Home::of(floor: 'carpet'),
        'smooth floor',
    ],
    'a chair' => ['chair-dip', [], null, 'a chair'],
    'a chair of some height' => [
        'sit-to-stand',
        [['id' => 's', 'kind' => 'stool', 'name' => 'milking stool', 'height_cm' => 25]],
        null,
        '38 to 60 cm are needed',
    ],
    'a wall' => ['wall-sit', [], null, 'a clear wall'],
    'a half-ball' => ['half-ball-push-up', [], null, 'a half-ball'],
]);

it('holds nothing of glass and nothing open above the body', function (array $flaw, string $says): void {
    $jug = ['id' => 'jug', 'kind' => 'object', 'name' => 'jug', 'count' => 2, 'mass_kg' => 10, 'grip' => 'handle'] + $flaw;
    $result = swapsFor('floor-press', TWELVE_EACH, [$jug]);
    $said = implode(' ', array_merge(...array_map(static fn ($exclusion): array => $exclusion->reasons, $result->excluded)));
    expect(offered($result, 'floor-press', 'object'))->toBe([])->and($said)->toContain($says);
})->with([
    'glass' => [['glass' => true], 'glass'],
    'open' => [['sealed' => false], 'not sealed'],
]);

it('keeps under-18s four repetitions from the last one', function (): void {
    $result = swapsFor('floor-press', TWELVE_EACH, [pair(10)], [Limit::Youth]);
    expect($result->candidates)->not->toBe([]);
    foreach ($result->candidates as $candidate) {
        expect($candidate->reserve)->toBeGreaterThanOrEqual(4)
            ->and(implode(' ', $candidate->cautions))->toContain('Under 18');
    }
});

it('explains a match part by part', function (): void {
    $candidate = swapsFor('floor-press', TWELVE_EACH, [pair(10), TABLE])->candidates[0];
    $sum = $weights = 0.0;
    foreach ($candidate->parts as $part) {
        expect($part->score)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
        $sum += $part->score * $part->weight;
        $weights += $part->weight;
    }
    expect($sum)->toEqualWithDelta($candidate->match, 1e-9)->and($weights)->toEqualWithDelta(1.0, 1e-9);
});

it('scales weights to add up to one and refuses what cannot be', function (): void {
    $prescription = Prescription::of('floor-press', Setting::fromArray(TWELVE_EACH), 3, 10, 2, Goal::Muscle);
    $desk = SwapDesk::of(
        Shipped::catalogue(),
        Shipped::model(),
        ['effort' => 3, 'movement' => 1, 'muscles' => 0, 'limbs' => 0, 'shape' => 0, 'set-up' => 0, 'liking' => 0],
    );
    $best = $desk->rank($prescription, new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(pair(10))))->candidates[0];
    expect(array_sum(array_map(static fn ($part): float => $part->weight, $best->parts)))->toEqualWithDelta(1, 1e-12)
        ->and(
            array_column(
                array_map(static fn ($part): array => ['name' => $part->name, 'weight' => $part->weight], $best->parts),
                'weight',
                'name',
            )['effort'],
        )
        ->toEqualWithDelta(0.75, 1e-12);
    expect(
        fn () => SwapDesk::of(Shipped::catalogue(), Shipped::model(), ['effort' => -1]),
    )->toThrow(InvalidQuantity::class, 'weights.effort')
        ->and(fn () => SwapDesk::of(Shipped::catalogue(), Shipped::model(), ['luck' => 1]))->toThrow(InvalidQuantity::class)
        ->and(fn () => SwapDesk::of(Shipped::catalogue(), Shipped::model(), array_fill_keys(array_keys(MatchScore::WEIGHTS), 0)))
        ->toThrow(InvalidQuantity::class, 'zero');
});

it('reaches as high as the movement itself, whatever it is reckoned as', function (): void {
    $curve = Shipped::model()->curve(
        Shipped::catalogue()->exercise('curl-to-press'),
        Body::of(1.78, 84),
        Setting::of('dumbbell', 8, perHand: true),
    );
    // Hands over the head of somebody of 1.78 m are above two metres.
    expect($curve->highestPointM)->toBeGreaterThan(2.0);
});
