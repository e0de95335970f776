<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\SessionTime;
use NimbleShelf\Core\Planning\ShorterSession;

/** Each set 40 s of work and 60 s of rest, 10 s to set up, 20 s to change: 3 sets are 330 s, 2 are 230, 1 is 130. */
function exercise(int $id, string $pattern, bool $isCompound = true, int $sets = 3): SessionTime
{
    return new SessionTime($id, $pattern, $isCompound, $sets, setUpSeconds: 10, setSeconds: 40.0, restSeconds: 60);
}

it('cuts sets before exercises, small before large, and keeps legs, pushing and pulling', function (float $minutes, array $expected): void {
    $session = [exercise(1, 'squat'), exercise(2, 'horizontal-press'), exercise(3, 'horizontal-pull'), exercise(4, 'elbow-flexion', false), exercise(5, 'shoulder-raise', false)];
    $cut = ShorterSession::of($session, $minutes);
    expect($cut->sets)->toBe(array_combine([1, 2, 3, 4, 5], $expected))
        ->and($cut->secondsBefore)->toBe(1650.0)
        ->and($cut->seconds)->toBe(array_sum(array_map(static fn (SessionTime $exercise): float => $exercise->secondsFor($cut->sets[$exercise->id]), $session)));
})->with([
    'time enough: 27.5 min' => [28, [3, 3, 3, 3, 3]],
    'one set off the last small one: 1550 s' => [26, [3, 3, 3, 3, 2]],
    'two sets of everything: 1150 s' => [19.5, [2, 2, 2, 2, 2]],
    'the last small one goes: 920 s' => [16, [2, 2, 2, 2, 0]],
    'both small ones go: 690 s' => [12, [2, 2, 2, 0, 0]],
    'then sets again: 590 s' => [10, [2, 2, 1, 0, 0]],
    'one of each: 390 s' => [7, [1, 1, 1, 0, 0]],
    'and then from the end: 260 s is under five minutes' => [5, [1, 1, 0, 0, 0]],
]);

it('keeps the only exercise there is, however short the time', function (): void {
    expect(ShorterSession::of([new SessionTime(1, 'squat', true, 5, 60, 300.0, 120)], 5)->sets)->toBe([1 => 1]);
});

it('never takes longer with less time, nor adds a set', function (): void {
    mt_srand(11);
    for ($try = 0; $try < 60; $try++) {
        $session = [];
        foreach (range(1, mt_rand(1, 9)) as $id) {
            $session[] = new SessionTime($id, ['squat', 'hinge', 'horizontal-press', 'vertical-pull', 'elbow-flexion', 'trunk'][mt_rand(0, 5)], mt_rand(0, 1) === 1, mt_rand(1, 5), mt_rand(0, 60), (float) mt_rand(10, 90), mt_rand(0, 120));
        }
        $last = INF;
        foreach ([90, 60, 40, 30, 20, 10, 5] as $minutes) {
            $cut = ShorterSession::of($session, $minutes, 60.0);
            expect($cut->seconds)->toBeLessThanOrEqual($last)->toBeLessThanOrEqual($cut->secondsBefore);
            foreach ($session as $exercise) {
                expect($cut->sets[$exercise->id])->toBeLessThanOrEqual($exercise->sets);
            }
            expect(array_sum($cut->sets))->toBeGreaterThan(0);
            $last = $cut->seconds;
        }
    }
});

it('refuses minutes that are none', function (float $minutes): void {
    expect(fn () => ShorterSession::of([exercise(1, 'squat')], $minutes))->toThrow(InvalidQuantity::class, 'minutes');
})->with([4.0, 181.0, -1.0]);
