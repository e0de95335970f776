<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Effort;
use NimbleShelf\Core\Mechanics\Figure;
use NimbleShelf\Core\Mechanics\Motion;
use NimbleShelf\Core\Mechanics\Placement;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Mechanics\WorkingLimbs;
use Tests\Support\Shipped;

/*
 * One currency for the legs: the mean extension moment of hip and knee, in newton metres per leg.
 */

function legCurve(string $exercise, Body $body, float $supportM = 0.0, float $footM = 0.0): ResistanceCurve
{
    return Shipped::model()->curve(Shipped::catalogue()->exercise($exercise), $body, Setting::bodyWeight($supportM, $footM));
}

dataset('all sorts of bodies', function (): array {
    $bodies = [];
    foreach ([1.50, 1.60, 1.70, 1.75, 1.80, 1.90, 2.00] as $heightM) {
        foreach ([45.0, 75.0, 130.0] as $massKg) {
            $bodies[sprintf('%.2f m, %.0f kg', $heightM, $massKg)] = [Body::of($heightM, $massKg), $heightM];
        }
    }

    return $bodies;
});

it('orders the legs\' movements as legs do, nothing added', function (Body $body, float $heightM): void {
    $of = static fn (string $id, float $supportM = 0.0, float $footM = 0.0): float => legCurve($id, $body, $supportM, $footM)->mean();
    $squat = $of('squat');
    $split = $of('split-squat');
    $kneeM = ($body->lengths['shank'] + $body->lengths['ankle_height']);
    $chairs = [$of('box-squat', $kneeM + 0.08), $of('box-squat', $kneeM), $of('box-squat', $kneeM - 0.06)];
    $steps = array_map(static fn (float $stepM): float => $of('step-up', 0.0, $stepM), [0.10, 0.15, 0.25, 0.35, 0.45]);

    expect($chairs[1])->toBeLessThan($squat)
        ->and($squat)->toBeLessThan($of('heels-raised-squat'))
        ->and($squat)->toBeLessThan($split)
        ->and($split)->toBeLessThan($of('rear-foot-elevated-split-squat'))
        ->and($of('reverse-lunge') / $split)->toBeGreaterThan(0.95)->toBeLessThan(1.35)
        ->and($of('single-leg-box-squat', $kneeM))->toBeLessThanOrEqual($of('single-leg-squat'))
        ->and($of('single-leg-box-squat', $kneeM))->toBeGreaterThan($of('box-squat', $kneeM))
        ->and($chairs[0])->toBeLessThan($chairs[1])
        ->and($chairs[1])->toBeLessThan($chairs[2])
        ->and($of('pulse-squat'))->toBeGreaterThan($squat)
        ->and($of('single-leg-squat'))->toBeGreaterThan($squat)
        ->and($of('lateral-lunge'))->toBeGreaterThan($squat)
        ->and($of('cossack-squat'))->toBeGreaterThan($of('lateral-lunge'));
    for ($i = 1; $i < count($steps); $i++) {
        expect($steps[$i])->toBeGreaterThan($steps[$i - 1]);
    }
})->with('all sorts of bodies');

it('is hardest low and easy near the top', function (string $id): void {
    foreach (Shipped::bodies() as [$body]) {
        $resistance = legCurve($id, $body)->resistance;
        $low = max(array_slice($resistance, 0, 7));
        expect($low)->toBeGreaterThan(0.9 * max($resistance), $id)
            ->and($resistance[Motion::INTERVALS])->toBeLessThan(0.5 * $low, $id)
            ->and(min($resistance))->toBeGreaterThan(0.0, $id);
    }
})->with([
    'squat', 'goblet-squat', 'box-squat', 'narrow-squat', 'wide-squat', 'heels-raised-squat', 'split-squat',
    'rear-foot-elevated-split-squat', 'front-foot-elevated-split-squat', 'lateral-lunge', 'cossack-squat', 'step-up', 'step-down',
    'single-leg-box-squat', 'single-leg-squat', 'overhead-lunge', 'walking-lunge',
]);

it('does not blow up where the movement turns round', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->reckoned(Shipped::catalogue()->exercise($id));
    $curve = Shipped::model()->curve($exercise, $body, Setting::bodyWeight());
    expect(max(array_map(abs(...), $curve->resistance)))->toBeLessThan(3 * $curve->mean());
})->with(fn (): array => array_values(array_filter(
    Shipped::exerciseIds(),
    static fn (string $id): bool => Shipped::catalogue()->exercise($id)->effort->isOfLegs()
        && Shipped::catalogue()->exercise($id)->usesBodyWeight,
)))->with(fn (): array => Shipped::bodies());

it('stays near the newton metres per leg that docs/engine.md publishes for 1.75 m and 75 kg', function (
    string $id,
    float $supportM,
    float $footM,
    float $newtonMetres,
): void {
    expect(legCurve($id, Body::of(1.75, 75), $supportM, $footM)->mean())->toEqualWithDelta($newtonMetres, 0.06 * $newtonMetres);
})->with([
    ['squat', 0.0, 0.0, 43.0],
    ['box-squat', 0.46, 0.0, 37.0],
    ['heels-raised-squat', 0.0, 0.0, 46.0],
    ['split-squat', 0.0, 0.0, 68.0],
    ['single-leg-squat', 0.0, 0.0, 78.0],
    ['step-up', 0.0, 0.15, 69.0],
    ['step-up', 0.0, 0.25, 79.0],
    ['step-up', 0.0, 0.35, 88.0],
    ['step-up', 0.0, 0.45, 95.0],
]);

