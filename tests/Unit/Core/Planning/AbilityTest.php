<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\Ability;
use NimbleShelf\Core\Planning\RepetitionMaximum;

it('gives back the repetitions it was implied by, at their own load', function (float $wholeKg, int $reps, int $reserve): void {
    expect(Ability::impliedBy($wholeKg, $reps, $reserve)->repetitionsToFailure($wholeKg))->toEqualWithDelta($reps + $reserve, 1e-9);
})->with([[12.0, 10, 2], [80.0, 5, 3], [0.2, 12, 3], [30.0, 30, 0], [30.0, 55, 4]]);

it('has fewer repetitions the heavier the load, and never a say below a hundred grams', function (): void {
    $ability = Ability::impliedBy(20.0, 10, 2);
    $last = INF;
    foreach ([0.0, 5.0, 10.0, 15.0, 20.0, 25.0, 30.0] as $wholeKg) {
        expect($ability->repetitionsToFailure($wholeKg))->toBeLessThanOrEqual($last);
        $last = $ability->repetitionsToFailure($wholeKg);
    }
    expect($ability->repetitionsToFailure(-3.0))->toBe($ability->repetitionsToFailure(0.1));
});

it('is the inverse of the formulas where a capacity is on record', function (float $loadKg): void {
    expect(Ability::of(50.0)->repetitionsToFailure($loadKg))->toBe(RepetitionMaximum::repetitionsToFailure(50.0, $loadKg));
})->with([20.0, 35.0, 49.0, 60.0]);
