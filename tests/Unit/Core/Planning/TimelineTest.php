<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Packing;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\SheetRow;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Planning\Timeline;
use Tests\Support\Shipped;

/*
 * Sessions played by hand. A squat sets up in S seconds, read from the catalogue; every repetition here takes 3 s.
 */

/** @param  list<Thing>  $things */
function slotOf(
    string $exercise = 'squat',
    int $sets = 2,
    ?Dose $dose = null,
    Sides $sides = Sides::Both,
    int $rest = 60,
    array $things = [],
    ?Setting $setting = null,
    ?string $thread = null,
): Slot {
    return new Slot($thread ?? $exercise, Shipped::catalogue()->exercise($exercise), Assignment::of(
        exercise: $exercise,
        setting: $setting ?? Setting::bodyWeight(),
        sets: $sets,
        dose: $dose ?? Dose::repetitions(10),
        reserve: 2,
        restSeconds: $rest,
        sides: $sides,
        tempo: Tempo::of(2, 0, 1, 0),
    ), $things);
}

/** @param  array<string, mixed>  $rule */
function blockOf(BlockKind $kind, array $rule, Slot ...$slots): Block
{
    return Block::of($kind, 'Block', BlockRule::fromArray($kind, $rule), array_values($slots));
}

function played(Block ...$blocks): Timeline
{
    return Timeline::of(new SessionPlan('Session', array_values($blocks)));
}

/** Work alone: thread, round, side, dose. */
function workIn(Timeline $timeline): string
{
    $work = array_filter($timeline->steps, static fn (Step $step): bool => $step->kind === StepKind::Work);

    return implode(
        ' ',
        array_map(static fn (Step $step): string => "{$step->slot?->thread}.{$step->round}".($step->side[0] ?? '').":{$step->dose}", $work),
    );
}

function secondsOf(Timeline $timeline, StepKind $kind): float
{
    return (float) array_sum(array_map(static fn (Step $step): float => $step->kind === $kind ? $step->seconds : 0.0, $timeline->steps));
}

function setUp(string $exercise): float
{
    return (float) Shipped::catalogue()->exercise($exercise)->setUpSeconds;
}