it('counts 16 kg held at the chest as about 17 on the shoulders', function (): void {
    $equivalent = Shipped::model()->equivalent(
        Shipped::catalogue()->exercise('goblet-squat'),
        Body::of(1.75, 75),
        Setting::of('kettlebell', 16),
        School::Mean,
    );
    expect($equivalent->kg)->toEqualWithDelta(17.0, 1.0);
});

it('gains in a squat, for each metre the hips rise, the weight of all but shanks and feet, within a tenth', function (Body $body): void {
    expect(legCurve('squat', $body)->shareOfBodyWeight)->toEqualWithDelta(0.878, 0.0878);
})->with('all sorts of bodies');

/** A leg of thigh and shank pushed straight up from a crouch, trunk upright, seen from the side. */
function standingUp(WorkingLimbs $limbs = WorkingLimbs::Both): Motion
{
    $body = Body::of(1.70, 70);
    $figure = Figure::fromArray('standing up', [
        'view' => 'side',
        'plant' => ['joint' => 'ankle', 'x' => 0, 'y' => ['ankle_height' => 1]],
        'keyframes' => [
            ['u' => 0, 'trunk' => 180, 'thigh' => 60, 'shank' => -60],
            ['u' => 1, 'trunk' => 180, 'thigh' => 20, 'shank' => -20],
        ],
    ]);

    return new Motion($figure->riggedFor($body, new Placement), $body, Effort::LegExtension, $limbs);
}

it('agrees with the sum of the joint angles worked out by hand', function (): void {
    $motion = standingUp();
    $body = Body::of(1.70, 70);
    // Hip 60° + knee 120° at the start, 20° + 40° at the end: 120° in all.
    expect($motion->effort[Motion::INTERVALS])->toEqualWithDelta(deg2rad(120), 1e-6);
    // Half way (40°), from the heights of the parts above the ankle: g·sin φ·Σ mass × length below it that tips with φ.
    [$thighM, $shankM] = [$body->lengths['thigh'], $body->lengths['shank']];
    [$thigh, $shank, $foot] = [$body->masses['thigh'], $body->masses['shank'], $body->masses['foot']];
    $above = $body->massKg - 2 * ($thigh + $shank + $foot);
    $phi = deg2rad(40);
    $perRadian = Body::GRAVITY * sin($phi) * (
        $above * ($thighM + $shankM)
        + 2 * $thigh * ($shankM + (1 - Body::CENTRES['thigh']) * $thighM)
        + 2 * $shank * (1 - Body::CENTRES['shank']) * $shankM
    );
    // Each leg opens by 3 radians for every one that φ closes; two legs.
    expect($motion->bodyResistance()[Motion::INTERVALS / 2])->toEqualWithDelta($perRadian / 3 / 2, 0.01);
});

it('doubles when one leg does what two did', function (): void {
    expect(standingUp(WorkingLimbs::One)->bodyResistance()[8])->toEqualWithDelta(2 * standingUp()->bodyResistance()[8], 1e-6);
});

it('is the same seen from the front as from the side', function (): void {
    $body = Body::of(1.70, 70);
    $front = Figure::fromArray('standing up, facing', [
        'view' => 'front',
        'plant' => ['joint' => 'ankle', 'x' => 0, 'y' => ['ankle_height' => 1]],
        'keyframes' => [
            ['u' => 0, 'trunk' => 180, 'thigh' => 0, 'shank' => 0, 'thigh_out' => 60, 'shank_out' => 60],
            ['u' => 1, 'trunk' => 180, 'thigh' => 0, 'shank' => 0, 'thigh_out' => 20, 'shank_out' => 20],
        ],
    ]);
    $facing = new Motion($front->riggedFor($body, new Placement), $body, Effort::LegExtensionFacing, WorkingLimbs::Both);
    foreach ([0, 5, 10, 15, 20] as $i) {
        expect($facing->bodyResistance()[$i])->toEqualWithDelta(standingUp()->bodyResistance()[$i], 0.02)
            ->and($facing->effort[$i])->toEqualWithDelta(standingUp()->effort[$i], 1e-4);
    }
    expect(Effort::LegExtension->comparesWith(Effort::LegExtensionFacing))->toBeTrue()
        ->and(Effort::LegExtension->comparesWith(Effort::LegReach))->toBeFalse();
});

it('hands a lunge over from the split share to the whole', function (Body $body): void {
    $shares = static fn (string $id): array => Shipped::model()->motion(
        Shipped::catalogue()->exercise($id),
        $body,
        Shipped::catalogue()->exercise($id)->placementOf(Setting::bodyWeight()),
    )->farShares;
    $lunge = $shares('reverse-lunge');
    expect($lunge[0])->toBeGreaterThan(0.3)->toBeLessThan(1.0)
        ->and($lunge[Motion::INTERVALS / 2])->toEqualWithDelta(0.0, 1e-6)
        ->and($lunge[Motion::INTERVALS])->toBe(0.0);
    // The rear foot raised takes weight off the rear leg.
    expect($shares('rear-foot-elevated-split-squat')[0])->toBeLessThan($shares('split-squat')[0]);
})->with(fn (): array => Shipped::bodies());
