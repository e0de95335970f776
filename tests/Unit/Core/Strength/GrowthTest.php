<?php

declare(strict_types=1);

use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Growth;

it('adds what the norms say of twelve weeks', function (Experience $experience, float $low, float $high): void {
    expect(100 * (Growth::after(12, $experience) - 1))->toBeBetween($low, $high);
})->with([
    // 20 to 40 % in the first eight to twelve weeks, at the lower end; then less and less.
    'new' => [Experience::None, 20.0, 40.0],
    'some' => [Experience::Some, 8.0, 15.0],
    // 0.2 to 0.5 % a week.
    'years' => [Experience::Years, 2.4, 6.0],
]);

it('begins at two in a hundred a week and never turns', function (): void {
    expect(Growth::after(0, Experience::None))->toBe(1.0)
        ->and(Growth::after(1, Experience::None))->toEqualWithDelta(1.02, 0.001)
        ->and(Growth::after(-3, Experience::Some))->toBe(1.0);
    foreach (Experience::cases() as $experience) {
        $last = 0.0;
        $step = INF;
        for ($week = 1; $week <= 26; $week++) {
            $grown = Growth::after($week, $experience) - Growth::after($week - 1, $experience);
            expect(Growth::after($week, $experience))->toBeGreaterThan($last)->and($grown)->toBeLessThan($step);
            [$last, $step] = [Growth::after($week, $experience), $grown];
        }
    }
});
