<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandAttachment;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;

it('pulls as rubber does', function (float $lengthM, float $expectedN): void {
    // F(λ) = (λ − λ⁻²)(a + b/λ) with a 18 N, b 22 N, rest length 0.6 m.
    expect(Band::of(0.6, 18, 22)->forceAt($lengthM))->toEqualWithDelta($expectedN, 0.005);
})->with([
    'hangs slack' => [0.5, 0.0],
    'just at rest' => [0.6, 0.0],
    'half as long again: 1.0556 × 32.667' => [0.9, 34.4815],
    'twice as long: 1.75 × 29' => [1.2, 50.75],
    'two and a half: 2.34 × 26.8' => [1.5, 62.712],
]);

it('stores the work that its tension does', function (float $fromM, float $toM): void {
    $band = Band::of(0.6, 18, 22);
    $work = 0.0;
    $steps = 4000;
    for ($i = 0; $i < $steps; $i++) {
        $work += $band->forceAt($fromM + ($i + 0.5) / $steps * ($toM - $fromM)) * ($toM - $fromM) / $steps;
    }
    expect($band->energyAt($toM) - $band->energyAt($fromM))->toEqualWithDelta($work, 1e-4);
})->with(['from slack' => [0.4, 1.1], 'stretched further' => [0.9, 1.4]]);

it('never pulls less when it is longer', function (float $aN, float $bN): void {
    $band = Band::of(1.0, $aN, $bN);
    $last = 0.0;
    for ($lengthM = 0.9; $lengthM < 3.0; $lengthM += 0.05) {
        expect($band->forceAt($lengthM))->toBeGreaterThanOrEqual($last);
        $last = $band->forceAt($lengthM);
    }
})->with(['a alone' => [20.0, 0.0], 'b alone' => [0.0, 20.0], 'both' => [10.0, 30.0]]);

it('leaves this much free band to a hand', function (
    BandLayout $layout,
    ?float $stanceM,
    float $gripM,
    bool $folded,
    bool $loop,
    float $expectedM,
    float $strands,
): void {
    $setup = new BandSetup(Band::of(1.40, 10, 10), $layout, $stanceM, $gripM, $folded, $loop);
    $strand = $setup->strand(restStanceM: 0.30, shoulderWidthM: 0.40);
    expect($strand->restLengthM)->toEqualWithDelta($expectedM, 1e-9)->and($strand->aN)->toEqualWithDelta(10 * $strands, 1e-9);
})->with([
    'one foot on the middle: 1.40 / 2' => [BandLayout::OneFoot, null, 0.0, false, false, 0.70, 1.0],
    'both feet 50 cm apart: (1.40 − 0.50) / 2' => [BandLayout::TwoFeet, 0.50, 0.0, false, false, 0.45, 1.0],
    'both feet, hands 10 cm lower' => [BandLayout::TwoFeet, 0.50, 0.10, false, false, 0.35, 1.0],
    'anchored at the middle' => [BandLayout::AnchoredMiddle, null, 0.0, false, false, 0.70, 1.0],
    'anchored at one end, 20 cm in the hand' => [BandLayout::AnchoredEnd, null, 0.20, false, false, 1.20, 1.0],
    'folded double: half as long, twice the force' => [BandLayout::OneFoot, null, 0.0, true, false, 0.35, 2.0],
    'a closed loop: two strands of its flat length' => [BandLayout::OneFoot, null, 0.0, false, true, 1.40, 2.0],
    'across the back between shoulders 40 cm apart' => [BandLayout::BehindBack, null, 0.0, false, false, 0.50, 1.0],
    'both feet where nobody says how far apart: 30 cm' => [BandLayout::TwoFeet, null, 0.0, false, false, 0.55, 1.0],
    'crossed below both feet 50 cm apart' => [BandLayout::Crossed, 0.50, 0.0, false, false, 0.45, 1.0],
    'a loop below both feet 50 cm apart: 1.40 − 0.25' => [BandLayout::TwoFeet, 0.50, 0.0, false, true, 1.15, 2.0],
    'a loop below both feet, as wide as the hips: 1.40 − 0.15' => [BandLayout::TwoFeet, null, 0.0, false, true, 1.25, 2.0],
    'a loop held 30 cm lower' => [BandLayout::OneFoot, null, 0.30, false, true, 1.10, 2.0],
    'a loop round an anchor' => [BandLayout::AnchoredMiddle, null, 0.0, false, true, 0.70, 2.0],
    'a loop folded: half as long, four strands' => [BandLayout::OneFoot, null, 0.0, true, true, 0.70, 4.0],
    'just enough left: 8 cm' => [BandLayout::OneFoot, null, 0.61999, false, false, 0.08001, 1.0],
]);

