<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Effort;
use NimbleShelf\Core\Mechanics\Figure;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Motion;
use NimbleShelf\Core\Mechanics\Placement;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Mechanics\WorkingLimbs;
use Tests\Support\Shipped;

/*
 * The reference cases of the engine contract, section 9: values worked out by hand from segment lengths, masses and
 * lever arms, or measured by Ebben et al. 2011.
 */

/** The sample in the middle of the movement. */
const MIDDLE = Motion::INTERVALS / 2;

/** One joint turned from 30° before an angle to 30° after it, so that the middle sample falls on the angle. */
function turningThrough(string $view, string $segment, float $degrees, Effort $effort): Motion
{
    $body = Body::of(1.70, 70);
    $at = static fn (float $angle): array => $segment === 'arm'
        ? ['upper_arm' => $angle, 'forearm' => $angle]
        : ['upper_arm' => 0.0, $segment => $angle];
    $figure = Figure::fromArray('turning', [
        'view' => $view,
        'plant' => ['joint' => 'ankle', 'x' => 0, 'y' => ['ankle_height' => 1]],
        'keyframes' => [
            ['u' => 0, 'trunk' => 180, 'thigh' => 0, 'shank' => 0, ...$at($degrees - 30)],
            ['u' => 1, 'trunk' => 180, 'thigh' => 0, 'shank' => 0, ...$at($degrees + 30)],
        ],
    ]);

    return new Motion($figure->riggedFor($body, new Placement), $body, $effort, WorkingLimbs::Both);
}

it('raises 4 kg sideways as worked out by hand', function (int $degrees, float $expectedNm): void {
    $motion = turningThrough('front', 'arm', $degrees, Effort::Shoulder);
    $resistance = $motion->bodyResistance()[MIDDLE] + 4 * $motion->resistancePerKg(LoadPoint::Hands)[MIDDLE];
    expect($resistance)->toEqualWithDelta($expectedNm, 0.01);
})->with([
    '15°' => [15, 9.26],
    '30°' => [30, 17.89],
    '45°' => [45, 25.30],
    '60°' => [60, 30.99],
    '75°' => [75, 34.57],
    'level' => [90, 35.79],
]);

it('knows what the arm alone asks for when held level', function (): void {
    expect(turningThrough('front', 'arm', 90, Effort::Shoulder)->bodyResistance()[MIDDLE])->toEqualWithDelta(10.00, 0.01);
});

it('curls 8 kg as worked out by hand', function (int $degrees, float $expectedNm): void {
    $motion = turningThrough('side', 'forearm', $degrees, Effort::Elbow);
    expect($motion->bodyResistance()[MIDDLE] + 8 * $motion->resistancePerKg(LoadPoint::Hands)[MIDDLE])->toEqualWithDelta($expectedNm, 0.01);
})->with([
    '30°' => [30, 14.67],
    '60°' => [60, 25.41],
    'level' => [90, 29.34],
    '120°' => [120, 25.41],
]);

it('pulls a band from below the hip to the side as worked out by hand', function (int $degrees, float $expectedNm, float $expectedN): void {
    $motion = turningThrough('front', 'arm', $degrees, Effort::Shoulder);
    $setup = new BandSetup(Band::of(1.20, 18, 22), BandLayout::OneFoot);
    $strand = $setup->strand(restStanceM: 0.3, shoulderWidthM: 0.4);
    ['resistance' => $resistance, 'lengths' => $lengths] = $motion->bandResistance($setup, $strand);
    expect($strand->restLengthM)->toEqualWithDelta(0.60, 1e-9)
        ->and($motion->bodyResistance()[MIDDLE] + $resistance[MIDDLE])->toEqualWithDelta($expectedNm, 0.02)
        ->and($strand->forceAt($lengths[MIDDLE]))->toEqualWithDelta($expectedN, 0.06);
})->with([
    'hanging' => [0, 1.03, 20.1],
    '30°' => [30, 23.87, 35.0],
    '60°' => [60, 42.96, 52.2],
    'level' => [90, 48.01, 65.0],
]);

