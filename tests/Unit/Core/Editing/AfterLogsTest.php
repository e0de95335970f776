<?php

declare(strict_types=1);

use NimbleShelf\Core\Editing\AfterLogs;
use NimbleShelf\Core\Editing\LaterWeeks;
use NimbleShelf\Core\Editing\LoggedSlot;
use NimbleShelf\Core\Editing\Mend;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\PlannedWeek;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

/**
 * What comes of one set of floor presses at 6 kg a hand, where the next week asks for ten.
 *
 * @return list<Mend>
 */
function afterFloorPress(int $reps, float $reserve, bool $pain = false, bool $isHeld = false, bool $isLighter = false): array
{
    $brief = HandMade::brief(6, Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => '2', 'kind' => 'dumbbell', 'name' => '6.5 kg dumbbell', 'count' => 2, 'mass_kg' => 6.5],
        ['id' => '3', 'kind' => 'dumbbell', 'name' => '4 kg dumbbell', 'count' => 2, 'mass_kg' => 4],
    ));
    $week = HandMade::week($brief, [1 => 'floor press 3x10 6 kg']);
    if ($isHeld) {
        $week = HandMade::edited($week, $brief, ['kind' => 'hold', 'weekday' => 1, 'slot' => '1.floor-press'])->week;
    }
    $slot = $week->days[0]->plan->slots()[0];

    return AfterLogs::of(Shipped::catalogue(), Shipped::model())->mends(
        new PlannedWeek(2, $isLighter, $week->days),
        [new LoggedSlot(1, $slot, $reps, $reserve, $pain)],
        $brief,
    );
}

it('leaves alone what went about as planned', function (int $reps, float $reserve): void {
    expect(afterFloorPress($reps, $reserve))->toBe([]);
})->with(['as asked' => [10, 2.0], 'one fewer' => [9, 2.0]]);

it('rewrites what comes where it went otherwise, and says why', function (int $reps, float $reserve, array $edits, string $why): void {
    $mends = afterFloorPress($reps, $reserve);
    expect($mends)->toHaveCount(1)
        ->and(array_column($mends[0]->edit->toArray()['edits'], 'kind'))->toBe($edits)
        ->and($mends[0]->words)->toStartWith('Floor press: ')->toContain($why);
})->with([
    // The window of muscle ends at fifteen, then the next rung is 8 % heavier.
    'at the top with repetitions left' => [15, 3.0, ['swap', 'ask'], 'The top of the range'],
    'too heavy at the bottom' => [6, 0.0, ['swap', 'ask'], 'harder than the goal asks'],
    'more than was asked' => [12, 2.0, ['ask'], 'One more repetition'],
    'fewer than there were' => [7, 2.0, ['ask'], 'One more repetition'],
]);

it('answers a squat that was far too heavy with one worth taking up, not with an empty bag', function (): void {
    $brief = HandMade::brief(6, Shipped::shelf(
        ['id' => '1', 'kind' => 'kettlebell', 'name' => '12 kg bell', 'mass_kg' => 12],
        ['id' => '2', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'mass_kg' => 6],
        ['id' => '3', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1.2, 'max_kg' => 20],
    ))->knowing(['squat' => Capacity::of(79.0, 3.0)]);
    $week = HandMade::week($brief, [1 => 'goblet squat 3x9 12 kg']);
    $mends = AfterLogs::of(Shipped::catalogue(), Shipped::model())->mends(
        new PlannedWeek(2, false, $week->days),
        [new LoggedSlot(1, $week->days[0]->plan->slots()[0], 4, 0.0, false)],
        $brief,
    );
    expect($mends)->toHaveCount(1)
        ->and($mends[0]->edit->toArray()['edits'][0]['setting']['implement'])->toBe('dumbbell');
});

it('holds what hurt, leaves what is held, and changes no lighter week', function (): void {
    $hurt = afterFloorPress(8, 2.0, pain: true);
    expect($hurt[0]->edit->toArray())->toBe(['kind' => 'hold', 'weekday' => 1, 'slot' => '1.floor-press'])
        ->and($hurt[0]->words)->toContain('stopped for pain')
        ->and(afterFloorPress(6, 0.0, isHeld: true))->toBe([])
        ->and(afterFloorPress(6, 0.0, isLighter: true))->toBe([]);
});

