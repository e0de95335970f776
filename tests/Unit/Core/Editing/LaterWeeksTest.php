<?php

declare(strict_types=1);

use NimbleShelf\Core\Editing\EditedWeek;
use NimbleShelf\Core\Editing\LaterWeeks;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedWeek;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

/**
 * A week and five after it, then a change of the first.
 *
 * @param  array<string, mixed>  $edit
 * @return array{EditedWeek, list<PlannedWeek>}
 */
function changedOnwards(array $edit, Brief $brief): array
{
    $week = HandMade::week($brief, [1 => "goblet squat 3x8 6 kg\nfloor press 3x8 6 kg", 4 => 'push-up 3x8']);
    $later = array_map(
        static fn (int $number): PlannedWeek => new PlannedWeek($number, $number === 5, $week->days),
        range(2, $brief->weeks),
    );
    $edited = HandMade::edited($week, $brief, $edit);

    return [$edited, LaterWeeks::of(Shipped::catalogue(), Shipped::model())->after($week, $edited, $later, $brief)];
}

it('counts on from a new dose, a repetition a week, less in the lighter week', function (): void {
    [, $later] = changedOnwards(
        ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.floor-press', 'ask' => ['reps' => 9, 'sets' => 5]],
        HandMade::brief(),
    );
    $lines = array_map(static fn (PlannedWeek $week): string => HandMade::lines($week, 1)[0], $later);
    expect($lines)->toBe([
        'straight: 1.goblet-squat 3 × 8, 1.floor-press 5 × 10',
        'straight: 1.goblet-squat 3 × 8, 1.floor-press 5 × 11',
        'straight: 1.goblet-squat 3 × 8, 1.floor-press 5 × 12',
        // 0.6 of five sets.
        'straight: 1.goblet-squat 3 × 8, 1.floor-press 3 × 12',
        // Nine with three in reserve are twelve: with half a year behind, thirteen are not there yet and one is to be left.
        'straight: 1.goblet-squat 3 × 8, 1.floor-press 5 × 12',
    ]);
});

it('keeps what there is where that is the goal', function (): void {
    [, $later] = changedOnwards(
        ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.floor-press', 'ask' => ['reps' => 9]],
        HandMade::brief(6, null, Goal::Keep),
    );
    expect(array_unique(array_map(static fn (PlannedWeek $week): string => HandMade::lines($week, 1)[0], $later)))
        ->toBe(['straight: 1.goblet-squat 3 × 8, 1.floor-press 3 × 9']);
});

it('carries moves, days and what is taken out, and leaves the rest', function (array $edit, array $monday, array $others): void {
    [$edited, $later] = changedOnwards($edit, HandMade::brief());
    foreach ($later as $week) {
        expect(HandMade::lines($week, 1))->toBe($monday)
            ->and(array_map(static fn ($day): int => $day->day->weekday, $week->days))->toBe($others);
    }
    expect(array_map(static fn ($day): int => $day->day->weekday, $edited->week->days))->toBe($others);
})->with([
    'moved to another day' => [
        ['kind' => 'move', 'weekday' => 1, 'slot' => '1.floor-press', 'to' => 4],
        ['straight: 1.goblet-squat 3 × 8'],
        [1, 4],
    ],
    'taken out' => [
        ['kind' => 'remove', 'weekday' => 1, 'slot' => '1.goblet-squat'],
        ['straight: 1.floor-press 3 × 8'],
        [1, 4],
    ],
    'a day out' => [
        ['kind' => 'remove-session', 'weekday' => 4],
        ['straight: 1.goblet-squat 3 × 8, 1.floor-press 3 × 8'],
        [1],
    ],
    'a day moved' => [
        ['kind' => 'day', 'weekday' => 4, 'to' => 5],
        ['straight: 1.goblet-squat 3 × 8, 1.floor-press 3 × 8'],
        [1, 5],
    ],
    'joined' => [
        ['kind' => 'group', 'weekday' => 1, 'slot' => '1.goblet-squat'],
        ['superset: 1.goblet-squat 3 × 8, 1.floor-press 3 × 8'],
        [1, 4],
    ],
]);

it('leaves the weeks after alone where the change was made in a lighter week', function (): void {
    $brief = HandMade::brief();
    $week = new PlannedWeek(5, true, HandMade::week($brief, [1 => 'goblet squat 3x8 6 kg'])->days);
    $later = [new PlannedWeek(6, false, $week->days)];
    $edited = HandMade::edited($week, $brief, ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.goblet-squat', 'ask' => ['sets' => 1]]);
    expect(LaterWeeks::of(Shipped::catalogue(), Shipped::model())->after($week, $edited, $later, $brief))->toBe($later);
});
