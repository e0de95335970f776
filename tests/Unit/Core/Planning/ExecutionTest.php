<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Control;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Manner;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use Tests\Support\Shipped;

/*
 * Ways of doing an exercise, which are no exercises of their own.
 */

it('still knows an exercise by what it was called while its way had a name', function (string $former, string $now): void {
    expect(Shipped::catalogue()->exercise($former)->id)->toBe($now)
        ->and(Shipped::catalogue()->exercises)->not->toHaveKey($former);
})->with([['alternating-curl', 'biceps-curl'], ['alternating-row', 'bent-over-row'], ['alternating-swing', 'one-arm-swing']]);

it('offers the sides of an exercise what suits it, the usual way first', function (string $exercise, array $ways): void {
    expect(Execution::sidesFor(Shipped::catalogue()->exercise($exercise)))->toBe($ways);
})->with([
    ['biceps-curl', [Sides::Both, Sides::Alternating, Sides::Each]],
    ['bent-over-row', [Sides::Both, Sides::Alternating, Sides::Each]],
    ['one-arm-row', [Sides::Each, Sides::Alternating, Sides::SwapEachRound]],
    ['split-squat', [Sides::Each, Sides::Alternating, Sides::SwapEachRound]],
    ['walking-lunge', [Sides::Alternating, Sides::Each]],
    ['push-up', [Sides::Both]],
    ['squat', [Sides::Both]],
    ['side-plank', [Sides::Each]],
]);

it('says for each way what it does to rest and stability', function (Sides $sides): void {
    expect(strlen($sides->effect()))->toBeGreaterThan(20)->and($sides->effect())->toEndWith('.');
})->with(Sides::cases());

it('offers what makes an exercise harder where it makes sense', function (string $exercise, array $manners): void {
    expect(Execution::mannersFor(Shipped::catalogue()->exercise($exercise)))->toBe($manners);
})->with([
    ['push-up', [Manner::HoldHard, Manner::Pulses, Manner::HandRelease, Manner::NoLockOut]],
    ['squat', [Manner::HoldHard, Manner::Pulses, Manner::NoLockOut]],
    ['lateral-raise', [Manner::HoldHard, Manner::Pulses]],
    ['kettlebell-swing', []],
    ['forearm-plank', []],
    ['jump-squat', []],
]);

it('leaves fewer repetitions the harder it is done, and more where sides rest in turn', function (): void {
    $usual = new Execution(Tempo::of(2, 0, 1, 0), Sides::Both);
    $with = static fn (Sides $sides, Manner ...$manners): float => (new Execution($usual->tempo, $sides, array_values($manners)))
        ->repetitionsFrom(20.0, $usual);
    expect($with(Sides::Both))->toBe(20.0)
        ->and($with(Sides::Both, Manner::HoldHard))->toEqualWithDelta(17.6, 1e-9)
        ->and($with(Sides::Both, Manner::HoldHard, Manner::NoLockOut))->toEqualWithDelta(20 * 0.88 * 0.85, 1e-9)
        ->and($with(Sides::Alternating))->toEqualWithDelta(22.0, 1e-9)
        ->and($with(Sides::Each))->toBe(20.0);
    foreach (Manner::cases() as $manner) {
        expect($with(Sides::Both, $manner))->toBeLessThan(20.0)->and($manner->inWords())->not->toBe('');
    }
});

it('says only what differs from the usual way', function (): void {
    $usual = new Execution(Tempo::of(2, 0, 1, 0), Sides::Both);
    expect($usual->inWords($usual))->toBe('')
        ->and((new Execution(Tempo::of(4, 0, 1, 0), Sides::Alternating, [Manner::Pulses]))->inWords($usual))
        ->toBe('4 s down, 1 s up; sides alternating; three small pulses where it is hardest for each repetition');
});

/** @return list<Rung> */
function curlsWithPairOfSix(): array
{
    return (new RungFinder)->rungs(
        Shipped::catalogue()->exercise('biceps-curl'),
        new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(['id' => 'd', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6])),
    )['rungs'];
}

it('is set by hand beside the setting', function (): void {
    $rung = curlsWithPairOfSix()[0];
    $names = array_map(static fn (Control $control): string => $control->name, LiveRung::executionControls($rung));
    expect($names)->toBe(['lowerSeconds', 'pauseSeconds', 'sides', 'hold-hard', 'pulses', 'no-lock-out']);
    [$execution, $rest] = LiveRung::executionIn(['sides' => 1.0, 'pulses' => 1.0, 'massKg' => 3.0], $rung);
    expect($execution?->sides)->toBe(Sides::Alternating)
        ->and($execution?->manners)->toBe([Manner::Pulses])
        ->and($rest)->toBe(['massKg' => 3.0])
        ->and(LiveRung::executionIn(['massKg' => 3.0], $rung)[0])->toBeNull();
    // One arm alone leaves no choice of sides.
    $oneArm = curlsWithPairOfSix()[1];
    expect(array_column(LiveRung::executionControls($oneArm), 'name'))->not->toContain('sides');
});

it('changes the repetitions of a swap, and says so', function (): void {
    $rung = curlsWithPairOfSix()[0];
    $desk = SwapDesk::of(Shipped::catalogue(), Shipped::model());
    $situation = new Situation(
        new Client(Body::of(1.72, 74)),
        Shipped::shelf(['id' => 'd', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6]),
    );
    $written = Prescription::of('biceps-curl', Setting::of('dumbbell', 8, perHand: true), 3, 10, 2, Goal::Muscle);
    $by = static function (Manner ...$manners) use ($rung, $desk, $situation, $written): mixed {
        $usual = Execution::usualFor($rung->exercise);

        $execution = new Execution($usual->tempo, Sides::Alternating, array_values($manners));

        return $desk->candidateFor($written, $rung, $situation, execution: $execution);
    };
    expect($by()->reps)->toBeGreaterThan($by(Manner::HoldHard)->reps)
        ->and($by(Manner::HoldHard)->reps)->toBeGreaterThan($by(Manner::HoldHard, Manner::Pulses)->reps)
        ->and(implode(' ', $by(Manner::HoldHard)->changes))->toContain(
            'hold for 2 s where it is hardest',
            'Each side rests while the other works',
        )
        ->and($by()->sides())->toBe(Sides::Alternating);
});

it('is kept with what is asked for, and takes its seconds', function (): void {
    $asked = Assignment::of(
        'biceps-curl',
        Setting::of('dumbbell', 6, perHand: true),
        3,
        Dose::repetitions(10),
        2,
        60,
        manners: [Manner::HoldHard],
    );
    $read = Assignment::fromArray($asked->toArray());
    expect($read->manners)->toBe([Manner::HoldHard])->and($read->withSets(2)->manners)->toBe([Manner::HoldHard]);
    $plain = Assignment::of('biceps-curl', Setting::of('dumbbell', 6, perHand: true), 3, Dose::repetitions(10), 2, 60);
    $seconds = static fn (Assignment $one): float => (new Slot('1', Shipped::catalogue()->exercise('biceps-curl'), $one))->secondsEach();
    expect($seconds($asked) - $seconds($plain))->toBe(2.0)->and($plain->toArray())->not->toHaveKey('manners');
});
