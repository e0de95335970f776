<?php

declare(strict_types=1);

const ASKED = [
    'client' => ['height_cm' => 178, 'body_mass_kg' => 80, 'sex' => 'male', 'birth_year' => 1990, 'experience' => 'some'],
    'today' => '2026-12-01',
    'tests' => [
        ['test' => 'push-up', 'value' => 30, 'days_ago' => 3],
        ['test' => 'arm-curl-30s', 'value' => 20, 'mass_kg' => 5, 'days_ago' => 3],
    ],
    'sets' => [
        [
            'exercise' => 'goblet-squat',
            'setting' => ['implement' => 'kettlebell', 'mass_kg' => 16],
            'reps' => 10,
            'reserve' => 3,
            'days_ago' => 2,
        ],
        ['exercise' => 'forearm-plank', 'setting' => ['implement' => 'body-weight'], 'seconds' => 60, 'reserve' => 0, 'days_ago' => 2],
    ],
    'ask' => [
        ['exercise' => 'push-up', 'setting' => ['implement' => 'body-weight']],
        ['exercise' => 'overhead-press', 'setting' => ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true]],
        ['exercise' => 'seated-twist', 'setting' => ['implement' => 'body-weight']],
    ],
];

/** @return array{code: int, out: array<string, mixed>, raw: string} */
function capacityOf(array $asked): array
{
    return runCommand('capacity', (string) json_encode($asked));
}

it('says what somebody can, and where that is known from', function (): void {
    $answer = capacityOf(ASKED);
    $patterns = $answer['out']['patterns'];

    expect($answer['code'])->toBe(0)
        ->and(fitsSchema('capacity.in', (string) json_encode(ASKED)))->toBeTrue()
        ->and(fitsSchema('capacity.out', $answer['raw']))->toBeTrue()
        ->and($patterns['horizontal-press']['from'])->toBe('tests')
        ->and($patterns['squat']['from'])->toBe('sets')
        ->and($patterns['trunk']['from'])->toBe('sets')
        ->and($patterns['vertical-press']['from'])->toBe('related')
        ->and(capacityOf(['client' => ASKED['client']])['out']['patterns']['squat']['from'])->toBe('norms')
        // Thirty push-ups three days ago: nearly as many are expected, and as many are no surprise.
        ->and($answer['out']['ask'][0]['reps_max'])->toBeGreaterThan(22.0)->toBeLessThan(31.0)
        ->and($answer['out']['ask'][0]['high'])->toBeGreaterThan(30.0)
        ->and($answer['out']['ask'][2]['reps_max'])->toBeNull();
    foreach ($patterns as $pattern) {
        expect($pattern['low_kg'])->toBeLessThan($pattern['kg'])->and($pattern['kg'])->toBeLessThan($pattern['high_kg']);
    }
    expect(capacityOf(ASKED)['raw'])->toBe($answer['raw']);
});

it('takes tests and sets in the order of their days, however they stand', function (): void {
    $turned = ['tests' => array_reverse(ASKED['tests']), 'sets' => array_reverse(ASKED['sets'])] + ASKED;
    foreach (capacityOf($turned)['out']['patterns'] as $id => $pattern) {
        expect($pattern['kg'])->toEqualWithDelta(capacityOf(ASKED)['out']['patterns'][$id]['kg'], 0.3);
    }
});

it('is surer of what was done lately', function (): void {
    $width = static function (int $daysAgo): float {
        $asked = ['client' => ASKED['client'], 'sets' => [['days_ago' => $daysAgo] + ASKED['sets'][0]]];
        $squat = capacityOf($asked)['out']['patterns']['squat'];

        return $squat['high_kg'] - $squat['low_kg'];
    };
    expect($width(1))->toBeLessThan($width(120));
});

it('refuses what cannot be, naming the field', function (string $field, array $asked, ?string $named = null): void {
    $answer = capacityOf($asked);
    expect($answer['code'])->toBe(2)
        ->and(fitsSchema('error.out', $answer['raw']))->toBeTrue()
        ->and($answer['out']['error']['field'])->toBe($named ?? $field);
})->with([
    ['client', []],
    ['client.height_cm', ['client' => ['body_mass_kg' => 80]]],
    ['client.sex', ['client' => ['sex' => 'x'] + ASKED['client']]],
    ['client.birth_year', ['client' => ['birth_year' => 1700] + ASKED['client']]],
    ['client.experience', ['client' => ['experience' => 'much'] + ASKED['client']]],
    ['client.limits.0', ['client' => ['limits' => ['shy']] + ASKED['client']]],
    ['today', ['today' => 'tomorrow'] + ASKED],
    ['today', ['today' => '2026-13-01'] + ASKED],
    ['tests.0.test', ['tests' => [['test' => 'chin-up', 'value' => 3, 'days_ago' => 0]]] + ASKED],
    ['tests.0.value', ['tests' => [['test' => 'push-up', 'value' => -1, 'days_ago' => 0]]] + ASKED],
    ['tests.0.days_ago', ['tests' => [['test' => 'push-up', 'value' => 3]]] + ASKED],
    ['tests.0.mass_kg', ['tests' => [['test' => 'arm-curl-30s', 'value' => 3, 'days_ago' => 0]]] + ASKED],
    ['sets.0.exercise', ['sets' => [['exercise' => 'nothing', 'days_ago' => 1] + ASKED['sets'][0]]] + ASKED],
    ['sets.0.setting.mass_kg', ['sets' => [['setting' => ['implement' => 'kettlebell', 'mass_kg' => -3]] + ASKED['sets'][0]]] + ASKED],
    ['sets.0.reps', ['sets' => [['reps' => 'ten'] + ASKED['sets'][0]]] + ASKED],
    ['sets.0.reserve', ['sets' => [['reserve' => -1] + ASKED['sets'][0]]] + ASKED],
    ['ask.0.setting.implement', ['ask' => [['exercise' => 'squat', 'setting' => ['implement' => '']]]] + ASKED],
    ['ask.0.exercise', ['ask' => [['setting' => ['implement' => 'body-weight']]]] + ASKED],
]);
