<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\KeptEffort;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Ability;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Tempo;
use Tests\Support\Shipped;

/*
 * A prescription rewritten so that the same number is left in reserve. Repetitions to failure are given; the load that
 * allows them follows. Each second a repetition takes longer costs 6 % of the repetitions to failure.
 */

function kept(
    string $exercise,
    float $toFailure,
    int $reps = 10,
    int $reserve = 2,
    Goal $goal = Goal::Muscle,
    bool $mayPause = true,
    ?Tempo $tempo = null,
): ?KeptEffort {
    return keptAt($exercise, RepetitionMaximum::loadFor(100.0, $toFailure), $reps, $reserve, $goal, $mayPause, $tempo);
}

function keptAt(
    string $exercise,
    float $wholeKg,
    int $reps = 10,
    int $reserve = 2,
    Goal $goal = Goal::Muscle,
    bool $mayPause = true,
    ?Tempo $tempo = null,
): ?KeptEffort {
    $known = Shipped::catalogue()->exercise($exercise);
    $setting = Setting::of('dumbbell', 10, perHand: true);

    return KeptEffort::on(
        $known,
        static fn (): ResistanceCurve => Shipped::model()->curve($known, Body::of(1.72, 74), $setting),
        ability: Ability::of(100.0),
        wholeKg: $wholeKg,
        prescription: Prescription::of($exercise, $setting, 3, $reps, $reserve, $goal),
        reserve: $reserve,
        mayPause: $mayPause,
        execution: $tempo === null ? null : new Execution($tempo, Sides::Both),
    );
}

/** How hard a rewriting is, the ways in their order: whole range before short, slower before quicker, then more repetitions. */
function hardness(KeptEffort $kept): array
{
    return [$kept->range === null ? 1 : 0, $kept->tempo === null ? 0 : $kept->tempo->secondsPerRepetition(), $kept->reps];
}

// The curl is lowered in 2 s and lifted in 1 s as a rule, without a pause.
it('makes what is too light harder in order, and what is too heavy easier', function (
    float $toFailure,
    int $reps,
    ?string $tempo,
    float $restFactor,
    int $restSeconds,
    bool $isReached,
): void {
    $kept = kept('biceps-curl', $toFailure);
    expect(implode('-', Shipped::catalogue()->exercise('biceps-curl')->tempo))->toBe('2-0-1-0')
        ->and($kept?->reps)->toBe($reps)
        ->and($kept->tempo?->inWords())->toBe($tempo)
        ->and($kept->restFactor)->toBe($restFactor)
        ->and($kept->restSeconds)->toBe($restSeconds)
        ->and($kept->isReached)->toBe($isReached);
})->with([
    'as it is: 12 to failure less 2' => [12.0, 10, null, 1.0, 0, true],
    'a little light: 13.4 × 0.94 − 2 = 10.6, × 0.88: 9.8, × 0.82 would be 9.0' => [13.4, 10, '4 s down, 1 s up', 1.0, 0, true],
    'light: 16 × 0.76 − 2 = 10.2, the next second would be 9.2' => [16.0, 10, '5 s down, 1 s held, 1 s up', 1.0, 0, true],
    'lighter: three seconds held, 24 × 0.64 − 2 = 13.4' => [24.0, 13, '5 s down, 3 s held, 1 s up', 1.0, 0, true],
    'far lighter: 55 × 0.64 − 2 = 33.2, 30 and half the rest' => [55.0, 30, '5 s down, 3 s held, 1 s up', 0.5, 0, true],
    'a little heavy: 10.6 − 2' => [10.6, 9, null, 1.0, 0, true],
    'heavy: 8 − 2 is less than seven tenths of 10' => [8.0, 6, null, 1.0, 30, true],
]);

it('says how far out of reach an effort is, and halves nothing silently', function (): void {
    // 55 × 0.64 − 2 = 33 is within reach of thirty; without pauses 55 × 0.82 − 2 = 43 is not; nor is what no formula tells.
    expect(kept('biceps-curl', 55.0)?->isReached)->toBeTrue()->and(kept('biceps-curl', 60.0)?->isReached)->toBeFalse();
    $kept = kept('biceps-curl', 55.0, mayPause: false);
    expect($kept?->isReached)->toBeFalse()
        ->and($kept->reps)->toBe(30)
        ->and(implode(' ', $kept->lost))->toContain('out of reach');
});