it('does every set, round and side in the order of its kind', function (Closure $blocks, string $expected): void {
    expect(workIn(played(...$blocks())))->toBe($expected);
})->with([
    'straight sets finish one exercise first' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat'), slotOf('lateral-raise', 1))],
        'squat.1:10 squat.2:10 lateral-raise.1:10',
    ],
    'a superset goes round' => [
        fn () => [blockOf(BlockKind::Superset, [], slotOf('squat'), slotOf('lateral-raise'))],
        'squat.1:10 lateral-raise.1:10 squat.2:10 lateral-raise.2:10',
    ],
    'a slot with fewer sets drops out' => [
        fn () => [blockOf(BlockKind::Superset, [], slotOf('squat', 2), slotOf('lateral-raise', 1))],
        'squat.1:10 lateral-raise.1:10 squat.2:10',
    ],
    'rounds of one set each' => [
        fn () => [blockOf(BlockKind::Section, ['rounds' => 2], slotOf('squat', 1), slotOf('lateral-raise', 1))],
        'squat.1:10 lateral-raise.1:10 squat.2:10 lateral-raise.2:10',
    ],
    'all of one side, then the other' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 1, Dose::repetitions(8, perSide: true), Sides::Each))],
        'squat.1l:8 squat.1r:8',
    ],
    'in total means half a side' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 1, Dose::repetitions(9), Sides::Each))],
        'squat.1l:5 squat.1r:5',
    ],
    'alternating counts both' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 1, Dose::repetitions(8, perSide: true), Sides::Alternating))],
        'squat.1:16',
    ],
    'a side each round' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 3, sides: Sides::SwapEachRound))],
        'squat.1l:10 squat.2r:10 squat.3l:10',
    ],
    'a ladder has one dose a round' => [
        fn () => [blockOf(BlockKind::Ladder, ['doses' => [15, 12, 9]], slotOf('squat', 1), slotOf('lateral-raise', 1))],
        'squat.1:15 lateral-raise.1:15 squat.2:12 lateral-raise.2:12 squat.3:9 lateral-raise.3:9',
    ],
    'intervals by the clock' => [
        fn () => [
            blockOf(BlockKind::Intervals, ['work_s' => 40, 'rest_s' => 20, 'rounds' => 2], slotOf('squat', 1), slotOf('lateral-raise', 1)),
        ],
        'squat.1:40 lateral-raise.1:40 squat.2:40 lateral-raise.2:40',
    ],
    'sides change at half time' => [
        fn () => [blockOf(BlockKind::Intervals, ['work_s' => 45, 'rest_s' => 15], slotOf('squat', 1, sides: Sides::Each))],
        'squat.1l:22 squat.1r:23',
    ],
    'two phases of one set' => [
        fn () => [blockOf(BlockKind::TwoPhase, [], slotOf('biceps-curl', 1, Dose::seconds(60)))],
        'biceps-curl.1:30 biceps-curl.1:30',
    ],
    'two phases as they are named' => [
        fn () => [
            blockOf(
                BlockKind::TwoPhase,
                ['phases' => [['sides' => 'alternating', 'seconds' => 30], ['sides' => 'both', 'seconds' => 20]]],
                slotOf('biceps-curl', 1, Dose::seconds(50)),
            ),
        ],
        'biceps-curl.1:30 biceps-curl.1:20',
    ],
    'layers one after the other' => [
        fn () => [
            blockOf(
                BlockKind::Layered,
                ['rounds' => 2],
                slotOf('squat', 1, Dose::repetitions(4)),
                slotOf('biceps-curl', 1, Dose::repetitions(4)),
            ),
        ],
        'squat.1:4 biceps-curl.1:4 squat.2:4 biceps-curl.2:4',
    ],
    'a hold' => [
        fn () => [blockOf(BlockKind::Hold, [], slotOf('forearm-plank', 2, Dose::asLongAsClean(60)))],
        'forearm-plank.1:60 forearm-plank.2:60',
    ],
    'the picks of a menu' => [
        fn () => [blockOf(BlockKind::Menu, ['pick' => 1], slotOf('squat', 1), slotOf('lateral-raise', 1))],
        'squat.1:10',
    ],
    'blocks follow each other' => [
        fn () => [blockOf(BlockKind::WarmUp, [], slotOf('squat', 1)), blockOf(BlockKind::Straight, [], slotOf('lateral-raise', 1))],
        'squat.1:10 lateral-raise.1:10',
    ],
    'nothing to do' => [fn () => [], ''],
]);

it('adds up work, rest and set-up', function (Closure $blocks, Closure $expected): void {
    $timeline = played(...$blocks());
    expect($timeline->seconds())->toBe($expected())
        ->and($timeline->seconds())->toBe(array_sum(array_map(static fn (Step $step): float => $step->seconds, $timeline->steps)))
        ->and($timeline->likelySeconds())->toBe($timeline->seconds())
        ->and($timeline->likelySeconds(2.0))
        ->toBe(secondsOf($timeline, StepKind::Work) + 2 * ($timeline->seconds() - secondsOf($timeline, StepKind::Work)));
})->with([
    '3 × 10 × 3 s, two rests between, none after the last' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 3))],
        fn () => setUp('squat') + 3 * 30.0 + 2 * 60,
    ],
    'a superset rests after the pair; a change without a rest is added' => [
        fn () => [blockOf(BlockKind::Superset, ['round_rest_s' => 90], slotOf('squat', 2), slotOf('lateral-raise', 2))],
        fn () => setUp('squat') + 4 * 30.0 + 2 * setUp('lateral-raise') + max(90.0, setUp('squat')),
    ],
    'intervals: slots × (work + rest), and the rest of the round between' => [
        fn () => [
            blockOf(
                BlockKind::Intervals,
                ['work_s' => 40, 'rest_s' => 60, 'rounds' => 2, 'round_rest_s' => 30],
                slotOf('squat', 1),
                slotOf('lateral-raise', 1),
            ),
        ],
        fn () => setUp('squat') + 4 * 40.0 + 3 * 60 + 30,
    ],
    'two to a repetition take twice as long' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 1, Dose::repetitions(10, factor: 2.0, means: 'two pulses')))],
        fn () => setUp('squat') + 60.0,
    ],
    'each side is a set’s worth, without a rest between' => [
        fn () => [blockOf(BlockKind::Straight, [], slotOf('squat', 1, Dose::repetitions(8, perSide: true), Sides::Each))],
        fn () => setUp('squat') + 48.0,
    ],
    'a ladder: 15, 12 and 9 times 3 s' => [
        fn () => [blockOf(BlockKind::Ladder, ['doses' => [15, 12, 9], 'round_rest_s' => 45], slotOf('squat', 1))],
        fn () => setUp('squat') + 36 * 3.0 + 2 * 45,
    ],
]);

