<?php

declare(strict_types=1);

use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\EditKind;
use NimbleShelf\Core\Editing\Mends;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Progression;
use NimbleShelf\Core\Programme\Verdict;
use NimbleShelf\Core\Programme\WeekChecks;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

const THREE_ALONE = "goblet squat 3x10 12 kg\nfloor press 3x12\nbent-over row 2x12 6 kg";

it('changes the shape of a session as a hand would', function (string $text, array $edits, array $wanted): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => $text]);
    foreach ($edits as $edit) {
        $week = HandMade::edited($week, $brief, $edit + ['weekday' => 1])->week;
    }
    expect(HandMade::lines($week, 1))->toBe($wanted);
})->with([
    'what stands alone stands in one block' => [THREE_ALONE, [], [
        'straight: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 2 × 12',
    ]],
    'joined with the next' => [THREE_ALONE, [['kind' => 'group', 'slot' => '1.goblet-squat']], [
        'superset: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12',
        'straight: 1.bent-over-row 2 × 12',
    ]],
    'a third joins, and is done as often' => [THREE_ALONE, [
        ['kind' => 'group', 'slot' => '1.goblet-squat'],
        ['kind' => 'group', 'slot' => '1.floor-press'],
    ], ['superset: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 3 × 12']],
    'a fourth makes it a circuit' => [THREE_ALONE."\npush-up 3x10", [
        ['kind' => 'group', 'slot' => '1.goblet-squat'],
        ['kind' => 'group', 'slot' => '1.goblet-squat'],
        ['kind' => 'group', 'slot' => '1.goblet-squat'],
    ], ['circuit: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 3 × 12, 1.push-up 3 × 10']],
    'taken apart' => [THREE_ALONE, [
        ['kind' => 'group', 'slot' => '1.goblet-squat'],
        ['kind' => 'ungroup', 'slot' => '1.floor-press'],
    ], ['straight: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 2 × 12']],
    'one of a superset taken out leaves the other alone' => ['A: floor press / bent-over row 3x12', [
        ['kind' => 'remove', 'slot' => '1.floor-press'],
    ], ['straight: 1.bent-over-row 3 × 12']],
    'down by one, out of a round, then into what follows' => ["A: floor press / bent-over row 3x12\ngoblet squat 3x10", [
        ['kind' => 'shift', 'slot' => '1.bent-over-row', 'by' => 1],
    ], ['straight: 1.floor-press 3 × 12, 1.bent-over-row 3 × 12, 1.goblet-squat 3 × 10']],
    'up by one' => [THREE_ALONE, [['kind' => 'shift', 'slot' => '1.floor-press', 'by' => -1]], [
        'straight: 1.floor-press 3 × 12, 1.goblet-squat 3 × 10, 1.bent-over-row 2 × 12',
    ]],
    'up from the first place nothing happens' => [THREE_ALONE, [['kind' => 'shift', 'slot' => '1.goblet-squat', 'by' => -1]], [
        'straight: 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 2 × 12',
    ]],
    'dragged to the end' => [THREE_ALONE, [['kind' => 'move', 'slot' => '1.goblet-squat', 'to' => 1, 'block' => 0, 'place' => 3]], [
        'straight: 1.floor-press 3 × 12, 1.bent-over-row 2 × 12, 1.goblet-squat 3 × 10',
    ]],
    'copied under a thread of its own' => [THREE_ALONE, [
        ['kind' => 'copy', 'slot' => '1.floor-press', 'to' => 1, 'block' => 0, 'place' => 0],
    ], ['straight: 1.floor-press.2 3 × 12, 1.goblet-squat 3 × 10, 1.floor-press 3 × 12, 1.bent-over-row 2 × 12']],
    'sets of a round are those of all in it' => ['A: floor press / bent-over row 3x12', [
        ['kind' => 'ask', 'slot' => '1.floor-press', 'ask' => ['sets' => 4]],
    ], ['section: 1.floor-press 4 × 12, 1.bent-over-row 4 × 12']],
    'seconds instead of repetitions' => ['forearm plank 2x30 s', [
        ['kind' => 'ask', 'slot' => '1.forearm-plank', 'ask' => ['seconds' => 45]],
    ], ['straight: 1.forearm-plank 2 × 45 s']],
    'as long as clean' => ['forearm plank 2x30 s', [
        ['kind' => 'ask', 'slot' => '1.forearm-plank', 'ask' => ['clean' => true, 'seconds' => 60]],
    ], ['straight: 1.forearm-plank 2 × clean']],
    'a ladder has a set for each dose' => ['A: floor press / bent-over row 3x12', [
        ['kind' => 'shape', 'block' => 0, 'shape' => 'ladder', 'rule' => ['doses' => [12, 9, 6, 3]]],
    ], ['ladder: 1.floor-press 4 × 12, 1.bent-over-row 4 × 12']],
    'intervals by the clock' => ['A: floor press / bent-over row 3x12', [
        ['kind' => 'shape', 'block' => 0, 'shape' => 'intervals', 'rule' => ['rounds' => 5, 'work_s' => 30]],
    ], ['intervals: 1.floor-press 5 × 12, 1.bent-over-row 5 × 12']],
    'several at once' => [THREE_ALONE, [['kind' => 'together', 'edits' => [
        ['kind' => 'remove', 'weekday' => 1, 'slot' => '1.floor-press'],
        ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.goblet-squat', 'ask' => ['reps' => 8]],
    ]]], ['straight: 1.goblet-squat 3 × 8, 1.bent-over-row 2 × 12']],
    'in the order of the school' => ["forearm plank 2x30 s\nbiceps curl 2x10\ngoblet squat 3x10", [['kind' => 'order']], [
        'straight: 1.goblet-squat 3 × 10, 1.biceps-curl 2 × 10, 1.forearm-plank 2 × 30 s',
    ]],
]);

