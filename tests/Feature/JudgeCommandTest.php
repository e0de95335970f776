<?php

declare(strict_types=1);

const SOMEBODY = [
    'client' => ['height_cm' => 172, 'body_mass_kg' => 74, 'experience' => 'some', 'sex' => 'male', 'birth_year' => 1990],
    'shelf' => [
        ['id' => 'pair', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 12],
        ['id' => 'bell', 'kind' => 'kettlebell', 'mass_kg' => 20],
        ['id' => 'wall', 'kind' => 'wall'],
    ],
    'home' => ['ceiling_cm' => 250],
    'goal' => 'muscle',
    'days' => [['weekday' => 1, 'minutes' => 40], ['weekday' => 4, 'minutes' => 40]],
    'start' => '2026-11-30',
];

/** @return array<string, mixed> */
function slotOf(string $exercise, array $setting, int $reps, int $sets = 3, int $reserve = 2): array
{
    return ['exercise' => $exercise, 'setting' => $setting, 'sets' => $sets, 'reps' => $reps, 'reserve' => $reserve, 'rest_seconds' => 75];
}

/** @return array{code: int, out: array<string, mixed>, raw: string} */
function judged(array $monday, array $thursday = [], array $more = []): array
{
    $sessions = [];
    foreach ([1 => $monday, 4 => $thursday] as $weekday => $items) {
        if ($items !== []) {
            $sessions[] = ['weekday' => $weekday, 'name' => 'Work', 'blocks' => [['kind' => 'straight', 'items' => $items]]];
        }
    }

    return runCommand('judge', (string) json_encode($more + ['week' => ['sessions' => $sessions]] + SOMEBODY));
}

it('tells what a written slot can be expected to leave, and what it counts', function (): void {
    $answer = judged([
        slotOf('goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 20], 10),
        slotOf('lateral-raise', ['implement' => 'body-weight'], 12),
        slotOf('overhead-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 8),
        slotOf('seated-floor-twist', ['implement' => 'body-weight'], 12),
    ]);
    [$squat, $raise, $press, $twist] = $answer['out']['slots'];

    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('judge.out', $answer['raw']))->toBeTrue()
        ->and($squat['expected_reserve'])->toEqualWithDelta($squat['reps_max'] - 10, 0.11)
        ->and($squat['low'])->toBeLessThan($squat['reps_max'])
        ->and($squat['counts'])->toEqual(1.0)
        // Empty hands are nothing to a grown man's shoulder.
        ->and($raise['reps_max'])->toBeGreaterThan(50.0)
        ->and($raise['counts'])->toEqual(0.0)
        ->and($press['counts'])->toBeGreaterThan(0.5)
        ->and($twist['reps_max'])->toBeNull()
        ->and($answer['out']['hard_sets']['quadriceps'])->toEqual(3.0)
        ->and($answer['out']['hard_sets']['side-shoulder'])->toBeLessThan(2.0)
        ->and(array_sum($answer['out']['score']['parts']))->toEqualWithDelta($answer['out']['score']['total'], 0.01);
});

it('sets the better week above the worse', function (array $better, array $worse): void {
    $of = static fn (array $items): float => judged($items, $items)['out']['score']['total'];
    expect($of($better))->toBeGreaterThan($of($worse));
})->with([
    'a load that is one against one that is none' => [
        [slotOf('goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 20], 10)],
        [slotOf('goblet-squat', ['implement' => 'dumbbell', 'mass_kg' => 12], 6)],
    ],
    'a press with something in the hands against a raise with nothing' => [
        [slotOf('overhead-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 8)],
        [slotOf('side-and-front-raise', ['implement' => 'body-weight'], 12)],
    ],
    'a hinge under load against a drill' => [
        [slotOf('romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 12)],
        [slotOf('hip-hinge-drill', ['implement' => 'body-weight'], 12)],
    ],
    'a row against a punch' => [
        [slotOf('bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 12)],
        [slotOf('seated-punch', ['implement' => 'body-weight'], 12)],
    ],
    'a whole body against one half of it' => [
        [
            slotOf('goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 20], 10, 2),
            slotOf('bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 12, 2),
        ],
        [slotOf('biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 8, 2),
            slotOf('triceps-kickback', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 8, 2)],
    ],
]);

it('comes near what the planner says of its own week', function (): void {
    $plan = runCommand('plan', (string) json_encode(['weeks' => 1] + SOMEBODY))['out'];
    $week = runCommand('judge', (string) json_encode(['week' => ['sessions' => $plan['weeks'][0]['sessions']]] + SOMEBODY));

    expect($week['code'])->toBe(0)
        ->and(fitsSchema(
            'judge.in',
            (string) json_encode(['week' => ['sessions' => $plan['weeks'][0]['sessions']]] + SOMEBODY),
        ))->toBeTrue()
        ->and($week['out']['score']['total'])->toEqualWithDelta($plan['score']['total'], 0.05 * $plan['score']['total']);
});

it('refuses what cannot be, naming the field', function (string $field, array $asked): void {
    $answer = runCommand('judge', (string) json_encode($asked));
    expect($answer['code'])->toBe(2)
        ->and(fitsSchema('error.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['error']['field'])->toBe($field);
})->with([
    ['week', SOMEBODY],
    ['week.sessions', ['week' => []] + SOMEBODY],
    ['week.sessions.0.weekday', ['week' => ['sessions' => [['weekday' => 2, 'blocks' => []]]]] + SOMEBODY],
    [
        'week.sessions.1.weekday',
        ['week' => ['sessions' => [['weekday' => 1, 'blocks' => []], ['weekday' => 1, 'blocks' => []]]]] + SOMEBODY,
    ],
    ['week.sessions.0.blocks', ['week' => ['sessions' => [['weekday' => 1]]]] + SOMEBODY],
    [
        'week.sessions.0.blocks.0.items.0.exercise',
        ['week' => ['sessions' => [[
            'weekday' => 1,
            'blocks' => [['kind' => 'straight', 'items' => [['exercise' => 'nothing']]]],
        ]]]] + SOMEBODY,
    ],
    ['goal', ['goal' => 'beauty', 'week' => ['sessions' => []]] + SOMEBODY],
    ['client.sex', ['client' => ['sex' => 'x'] + SOMEBODY['client'], 'week' => ['sessions' => []]] + SOMEBODY],
]);