it('puts a change inside the rest, and adds what exceeds it', function (int $rest, float $restShown, float $changeShown): void {
    $things = Shipped::shelf([
        'id' => 'bells',
        'kind' => 'adjustable-dumbbell',
        'name' => 'adjustable pair',
        'count' => 2,
        'handle_kg' => 2,
        'plates' => [['mass_kg' => 1, 'count' => 8], ['mass_kg' => 2, 'count' => 4]],
    ]);
    $kg = static fn (float $massKg): Setting => Setting::of('dumbbell', $massKg, perHand: true);
    $timeline = played(blockOf(
        BlockKind::Straight,
        [],
        slotOf('biceps-curl', 1, rest: $rest, things: $things, setting: $kg(4)),
        slotOf('lateral-raise', 1, rest: $rest, things: $things, setting: $kg(6)),
    ));
    // 4 kg is one plate of 1 kg an end, 6 kg one of 2: one off, one on, at two ends of two bells, are eight moves of 6 s.
    expect(secondsOf($timeline, StepKind::Rest))->toBe(max(0.0, $restShown - setUp('lateral-raise')))
        ->and(secondsOf($timeline, StepKind::Change))->toBe(setUp('biceps-curl') + setUp('lateral-raise') + $changeShown);
})->with(['inside' => [120, 72.0, 48.0], 'beyond' => [20, 0.0, 48.0]]);

it('says what is picked up and put down, and nothing twice', function (): void {
    [$bell, $tube] = Shipped::shelf(
        ['id' => 'bell', 'kind' => 'kettlebell', 'name' => '12 kg bell', 'mass_kg' => 12],
        ['id' => 'tube', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10],
    );
    $timeline = played(
        blockOf(
            BlockKind::Straight,
            [],
            slotOf('goblet-squat', 2, things: [$bell]),
            slotOf('romanian-deadlift', 1, things: [$bell]),
            slotOf('biceps-curl', 1, things: [$tube]),
        ),
    );
    $handled = array_values(
        array_filter(
            array_map(
                static fn (Step $step): string => implode('+', array_column($step->pickUp, 'id')).'/'.implode(
                    '+',
                    array_column($step->putDown, 'id'),
                ),
                $timeline->steps,
            ),
            static fn (string $one): bool => $one !== '/',
        ),
    );
    expect($handled)->toBe(['bell/', 'tube/bell']);
});

