<?php

declare(strict_types=1);

use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\NextTarget;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Programme\Answer;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

const LADDER = [30.0, 33.0, 36.0, 40.0, 44.0, 48.0, 60.0];

/** After ten at the second load, of somebody who could lift so much once. */
function answered(
    float $capacityKg,
    Goal $goal = Goal::Muscle,
    float $reserve = 2.0,
    bool $pain = false,
    array $ladder = LADDER,
    int $reps = 10,
): NextTarget {
    $brief = HandMade::brief(6, null, $goal)->knowing(['horizontal-press' => Capacity::expected($capacityKg, 0.05, Capacity::SETS)]);

    return Answer::of(Shipped::catalogue(), Shipped::model())
        ->after(Shipped::catalogue()->exercise('floor-press'), $ladder, 1, $reps, $reserve, $pain, null, $brief);
}

it('goes several loads up at once where far too many were left, and down where none were', function (): void {
    // 66 kg once, three in four 63.8: thirty and more at 33, some fourteen at 44, eleven at 48; muscle asks for six and two in reserve.
    $up = answered(66.0, reserve: 5.0);
    expect($up->step)->toBe('up')->and($up->rung)->toBe(5)
        ->and($up->reps)->toBe((int) floor(RepetitionMaximum::repetitionsToFailure(66.0 * exp(-0.6745 * 0.05), 48.0) - 2))
        ->and($up->why)->toContain('4 loads up');
    // 37 kg once: four at 33, seven at 30, of which two are to stay.
    $down = answered(37.0, reserve: 0.0, reps: 4);
    expect($down->step)->toBe('down')->and($down->rung)->toBe(0)->and($down->reps)->toBe(6)
        // Two loads down where one is too heavy as well.
        ->and(answered(37.0, reserve: 0.0, reps: 4, ladder: [24.0, 33.0, 36.0])->reps)->toBeGreaterThan(10);
});

it('goes up by at most a fifth for who takes care', function (Goal $goal): void {
    $up = answered(80.0, $goal, reserve: 5.0);
    expect($up->step)->toBe('up')->and(LADDER[$up->rung])->toBeLessThanOrEqual(1.2 * LADDER[1]);
})->with([[Goal::Beginner], [Goal::Older], [Goal::Youth]]);

it('asks for as many more repetitions as strength says where nothing is heavier', function (): void {
    $more = answered(56.0, reserve: 5.0, ladder: [30.0, 33.0]);
    expect($more->step)->toBe('bridge')->and($more->rung)->toBe(1)
        ->and($more->reps)->toBe((int) floor(RepetitionMaximum::repetitionsToFailure(56.0, 33.0) - 2))
        ->and($more->reps)->toBeGreaterThan(13)
        // Strength asks for three to six: twelve at the most, and something harder after that.
        ->and(answered(56.0, Goal::Strength, reserve: 5.0, ladder: [30.0, 33.0])->reps)->toBe(12);
});

it('keeps to small steps near the target, after pain, and where nothing is on record', function (): void {
    $near = NextTarget::after(LADDER, 1, 10, 2.0, false, Goal::Muscle);
    // 45 kg once: some twelve at 33, as was said.
    expect(answered(45.0))->toEqual($near)
        ->and(answered(66.0, pain: true)->step)->toBe('down')
        ->and(Answer::of(Shipped::catalogue(), Shipped::model())->after(
            Shipped::catalogue()->exercise('floor-press'),
            LADDER,
            1,
            10,
            2.0,
            false,
            null,
            HandMade::brief()->knowing(['horizontal-press' => Capacity::expected(66.0, 0.3, Capacity::NORMS)]),
        ))->toEqual($near);
});

it('never asks for less of who is stronger', function (): void {
    $last = 0.0;
    foreach (range(36, 90, 3) as $kg) {
        $target = answered((float) $kg, reserve: 2.0);
        // What is asked, as what it takes once.
        $asked = RepetitionMaximum::from(LADDER[$target->rung], $target->reps, 0)->medianKg();
        expect($asked)->toBeGreaterThan($last * 0.97);
        $last = max($last, $asked);
    }
});

it('swings no more often than sharply, whatever strength would allow', function (): void {
    $brief = HandMade::brief(6, null, Goal::Strength)->knowing(['power' => Capacity::expected(90.0, 0.05, Capacity::SETS)]);
    $after = static fn (int $reps): NextTarget => Answer::of(Shipped::catalogue(), Shipped::model())
        ->after(Shipped::catalogue()->exercise('kettlebell-swing'), [30.0], 0, $reps, 5.0, false, null, $brief);
    expect($after(15)->reps)->toBe(15)->and($after(15)->why)->toContain('sharply')
        ->and($after(8)->reps)->toBeGreaterThan(8)->toBeLessThanOrEqual(15);
});
