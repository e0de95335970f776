<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

/*
 * The commands as a script uses them: JSON in, JSON out, exit codes.
 */

const GOOD = [
    'band-fit' => [
        'rest_length_cm' => 60,
        'points' => [
            ['length_cm' => 90, 'force_n' => 34.4815],
            ['length_cm' => 120, 'force_n' => 50.75],
            ['length_cm' => 150, 'force_n' => 62.712],
        ],
    ],
    'fill' => [
        'target_kg' => 9,
        'carrier' => ['tare_kg' => 0.9, 'max_kg' => 20],
        'items' => [['id' => 'flour', 'mass_kg' => 1.03, 'count' => 4], ['id' => 'bottle', 'mass_kg' => 1.55, 'count' => 3]],
        'pourables' => [['id' => 'sand', 'density_kg_per_l' => 1.6, 'max_l' => 3, 'step_l' => 0.25, 'container_kg' => 0.1]],
    ],
    'rep-max' => ['load_kg' => 60, 'reps' => 8, 'reserve' => 2],
    'plan' => [
        'client' => [
            'height_cm' => 172,
            'body_mass_kg' => 74,
            'experience' => 'some',
            'limits' => ['back-pain'],
            'dislikes' => ['upright-row'],
        ],
        'shelf' => [
            ['id' => 'pair', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
            ['id' => 'tube', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20],
        ],
        'home' => ['ceiling_cm' => 240],
        'goal' => 'muscle',
        'days' => [['weekday' => 2, 'minutes' => 30], ['weekday' => 5, 'minutes' => 45]],
        'weeks' => 5,
        'order' => 'legs-first',
        'structure' => 'straight',
        'start' => '2026-11-30',
    ],
    'steps' => [
        'client' => ['height_cm' => 164, 'body_mass_kg' => 68],
        'shelf' => [
            ['id' => 'bell', 'kind' => 'kettlebell', 'count' => 1, 'mass_kg' => 12],
            ['id' => 'pair', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6],
        ],
        'session' => ['name' => 'Two ways', 'weekday' => 2, 'minutes' => 30, 'blocks' => [
            ['kind' => 'superset', 'name' => 'A', 'rounds' => 2, 'round_rest_s' => 60, 'items' => [
                [
                    'thread' => 'legs',
                    'exercise' => 'goblet-squat',
                    'setting' => ['implement' => 'kettlebell', 'mass_kg' => 12],
                    'things' => ['bell'],
                    'sets' => 2,
                    'reps' => 10,
                    'per_side' => false,
                    'sides' => 'both',
                    'reserve' => 2,
                    'tempo' => ['lower' => 2, 'pause' => 0, 'lift' => 1, 'top' => 0],
                    'rest_seconds' => 60,
                ],
                [
                    'thread' => 'pull',
                    'exercise' => 'bent-over-row',
                    'setting' => ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true],
                    'things' => ['pair'],
                    'sets' => 2,
                    'reps' => 12,
                    'sides' => 'both',
                    'reserve' => 2,
                    'rest_seconds' => 60,
                ],
            ]],
            [
                'kind' => 'intervals',
                'work_s' => 40,
                'rest_s' => 20,
                'rounds' => 2,
                'items' => [['exercise' => 'split-squat', 'sets' => 1, 'sides' => 'each'], ['exercise' => 'forearm-plank', 'sets' => 1]],
            ],
            [
                'kind' => 'ladder',
                'doses' => [12, 9, 6],
                'items' => [['exercise' => 'push-up', 'sets' => 3, 'reps' => 12, 'rest_seconds' => 30]],
            ],
            ['kind' => 'hold', 'items' => [['exercise' => 'forearm-plank', 'sets' => 1, 'as_long_as_clean' => true]]],
        ]],
    ],
    'resistance' => [
        'client' => ['height_cm' => 175, 'body_mass_kg' => 75],
        'exercise' => 'push-up',
        'setting' => ['implement' => 'body-weight', 'support_height_cm' => 61],
        'school' => 'mean',
    ],
    'swap' => [
        'client' => ['height_cm' => 164, 'body_mass_kg' => 68],
        'shelf' => [
            ['id' => 'bells', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6],
            ['id' => 'table', 'kind' => 'table', 'height_cm' => 75, 'mass_kg' => 24],
            ['id' => 'wall', 'kind' => 'wall'],
        ],
        'home' => ['ceiling_cm' => 245, 'anchors' => [['id' => 'door', 'height_cm' => 190, 'kind' => 'door']]],
        'prescription' => [
            'exercise' => 'floor-press',
            'setting' => ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true],
            'sets' => 3,
            'reps' => 10,
            'reserve' => 2,
            'goal' => 'muscle',
        ],
    ],
];

