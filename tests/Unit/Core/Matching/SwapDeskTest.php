<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Home;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\MatchScore;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Matching\SwapResult;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\Shipped;

/** A usual client on a usual day; only what a case is about is said in the case. */
function swapsFor(string $exercise, array $setting, array $shelf, array $limits = [], ?Home $home = null, int $reps = 10, int $limit = 40): SwapResult
{
    return (new SwapDesk(Shipped::catalogue(), Shipped::model()))->rank(
        Prescription::of($exercise, Setting::fromArray($setting), 3, $reps, 2, Goal::Muscle),
        new Client(Body::of(1.72, 74), $limits),
        Shipped::shelf(...$shelf),
        $home ?? Home::of(),
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
    return implode(' ', array_merge(...array_map(static fn ($exclusion): array => $exclusion->related ? $exclusion->reasons : [], $result->excluded)));
}

function pair(float $kg): array
{
    return ['id' => "pair-{$kg}", 'kind' => 'dumbbell', 'name' => "{$kg} kg dumbbell", 'count' => 2, 'mass_kg' => $kg];
}

const TABLE = ['id' => 'table', 'kind' => 'table', 'name' => 'kitchen table', 'height_cm' => 75, 'mass_kg' => 25];
const RUCKSACK = ['id' => 'bag', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 24];
const SACKS = ['id' => 'sacks', 'kind' => 'object', 'name' => 'flour sack', 'count' => 2, 'mass_kg' => 10, 'grip' => 'bag'];
const TUBE = ['id' => 'tube', 'kind' => 'tube', 'name' => 'green tube', 'rest_length_cm' => 130, 'a_n' => 18, 'b_n' => 16, 'source' => 'measured'];
const TWELVE_EACH = ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true];

it('is the identity when the shelf holds what is written', function (string $exercise, array $setting, array $shelf): void {
    $result = swapsFor($exercise, $setting, $shelf);
    $same = array_values(array_filter($result->candidates, static fn (Candidate $candidate): bool => $candidate->rung->exercise->id === $exercise && $candidate->rung->setting->sameAs(Setting::fromArray($setting))));
    expect($result->problems)->toBe([])
        ->and($same)->toHaveCount(1)
        ->and($same[0]->reps)->toBe(10)
        ->and($same[0]->equivalent->kg)->toEqualWithDelta($result->prescribed->kg, 1e-6)
        ->and($result->candidates[0])->toBe($same[0]);
})->with([
    'floor press' => ['floor-press', TWELVE_EACH, [pair(12), TABLE]],
    'rucksack squat' => ['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 12], [RUCKSACK, SACKS]],
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
    $toRucksack = swapsFor('goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 16], [RUCKSACK, SACKS]);
    $packed = offered($toRucksack, 'rucksack-squat')[0];
    expect($packed->equivalent->unit)->toBe('kg on the shoulders')
        ->and($packed->equivalent->kg)->toEqualWithDelta($toRucksack->prescribed->kg, 1.5);

    $back = swapsFor('rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 16], [['id' => 'bell', 'kind' => 'kettlebell', 'name' => '16 kg kettlebell', 'mass_kg' => 16]]);
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

it('gives no easier rewrite when the prescription is heavier', function (): void {
    $last = 0;
    foreach ([16.0, 14.0, 12.0, 10.0, 8.0] as $massKg) {
        $candidate = offered(swapsFor('floor-press', ['implement' => 'dumbbell', 'mass_kg' => $massKg, 'per_hand' => true], [pair(9)]), 'floor-press')[0];
        expect($candidate->reps)->toBeGreaterThan(0);
        if ($last > 0) {
            expect($candidate->reps)->toBeLessThanOrEqual($last);
        }
        $last = $candidate->reps;
    }
});

it('never makes the best match worse by adding a thing', function (): void {
    $things = [TABLE, pair(8), TUBE, ['id' => 'chair', 'kind' => 'chair', 'name' => 'chair', 'height_cm' => 45, 'mass_kg' => 5], pair(14)];
    $shelf = [];
    $best = 0.0;
    foreach ($things as $thing) {
        $shelf[] = $thing;
        $match = swapsFor('floor-press', TWELVE_EACH, $shelf)->candidates[0]->match ?? 0.0;
        expect($match)->toBeGreaterThanOrEqual($best - 1e-9);
        $best = $match;
    }
});

it('never adds a candidate with a limit, and offers nothing a limit excludes', function (Limit $limit): void {
    $shelf = [pair(6), pair(12), TABLE, RUCKSACK, SACKS, TUBE];
    foreach (['floor-press' => TWELVE_EACH, 'squat' => TWELVE_EACH, 'lateral-raise' => ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true], 'bent-over-row' => TWELVE_EACH] as $exercise => $setting) {
        $free = swapsFor($exercise, $setting, $shelf, limit: 200);
        $limited = swapsFor($exercise, $setting, $shelf, [$limit], limit: 200);
        $names = static fn (SwapResult $result): array => array_map(static fn (Candidate $candidate): string => $candidate->rung->exercise->id, $result->candidates);
        expect(array_diff($names($limited), $names($free)))->toBe([])
            ->and(count($limited->candidates))->toBeLessThanOrEqual(count($free->candidates));
        foreach ($limited->candidates as $candidate) {
            expect($candidate->rung->exercise->limits[$limit->value]['effect'] ?? 'none')->not->toBe('exclude');
        }
    }
})->with(Limit::cases());

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

it('offers nothing at all where the shelf and the limits leave nothing', function (): void {
    $result = swapsFor('pullover', TWELVE_EACH, [TUBE], [Limit::NoFloor]);
    expect($result->candidates)->toBe([])
        ->and(whyNot($result))->toContain('No floor work', 'no anchor noted');
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
    $said = implode(' ', array_merge(...array_map(static fn ($exclusion): array => $exclusion->reasons, [...$result->excluded, ...$result->leftOut])));
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
    'a smooth floor' => ['towel-leg-curl', [['id' => 't', 'kind' => 'towel', 'name' => 'towel']], Home::of(floor: 'carpet'), 'smooth floor'],
    'a chair' => ['chair-dip', [], null, 'a chair'],
    'a chair of some height' => ['sit-to-stand', [['id' => 's', 'kind' => 'stool', 'name' => 'milking stool', 'height_cm' => 25]], null, '38 to 60 cm are needed'],
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
    $desk = new SwapDesk(Shipped::catalogue(), Shipped::model(), ['effort' => 3, 'movement' => 1, 'muscles' => 0, 'limbs' => 0, 'shape' => 0, 'set-up' => 0, 'liking' => 0]);
    $best = $desk->rank($prescription, new Client(Body::of(1.72, 74)), Shipped::shelf(pair(10)), Home::of())->candidates[0];
    expect(array_sum(array_map(static fn ($part): float => $part->weight, $best->parts)))->toEqualWithDelta(1, 1e-12)
        ->and(array_column(array_map(static fn ($part): array => ['name' => $part->name, 'weight' => $part->weight], $best->parts), 'weight', 'name')['effort'])->toEqualWithDelta(0.75, 1e-12);
    expect(fn () => new SwapDesk(Shipped::catalogue(), Shipped::model(), ['effort' => -1]))->toThrow(InvalidQuantity::class, 'weights.effort')
        ->and(fn () => new SwapDesk(Shipped::catalogue(), Shipped::model(), ['luck' => 1]))->toThrow(InvalidQuantity::class)
        ->and(fn () => new SwapDesk(Shipped::catalogue(), Shipped::model(), array_fill_keys(array_keys(MatchScore::WEIGHTS), 0)))->toThrow(InvalidQuantity::class, 'zero');
});
