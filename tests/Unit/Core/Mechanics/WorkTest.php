<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandAnchor;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Pose;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Mechanics\WorkingLimbs;
use Tests\Support\Shipped;

/*
 * What is put in comes out: resistance added up along the effort is the energy that the body, the load and the rubber
 * gain between the two ends.
 */

/**
 * Work of all working limbs along the effort, by the trapezium rule.
 *
 * @param  array<int, float>  $resistance
 * @param  array<int, float>  $effort
 */
function workOf(array $resistance, array $effort, WorkingLimbs $limbs): float
{
    $work = 0.0;
    for ($i = 1; $i < count($effort); $i++) {
        $work += ($resistance[$i] + $resistance[$i - 1]) / 2 * ($effort[$i] - $effort[$i - 1]);
    }

    return $limbs === WorkingLimbs::One ? $work : 2 * $work;
}

/** Segments of one side, from one joint to the next. */
const LIMBS = [
    ['upper_arm', 'shoulder', 'elbow'],
    ['forearm', 'elbow', 'wrist'],
    ['hand', 'wrist', 'fingertip'],
    ['thigh', 'hip', 'knee'],
    ['shank', 'knee', 'ankle'],
    ['foot', 'ankle', 'toe'],
];

/** Potential energy of the body by hand: each segment at its own height. */
function heldEnergy(Pose $pose, Body $body): float
{
    $moment = 0.0;
    foreach (['near', 'far'] as $side) {
        foreach (LIMBS as [$segment, $from, $to]) {
            $startsAt = $pose->y("{$side}_{$from}");
            $moment += $body->masses[$segment] * ($startsAt + Body::CENTRES[$segment] * ($pose->y("{$side}_{$to}") - $startsAt));
        }
    }
    $moment += $body->masses['trunk'] * ($pose->y('hip') + Body::CENTRES['trunk'] * ($pose->y('shoulder') - $pose->y('hip')));
    $moment += $body->masses['head'] * ($pose->y('shoulder') + Body::CENTRES['head'] * ($pose->y('head') - $pose->y('shoulder')));

    return Body::GRAVITY * $moment;
}

dataset('exercises that do not turn back', [
    'push-up', 'wall-push-up', 'knee-push-up', 'floor-press', 'overhead-press', 'bent-over-row', 'inverted-row',
    'lateral-raise', 'front-raise', 'biceps-curl', 'overhead-triceps-extension', 'goblet-squat', 'squat', 'romanian-deadlift',
    'glute-bridge', 'hip-thrust', 'calf-raise', 'chair-dip', 'reverse-fly', 'pullover', 'one-arm-row',
    'pike-push-up', 'step-up', 'wide-squat', 'half-kneeling-press', 'one-arm-overhead-press', 'jump-squat',
    'half-ball-squat', 'single-leg-squat',
]);

it('raises the body by the work it takes', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $gained = heldEnergy($rig->poseAt(1.0), $body) - heldEnergy($rig->poseAt(0.0), $body);
    expect(
        workOf($motion->bodyResistance(), $motion->effort, $exercise->workingLimbs),
    )->toEqualWithDelta($gained, 0.015 * abs($gained) + 0.4);
})->with('exercises that do not turn back')->with(fn (): array => Shipped::bodies());

it('raises a kilogram by the work it takes, wherever it hangs', function (string $id, LoadPoint $point): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise($id);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $height = static function (Pose $pose) use ($point, $body): float {
        $mean = static fn (string $joint): float => ($pose->y("near_{$joint}") + $pose->y("far_{$joint}")) / 2;
        $trunk = ['x' => $pose->x('shoulder') - $pose->x('hip'), 'y' => $pose->y('shoulder') - $pose->y('hip')];
        $ahead = static fn (float $share): float => $pose->y('hip') + 0.75 * $trunk['y']
            - $share * $body->heightM * $trunk['x'] / hypot($trunk['x'], $trunk['y']);

        return match ($point) {
            LoadPoint::Hands => 2 * $mean('grip'),
            LoadPoint::Goblet => $mean('grip'),
            LoadPoint::OneSide => $pose->y('near_grip'),
            LoadPoint::Ankles => 2 * $mean('ankle'),
            LoadPoint::Knees => $mean('knee'),
            LoadPoint::Hips => $pose->y('hip'),
            LoadPoint::Shoulders => $pose->y('shoulder'),
            LoadPoint::Back => $ahead(-0.07),
            LoadPoint::Front => $ahead(0.07),
            LoadPoint::Pulley => 0.0,
        };
    };
    $gained = Body::GRAVITY * ($height($rig->poseAt(1.0)) - $height($rig->poseAt(0.0)));
    expect(
        workOf($motion->resistancePerKg($point), $motion->effort, $exercise->workingLimbs),
    )->toEqualWithDelta($gained, 0.015 * abs($gained) + 0.02);
})->with(['squat', 'romanian-deadlift', 'push-up', 'overhead-press', 'glute-bridge'])->with(
    array_filter(LoadPoint::cases(), static fn (LoadPoint $point): bool => $point !== LoadPoint::Pulley),
);