const GOOD_BAND = ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'behind-back'];

/** Lays a wrong value over good input, by its dotted name; `null` takes it away. */
function spoilt(string $command, string $path, mixed $value): string
{
    $input = GOOD[$command];
    $value === null ? Illuminate\Support\Arr::forget($input, $path) : Illuminate\Support\Arr::set($input, $path, $value);

    return (string) json_encode($input);
}

it('fits a band and gives its own constants back', function (): void {
    $answer = runCommand('band-fit', (string) json_encode(GOOD['band-fit']));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('band-fit.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['a_n'])->toEqualWithDelta(18, 0.02)
        ->and($answer['out']['b_n'])->toEqualWithDelta(22, 0.03)
        ->and($answer['out']['max_length_cm'])->toBe(150.0);
});

it('fills a carrier to what is wanted', function (): void {
    $answer = runCommand('fill', (string) json_encode(GOOD['fill']));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('fill.out', $answer['raw']))->toBeTrue()
        // 0.9 + 2 × 1.03 + 3 × 1.55 … the nearest sum there is lies within fifty grams.
        ->and($answer['out']['error_kg'])->toBeLessThan(0.05)
        ->and($answer['out']['total_kg'])->toEqualWithDelta(9, 0.05)
        ->and($answer['out']['pieces'])->toBeGreaterThan(1);
    $bare = runCommand('fill', (string) json_encode(['target_kg' => 5, 'carrier' => ['tare_kg' => 1, 'max_kg' => 20]]));
    expect($bare['out'])->toBe(['total_kg' => 1.0, 'error_kg' => 4.0, 'picks' => [], 'pours' => [], 'pieces' => 0]);
});

it('fills thirty kinds of piece and four vessels at once', function (): void {
    mt_srand(7);
    $items = array_map(
        static fn (int $i): array => ['id' => "piece {$i}", 'mass_kg' => mt_rand(100, 4000) / 1000, 'count' => mt_rand(1, 6)],
        range(1, 30),
    );
    $pourables = array_map(
        static fn (float $density): array => [
            'id' => "of {$density}",
            'density_kg_per_l' => $density,
            'max_l' => 5,
            'step_l' => 0.25,
            'container_kg' => 0.2,
        ],
        [1.0, 1.6, 0.85, 1.03],
    );
    $answer = runCommand(
        'fill',
        (string) json_encode([
            'target_kg' => 31.417,
            'carrier' => ['tare_kg' => 1.1, 'max_kg' => 40],
            'items' => $items,
            'pourables' => $pourables,
        ]),
    );
    expect($answer['code'])->toBe(0)->and($answer['out']['error_kg'])->toBeLessThanOrEqual(0.0005);
});