it('cuts the range where the whole of it is too heavy for the goal, and says how', function (): void {
    $kept = kept('romanian-deadlift', 5.0);
    expect($kept?->range)->toContain('two thirds')
        ->and($kept->reps)->toBeGreaterThan(3)
        ->and(implode(' ', [...$kept->changes, ...$kept->lost]))->toContain('two thirds of the way')->toContain('A third of the range');
    // A floor press is as hard at the bottom as anywhere: cutting it short would not help.
    expect(kept('floor-press', 5.0)?->range)->toBeNull()->and(kept('floor-press', 1.0, reserve: 8))->toBeNull();
});

it('names the easier two thirds', function (array $resistance, float $ratio, string $how): void {
    $us = array_map(static fn (int $i): float => $i / 6, range(0, 6));
    $curve = new ResistanceCurve($us, $us, $resistance, $resistance, 'N', null, 0.0, null, null, 1.5);
    [$found, $words] = KeptEffort::easierPart($curve);
    expect($found)->toEqualWithDelta($ratio, 1e-9)->and($words)->toBe($how);
})->with([
    // Falling from 7 to 1 the mean is 4; over the last two thirds, 5 to 1, it is 3.
    'hardest at the bottom' => [[7.0, 6.0, 5.0, 4.0, 3.0, 2.0, 1.0], 0.75, 'lower it only two thirds of the way'],
    'hardest at the top' => [[1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0], 0.75, 'lift it only two thirds of the way'],
    'the same all the way' => [[4.0, 4.0, 4.0, 4.0, 4.0, 4.0, 4.0], 1.0, 'lower it only two thirds of the way'],
]);

it('never gets easier as the load gets lighter for the client', function (string $exercise, int $reps, int $reserve, Goal $goal): void {
    $last = null;
    for ($wholeKg = 99.0; $wholeKg > 15; $wholeKg *= 0.993) {
        $kept = keptAt($exercise, $wholeKg, $reps, $reserve, $goal);
        if ($kept === null) {
            expect($last)->toBeNull();

            continue;
        }
        expect($kept->reps)->toBeGreaterThan(0)->toBeLessThanOrEqual(30)
            ->and(hardness($kept) <=> ($last ?? [0, 0, 0]))->toBeGreaterThanOrEqual(0);
        $last = hardness($kept);
    }
})->with(
    ['floor-press', 'romanian-deadlift', 'biceps-curl'],
)->with([[5, 2], [10, 2], [12, 4], [20, 1]])->with([Goal::Strength, Goal::Muscle, Goal::Endurance]);

it('keeps to a tempo set by hand', function (): void {
    // 16 × (1 − 0.06 × 3) − 2 = 11.1
    $kept = kept('biceps-curl', 16.0, tempo: Tempo::of(5, 0, 1, 0));
    expect($kept?->reps)->toBe(11)->and($kept->tempo?->inWords())->toBe('5 s down, 1 s up')
        ->and(kept('biceps-curl', 3.0, tempo: Tempo::of(6, 3, 1, 0)))->toBeNull();
});

it('slows nothing that is held, thrown or jumped', function (): void {
    foreach ([
        'forearm-plank' => false,
        'kettlebell-swing' => false,
        'jump-squat' => false,
        'floor-press' => true,
        'squat' => true,
    ] as $exercise => $slows) {
        expect(KeptEffort::slows(Shipped::catalogue()->exercise($exercise)))->toBe($slows);
    }
});

it('comes back to the repetitions a slow set would have been', function (): void {
    $usual = Tempo::of(2, 0, 1, 0);
    foreach ([Tempo::of(5, 0, 1, 0), Tempo::of(5, 3, 1, 0), $usual] as $tempo) {
        foreach ([8.0, 12.0, 20.0] as $toFailure) {
            $reps = $tempo->repetitionsFrom($toFailure, $usual) - 2;
            expect($tempo->repetitionsAtUsual($reps, 2, $usual))->toEqualWithDelta($toFailure - 2, 1e-9);
        }
    }
});