it('says how a thing is set up anew', function (array $entry, array $first, array $then, string $says): void {
    $things = Shipped::shelf($entry);
    $timeline = played(
        blockOf(
            BlockKind::Straight,
            [],
            slotOf('biceps-curl', 1, things: $things, setting: Setting::fromArray($first)),
            slotOf('lateral-raise', 1, things: $things, setting: Setting::fromArray($then)),
        ),
    );
    $changes = array_values(array_filter($timeline->steps, static fn (Step $step): bool => $step->kind === StepKind::Change));
    expect($changes[1]->words)->toBe($says);
})->with([
    'other plates' => [
        [
            'id' => 'a',
            'kind' => 'adjustable-dumbbell',
            'name' => 'adjustable pair',
            'count' => 2,
            'handle_kg' => 2,
            'plates' => [['mass_kg' => 1, 'count' => 8]],
        ],
        ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true],
        ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true],
        'Set the adjustable pair to 4 kg',
    ],
    'a band another way' => [
        ['id' => 't', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10],
        ['implement' => 'tube', 'band' => ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'one-foot']],
        ['implement' => 'tube', 'band' => ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'two-feet']],
        'Rig the red tube for Lateral raise',
    ],
    'another fill' => [
        ['id' => 'r', 'kind' => 'rucksack', 'name' => 'canvas rucksack', 'max_kg' => 20],
        ['implement' => 'rucksack', 'mass_kg' => 12],
        ['implement' => 'rucksack', 'mass_kg' => 8.5],
        'Pack the canvas rucksack to 8.5 kg',
    ],
]);

it('counts going down to the floor and up again, slower for some', function (): void {
    $blocks = [
        blockOf(BlockKind::Straight, [], slotOf('squat', 1), slotOf('forearm-plank', 2, Dose::seconds(30)), slotOf('lateral-raise', 1)),
    ];
    $plan = new SessionPlan('Session', $blocks);
    $timeline = Timeline::of($plan);
    expect($timeline->positionChanges)->toBe(2)
        ->and(secondsOf(Timeline::of($plan, slowOnFeet: true), StepKind::Change) - secondsOf($timeline, StepKind::Change))->toBe(14.0);
});

it('names one thing wanted in two set-ups, and whether the rest is long enough', function (int $rest, bool $fits): void {
    $tube = Shipped::shelf(['id' => 'tube', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10]);
    $rig = static fn (string $layout): Setting => Setting::fromArray([
        'implement' => 'tube',
        'band' => ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => $layout],
    ]);
    $timeline = played(
        blockOf(
            BlockKind::Superset,
            ['rest_s' => $rest, 'round_rest_s' => $rest],
            slotOf('biceps-curl', 2, things: $tube, setting: $rig('one-foot')),
            slotOf('lateral-raise', 2, things: $tube, setting: $rig('two-feet')),
        ),
    );
    expect(count($timeline->conflicts))->toBe(2)
        ->and($timeline->conflicts[0]->fits())
        ->toBe($fits)
        ->and($timeline->conflicts[0]->inWords())
        ->toContain('red tube');
    $straight = played(
        blockOf(
            BlockKind::Straight,
            [],
            slotOf('biceps-curl', 1, things: $tube, setting: $rig('one-foot')),
            slotOf('lateral-raise', 1, things: $tube, setting: $rig('two-feet')),
        ),
    );
    expect($straight->conflicts)->toBe([]);
})->with([[0, false], [90, true]]);

it('says when a recipe is broken up by another exercise of the block', function (int $clayBags, int $conflicts): void {
    [$rucksack, $clay] = Shipped::shelf(
        ['id' => 'r', 'kind' => 'rucksack', 'name' => 'canvas rucksack', 'tare_kg' => 1, 'max_kg' => 20],
        ['id' => 'c', 'kind' => 'object', 'name' => 'clay bag', 'count' => $clayBags, 'mass_kg' => 5, 'grip' => 'handle'],
    );
    $packing = Packing::of($rucksack, [$rucksack, $clay]);
    $timeline = played(blockOf(
        BlockKind::Superset,
        ['rest_s' => 0, 'round_rest_s' => 0],
        slotOf('rucksack-squat', 2, things: $packing->thingsFor($packing->near(11)), setting: Setting::of('rucksack', 11)),
        slotOf('goblet-squat', 2, things: [$clay], setting: Setting::of('object', 5)),
    ));
    $said = array_values(array_unique(array_map(static fn (KitConflict $conflict): string => $conflict->inWords(), $timeline->conflicts)));
    expect(count($said))->toBe($conflicts);
    foreach ($said as $words) {
        expect($words)->toContain('The clay bag is part of what is packed for rucksack squat and is wanted by itself for goblet squat');
    }
})->with(['three bags, two of them packed' => [3, 2], 'four, and two left over' => [4, 0]]);