it('swaps as the screen does', function (string $exercise, array $setting): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $things = [
        ['kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'mass_kg' => 8],
        ['kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'rest_length_cm' => 140, 'a_n' => 30, 'b_n' => 26, 'source' => 'measured'],
        [
            'kind' => 'long-loop',
            'name' => 'green loop',
            'count' => 1,
            'rest_length_cm' => 100,
            'a_n' => 40,
            'b_n' => 34,
            'source' => 'rated',
        ],
        ['kind' => 'table', 'name' => 'table', 'count' => 1, 'height_cm' => 75, 'mass_kg' => 25],
    ];
    foreach ($things as $thing) {
        Saltmarrow::thing(
            $client,
            $thing['kind'],
            $thing['name'],
            $thing['count'],
            array_diff_key($thing, ['kind' => 0, 'name' => 0, 'count' => 0]),
        );
    }
    $item = Saltmarrow::item(Saltmarrow::session($client), $exercise, $setting);
    $screen = $this->actingAs($client->trainer)->getJson("/api/items/{$item->id}/swaps")->assertOk()->json('candidates');
    $command = runCommand('swap', (string) json_encode([
        'client' => ['height_cm' => 178, 'body_mass_kg' => 84],
        'shelf' => array_map(static fn (int $i, array $thing): array => ['id' => (string) $i] + $thing, array_keys($things), $things),
        'home' => ['floor' => 'smooth'],
        'prescription' => [
            'exercise' => $exercise,
            'setting' => $setting,
            'sets' => $item->chosen->sets,
            'reps' => $item->chosen->dose->count(),
            'reserve' => $item->chosen->reserve,
            'goal' => 'muscle',
        ],
    ]))['out']['candidates'];
    expect($screen)->not->toBe([])->and(count($command))->toBe(count($screen));
    foreach ($screen as $i => $candidate) {
        expect($command[$i]['exercise'])->toBe($candidate['exercise'])
            ->and($command[$i]['setting'])->toEqual($candidate['setting'])
            ->and($command[$i]['reps'])->toBe($candidate['reps'])
            ->and(100 * $command[$i]['match'])->toEqualWithDelta($candidate['matchPercent'], 0.51)
            ->and(array_diff([...$candidate['reasons'], ...$candidate['changes'], ...$candidate['lost']], $command[$i]['reasons']))
            ->toBe([]);
    }
})->with([
    ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true]],
    ['biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true]],
    ['squat', ['implement' => 'body-weight']],
]);

it('ranks swaps, with words for each and for everything left out', function (): void {
    $answer = runCommand('swap', (string) json_encode(GOOD['swap']));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('swap.in', (string) json_encode(GOOD['swap'])))->toBeTrue()
        ->and(fitsSchema('swap.out', $answer['raw']))->toBeTrue()
        ->and(count($answer['out']['candidates']))->toBeGreaterThan(2)
        ->and($answer['out']['candidates'][0]['match'])->toBeGreaterThanOrEqual($answer['out']['candidates'][1]['match'])
        ->and(array_column($answer['out']['candidates'], 'exercise'))->toContain('push-up');
    foreach ($answer['out']['excluded'] as $left) {
        expect($left['reasons'])->not->toBe([]);
    }
    $limited = runCommand('swap', spoilt('swap', 'client.limits', ['no-floor']));
    expect(array_column($limited['out']['candidates'], 'exercise'))->not->toContain('floor-press');
    expect(runCommand('swap', spoilt('swap', 'limit', 1))['out']['candidates'])->toHaveCount(1);
    $known = runCommand('swap', spoilt('swap', 'client.capacity', ['horizontal-press' => ['kg' => 30, 'sd_kg' => 2]]));
    expect($known['out']['candidates'])->not->toBe($answer['out']['candidates']);
});

it('plans a programme, proves it, and keeps what is pinned', function (): void {
    $answer = runCommand('plan', (string) json_encode(GOOD['plan']));
    $out = $answer['out'];
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('plan.in', (string) json_encode(GOOD['plan'])))->toBeTrue()
        ->and(fitsSchema('plan.out', $answer['raw']))->toBeTrue()
        ->and(array_column($out['weeks'], 'kind'))->toBe(['build', 'build', 'build', 'build', 'deload'])
        ->and(array_unique(array_column($out['checks'], 'id')))->toHaveCount(15)
        ->and($out['score']['total'])->toEqualWithDelta(array_sum($out['score']['parts']), 0.01)
        ->and(array_column(array_filter($out['checks'], static fn (array $check): bool => $check['verdict'] === 'no'), 'words'))->toBe([])
        ->and(runCommand('plan', (string) json_encode(GOOD['plan']))['raw'])->toBe($answer['raw']);
    $pins = [];
    foreach ($out['weeks'][0]['sessions'] as $session) {
        expect($session['likely_minutes'])->toBeLessThanOrEqual($session['minutes']);
        foreach ($session['blocks'] as $block) {
            foreach ($block['kind'] === 'straight' ? $block['items'] : [] as $item) {
                $pins[] = ['weekday' => $session['weekday']] + array_intersect_key($item, ['exercise' => 0, 'setting' => 0, 'sets' => 0]);
            }
        }
    }
    expect(runCommand('plan', spoilt('plan', 'pinned', $pins))['raw'])->toBe($answer['raw']);
    $carved = runCommand('plan', spoilt('plan', 'pinned', [['weekday' => 5, 'exercise' => 'push-up', 'sets' => 2]]))['out'];
    $friday = array_merge(...array_map(
        static fn (array $block): array => array_column($block['items'], 'sets', 'exercise'),
        $carved['weeks'][0]['sessions'][1]['blocks'],
    ));
    // The search is no proof: a pin may lead it to a week a little better.
    expect($friday['push-up'])->toBe(2)->and($carved['score']['total'])->toBeLessThanOrEqual(1.01 * $out['score']['total']);
    // A number of days spreads them; the bare minimum is enough.
    $bare = array_diff_key(GOOD['plan'], ['order' => 0, 'structure' => 0, 'start' => 0]);
    $few = runCommand('plan', (string) json_encode(['days' => 2, 'minutes' => 20, 'weeks' => 1] + $bare));
    expect($few['code'])->toBe(0)->and(array_column($few['out']['weeks'][0]['sessions'], 'weekday'))->toBe([1, 4]);
});

