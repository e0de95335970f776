<?php

declare(strict_types=1);

use NimbleShelf\Core\Programme\AfterBreak;

it('goes on where missed days leave somebody, and punishes nobody', function (
    int $days,
    int $lastWeek,
    int $week,
    bool $isRungDown,
): void {
    $after = AfterBreak::of($days, $lastWeek);
    expect($after->week)->toBe($week)->and($after->isRungDown)->toBe($isRungDown)
        ->and($after->words)->toContain("{$days} days ago");
})->with([
    'a week and a half: the same week again' => [10, 4, 4, false],
    'just beyond: the week before' => [11, 4, 3, false],
    'three weeks: still the week before' => [21, 4, 3, false],
    'longer: a rung down' => [22, 4, 3, true],
    'never before the first' => [40, 1, 1, true],
]);

it('never goes further back after fewer days', function (int $lastWeek): void {
    $before = AfterBreak::of(7, $lastWeek)->week;
    foreach (range(8, 60) as $days) {
        $now = AfterBreak::of($days, $lastWeek)->week;
        expect($now)->toBeLessThanOrEqual($before)->toBeGreaterThanOrEqual(1);
        $before = $now;
    }
})->with([1, 2, 7]);