it('stores in the rubber the work that a band takes', function (string $id, BandSetup $setup, float $strands): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise($id);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::of('tube', band: $setup)));
    $strand = $setup->strand(2 * $body->lengths['half_hip'], 2 * $body->lengths['half_shoulder']);
    $pull = $motion->bandResistance($setup, $strand, $exercise->bandAttachment);
    $gained = $strands * ($strand->energyAt($pull['lengths'][20]) - $strand->energyAt($pull['lengths'][0]));
    expect($gained)->toBeGreaterThan(1.0)
        ->and(workOf($pull['resistance'], $motion->effort, $exercise->workingLimbs))->toEqualWithDelta($gained, 0.03 * $gained);
})->with([
    'curl, one foot' => ['biceps-curl', new BandSetup(Band::of(1.2, 15, 15), BandLayout::OneFoot), 2.0],
    'curl, both feet' => ['biceps-curl', new BandSetup(Band::of(1.4, 15, 15), BandLayout::TwoFeet, 0.3), 2.0],
    'press-up, behind the back' => ['push-up', new BandSetup(Band::of(0.9, 15, 15), BandLayout::BehindBack), 2.0],
    'row round the feet' => ['band-seated-row', new BandSetup(Band::of(1.2, 15, 15), BandLayout::RoundFeet), 2.0],
]);

it('stretches a band from an anchor by the straight line between them', function (): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise('standing-band-row');
    $setup = new BandSetup(Band::of(1.0, 15, 15), BandLayout::AnchoredMiddle, anchorHeightM: 1.3, anchorDistanceM: 0.9);
    $rig = Shipped::model()->rig($exercise, $body, Setting::of('tube', band: $setup));
    $pose = $rig->poseAt(1.0);
    $anchor = BandAnchor::of($rig, $pose, $setup, $exercise->bandAttachment, 'near', $rig->poseAt(0.0)->x('hip'));
    $lengths = Shipped::model()->motion(
        $exercise,
        $body,
        $exercise->placementOf(Setting::of('tube', band: $setup)),
    )->bandResistance($setup, $setup->strand(0.3, 0.4), $exercise->bandAttachment)['lengths'];
    expect($anchor['y'])->toBe(1.3)
        ->and(abs($anchor['x'] - $rig->poseAt(0.0)->x('hip')))->toEqualWithDelta(0.9, 1e-9)
        ->and($lengths[20])->toEqualWithDelta(hypot($anchor['x'] - $pose->x('near_grip'), 1.3 - $pose->y('near_grip')), 0.002);
});

it('takes one strand where one arm pulls, and leaves the other out of the sums', function (): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise('biceps-curl');
    $setup = new BandSetup(Band::of(1.2, 15, 15), BandLayout::OneFoot);
    $setting = Setting::of('tube', band: $setup, limbs: 1);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf($setting));
    $strand = $setup->strand(0.3, 0.4);
    $pull = $motion->bandResistance($setup, $strand, $exercise->bandAttachment);
    $gained = $strand->energyAt($pull['lengths'][20]) - $strand->energyAt($pull['lengths'][0]);
    $rig = Shipped::model()->rig($exercise, $body, $setting);
    expect(workOf($pull['resistance'], $motion->effort, WorkingLimbs::One))->toEqualWithDelta($gained, 0.03 * $gained)
        ->and(workOf($motion->bodyResistance(), $motion->effort, WorkingLimbs::One))
        ->toEqualWithDelta(heldEnergy($rig->poseAt(1.0), $body) - heldEnergy($rig->poseAt(0.0), $body), 0.1)
        ->and(array_sum($motion->farShares))->toBe(0.0);
});

