<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\RepetitionMaximum;

it('follows each formula', function (string $formula, float $expectedKg): void {
    // 60 kg, 8 repetitions with 2 left: n = 10.
    $maximum = RepetitionMaximum::from(60, 8, 2);
    expect($maximum->{$formula})->toEqualWithDelta($expectedKg, 0.02);
})->with([
    'Epley: 60 × (1 + 10/30)' => ['epleyKg', 80.0],
    'Brzycki: 36 × 60 / 27' => ['brzyckiKg', 80.0],
    'Lombardi: 60 × 10^0.1' => ['lombardiKg', 75.54],
    'O’Conner: 60 × 1.25' => ['oconnerKg', 75.0],
    'Wathan: 6000 / (48.8 + 53.8 e^-0.75)' => ['wathanKg', 80.85],
    'Mayhew: 6000 / (52.2 + 41.9 e^-0.55)' => ['mayhewKg', 78.56],
]);

it('takes the median as its answer', function (): void {
    // 75.00, 75.54, 78.56, 80.00, 80.00, 80.85: halfway between the third and the fourth.
    expect(RepetitionMaximum::from(60, 8, 2)->medianKg())->toEqualWithDelta(79.28, 0.02);
});

it('leaves Brzycki out above thirty repetitions', function (): void {
    expect(RepetitionMaximum::from(20, 30, 0)->brzyckiKg)->not->toBeNull()
        ->and(RepetitionMaximum::from(20, 31, 0)->brzyckiKg)->toBeNull()
        ->and(RepetitionMaximum::from(20, 40, 0)->medianKg())->toBeGreaterThan(20.0);
});

it('counts a repetition in reserve as one that could have been done', function (int $reps, int $reserve): void {
    expect(RepetitionMaximum::from(40, $reps, $reserve)->medianKg())
        ->toEqualWithDelta(RepetitionMaximum::from(40, $reps + $reserve, 0)->medianKg(), 1e-9);
})->with([[5, 3], [10, 2], [12, 0]]);

it('rises with every repetition', function (): void {
    $last = 0.0;
    for ($reps = 1; $reps <= 30; $reps++) {
        $now = RepetitionMaximum::from(50, $reps, 0)->medianKg();
        expect($now)->toBeGreaterThan($last);
        $last = $now;
    }
});

it('predicts the repetitions it was made from', function (float $loadKg, int $reps): void {
    $maximumKg = RepetitionMaximum::from($loadKg, $reps, 0)->medianKg();
    expect(RepetitionMaximum::repetitionsToFailure($maximumKg, $loadKg))->toEqualWithDelta($reps, 0.05);
})->with([[50.0, 3], [50.0, 8], [20.0, 15], [10.0, 28], [8.0, 40]]);

it('predicts fewer repetitions at more load', function (): void {
    $last = 61.0;
    for ($loadKg = 20.0; $loadKg <= 100.0; $loadKg += 5) {
        $now = RepetitionMaximum::repetitionsToFailure(100, $loadKg);
        expect($now)->toBeLessThanOrEqual($last);
        $last = $now;
    }
    expect(RepetitionMaximum::repetitionsToFailure(100, 110))->toBe(0.0);
});

it('refuses what cannot be, naming the field', function (float $load, float $reps, float $reserve, string $field): void {
    try {
        RepetitionMaximum::from($load, $reps, $reserve);
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    'no load' => [0, 8, 2, 'load_kg'],
    'too much load' => [1001, 8, 2, 'load_kg'],
    'no repetition' => [60, 0, 2, 'reps'],
    'too many' => [60, 101, 2, 'reps'],
    'less than nothing left' => [60, 8, -1, 'reserve'],
    'more left than anyone counts' => [60, 8, 21, 'reserve'],
]);
