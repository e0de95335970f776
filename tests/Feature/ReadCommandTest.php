<?php

declare(strict_types=1);

const READER = [
    'client' => ['height_cm' => 172, 'body_mass_kg' => 74, 'experience' => 'some', 'sex' => 'female', 'birth_year' => 1990],
    'shelf' => [
        ['id' => 'pair', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => 'bell', 'kind' => 'kettlebell', 'mass_kg' => 12],
        ['id' => 'red', 'kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20, 'source' => 'rated'],
        ['id' => 'chair', 'kind' => 'chair', 'height_cm' => 46, 'mass_kg' => 6],
        ['id' => 'wall', 'kind' => 'wall'],
    ],
    'home' => ['ceiling_cm' => 250],
    'goal' => 'muscle',
];

/** @return array<string, mixed> What was read of a text, which fits its schema. */
function readOut(string $text): array
{
    $asked = (string) json_encode(['text' => $text] + READER);
    $answer = runCommand('read', $asked);
    expect($answer['code'])->toBe(0)->and(fitsSchema('read.in', $asked))->toBeTrue()
        ->and(fitsSchema('read.out', $answer['raw']))->toBeTrue();

    return $answer['out'];
}

it('reads a line with all that it says, on a rung of this shelf', function (): void {
    $read = readOut('goblet squat 12kg 3 x 8-10, tempo 3-1-1, 90s rest, 2 RIR');
    $item = $read['blocks'][0]['items'][0];
    expect($read)->not->toHaveKey('days')
        ->and($read['not_understood'])->toBe([])->and($read['left_alone'])->toBe([])->and($read['assumed'])->toBe([])
        ->and($read['blocks'][0]['kind'])->toBe('straight')
        ->and($item['written'])->toBe('goblet squat')->and($item['exercise'])->toBe('goblet-squat')
        ->and($item['setting'])->toEqual(['implement' => 'kettlebell', 'mass_kg' => 12.0])->and($item['things'])->toBe(['bell'])
        ->and([$item['sets'], $item['reps'], $item['reps_to'], $item['reserve'], $item['rest_seconds']])->toBe([3, 8, 10, 2, 90])
        ->and($item['tempo'])->toBe(['lower' => 3, 'pause' => 1, 'lift' => 1, 'top' => 0])
        ->and($item)->not->toHaveKeys(['lacking', 'seconds', 'metres', 'to_failure']);
});

it('tells metres, seconds and as many as clean from repetitions', function (string $text, array $dose): void {
    $item = readOut($text)['blocks'][0]['items'][0];
    $counts = array_flip(['reps', 'reps_to', 'seconds', 'metres', 'as_many_as_clean', 'as_long_as_clean']);
    expect(array_intersect_key($item, $counts))->toEqual($dose);
})->with([
    ['farmer carry 3 x 40 m', ['metres' => 40.0]],
    ['plank 3x30s', ['seconds' => 30]],
    ['plank 3 x 30', ['seconds' => 30]],
    ['press-ups 3 x max', ['as_many_as_clean' => true]],
    ['plank as long as clean', ['as_long_as_clean' => true]],
    ['10 burpees', ['reps' => 10]],
    ['childs pose 5 breaths', ['seconds' => 25]],
]);

it('reads shapes, and says which cannot be planned yet', function (string $text, array $block): void {
    $read = readOut($text)['blocks'][0];
    expect(array_diff_key($read, ['items' => 1, 'text' => 1, 'name' => 1, 'refused' => 1]))->toEqual($block)
        ->and(array_key_exists('refused', $read))->toBe(in_array($block['kind'], ['every-minute', 'as-many-rounds'], true));
})->with([
    ['superset squat / push up 3x10 rest 60', ['kind' => 'superset', 'round_rest_s' => 60]],
    ['40/20 x 3: squat, push up', ['kind' => 'intervals', 'work_s' => 40, 'rest_s' => 20, 'rounds' => 3]],
    ['pyramid 6-8-10-8-6 goblet squat', ['kind' => 'ladder', 'doses' => [6, 8, 10, 8, 6]]],
    ['goblet squat 12/10/8', ['kind' => 'ladder', 'doses' => [12, 10, 8]]],
    ['goblet squat 5/5/5', ['kind' => 'straight']],
    ['choose 2 of: squat, push up, plank', ['kind' => 'menu', 'pick' => 2]],
    ['EMOM 10: 10 swings', ['kind' => 'every-minute', 'period_s' => 60, 'total_s' => 600]],
    ['AMRAP 12 min: 5 push ups, 10 squats', ['kind' => 'as-many-rounds', 'total_s' => 720]],
    ['circuit 3 rounds, 20 s between exercises, 1 min between rounds: squats, push ups, rows, plank', [
        'kind' => 'circuit', 'rounds' => 3, 'rest_s' => 20, 'round_rest_s' => 60,
    ]],
]);

it('asks what it does not know, leaves remarks alone, and says what it took for granted', function (): void {
    $read = readOut("goblet squat 3x10, keep chest up\nanvil toss 3x3\nsplit squat 8 each");
    expect($read['left_alone'])->toBe(['keep chest up'])
        ->and($read['not_understood'])->toHaveCount(1)
        ->and($read['not_understood'][0]['text'])->toBe('anvil toss')->and($read['not_understood'][0]['from'])->toBe(33)
        ->and($read['not_understood'][0]['nearest'])->toHaveCount(3)
        ->and($read['blocks'][1]['items'][0])->toEqual(['written' => 'anvil toss', 'exercise' => null])
        ->and($read['assumed'])->toContain('Split squat: 3 sets, usual', 'Goblet squat: rest 75 s, usual');
});

it('leaves standing what the shelf lacks, with what it offers instead', function (): void {
    $read = readOut("goblet squat 3x10 20 kg\ninverted row 3x8\nbarbell row 3x8");
    [$squat, $row, $bar] = array_map(static fn (array $block): array => $block['items'][0], $read['blocks']);
    expect($squat['lacking'])->toBe('There is no 20 kg for it: this is the nearest.')
        ->and($row['exercise'])->toBe('inverted-row')->and($row['sets'])->toBe(3)->and($row)->not->toHaveKey('setting')
        ->and($row['lacking'])->toStartWith('Inverted row: ')->and($row['instead']['exercise'])->not->toBe('inverted-row')
        ->and($bar['lacking'])->toStartWith('There is no barbell here for it');
});

it('tells days apart', function (): void {
    $read = readOut("Mon: squat 3x10\nThu: push up 3x8\nplank 3x30s");
    expect(array_column($read['days'], 'weekday'))->toBe([1, 4])
        ->and(array_map(static fn (array $day): int => count($day['blocks']), $read['days']))->toBe([1, 2])
        ->and($read['blocks'])->toHaveCount(3)
        ->and(array_column(readOut("Day A: squat 3x10\nDay B: row 3x10")['days'], 'name'))->toBe(['Day A', 'Day B']);
});

it('refuses what cannot be read, naming the field', function (string $field, array $asked): void {
    $answer = runCommand('read', (string) json_encode($asked));
    expect($answer['code'])->toBe(2)->and(fitsSchema('error.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['error']['field'])->toBe($field);
})->with([
    ['text', READER],
    ['text', ['text' => 12] + READER],
    ['goal', ['text' => 'squat', 'goal' => 'beauty'] + READER],
    ['client', ['text' => 'squat'] + array_diff_key(READER, ['client' => 1])],
]);