it('stores work in a band between the hands, half of it by each', function (string $id): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise($id);
    $setup = new BandSetup(Band::of(0.9, 15, 15), $exercise->bandLayouts[0]);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::of('tube', band: $setup)));
    $strand = $setup->strand(0.3, 0.4);
    $pull = $motion->bandResistance($setup, $strand, $exercise->bandAttachment);
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $halfApart = static fn (float $u): float => $rig->poseAt($u)->distance('near_grip', 'far_grip') / 2;
    $gained = 2 * ($strand->energyAt($halfApart(1.0)) - $strand->energyAt($halfApart(0.0)));
    expect($gained)->toBeGreaterThan(1.0)
        ->and(workOf($pull['resistance'], $motion->effort, $exercise->workingLimbs))->toEqualWithDelta($gained, 0.05 * $gained)
        ->and($pull['lengths'][20])->toEqualWithDelta($halfApart(1.0), 0.01);
})->with(['band-pull-apart']);

it('splits the weight between two feet as the moments about them balance', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    expect($exercise->workingLimbs)->toBe(WorkingLimbs::Shared);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    foreach ([0, 10, 20] as $i) {
        $pose = $rig->poseAt($i / 20);
        $near = ($pose->x('near_heel') + $pose->x('near_toe')) / 2;
        $far = $pose->x('far_toe');
        $mass = $moment = 0.0;
        foreach ([['trunk', 'hip', 'shoulder'], ['head', 'shoulder', 'head']] as [$segment, $from, $to]) {
            $mass += $body->masses[$segment];
            $moment += $body->masses[$segment] * ($pose->x($from) + Body::CENTRES[$segment] * ($pose->x($to) - $pose->x($from)));
        }
        foreach (['near', 'far'] as $side) {
            foreach (LIMBS as [$segment, $from, $to]) {
                $mass += $body->masses[$segment];
                $startsAt = $pose->x("{$side}_{$from}");
                $moment += $body->masses[$segment] * ($startsAt + Body::CENTRES[$segment] * ($pose->x("{$side}_{$to}") - $startsAt));
            }
        }
        $centre = $moment / $mass;
        // N near × (near − far) = W × (centre − far).
        $onNear = ($centre - $far) / ($near - $far);
        expect($motion->farShares[$i])->toEqualWithDelta(max(0.0, min(1.0, (1 - $onNear) / $onNear)), 1e-3)
            ->and($pose->centreOfMassX($body))->toEqualWithDelta($centre, 1e-9);
    }
})->with(['split-squat', 'rear-foot-elevated-split-squat'])->with(fn (): array => Shipped::bodies());

it('takes the highest point from the head, the fingers and a thing in the hand', function (string $id): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise($id);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    $highest = max(array_map(static function (int $i) use ($rig): float {
        $pose = $rig->poseAt($i / 10);

        return max($pose->y('head'), $pose->y('near_fingertip'), $pose->y('near_grip') + 0.1);
    }, range(0, 10)));
    expect($motion->highestPointM())->toEqualWithDelta($highest, 1e-9)
        ->and($motion->highestPointM())->toBe($motion->highestPointM());
})->with(['overhead-press', 'squat', 'push-up', 'front-raise']);

it('ends as smoothly as it moves', function (string $id): void {
    $body = Body::of(1.72, 74);
    $exercise = Shipped::catalogue()->exercise($id);
    $body = Body::of(1.72, 74);
    $motion = Shipped::model()->motion($exercise, $body, $exercise->placementOf(Setting::bodyWeight()));
    foreach ([$motion->bodyResistance(), $motion->resistancePerKg(LoadPoint::Hands)] as $resistance) {
        $size = max(array_map(abs(...), $resistance));
        // A parabola through the next three samples foretells the one at the end.
        expect($resistance[0])->toEqualWithDelta(3 * $resistance[1] - 3 * $resistance[2] + $resistance[3], 0.03 * $size)
            ->and($resistance[20])->toEqualWithDelta(3 * $resistance[19] - 3 * $resistance[18] + $resistance[17], 0.03 * $size);
    }
})->with(['biceps-curl', 'lateral-raise', 'front-raise', 'romanian-deadlift', 'squat', 'reverse-fly']);
