<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\Forecast;
use NimbleShelf\Core\Programme\ForecastLift;
use NimbleShelf\Core\Programme\ForecastPoint;
use NimbleShelf\Core\Programme\PlannedWeek;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

it('follows the main lifts through the weeks, each with its load, its range and what changes', function (): void {
    $brief = HandMade::brief(5);
    $week = static fn (int $number, string $text): PlannedWeek => new PlannedWeek(
        $number,
        $number === 5,
        HandMade::week($brief, [1 => $text."\nbiceps curl 2x10 6 kg\nforearm plank 2x30 s"])->days,
    );
    $lifts = (new Forecast(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))->lifts([
        $week(1, 'floor press 3x14 6 kg'),
        $week(2, 'floor press 3x15 6 kg'),
        $week(3, 'floor press 3x15 6 kg'),
        $week(4, 'floor press 3x16 6 kg'),
        $week(5, 'floor press 2x16 6 kg'),
    ], $brief);
    // Curls are of one joint, a plank is a hold.
    expect(array_map(static fn (ForecastLift $lift): string => $lift->name, $lifts))->toBe(['Floor press']);
    $kinds = array_map(static fn (ForecastPoint $point): string => $point->kind, $lifts[0]->points);
    // Fifteen is the most the goal asks for: beyond it repetitions bridge.
    expect($kinds)->toBe(['start', 'more', 'same', 'bridge', 'lighter']);
    foreach ($lifts[0]->points as $point) {
        expect($point->kg)->toEqualWithDelta(6.0, 0.5)
            ->and($point->lowKg)->toBeLessThanOrEqual($point->kg)
            ->and($point->highKg)->toBeGreaterThanOrEqual($point->kg);
    }
});

it('marks a step to another rung', function (): void {
    $brief = HandMade::brief(2);
    $first = HandMade::week($brief, [1 => 'goblet squat 3x10 6 kg']);
    $second = HandMade::edited($first, $brief, ['kind' => 'harder', 'weekday' => 1, 'slot' => '1.goblet-squat'])->week;
    $lifts = (new Forecast(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))
        ->lifts([$first, new PlannedWeek(2, false, $second->days)], $brief);
    expect($lifts[0]->points[1]->kind)->toBe(ForecastPoint::STEP)
        ->and($lifts[0]->points[1]->kg)->toBeGreaterThan($lifts[0]->points[0]->kg);
});

it('names another exercise of the pattern where it takes the place, and leaves out what is of another', function (): void {
    $brief = HandMade::brief(3);
    $first = HandMade::week($brief, [1 => "goblet squat 3x10 6 kg\nfloor press 3x12 6 kg"]);
    $swapped = static fn (string $for): array => HandMade::edited($first, $brief, [
        'kind' => 'swap', 'weekday' => 1, 'slot' => '1.floor-press', 'exercise' => $for,
    ])->week->days;
    $drawn = static fn (string $for, int $now): array => array_map(
        static fn (ForecastLift $lift): array => [
            $lift->name,
            array_map(static fn (ForecastPoint $point): string => $point->week.' '.strtok($point->words, ':'), $lift->points),
        ],
        array_slice((new Forecast(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))->lifts(
            [$first, new PlannedWeek(2, false, $swapped($for)), new PlannedWeek(3, false, $swapped($for))],
            $brief,
            $now,
        ), 1),
    );
    expect($drawn('push-up', 1))->toBe([['Floor press', ['1 6 kg in each hand', '2 Push-up', '3 Push-up']]])
        ->and($drawn('overhead-press', 1))->toBe([['Floor press', ['1 6 kg in each hand']]])
        ->and($drawn('overhead-press', 2)[0][0])->toBe('Overhead press');
});
