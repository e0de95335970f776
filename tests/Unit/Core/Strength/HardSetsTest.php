<?php

declare(strict_types=1);

use NimbleShelf\Core\Strength\HardSets;

it('counts a set by what it leaves', function (float $reserve, ?float $toFailure, float $counts): void {
    expect(HardSets::count($reserve, $toFailure))->toEqualWithDelta($counts, 1e-9);
})->with([
    'none left' => [0, 8, 1.0], 'four left' => [4, 12, 1.0], 'five left' => [5, 15, 5 / 6], 'seven left' => [7, 17, 0.5],
    'ten left' => [10, 20, 0.0], 'twenty left' => [20, 28, 0.0], 'beyond thirty, hard' => [2, 34, 0.25],
    'beyond thirty, easy' => [9.5, 34, 1 / 12],
    'beyond fifty' => [0, 51, 0.0], 'nobody can tell' => [3, null, 1.0], 'more asked than likely' => [-2, 6, 1.0],
]);

it('counts no more with more left, nor with a lighter load', function (): void {
    foreach ([5.0, 20.0, 29.0, 31.0, 49.0, 55.0] as $toFailure) {
        $before = 1.0;
        foreach (range(0, 14) as $reserve) {
            $now = HardSets::count((float) $reserve, $toFailure);
            expect($now)->toBeLessThanOrEqual($before)->toBeGreaterThanOrEqual(0.0)
                ->toBeGreaterThanOrEqual(HardSets::count((float) $reserve, $toFailure + 20));
            $before = $now;
        }
    }
});