it('moves between days and keeps the thread', function (): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => THREE_ALONE, 4 => 'push-up 3x8']);
    $moved = HandMade::edited($week, $brief, ['kind' => 'move', 'weekday' => 1, 'slot' => '1.floor-press', 'to' => 4]);
    expect($moved->words)->toBe('Floor press moved to Thursday')
        ->and(HandMade::lines($moved->week, 4))->toBe(['straight: 4.push-up 3 × 8, 1.floor-press 3 × 12'])
        ->and(HandMade::threads($moved->week))->toBe(HandMade::threads($week));
    $swapped = HandMade::edited($week, $brief, ['kind' => 'day', 'weekday' => 1, 'to' => 4]);
    expect($swapped->from)->toBe([4 => 1, 1 => 4])
        ->and(HandMade::lines($swapped->week, 1))->toBe(HandMade::lines($week, 4));
});

it('steps to the rungs beside, and back', function (): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => 'goblet squat 3x10 6 kg']);
    $at = ['weekday' => 1, 'slot' => '1.goblet-squat'];
    $load = static fn (PlannedWeek $one): float => $one->days[0]->plan->slots()[0]->assignment->setting->massKg;
    $harder = HandMade::edited($week, $brief, ['kind' => 'harder'] + $at);
    expect($load($harder->week))->toBeGreaterThan($load($week))->and($harder->anew)->toBe(['1.goblet-squat'])
        ->and($load(HandMade::edited($harder->week, $brief, ['kind' => 'easier'] + $at)->week))->toBe($load($week));
});

it('puts in what serves where a limit forbids what stands there', function (): void {
    $week = HandMade::week(HandMade::brief(), [1 => 'overhead press 3x10 6 kg']);
    $brief = HandMade::brief(6, null, Goal::Muscle, Limit::NoOverhead);
    $checks = new WeekChecks(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $limits = static fn (PlannedWeek $one) => array_values(array_filter(
        $checks->of($one, $brief),
        static fn ($check): bool => $check->id === 'limits',
    ))[0];
    $broken = $limits($week);
    expect($broken->verdict)->toBe(Verdict::No)->and(array_keys($broken->threads))->toBe(['1.overhead-press']);
    $mends = Mends::of($broken, $week, $brief);
    expect($mends[0]->words)->toBe('Put in what serves for overhead press');
    $mended = HandMade::editor()->apply($week, $mends[0]->edit, $brief)->week;
    expect($limits($mended)->verdict)->toBe(Verdict::Ok)->and(HandMade::threads($mended))->toBe(['1.overhead-press']);
});

it('mends what a check finds, by the button it offers', function (string $id, array $days, array $edits): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, $days);
    foreach ($edits as $edit) {
        $week = HandMade::edited($week, $brief, $edit)->week;
    }
    $checks = new WeekChecks(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $bad = static fn (PlannedWeek $one): array => array_values(array_filter(
        $checks->of($one, $brief),
        static fn ($check): bool => $check->id === $id && $check->verdict !== Verdict::Ok,
    ));
    $before = $bad($week);
    expect($before)->not->toBe([]);
    $mends = Mends::of($before[0], $week, $brief);
    expect($mends)->not->toBe([]);
    $mended = HandMade::editor()->apply($week, $mends[0]->edit, $brief)->week;
    // One that is refused weighs more than one that is watched.
    $weight = static fn (array $checks): int => array_sum(array_map(
        static fn ($check): int => $check->verdict === Verdict::No ? 2 : 1,
        $checks,
    ));
    expect($weight($bad($mended)))->toBeLessThan($weight($before));
})->with([
    'too long' => ['time', [1 => THREE_ALONE."\npush-up 5x12\nglute bridge 5x12"], [
        ['kind' => 'visit', 'weekday' => 1, 'minutes' => 15],
    ]],
    'out of order' => ['order', [1 => "biceps curl 2x10\ngoblet squat 3x10"], []],
    'no frame' => ['frame', [1 => THREE_ALONE], []],
    'a name that promises' => ['name', [1 => THREE_ALONE], [['kind' => 'rename', 'weekday' => 1, 'name' => 'Trunk only']]],
    'two days running' => ['recovery', [1 => 'goblet squat 4x10', 2 => 'goblet squat 4x10'], []],
    'more pushing than pulling' => ['balance-push-pull', [1 => "floor press 4x10\nbent-over row 2x10"], []],
    'a pattern missing' => ['pattern', [1 => "floor press 3x10\nbent-over row 3x10"], []],
]);