it('plays a session', function (): void {
    $answer = runCommand('steps', (string) json_encode(GOOD['steps']));
    $steps = $answer['out']['steps'];
    $work = array_values(array_filter($steps, static fn (array $step): bool => $step['kind'] === 'work'));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('steps.in', (string) json_encode(GOOD['steps'])))->toBeTrue()
        ->and(fitsSchema('steps.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['seconds'])->toEqual(array_sum(array_column($steps, 'seconds')))
        ->and($answer['out']['likely_seconds'])->toBe($answer['out']['seconds'])
        // Two rounds of two; split squats a side at a time, and a plank, for two rounds; three rungs; a plank.
        ->and(array_map(static fn (array $step): string => ($step['thread'] ?? '').'/'.($step['side'] ?? '').'/'.$step['dose'], $work))
        ->toBe([
            'legs//10', 'pull//12', 'legs//10', 'pull//12', '1.0/left/20', '1.0/right/20', '1.1//40', '1.0/left/20',
            '1.0/right/20', '1.1//40', '2.0//12', '2.0//9', '2.0//6', '3.0//45',
        ])
        ->and($work[0]['seconds'])->toEqual(30)
        ->and($steps[0]['pick_up'])->toBe(['bell'])
        ->and($answer['out']['position_changes'])->toBeGreaterThan(2);
    expect(runCommand('steps', (string) json_encode(GOOD['steps']))['raw'])->toBe($answer['raw']);
});

it('estimates a maximum', function (): void {
    $answer = runCommand('rep-max', (string) json_encode(GOOD['rep-max']));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('rep-max.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['median_kg'])->toEqualWithDelta(79.28, 0.01);
    $long = runCommand('rep-max', (string) json_encode(['load_kg' => 10, 'reps' => 31, 'reserve' => 0]));
    expect($long['out']['brzycki_kg'])->toBeNull()->and(fitsSchema('rep-max.out', $long['raw']))->toBeTrue();
});

it('reckons resistance, in each school', function (string $school): void {
    $answer = runCommand('resistance', spoilt('resistance', 'school', $school));
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('resistance.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['usable'])->toBeTrue()
        ->and($answer['out']['reference_exercise'])->toBe('floor-press')
        ->and($answer['out']['share_of_body_weight'])->toEqualWithDelta(0.41, 0.1)
        ->and($answer['out']['low_kg'])->toBeLessThan($answer['out']['equivalent_kg']);
})->with(['mean', 'peak', 'end-of-range']);

it('says when a band is stretched too far, with what could be reckoned and a setting that works', function (): void {
    $setting = [
        'implement' => 'tube',
        'band' => ['rest_length_cm' => 150, 'a_n' => 18, 'b_n' => 22, 'layout' => 'two-feet', 'stance_cm' => 70, 'grip_cm' => 20],
    ];
    $answer = runCommand(
        'resistance',
        (string) json_encode(['client' => ['height_cm' => 175, 'body_mass_kg' => 75], 'exercise' => 'biceps-curl', 'setting' => $setting]),
    );
    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('resistance.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['usable'])->toBeFalse()
        ->and($answer['out']['problem'])->toContain('over-stretched')
        ->and($answer['out']['curve'])->toHaveCount(21);
    $nearest = runCommand(
        'resistance',
        (string) json_encode([
            'client' => ['height_cm' => 175, 'body_mass_kg' => 75],
            'exercise' => 'biceps-curl',
            'setting' => $answer['out']['nearest_setting'],
        ]),
    );
    expect($nearest['out']['usable'])->toBeTrue();
});

it('has no share of body weight along an angle and no kilograms where they mean nothing', function (): void {
    $curl = runCommand(
        'resistance',
        (string) json_encode([
            'client' => ['height_cm' => 170, 'body_mass_kg' => 70],
            'exercise' => 'biceps-curl',
            'setting' => ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true],
        ]),
    );
    $stretch = runCommand(
        'resistance',
        (string) json_encode([
            'client' => ['height_cm' => 170, 'body_mass_kg' => 70],
            'exercise' => 'calf-stretch',
            'setting' => ['implement' => 'body-weight'],
        ]),
    );
    expect($curl['out']['share_of_body_weight'])->toBeNull()
        ->and($curl['out']['unit'])->toBe('N·m')
        ->and($stretch['out']['equivalent_kg'])->toBeNull()
        ->and(fitsSchema('resistance.out', $stretch['raw']))->toBeTrue();
});

it('answers bad input with exit 2 and the field, and nothing else', function (
    string $command,
    string $path,
    mixed $value,
    ?string $field = null,
): void {
    $answer = runCommand($command, spoilt($command, $path, $value));
    expect($answer['code'])->toBe(2)
        ->and(fitsSchema('error.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['error']['field'])->toBe($field ?? $path)
        ->and($answer['out']['error']['message'])->not->toBe('');
})->with([
    ['band-fit', 'rest_length_cm', null], ['band-fit', 'rest_length_cm', 'long'], ['band-fit', 'rest_length_cm', 1],
    ['band-fit', 'points', null], ['band-fit', 'points', []], ['band-fit', 'points', 'none'], ['band-fit', 'points.0', 5],
    ['band-fit', 'points.1.length_cm', null], ['band-fit', 'points.1.length_cm', 60], ['band-fit', 'points.1.length_cm', 40],
    ['band-fit', 'points.2.force_n', -1], ['band-fit', 'points.2.force_n', 'strong'], ['band-fit', 'points.2.length_cm', 400],
    ['fill', 'target_kg', null], ['fill', 'target_kg', 0], ['fill', 'target_kg', 'nine'], ['fill', 'carrier', null], ['fill', 'carrier', 5],
    ['fill', 'carrier.tare_kg', null], ['fill', 'carrier.tare_kg', -1], ['fill', 'carrier.max_kg', null], ['fill', 'carrier.max_kg', 0.5],
    ['fill', 'items', 'bricks'], ['fill', 'items.0.id', null], ['fill', 'items.0.mass_kg', 0], ['fill', 'items.1.count', -1],
    ['fill', 'items.1.count', 1.5], ['fill', 'items.1.id', 'flour'],
    ['fill', 'pourables', 5], ['fill', 'pourables.0.id', 5], [
        'fill',
        'pourables.0.density_kg_per_l',
        20,
    ], ['fill', 'pourables.0.max_l', null], ['fill', 'pourables.0.step_l', 0],
    ['fill', 'pourables.0.step_l', 0.001, 'pourables.0.step_l'], ['fill', 'pourables.0.container_kg', -1],
    ['swap', 'client', null], ['swap', 'client.height_cm', 5], ['swap', 'client.limits', 'tired'], [
        'swap',
        'client.limits',
        ['tired'],
        'client.limits.0',
    ],
    [
        'swap',
        'client.capacity',
        ['singing' => ['kg' => 1, 'sd_kg' => 1]],
        'client.capacity.singing',
    ], ['swap', 'client.capacity', ['squat' => ['kg' => 0, 'sd_kg' => 1]], 'client.capacity.squat.kg'],
    ['swap', 'shelf', null], ['swap', 'shelf.0.id', null], ['swap', 'shelf.0.kind', 'anvil'],
    ['swap', 'shelf.0.mass_kg', 'heavy'], ['swap', 'shelf.0.mass_kg', null], ['swap', 'shelf.0.count', 0],
    ['swap', 'shelf.1.height_cm', 'tall'],
    ['swap', 'shelf.2', ['id' => 't', 'kind' => 'tube', 'rest_length_cm' => 120], 'shelf.2.a_n'],
    ['swap', 'home', null], ['swap', 'home.ceiling_cm', 20], ['swap', 'home.floor', 'lava'], ['swap', 'home.quiet', 'yes'], [
        'swap',
        'home.anchors.0.height_cm',
        999,
    ],
    ['swap', 'prescription', null], ['swap', 'prescription.exercise', 'anvil-toss'], [
        'swap',
        'prescription.setting',
        ['implement' => 'anvil'],
        'prescription.setting.implement',
    ],
    ['swap', 'prescription.setting', null], ['swap', 'prescription.sets', 0], ['swap', 'prescription.reps', 1.5],
    ['swap', 'prescription.reserve', -1], ['swap', 'prescription.goal', 'fame'], ['swap', 'school', 'median'], ['swap', 'limit', 0],
    ['plan', 'client', null], ['plan', 'client.experience', 'lots'], ['plan', 'client.dislikes', ['anvil-toss'], 'client.dislikes.0'],
    ['plan', 'goal', 'fame'], ['plan', 'goal', null], ['plan', 'weeks', 0], ['plan', 'weeks', 2.5], ['plan', 'order', 'random'],
    ['plan', 'structure', 'pyramid'], ['plan', 'start', 'soon'], ['plan', 'days', null], ['plan', 'days', []],
    ['plan', 'days.0.weekday', 8], ['plan', 'days.0.minutes', 5], ['plan', 'days.1.weekday', 2], ['plan', 'days', 3, 'minutes'],
    ['plan', 'pinned', [['weekday' => 3, 'exercise' => 'push-up']], 'pinned.0.weekday'],
    ['plan', 'pinned', [['weekday' => 2, 'exercise' => 'anvil-toss']], 'pinned.0.exercise'],
    [
        'plan',
        'pinned',
        [['weekday' => 2, 'exercise' => 'goblet-squat', 'setting' => ['implement' => 'kettlebell', 'mass_kg' => 40]]],
        'pinned.0.exercise',
    ],
    ['steps', 'client', null], ['steps', 'session', null], ['steps', 'session.blocks', null], [
        'steps',
        'session.blocks.0.kind',
        'waltz',
    ], ['steps', 'session.blocks.0.items', null],
    [
        'steps',
        'session.blocks.0.items.1',
        null,
        'session.blocks.0.items',
    ], ['steps', 'session.blocks.0.items.0.exercise', 'anvil-toss'], ['steps', 'session.blocks.0.items.0.things', ['anvil']],
    ['steps', 'session.blocks.0.items.0.reps', 0], ['steps', 'session.blocks.0.items.0.reps', null], [
        'steps',
        'session.blocks.0.items.0.seconds',
        30,
        'session.blocks.0.items.0.reps',
    ],
    ['steps', 'session.blocks.0.items.0.sides', 'both-ways'], ['steps', 'session.blocks.0.items.0.sets', 0], [
        'steps',
        'session.blocks.0.items.0.setting.mass_kg',
        -1,
    ], ['steps', 'session.blocks.0.items.0.tempo.lower', 99],
    ['steps', 'session.blocks.1.work_s', 0], ['steps', 'session.blocks.1.rest_s', null], [
        'steps',
        'session.blocks.2.doses',
        [12, 0, 6],
        'session.blocks.2.doses.1',
    ], ['steps', 'session.blocks.2.doses', null],
    ['rep-max', 'load_kg', null], ['rep-max', 'load_kg', 0], ['rep-max', 'load_kg', 1001], ['rep-max', 'load_kg', '60'],
    ['rep-max', 'reps', null], ['rep-max', 'reps', 0], ['rep-max', 'reserve', null], ['rep-max', 'reserve', -1], ['rep-max', 'reserve', 21],
    ['resistance', 'client', null], ['resistance', 'client', 5], ['resistance', 'client.height_cm', null],
    ['resistance', 'client.height_cm', 99],
    ['resistance', 'client.body_mass_kg', null], ['resistance', 'client.body_mass_kg', 'heavy'], ['resistance', 'client.limbs', 'long'],
    [
        'resistance',
        'client.limbs.thigh_cm',
        'long',
    ], ['resistance', 'client.limbs.thigh_cm', 10], ['resistance', 'client.limbs.wing_cm', 40],
    [
        'resistance',
        'client',
        [],
        'client.height_cm',
    ], ['resistance', 'exercise', 5], ['resistance', 'school', 5], ['resistance', 'setting.implement', 5],
    ['resistance', 'setting.colour', 'red'], [
        'resistance',
        'setting.per_hand',
        'yes',
    ], ['resistance', 'setting.limbs', 1.5], ['resistance', 'setting.limbs', 'both'],
    [
        'resistance',
        'setting.support_height_cm',
        'low',
    ], ['resistance', 'setting.foot_height_cm', 'low'], ['resistance', 'setting.band', 'red'],
    ['resistance', 'setting.implement', 'rucksack', 'setting.mass_kg'], ['resistance', 'setting.implement', 'tube', 'setting.band'],
    ['resistance', 'exercise', null], ['resistance', 'exercise', 'anvil-toss'], ['resistance', 'school', 'median'],
    ['resistance', 'setting', null], ['resistance', 'setting.implement', null], ['resistance', 'setting.mass_kg', -1], [
        'resistance',
        'setting.mass_kg',
        'heavy',
    ],
    ['resistance', 'setting.support_height_cm', 201], ['resistance', 'setting.foot_height_cm', 121], ['resistance', 'setting.limbs', 3],
    ['resistance', 'setting', ['implement' => 'anvil', 'mass_kg' => 5], 'setting.implement'],
    ['resistance', 'setting.band', ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'sideways'], 'setting.band.layout'],
    ['resistance', 'setting.band', ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'round-feet'], 'setting.band.layout'],
    [
        'resistance',
        'setting.band',
        ['rest_length_cm' => 1, 'a_n' => 10, 'b_n' => 10, 'layout' => 'behind-back'],
        'setting.band.rest_length_cm',
    ],
    ['resistance', 'setting.band', ['a_n' => 10, 'b_n' => 10, 'layout' => 'behind-back'], 'setting.band.rest_length_cm'],
    ['resistance', 'setting.band', ['rest_length_cm' => 120, 'a_n' => -1, 'b_n' => 10, 'layout' => 'behind-back'], 'setting.band.a_n'],
    ['resistance', 'setting.band', ['rest_length_cm' => 120, 'a_n' => 0, 'b_n' => 0, 'layout' => 'behind-back'], 'setting.band.a_n'],
    [
        'resistance',
        'setting.band',
        ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'behind-back', 'stance_cm' => -5],
        'setting.band.stance_cm',
    ],
    [
        'resistance',
        'setting.band',
        ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'behind-back', 'grip_cm' => 55],
        'setting.band.grip_cm',
    ],
    ...array_map(static fn (string $key, mixed $value): array => [
        'resistance',
        'setting.band',
        [...GOOD_BAND, $key => $value],
        "setting.band.{$key}",
    ],
        [
            'rest_length_cm',
            'a_n',
            'b_n',
            'a_n',
            'b_n',
            'layout',
            'stance_cm',
            'grip_cm',
            'folded',
            'anchor_height_cm',
            'anchor_distance_cm',
            'limit_ratio',
            'colour',
        ],
        ['long', null, null, 'weak', 2001, null, 'wide', 'low', 'no', 301, 'far', 9, 'red']),
]);

it('answers what is not an object with exit 2', function (string $input): void {
    $answer = runCommand('rep-max', $input);
    expect($answer['code'])->toBe(2)->and(fitsSchema('error.out', $answer['raw']))->toBeTrue();
})->with(['not JSON' => ['kilograms'], 'nothing' => [''], 'a list' => ['[1, 2]'], 'a number' => ['5']]);