it('counts the pieces that go in and come out, ten seconds each', function (): void {
    [$rucksack, $clay, $brick] = Shipped::shelf(
        ['id' => 'r', 'kind' => 'rucksack', 'name' => 'canvas rucksack', 'tare_kg' => 1, 'max_kg' => 20],
        ['id' => 'c', 'kind' => 'object', 'name' => 'clay bag', 'count' => 2, 'mass_kg' => 5, 'grip' => 'bag'],
        ['id' => 'b', 'kind' => 'object', 'name' => 'brick', 'count' => 1, 'mass_kg' => 2.5, 'grip' => 'body'],
    );
    $packing = Packing::of($rucksack, [$rucksack, $clay, $brick]);
    $packed = static fn (float $kg): array => [
        'things' => $packing->thingsFor($packing->near($kg)),
        'setting' => Setting::of('rucksack', $kg),
    ];
    // Two clay bags, then one clay bag and the brick: one out, one in; and the brick by itself was nowhere before.
    $timeline = played(blockOf(
        BlockKind::Straight,
        [],
        slotOf('rucksack-squat', 1, ...$packed(11.0)),
        slotOf('rucksack-front-squat', 1, ...$packed(8.5)),
    ));
    $plain = played(blockOf(BlockKind::Straight, [], slotOf('rucksack-squat', 1), slotOf('rucksack-front-squat', 1)));
    $changes = array_values(array_filter($timeline->steps, static fn (Step $step): bool => $step->kind === StepKind::Change));
    expect(secondsOf($timeline, StepKind::Change) + secondsOf($timeline, StepKind::Rest))
        ->toBeGreaterThan(secondsOf($plain, StepKind::Change) + secondsOf($plain, StepKind::Rest) - 1)
        ->and($changes[0]->words)->toContain('ake the canvas rucksack (two clay bags)')
        ->and($changes[count($changes) - 1]->words)->toContain('ack the canvas rucksack to 8.5 kg: one clay bag and the brick');
});

it('announces the round of a ladder, the second phase, a layer and the choice', function (Closure $block, string $says): void {
    $announced = array_values(array_filter(played($block())->steps, static fn (Step $step): bool => $step->kind === StepKind::Announce));
    expect($announced[0]->words ?? '')->toBe($says)->and($announced[0]->seconds)->toBe(0.0);
})->with([
    [fn () => blockOf(BlockKind::Ladder, ['doses' => [15, 12]], slotOf('squat', 1)), 'Round 1 of 2: 15 repetitions each'],
    [fn () => blockOf(BlockKind::TwoPhase, [], slotOf('biceps-curl', 1, Dose::seconds(60))), 'Now both sides together'],
    [fn () => blockOf(BlockKind::Layered, [], slotOf('squat', 1), slotOf('biceps-curl', 1)), 'Add Biceps curl, or stay with what you have'],
    [
        fn () => blockOf(BlockKind::Menu, ['pick' => 1, 'needs' => ['at least one leg']], slotOf('squat', 1), slotOf('push-up', 1)),
        'Choose 1 of 2 (at least one leg): Squat, Push-up',
    ],
    [
        fn () => blockOf(BlockKind::Intervals, ['work_s' => 40, 'rest_s' => 20], slotOf('squat', 1, sides: Sides::Each)),
        'Half time: the other side',
    ],
]);

