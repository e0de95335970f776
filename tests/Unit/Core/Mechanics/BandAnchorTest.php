<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandAnchor;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\PinAudit;
use NimbleShelf\Core\Mechanics\Rig;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/*
 * Where a band is held at its other end, in metres from where the figure stands.
 */

function rigOf(string $exercise): Rig
{
    return Shipped::model()->rig(Shipped::catalogue()->exercise($exercise), Body::of(1.72, 74), Setting::bodyWeight());
}

/** @return array{x: float, y: float, across: float} */
function anchorOf(string $exercise, BandLayout $layout, string $side = 'near', ?float $stanceM = null, float $distanceM = 0.8): array
{
    $rig = rigOf($exercise);
    $setup = new BandSetup(
        band: Band::of(1.2, 10, 10),
        layout: $layout,
        stanceM: $stanceM,
        anchorHeightM: 1.1,
        anchorDistanceM: $distanceM,
    );
    $pose = $rig->poseAt(0.0);

    return BandAnchor::of($rig, $pose, $setup, Shipped::catalogue()->exercise($exercise)->bandAttachment, $side, $pose->x('hip'));
}

it('holds a band behind the back at the shoulder', function (): void {
    $pose = rigOf('biceps-curl')->poseAt(0.0);
    expect(
        anchorOf('biceps-curl', BandLayout::BehindBack),
    )->toEqual(['x' => $pose->x('near_shoulder'), 'y' => $pose->y('near_shoulder'), 'across' => 0.0]);
});

it('holds a band under the foot at the sole', function (string $exercise): void {
    expect(anchorOf($exercise, BandLayout::OneFoot)['y'])->toEqualWithDelta(0.0, 1e-6);
})->with(['biceps-curl', 'lateral-raise', 'squat']);

it('runs a crossed band to the other foot', function (): void {
    $straight = anchorOf('lateral-raise', BandLayout::TwoFeet, stanceM: 0.5);
    $crossed = anchorOf('lateral-raise', BandLayout::Crossed, stanceM: 0.5);
    expect($straight['x'])->toEqualWithDelta(0.25, 1e-9)->and($crossed['x'])->toEqualWithDelta(-0.25, 1e-9);
});

it('stands as far from an anchor as is said, at its height', function (float $distanceM): void {
    $exercise = 'straight-arm-pull-down';
    $attachment = Shipped::catalogue()->exercise($exercise)->bandAttachment;
    $anchor = anchorOf($exercise, BandLayout::AnchoredMiddle, distanceM: $distanceM);
    expect($anchor['y'])->toBe(1.1)
        ->and($anchor['x'] - rigOf($exercise)->poseAt(0.0)->x('hip'))->toEqualWithDelta($attachment->along * $distanceM, 1e-9);
})->with([0.4, 0.8, 1.6]);

it('goes round the middle of both soles', function (): void {
    $rig = rigOf('band-seated-row');
    $pose = $rig->poseAt(0.0);
    $anchor = anchorOf('band-seated-row', BandLayout::RoundFeet);
    expect($anchor['x'])->toEqualWithDelta(($pose->x('near_heel') + $pose->x('near_toe')) / 2, 1e-9)
        ->and($anchor['y'])->toEqualWithDelta(($pose->y('near_heel') + $pose->y('near_toe')) / 2, 1e-9);
});

it('meets half way between two limbs', function (): void {
    $rig = rigOf('band-pull-apart');
    $pose = $rig->poseAt(0.0);
    $attachment = Shipped::catalogue()->exercise('band-pull-apart')->bandAttachment;
    $anchor = anchorOf('band-pull-apart', BandLayout::AnchoredMiddle);
    expect($anchor['x'])->toEqualWithDelta(($pose->x($attachment->jointOn('near')) + $pose->x($attachment->jointOn('far'))) / 2, 1e-9);
});

it('finds hands and feet where they are pinned', function (string $exercise, bool $hasPins): void {
    $known = Shipped::catalogue()->exercise($exercise);
    foreach ([Body::of(1.50, 45), Body::of(1.98, 120)] as $body) {
        $misses = PinAudit::misses(Shipped::catalogue()->figureOf($known), $body, $known->placementOf(Setting::bodyWeight()));
        expect($misses !== [])->toBe($hasPins);
        foreach ($misses as $limb => $missM) {
            expect($missM)->toBeLessThan(0.025 * $body->heightM, "{$exercise}: {$limb}");
        }
    }
})->with([['split-squat', true], ['biceps-curl', false]]);