it('offers a set more of what trains a muscle too little, and a set less of what does so too much', function (): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => "floor press 2x10 6 kg\nbent-over row 5x10 6 kg", 4 => 'bent-over row 4x10 6 kg']);
    $checks = new WeekChecks(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $offered = [];
    foreach ($checks->of($week, $brief) as $check) {
        foreach ($check->id === 'volume' ? Mends::of($check, $week, $brief) : [] as $mend) {
            $offered[$check->about] = $mend->words;
        }
    }
    expect($offered['chest'])->toBe('A set more of floor press on Monday')
        ->and(HandMade::edited($week, $brief, ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.floor-press', 'ask' => ['sets' => 3]])->words)
        ->toBe('Floor press: 3 × 10 repetitions');
});

it('refuses what cannot be, naming the field', function (array $edit, string $field): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => THREE_ALONE]);
    $refused = null;
    try {
        HandMade::edited($week, $brief, $edit);
    } catch (InvalidQuantity $problem) {
        $refused = $problem->field();
    }
    expect($refused)->toBe($field);
})->with([
    'no kind' => [['weekday' => 1], 'kind'],
    'no slot' => [['kind' => 'remove', 'weekday' => 1], 'slot'],
    'not a day' => [['kind' => 'remove-session', 'weekday' => 9], 'weekday'],
    'no session there' => [['kind' => 'order', 'weekday' => 3], 'weekday'],
    'no such group' => [['kind' => 'fill', 'weekday' => 1, 'group' => 'toes'], 'group'],
    'a set too many' => [['kind' => 'ask', 'weekday' => 1, 'slot' => '1.floor-press', 'ask' => ['sets' => 21]], 'sets'],
    'half a repetition' => [['kind' => 'ask', 'weekday' => 1, 'slot' => '1.floor-press', 'ask' => ['reps' => 7.5]], 'ask.dose.reps'],
    'too few for a circuit' => [['kind' => 'shape', 'weekday' => 1, 'block' => 0, 'shape' => 'circuit'], 'items'],
    'nothing after it' => [['kind' => 'group', 'weekday' => 1, 'slot' => '1.bent-over-row'], 'slot'],
    'no such exercise' => [['kind' => 'add', 'weekday' => 1, 'exercise' => 'moonwalk'], 'exercise'],
    'one of several' => [['kind' => 'together', 'edits' => [['kind' => 'remove', 'weekday' => 1, 'slot' => 'x']]], 'edits.0.slot'],
]);

it('loses nothing and doubles nothing, whatever hands do', function (int $seed): void {
    mt_srand($seed);
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [
        1 => THREE_ALONE."\nA: biceps curl / lateral raise 3x12",
        3 => "circuit 3 rounds 40/20: push-up, glute bridge, forearm plank, split squat\nwarm-up: arm circles",
        6 => 'push-up 3x8',
    ]);
    $threads = HandMade::threads($week);
    for ($i = 0; $i < 40; $i++) {
        $day = $week->days[mt_rand(0, count($week->days) - 1)];
        $slots = $day->plan->slots();
        if ($slots === []) {
            continue;
        }
        $edit = [
            'kind' => ['shift', 'move', 'group', 'ungroup', 'ask', 'order', 'shift'][mt_rand(0, 6)],
            'weekday' => $day->day->weekday,
            'slot' => $slots[mt_rand(0, count($slots) - 1)]->thread,
            'by' => mt_rand(0, 1) * 2 - 1,
            'to' => $week->days[mt_rand(0, count($week->days) - 1)]->day->weekday,
            'ask' => ['sets' => mt_rand(1, 5)],
        ] + (mt_rand(0, 1) === 1 ? ['block' => mt_rand(0, 4), 'place' => mt_rand(0, 4)] : []);
        try {
            $week = HandMade::edited($week, $brief, $edit)->week;
        } catch (InvalidQuantity) {
            continue;
        }
        expect(HandMade::threads($week))->toBe($threads);
        foreach ($week->days as $one) {
            foreach ($one->plan->blocks as $block) {
                [$fewest, $most] = $block->kind->slots();
                expect(count($block->slots))->toBeGreaterThanOrEqual($fewest)->toBeLessThanOrEqual($most);
            }
        }
    }
})->with(range(1, 25));