it('says what is wrong with a band', function (Closure $make, string $field, string $says): void {
    try {
        $make();
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field)->and($refused->getMessage())->toContain($says);
    }
})->with([
    'no length' => [fn () => Band::of(0.0, 10, 10), 'band.rest_length_cm', 'cm'],
    'negative force' => [fn () => Band::of(1.0, -1, 10), 'band.a_n', 'N'],
    'no force at all' => [fn () => Band::of(1.0, 0, 0), 'band.a_n', 'above zero'],
    'read while slack' => [fn () => Band::throughOnePoint(1.0, 0.9, 20), 'band.length_cm', 'longer'],
    'used up by the hands' => [
        fn () => (new BandSetup(Band::of(1.4, 10, 10), BandLayout::OneFoot, gripM: 0.63))->strand(0.3, 0.4),
        'band.grip_cm',
        'leave 7 cm of band',
    ],
    'used up by stance' => [
        fn () => (new BandSetup(Band::of(0.6, 10, 10), BandLayout::TwoFeet, 0.5))->strand(0.3, 0.4),
        'band.grip_cm',
        'at least 8 cm',
    ],
]);

it('guesses a curve from one reading and passes through it', function (): void {
    $band = Band::throughOnePoint(restLengthM: 1.2, lengthM: 2.4, forceN: 70);
    expect($band->forceAt(2.4))->toEqualWithDelta(70, 1e-9)->and($band->bN)->toBe(0.0);
});

it('is a little longer or shorter where its length is unsure', function (): void {
    $setup = new BandSetup(Band::of(1.40, 10, 10), BandLayout::OneFoot, gripM: 0.1);
    $loop = new BandSetup(Band::of(1.40, 10, 10), BandLayout::OneFoot, gripM: 0.1, loop: true);
    expect($setup->strand(0.3, 0.4, 0.03)->restLengthM)->toEqualWithDelta(0.63, 1e-9)
        ->and($setup->strand(0.3, 0.4, -0.03)->restLengthM)->toEqualWithDelta(0.57, 1e-9)
        ->and($loop->strand(0.3, 0.4, 0.03)->restLengthM)->toEqualWithDelta(1.33, 1e-9);
});

it('hangs from the joint and the side that the catalogue names, and from the front at hip height where it names none', function (): void {
    $usual = BandAttachment::fromArray([]);
    expect([
        $usual->joint,
        $usual->isBetweenLimbs,
        $usual->heightShare,
        $usual->distanceM,
        $usual->jointOn('far'),
    ])->toBe(['grip', false, 0.6, 0.6, 'far_grip'])
        ->and($usual->along)->toBeGreaterThan(0.0)
        ->and(BandAttachment::fromArray(['anchor' => 'between'])->isBetweenLimbs)->toBeTrue();
    $named = BandAttachment::fromArray(['end' => 'ankles', 'anchor' => 'behind', 'anchor_height' => 1, 'anchor_distance_m' => 2]);
    expect([$named->jointOn('near'), $named->heightShare, $named->distanceM])->toBe(['near_ankle', 1.0, 2.0])
        ->and($named->along)->toBeLessThan(0.0);
});
