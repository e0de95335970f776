<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\NextTarget;

/*
 * Goal `muscle`: 6–15 repetitions, 1–3 in reserve. Rungs of 40, 44, 48 and 60 kg: jumps of 10, 9 and 25 %.
 */

it('asks for the next small step', function (
    int $current,
    int $reps,
    float $reserve,
    bool $pain,
    string $step,
    int $rung,
    int $expectedReps,
): void {
    $target = NextTarget::after([40.0, 44.0, 48.0, 60.0], $current, $reps, $reserve, $pain, Goal::Muscle);
    expect($target->step)->toBe($step)->and($target->rung)->toBe($rung)->and($target->reps)->toBe($expectedReps)
        ->and($target->why)->not->toBe('');
})->with([
    'in the window: one more repetition' => [0, 10, 2, false, 'repetitions', 0, 11],
    'top of the range, clean: the next rung from the bottom' => [0, 15, 2, false, 'up', 1, 6],
    'top of the range but the next rung is 25 % away: bridge' => [2, 15, 2, false, 'bridge', 2, 17],
    'far too easy: up at once, two repetitions less' => [0, 10, 5, false, 'up', 1, 8],
    'too hard at the bottom of the range: down' => [1, 6, 0, false, 'down', 0, 6],
    'too hard on the lightest rung: hold' => [0, 6, 0, false, 'hold', 0, 6],
    'nothing left but enough repetitions: the same again' => [1, 12, 0, false, 'hold', 1, 12],
    'pain: down, whatever was done' => [1, 15, 3, true, 'down', 0, 6],
    'top of the range on the heaviest rung: more repetitions are all there is' => [3, 15, 2, false, 'repetitions', 3, 15],
]);

it('never asks for more after a harder set', function (): void {
    $loads = [40.0, 44.0, 48.0, 52.0];
    $last = INF;
    foreach ([5.0, 3.0, 2.0, 1.0, 0.0] as $reserve) {
        $target = NextTarget::after($loads, 1, 10, $reserve, false, Goal::Muscle);
        $asked = $loads[(int) $target->rung] * 100 + $target->reps;
        expect($asked)->toBeLessThanOrEqual($last);
        $last = $asked;
    }
});