it('says back what it was told', function (EditKind $kind): void {
    $edit = [
        'kind' => $kind->value, 'weekday' => 2, 'slot' => 'a', 'to' => 3, 'block' => 0, 'place' => 1, 'by' => -1,
        'exercise' => 'push-up', 'ask' => ['sets' => 2], 'shape' => 'circuit', 'rule' => ['rounds' => 3], 'minutes' => 30,
        'name' => 'Legs', 'text' => 'push-up', 'group' => 'legs',
    ] + ($kind === EditKind::Together ? ['edits' => [['kind' => 'order', 'weekday' => 1]]] : []);
    expect(Edit::fromArray($edit)->toArray())->toBe($edit);
})->with(EditKind::cases());

it('is the same day where nothing was done to it', function (): void {
    $brief = HandMade::brief();
    $week = HandMade::week($brief, [1 => THREE_ALONE, 4 => 'push-up 3x8']);
    $edited = HandMade::edited($week, $brief, ['kind' => 'order', 'weekday' => 1])->week;
    $thursday = static fn (PlannedWeek $one): PlannedDay => $one->days[1];
    expect($thursday($edited))->toBe($thursday($week));
});

it('lets a last set go to failure, gives it three days, and leaves it out of a lighter week', function (): void {
    $brief = HandMade::brief(6);
    $week = HandMade::week($brief, [1 => 'goblet squat 3x10 12 kg', 4 => 'goblet squat 3x10 12 kg']);
    $recovery = static function (PlannedWeek $week) use ($brief): Verdict {
        foreach ((new WeekChecks(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))->of($week, $brief) as $check) {
            if ($check->id === 'recovery') {
                return $check->verdict;
            }
        }

        return Verdict::Watch;
    };
    $near = HandMade::week($brief, [1 => 'goblet squat 3x10 12 kg', 3 => 'goblet squat 3x10 12 kg']);
    expect($recovery($near))->toBe(Verdict::Ok);

    $ask = ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.goblet-squat', 'ask' => ['last_to_failure' => true]];
    $edited = HandMade::edited($near, $brief, $ask);
    $asked = $edited->week->days[0]->work()[0]->assignment;
    expect($edited->words)->toContain('the last set to failure')
        ->and($asked->lastToFailure)->toBeTrue()
        ->and($asked->goesToFailure())->toBeTrue()
        ->and(Assignment::fromArray($asked->toArray())->lastToFailure)->toBeTrue()
        ->and($recovery($edited->week))->toBe(Verdict::No)
        ->and($recovery(HandMade::edited($week, $brief, $ask)->week))->toBe(Verdict::Ok);

    $said = array_map(
        static fn (Step $step): string => $step->words,
        array_values(array_filter(
            $edited->week->days[0]->timeline($brief)->steps,
            static fn (Step $step): bool => $step->kind === StepKind::Work,
        )),
    );
    expect($said)->toBe([
        'Goblet squat: 10 repetitions',
        'Goblet squat: 10 repetitions',
        'Goblet squat: 10 repetitions or more, until the next one would not be clean',
    ])
        ->and(Progression::lighter($asked)->lastToFailure)->toBeFalse();
});

it('lets nobody go to failure whom it may harm', function (Goal $goal, Limit ...$limits): void {
    $brief = HandMade::brief(6, null, $goal, ...$limits);
    $week = HandMade::week($brief, [1 => 'goblet squat 3x10 12 kg']);
    $ask = ['kind' => 'ask', 'weekday' => 1, 'slot' => '1.goblet-squat', 'ask' => ['last_to_failure' => true]];
    expect(fn () => HandMade::edited($week, $brief, $ask))->toThrow(InvalidQuantity::class, 'left in reserve');
})->with([
    'under 18' => [Goal::Muscle, Limit::Youth],
    'high blood pressure' => [Goal::Muscle, Limit::HighBloodPressure],
    'a beginner' => [Goal::Beginner],
    'older' => [Goal::Older],
]);