it('refuses a block that is none', function (BlockKind $kind, array $rule, array $slots, string $field, string $says): void {
    try {
        Block::of(
            $kind,
            'Block',
            BlockRule::fromArray($kind, $rule),
            array_map(static fn (string $exercise): Slot => slotOf($exercise, 1), $slots),
        );
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field)->and($refused->getMessage())->toContain($says);

        return;
    }
    expect(false)->toBeTrue('nothing was refused');
})->with([
    'a superset of one' => [BlockKind::Superset, [], ['squat'], 'items', 'A superset has 2 to 3 exercises; this one has 1.'],
    'a superset of four' => [BlockKind::Superset, [], ['squat', 'squat', 'squat', 'squat'], 'items', '2 to 3'],
    'a circuit of three' => [BlockKind::Circuit, [], ['squat', 'squat', 'squat'], 'items', '4 to 10'],
    'an empty block' => [BlockKind::Straight, [], [], 'items', '1 to 20'],
    'an interval of nothing' => [BlockKind::Intervals, ['work_s' => 0, 'rest_s' => 20], ['squat'], 'work_s', 'between 5 and 600'],
    'intervals without a clock' => [BlockKind::Intervals, ['rest_s' => 20], ['squat'], 'work_s', 'how many seconds of work'],
    'intervals that say nothing of rest' => [BlockKind::Intervals, ['work_s' => 20], ['squat'], 'rest_s', '0 is an answer'],
    'a ladder with a hole' => [BlockKind::Ladder, ['doses' => [15, 0, 9]], ['squat'], 'doses.1', 'no hole'],
    'a ladder of one rung' => [BlockKind::Ladder, ['doses' => [15]], ['squat'], 'doses', 'two or more'],
    'a ladder up, down and up' => [BlockKind::Ladder, ['doses' => [5, 8, 5, 8]], ['squat'], 'doses.3', 'turns once'],
    'a ladder with other rounds' => [BlockKind::Ladder, ['doses' => [15, 9], 'rounds' => 3], ['squat'], 'rounds', 'one dose a round'],
    'one phase of two' => [
        BlockKind::TwoPhase,
        ['phases' => [['sides' => 'both', 'seconds' => 20]]],
        ['squat'],
        'phases',
        'one is missing',
    ],
    'a phase no one knows' => [
        BlockKind::TwoPhase,
        ['phases' => [['sides' => 'thrice', 'seconds' => 20]]],
        ['squat'],
        'phases.0.sides',
        'must be one of',
    ],
    'a menu of nothing' => [BlockKind::Menu, [], ['squat', 'squat'], 'pick', 'how many'],
    'more picked than there is' => [BlockKind::Menu, ['pick' => 3], ['squat', 'squat'], 'pick', 'cannot be picked'],
    'a hold that is counted' => [BlockKind::Hold, [], ['squat'], 'items.0.reps', 'needs seconds'],
    'half a round' => [BlockKind::Circuit, ['rounds' => 2.5], ['squat', 'squat', 'squat', 'squat'], 'rounds', 'whole number'],
]);

it('adds rounds to a rule at its end, and none where the slots say it', function (BlockKind $kind, array $rule, array $then): void {
    $planned = BlockRule::fromArray($kind, $rule);
    expect($planned->withMoreRounds(2)->toArray())->toBe($then)
        ->and($planned->withMoreRounds(0))->toBe($planned)
        ->and($planned->withMoreRounds(-1))->toBe($planned);
})->with([
    [BlockKind::Circuit, ['rounds' => 3, 'round_rest_s' => 60], ['rounds' => 5, 'round_rest_s' => 60]],
    [BlockKind::Superset, ['rest_s' => 15], ['rest_s' => 15]],
    [BlockKind::Ladder, ['rounds' => 2, 'doses' => [9, 6]], ['rounds' => 4, 'doses' => [9, 6, 6, 6]]],
]);

it('writes a rule as it reads it', function (BlockKind $kind, array $rule): void {
    expect(BlockRule::fromArray($kind, $rule)->toArray())->toBe($rule);
})->with([
    [BlockKind::Straight, []],
    [BlockKind::Intervals, ['rounds' => 3, 'work_s' => 40, 'rest_s' => 0, 'round_rest_s' => 60]],
    [BlockKind::Ladder, ['doses' => [15, 12, 9, 6]]],
    [BlockKind::TwoPhase, ['phases' => [['sides' => 'alternating', 'seconds' => 30], ['sides' => 'both', 'seconds' => 30]]]],
    [BlockKind::Menu, ['pick' => 2, 'needs' => ['at least one pull']]],
]);

