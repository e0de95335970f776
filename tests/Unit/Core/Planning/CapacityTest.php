<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RepetitionMaximum;

it('starts from what one set says', function (): void {
    $capacity = Capacity::fromSet(wholeKg: 60, loadSdKg: 2, reps: 8, reserve: 2);
    expect($capacity->kg)->toEqualWithDelta(RepetitionMaximum::from(60, 8, 2)->medianKg(), 1e-9)
        ->and($capacity->sdKg)->toBeGreaterThan(2.0);
});

it('predicts repetitions at a reserve', function (): void {
    $capacity = Capacity::of(80, 4);
    expect($capacity->repetitionsAt(60, 0))->toEqualWithDelta($capacity->repetitionsAt(60, 2) + 2, 1e-9)
        ->and($capacity->repetitionsAt(100, 2))->toBeLessThan(1.0);
});

it('gives a range that holds the prediction and widens with either doubt', function (): void {
    $capacity = Capacity::of(80, 4);
    [$low, $high] = $capacity->repetitionRangeAt(60, 2, 2);
    $middle = $capacity->repetitionsAt(60, 2);
    [$lower, $higher] = Capacity::of(80, 8)->repetitionRangeAt(60, 2, 2);
    [$sure, $surer] = $capacity->repetitionRangeAt(60, 0.1, 2);
    expect($low)->toBeLessThan($middle)->and($high)->toBeGreaterThan($middle)
        ->and($lower)->toBeLessThan($low)->and($higher)->toBeGreaterThan($high)
        ->and($sure)->toBeGreaterThan($low)->and($surer)->toBeLessThan($high);
});

it('refuses nothing and less', function (float $kg, float $sd, string $field): void {
    try {
        Capacity::of($kg, $sd);
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([[0, 1, 'capacity.kg'], [50, 0, 'capacity.sd_kg']]);