it('finds the same at both ends of the lift as it ships', function (): void {
    $curve = Shipped::model()->curve(
        Shipped::catalogue()->exercise('lateral-raise'),
        Body::of(1.70, 70),
        Setting::of('dumbbell', 4, perHand: true),
    );
    expect($curve->resistance[0])->toEqualWithDelta(0.0, 0.02)
        ->and($curve->resistance[MIDDLE])->toEqualWithDelta(25.30, 0.01)
        ->and($curve->resistance[Motion::INTERVALS])->toEqualWithDelta(35.79, 0.02);

    $band = Setting::of('tube', band: new BandSetup(Band::of(1.20, 18, 22), BandLayout::OneFoot, limitRatio: 3.0));
    $curve = Shipped::model()->curve(Shipped::catalogue()->exercise('lateral-raise'), Body::of(1.70, 70), $band);
    expect($curve->resistance[0])->toEqualWithDelta(1.03, 0.03)
        ->and($curve->resistance[Motion::INTERVALS])->toEqualWithDelta(48.01, 0.05);
});

dataset('press-ups', [
    'on the floor' => ['push-up', 0.0, 0.0, 0.64],
    'on the knees' => ['knee-push-up', 0.0, 0.0, 0.49],
    'hands on 30.5 cm' => ['push-up', 0.305, 0.0, 0.55],
    'hands on 61 cm' => ['push-up', 0.61, 0.0, 0.41],
    'feet on 30.5 cm' => ['push-up', 0.0, 0.305, 0.70],
    'feet on 61 cm' => ['push-up', 0.0, 0.61, 0.74],
]);

function shareOf(string $exercise, float $handsM, float $feetM): float
{
    $setting = Setting::bodyWeight(supportHeightM: $handsM, footHeightM: $feetM);

    return (float) Shipped::model()->curve(Shipped::catalogue()->exercise($exercise), Body::of(1.75, 75), $setting)->shareOfBodyWeight;
}

it('finds the share of body weight in a press-up from mechanics alone, within 0.10 of the force plate', function (
    string $exercise,
    float $handsM,
    float $feetM,
    float $measured,
): void {
    expect(shareOf($exercise, $handsM, $feetM))->toEqualWithDelta($measured, 0.10);
})->with('press-ups');

it('is within 0.05 of the force plate for at least four press-ups of six', function (): void {
    $near = 0;
    foreach ([
        ['push-up', 0.0, 0.0, 0.64],
        ['knee-push-up', 0.0, 0.0, 0.49],
        ['push-up', 0.305, 0.0, 0.55],
        ['push-up', 0.61, 0.0, 0.41],
        ['push-up', 0.0, 0.305, 0.70],
        ['push-up', 0.0, 0.61, 0.74],
    ] as [$exercise, $hands, $feet, $measured]) {
        $near += abs(shareOf($exercise, $hands, $feet) - $measured) <= 0.05 ? 1 : 0;
    }
    expect($near)->toBeGreaterThanOrEqual(4);
});

it('lifts all but shanks and feet in a squat', function (): void {
    $body = Body::of(1.75, 75);
    $lifted = $body->massKg - 2 * ($body->masses['shank'] + $body->masses['foot']);
    expect($lifted / $body->massKg)->toEqualWithDelta(0.878, 1e-9);

    $curve = Shipped::model()->curve(Shipped::catalogue()->exercise('squat'), $body, Setting::bodyWeight());
    expect($curve->shareOfBodyWeight)->toEqualWithDelta(0.878, 0.0878);
});

it('weighs a share no limb can exceed', function (): void {
    expect(shareOf('push-up', 1.2, 0.0))->toBeLessThan(shareOf('push-up', 0.6, 0.0))
        ->and(shareOf('push-up', 0.6, 0.0))->toBeLessThan(shareOf('push-up', 0.0, 0.0))
        ->and(shareOf('push-up', 0.0, 0.0))->toBeLessThan(shareOf('push-up', 0.0, 0.6))
        ->and(shareOf('push-up', 0.0, 0.6))->toBeLessThan(1.0);
});