it('comes to rows on paper that say what is played', function (): void {
    $rows = SheetRow::allOf(played(
        blockOf(BlockKind::Straight, [], slotOf('squat', sets: 3, dose: Dose::repetitions(10), rest: 90)),
        blockOf(
            BlockKind::Straight,
            [],
            slotOf('split-squat', sets: 2, dose: Dose::repetitions(8, perSide: true), sides: Sides::Each, rest: 60),
        ),
        // The clock of the block decides, whatever the slot was written with.
        blockOf(
            BlockKind::Intervals,
            ['rounds' => 2, 'work_s' => 30, 'rest_s' => 15, 'round_rest_s' => 60],
            slotOf('glute-bridge', dose: Dose::seconds(60)),
            slotOf('push-up', dose: Dose::seconds(60)),
        ),
        blockOf(BlockKind::Ladder, ['doses' => [12, 9, 6], 'round_rest_s' => 45], slotOf('goblet-squat', dose: Dose::repetitions(12))),
        blockOf(BlockKind::Hold, [], slotOf('forearm-plank', sets: 2, dose: Dose::asLongAsClean(45), rest: 30)),
    )->steps);
    expect(array_map(static fn (SheetRow $row): string => "{$row->slot->thread}: {$row->dose}", $rows))->toBe([
        'squat: 3 × 10',
        'split-squat: 2 × 8 each side',
        'glute-bridge: 2 × 30 s',
        'push-up: 2 × 30 s',
        'goblet-squat: 12, 9, 6',
        'forearm-plank: 2 × as long as clean, at most 45 s',
    ]);
    expect($rows[0]->restSeconds)->toBe(90)
        ->and($rows[0]->sets)->toBe(3)
        // Between two sides nobody rests; after both there is the rest.
        ->and($rows[1]->restSeconds)->toBe(60);
});

it('names whoever had a thing last, not whoever went before', function (): void {
    $tube = Thing::fromArray(['id' => 'tube', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 20]);
    $rig = static fn (string $layout): Setting => Setting::fromArray([
        'implement' => 'tube',
        'band' => ['rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 20, 'layout' => $layout],
    ]);
    $timeline = played(blockOf(
        BlockKind::Circuit,
        ['rounds' => 1, 'rest_s' => 5],
        slotOf('biceps-curl', sets: 1, things: [$tube], setting: $rig('one-foot')),
        slotOf('squat', sets: 1),
        slotOf('push-up', sets: 1),
        slotOf('standing-band-row', sets: 1, things: [$tube], setting: $rig('anchored-middle')),
    ));
    $clash = $timeline->conflicts[0] ?? null;
    expect($clash)->toBeInstanceOf(KitConflict::class)
        ->and([$clash->from->thread, $clash->to->thread])->toBe(['biceps-curl', 'standing-band-row']);
});

it('lets a ladder turn once, and keeps a distance and as many as clean as what they are', function (): void {
    expect(BlockRule::fromArray(BlockKind::Ladder, ['doses' => [6, 8, 10, 8, 6]])->doses)->toBe([6, 8, 10, 8, 6])
        ->and(BlockRule::fromArray(BlockKind::Ladder, ['doses' => [5, 5, 3, 3]])->doses)->toBe([5, 5, 3, 3]);
    // 40 m at 0.9 m/s are 44 s.
    $carry = Dose::fromArray(['metres' => 40, 'per_side' => true]);
    expect($carry->isTimed())->toBeTrue()->and($carry->count())->toBe(44)
        ->and($carry->inWords())->toBe('40 m (about 44 s) per side')
        ->and(Dose::fromArray($carry->toArray()))->toEqual($carry)
        ->and($carry->to(44)->metres)->toBe(40.0)->and($carry->to(50)->metres)->toBe(45.0);
    $most = Dose::asManyAsClean(12);
    expect($most->inWords())->toBe('as many as clean, about 12')->and(Dose::fromArray($most->toArray()))->toEqual($most)
        ->and($most->to(15)->asManyAsClean)->toBeTrue()->and($most->isTimed())->toBeFalse();
});
