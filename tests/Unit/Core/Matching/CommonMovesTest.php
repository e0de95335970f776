<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\Shipped;

/*
 * The moves every trainer makes when something is missing, with what they would reach for first.
 */

const EACH = ['implement' => 'dumbbell', 'per_hand' => true];
const MOVES_TABLE = ['id' => 'table', 'kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 30];
const MOVES_TUBE = ['id' => 'tube', 'kind' => 'tube', 'name' => 'tube', 'rest_length_cm' => 140, 'a_n' => 26, 'b_n' => 22];
const MOVES_PACK = ['id' => 'pack', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 24];
const MOVES_SACKS = ['id' => 'sack', 'kind' => 'object', 'name' => 'sack', 'count' => 3, 'mass_kg' => 8, 'grip' => 'bag'];
const MOVES_JUGS = ['id' => 'jug', 'kind' => 'object', 'name' => 'jug', 'count' => 2, 'mass_kg' => 10, 'grip' => 'handle'];
const MOVES_BOTTLES = ['id' => 'bottle', 'kind' => 'object', 'name' => 'bottle', 'count' => 2, 'mass_kg' => 1.6, 'grip' => 'body'];
const MOVES_SOFA = ['id' => 'sofa', 'kind' => 'sofa', 'name' => 'sofa', 'height_cm' => 42, 'mass_kg' => 45];

it('reaches for what a trainer would', function (
    string $exercise,
    array $setting,
    array $shelf,
    array $limits,
    array $first,
    string $with,
    string $because,
): void {
    $result = SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of($exercise, Setting::fromArray($setting), 3, 10, 2, Goal::Muscle),
        new Situation(new Client(Body::of(1.72, 74), $limits), Shipped::shelf(...$shelf)),
    );
    $best = $result->candidates[0];
    expect($first)->toContain($best->rung->exercise->id)
        ->and($best->rung->setting->implement)->toBe($with)
        ->and(implode(' ', $best->reasons))->toContain($because)
        ->and($best->reps)->toBeGreaterThan(2);
    foreach ($result->candidates as $candidate) {
        foreach ($limits as $limit) {
            expect($candidate->rung->exercise->limits[$limit->value]['effect'] ?? '')->not->toBe('exclude');
        }
    }
})->with([
    'bench gone: press-ups from the table' => [
        'floor-press',
        EACH + ['mass_kg' => 14],
        [MOVES_TABLE, MOVES_TUBE],
        [],
        ['push-up', 'wide-push-up'],
        'body-weight',
        '86 % of the muscle work is shared',
    ],
    'kettlebell gone: a packed rucksack' => [
        'goblet-squat',
        ['implement' => 'kettlebell', 'mass_kg' => 16],
        [MOVES_PACK, MOVES_SACKS],
        [],
        ['rucksack-front-squat', 'rucksack-squat'],
        'rucksack',
        'The same movement pattern',
    ],
    'dumbbells gone, jugs of the same mass' => [
        'overhead-press',
        EACH + ['mass_kg' => 10],
        [MOVES_JUGS, MOVES_TUBE],
        [],
        ['overhead-press'],
        'object',
        'Same position, set up in a moment',
    ],
    'rows with what has a handle' => [
        'bent-over-row',
        EACH + ['mass_kg' => 11],
        [MOVES_JUGS],
        [],
        ['bent-over-row'],
        'object',
        'Feels like 10 kg per hand (likely 9.5–10.5) in the bent-over row; prescribed was 11 kg per hand',
    ],
    'rows with a band round the feet' => [
        'bent-over-row',
        EACH + ['mass_kg' => 8],
        [MOVES_TUBE],
        [],
        ['bent-over-row', 'band-seated-row'],
        'tube',
        'Feels like 8 kg per hand',
    ],
    'curls: a band that is strong enough before a bottle that is not' => [
        'biceps-curl',
        EACH + ['mass_kg' => 8],
        [['a_n' => 45, 'b_n' => 38] + MOVES_TUBE, MOVES_BOTTLES],
        [],
        ['biceps-curl', 'hammer-curl'],
        'tube',
        'Feels like 8 kg per hand',
    ],
    'side of the shoulder: a bottle is enough' => [
        'lateral-raise',
        EACH + ['mass_kg' => 2],
        [MOVES_BOTTLES],
        [],
        ['lateral-raise', 'bent-elbow-lateral-raise'],
        'object',
        'Feels like 1.5 kg per hand',
    ],
    'lunges under a rucksack' => [
        'split-squat',
        EACH + ['mass_kg' => 10],
        [MOVES_PACK, MOVES_SACKS],
        [],
        ['split-squat'],
        'rucksack',
        'Feels like 8 kg per hand (likely 7.5–8.5) in the split squat',
    ],
    'hinge with jugs' => [
        'romanian-deadlift',
        EACH + ['mass_kg' => 10],
        [MOVES_JUGS, MOVES_PACK],
        [],
        ['romanian-deadlift'],
        'object',
        'Feels like 10 kg per hand (likely 9.5–10.5) in the Romanian deadlift',
    ],
    'no floor: hands on the sofa' => [
        'push-up',
        ['implement' => 'body-weight'],
        [MOVES_SOFA, MOVES_TABLE],
        [Limit::NoFloor],
        ['push-up'],
        'body-weight',
        'The same exercise with what is here',
    ],
    'hips lifted with the feet up' => [
        'hip-thrust',
        ['implement' => 'dumbbell', 'mass_kg' => 20],
        [MOVES_SACKS, MOVES_SOFA],
        [],
        ['feet-raised-glute-bridge', 'hip-thrust'],
        'object',
        '100 % of the muscle work is shared',
    ],
    'pulling under a table gone: the band that comes nearest' => [
        'inverted-row',
        ['implement' => 'body-weight', 'support_height_cm' => 75],
        [MOVES_TUBE, ['id' => 'towel', 'kind' => 'towel', 'name' => 'towel']],
        [],
        ['bent-over-row', 'crossed-band-bent-row', 'band-seated-row'],
        'tube',
        'The same movement pattern',
    ],
    'a squat stays a squat' => [
        'squat',
        ['implement' => 'body-weight'],
        [['id' => 'chair', 'kind' => 'chair', 'height_cm' => 45]],
        [],
        ['squat'],
        'body-weight',
        'The same exercise with what is here',
    ],
    'calves on flat ground' => [
        'calf-raise',
        ['implement' => 'body-weight'],
        [['id' => 'stair', 'kind' => 'step', 'height_cm' => 18]],
        [],
        ['calf-raise'],
        'body-weight',
        'The same exercise with what is here',
    ],
]);

it('holds a small bottle by its body below the head, and nothing heavier or higher', function (
    string $exercise,
    float $massKg,
    bool $held,
): void {
    $result = SwapDesk::of(Shipped::catalogue(), Shipped::model())->rank(
        Prescription::of($exercise, Setting::fromArray(EACH + ['mass_kg' => 4]), 3, 10, 2, Goal::Muscle),
        new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(['mass_kg' => $massKg] + MOVES_BOTTLES)),
        limit: 50,
    );
    expect(
        array_filter(
            $result->candidates,
            static fn (Candidate $candidate): bool => $candidate->rung->exercise->id === $exercise
                && $candidate->rung->setting->implement === 'object',
        ) !== [],
    )->toBe($held);
})->with(
    [
        ['lateral-raise', 1.6, true],
        ['lateral-raise', 3.0, false],
        ['overhead-press', 1.6, false],
        ['floor-press', 1.6, false],
        ['biceps-curl', 2.5, true],
    ],
);