it('keeps a held thread level through the weeks, less in the lighter one, until it is let go', function (): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => 'floor press 3x8 6 kg']);
    $later = array_map(static fn (int $number): PlannedWeek => new PlannedWeek($number, $number === 5, $week->days), range(2, 6));
    $forward = LaterWeeks::of(Shipped::catalogue(), Shipped::model());
    $lines = static fn (array $weeks): array => array_map(
        static fn (PlannedWeek $one): string => HandMade::lines($one, 1)[0],
        $weeks,
    );
    $held = HandMade::edited($week, $brief, ['kind' => 'hold', 'weekday' => 1, 'slot' => '1.floor-press']);
    $level = $forward->after($week, $held, $later, $brief);
    expect($lines($level))->toBe([
        'straight: 1.floor-press 3 × 8',
        'straight: 1.floor-press 3 × 8',
        'straight: 1.floor-press 3 × 8',
        'straight: 1.floor-press 2 × 8',
        'straight: 1.floor-press 3 × 8',
    ]);
    $let = HandMade::edited($held->week, $brief, ['kind' => 'forward', 'weekday' => 1, 'slot' => '1.floor-press']);
    expect($lines($forward->after($held->week, $let, $level, $brief))[1])->toBe('straight: 1.floor-press 3 × 10')
        ->and($let->week->days[0]->plan->slots()[0]->assignment->isHeld)->toBeFalse();
});

it('has nothing to say of holds and of what stands there no more', function (): void {
    $brief = HandMade::brief(6, null, Goal::Muscle);
    $week = HandMade::week($brief, [1 => 'forearm plank 2x30 s']);
    $slot = $week->days[0]->plan->slots()[0];
    $after = AfterLogs::of(Shipped::catalogue(), Shipped::model());
    expect($after->mends($week, [new LoggedSlot(1, $slot, 12, 0.0, false)], $brief))->toBe([])
        ->and($after->mends($week, [new LoggedSlot(4, $slot, 12, 0.0, true)], $brief))->toBe([]);
});

/**
 * What comes on Thursday of one set of floor presses on Monday, by somebody of whom so much is known, in kilograms of the
 * reference lift.
 *
 * @return list<Mend>
 */
function elsewhereAfterFloorPress(int $reps, float $reserve, float $kg, bool $pain = false, array $weekdays = [4]): array
{
    $brief = HandMade::brief(6, Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => '2', 'kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'mass_kg' => 8],
        ['id' => '3', 'kind' => 'dumbbell', 'name' => '10 kg dumbbell', 'count' => 2, 'mass_kg' => 10],
    ));
    $brief = $brief->knowing(['horizontal-press' => Capacity::of($kg, 0.05 * $kg)]);
    $week = HandMade::week($brief, [1 => 'floor press 3x10 6 kg', 4 => "floor press 2x12 6 kg\nbent-over row 3x10 6 kg"]);

    return AfterLogs::of(Shipped::catalogue(), Shipped::model())->elsewhere(
        $week,
        [new LoggedSlot(1, $week->days[0]->plan->slots()[0], $reps, $reserve, $pain)],
        $weekdays,
        $brief,
    );
}

it('knows on Thursday what Monday showed, where the load there does not fit', function (): void {
    $mends = elsewhereAfterFloorPress(25, 5.0, 22.0);
    expect($mends)->toHaveCount(1)
        ->and($mends[0]->words)->toStartWith('Thursday, Floor press: ')
        ->and($mends[0]->edit->toArray()['edits'][0])->toMatchArray(['kind' => 'swap', 'weekday' => 4, 'slot' => '4.floor-press'])
        ->and($mends[0]->edit->toArray()['edits'][0]['setting']['mass_kg'])->toBeGreaterThan(6.0);
});

it('leaves Thursday alone where its load fits, where it is past, and what is another exercise', function (): void {
    $can = Shipped::model()->wholeKg(
        $press = Shipped::catalogue()->exercise('floor-press'),
        $body = Body::of(1.72, 74),
        Shipped::model()->curve($press, $body, Setting::of('dumbbell', 6, perHand: true)),
        School::Mean,
        'horizontal-press',
    ) * (1 + 14 / 30);
    expect(elsewhereAfterFloorPress(12, 2.0, $can))->toBe([])
        ->and(elsewhereAfterFloorPress(25, 5.0, 22.0, weekdays: []))->toBe([])
        ->and(elsewhereAfterFloorPress(25, 5.0, 22.0, weekdays: [1]))->toBe([]);
});

it('holds on Thursday what hurt on Monday', function (): void {
    $mends = elsewhereAfterFloorPress(8, 2.0, 14.0, pain: true);
    expect($mends)->toHaveCount(1)->and($mends[0]->edit->toArray())->toMatchArray(['kind' => 'hold', 'weekday' => 4]);
});
