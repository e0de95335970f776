<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\SessionReader;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\WrittenBlock;
use NimbleShelf\Core\Programme\WrittenSlot;
use NimbleShelf\Core\Strength\Experience;
use Tests\Support\Shipped;

/** @return list<WrittenBlock> */
function written(string $text, Limit ...$limits): array
{
    $shelf = Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => '2', 'kind' => 'kettlebell', 'name' => '12 kg bell', 'count' => 1, 'mass_kg' => 12],
        ['id' => '3', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20],
    );
    $brief = Brief::of(
        new Situation(new Client(Body::of(1.72, 74), array_values($limits)), $shelf, Home::of(ceilingM: 2.5)),
        Goal::Muscle,
        Experience::Some,
        TrainingDay::spread(1, 45),
        1,
    );
    $rungs = ShelfRungs::of(Shipped::model());

    return (new SessionReader(Shipped::catalogue(), $rungs, new OptionFinder(Shipped::catalogue(), Shipped::model(), $rungs)))
        ->read($text, $brief);
}

/** @return list<string> "exercise sets×dose" of every slot. */
function slotsOf(WrittenBlock $block): array
{
    return array_map(
        static fn (Slot $slot): string => "{$slot->exercise->id} {$slot->assignment->sets}×{$slot->assignment->dose->inWords()}",
        $block->block->slots ?? [],
    );
}

it('reads a line as trainers scribble it', function (string $line, string $kind, array $rule, array $slots): void {
    $read = written($line);
    expect($read)->toHaveCount(1)
        ->and($read[0]->block?->kind->value)->toBe($kind)
        ->and($read[0]->block->rule->toArray())->toBe($rule)
        ->and(slotsOf($read[0]))->toBe($slots)
        ->and($read[0]->doubts)->toBe([])->and($read[0]->refused)->toBe([])
        ->and(array_filter($read[0]->slots, static fn (WrittenSlot $slot): bool => $slot->problem !== null))->toBe([]);
})->with([
    ['goblet squat 3x10 12kg', 'straight', [], ['goblet-squat 3×10 repetitions']],
    ['Goblet Squats 3 × 10, 12 kg', 'straight', [], ['goblet-squat 3×10 repetitions']],
    [
        'A: floor press / row 3x12 rest 60', 'section', ['round_rest_s' => 60],
        ['floor-press 3×12 repetitions', 'bent-over-row 3×12 repetitions'],
    ],
    [
        'circuit 4 rounds 40/20: squats, press-ups, band row, plank', 'intervals',
        ['rounds' => 4, 'work_s' => 40, 'rest_s' => 20],
        ['squat 4×40 s', 'push-up 4×40 s', 'bent-over-row 4×40 s', 'forearm-plank 4×40 s'],
    ],
    [
        'ladder 15-12-9-6 swings, goblet squat', 'ladder', ['doses' => [15, 12, 9, 6]],
        ['kettlebell-swing 4×15 repetitions', 'goblet-squat 4×15 repetitions'],
    ],
    ['plank as long as clean', 'hold', [], ['forearm-plank 1×as long as clean']],
    [
        'curl 30s alternating + 30s both', 'two-phase',
        ['phases' => [['sides' => 'alternating', 'seconds' => 30], ['sides' => 'both', 'seconds' => 30]]],
        ['biceps-curl 1×60 s'],
    ],
    ["split squat 3x\n8 each side", 'straight', [], ['split-squat 3×8 repetitions per side']],
    [
        "circuit: squats, push ups, row, glute bridge\n3 rounds, last to failure", 'circuit', ['rounds' => 3],
        ['squat 3×10 repetitions', 'push-up 3×10 repetitions', 'bent-over-row 3×10 repetitions', 'glute-bridge 3×10 repetitions'],
    ],
    ['sqat 3x10', 'straight', [], ['squat 3×10 repetitions']],
    ['RDL 4x8-10 rest 2 min', 'straight', [], ['romanian-deadlift 4×8–10 repetitions']],
    ['bridge hold 3x40s', 'straight', [], ['bridge-hold 3×40 s']],
    ['side plank 2x30s each side', 'straight', [], ['side-plank 2×30 s per side']],
    [
        'superset biceps curl + overhead triceps extension 3x12', 'superset', [],
        ['biceps-curl 3×12 repetitions', 'overhead-triceps-extension 3×12 repetitions'],
    ],
    ['dead bug 3x10, bird dog 2x8', 'straight', [], ['dead-bug 3×10 repetitions', 'bird-dog 2×8 repetitions']],
    ['glute bridge 3x12 and plank 3x30s', 'superset', [], ['glute-bridge 3×12 repetitions', 'forearm-plank 3×30 s']],
    ['warm-up: arm circles, marching 60s', 'warm-up', [], ['arm-circle 1×30 s', 'marching-on-the-spot 1×60 s']],
    ['Lunges 2 sets 8 reps per leg', 'straight', [], ['reverse-lunge 2×8 repetitions per side']],
    ['3 rounds 30/15: push-ups, squats', 'intervals', ['rounds' => 3, 'work_s' => 30, 'rest_s' => 15], ['push-up 3×30 s', 'squat 3×30 s']],
    ['band pull apart 3x20', 'straight', [], ['band-pull-apart 3×20 repetitions']],
]);

it('finds the load that is written, says where there is none, and takes pounds', function (): void {
    [$twelve] = written('goblet squat 3x10 12kg');
    expect($twelve->slots[0]->slot->assignment->setting->massKg)->toBe(12.0);
    [$nine] = written('goblet squat 3x10 9 kg');
    expect($nine->slots[0]->problem)->toContain('There is no 9 kg for it')
        ->and($nine->slots[0]->slot)->not->toBeNull();
    [$pounds] = written('floor press 3x8 13 lb');
    expect($pounds->slots[0]->slot->assignment->setting->massKg)->toBe(6.0)->and($pounds->slots[0]->problem)->toBeNull();
});

it('says what it does not know, and what the shelf offers instead', function (): void {
    [$toss] = written('anvil toss 3x3');
    expect($toss->block)->toBeNull()->and($toss->slots[0]->problem)->toBe('Nothing in the catalogue is called "anvil toss".');
    [$thrust] = written('hip thrust 3x12');
    expect($thrust->slots[0]->slot)->toBeNull()
        ->and($thrust->slots[0]->problem)->toStartWith('Hip thrust: ')
        ->and($thrust->slots[0]->instead?->exercise->pattern)->toBe('bridge');
    [$overhead] = written('overhead press 3x8', Limit::NoOverhead);
    expect($overhead->slots[0]->slot)->toBeNull()->and($overhead->slots[0]->problem)->toContain('overhead');
});

it('says when the room is what forbids it', function (): void {
    $brief = Brief::of(
        new Situation(new Client(Body::of(1.72, 74)), [], Home::of(ceilingM: 1.8)),
        Goal::Muscle,
        Experience::Some,
        TrainingDay::spread(1, 45),
        1,
    );
    $rungs = ShelfRungs::of(Shipped::model());
    $reader = new SessionReader(Shipped::catalogue(), $rungs, new OptionFinder(Shipped::catalogue(), Shipped::model(), $rungs));
    expect($reader->read('warm-up: arm circles', $brief)[0]->slots[0]->problem)->toStartWith('Arm circles: Ceiling:');
});

it('reads a whole session, a block a line, and nothing into nothing', function (): void {
    $read = written("warm-up: arm circles\n\nsquat 3x10\nA: floor press / row 3x12\nplank as long as clean\ncool-down: child's pose 45s");
    expect(array_map(static fn (WrittenBlock $block): ?string => $block->block?->kind->value, $read))
        ->toBe(['warm-up', 'straight', 'section', 'hold', 'cool-down'])
        ->and(written(" \n "))->toBe([]);
});

it('takes the last round to failure, where nothing speaks against it', function (): void {
    [$circuit] = written("circuit: goblet squat, push-up, band bent-over row\n3 rounds, last to failure");
    $toTheEnd = static fn (WrittenBlock $block): array => array_map(
        static fn (Slot $slot): bool => $slot->assignment->lastToFailure,
        $block->block->slots ?? [],
    );
    expect($toTheEnd($circuit))->toBe([true, true, true])->and($circuit->refused)->toBe([]);

    [$young] = written('goblet squat 3x10, last to failure', Limit::Youth);
    expect($toTheEnd($young))->toBe([false])
        ->and($young->refused)->toBe(['To failure: not here. Under 18: a set ends with some left in reserve.']);

    [$sore] = written('goblet squat 3x10 to failure', Limit::BackPain);
    expect($sore->block->slots[0]->assignment->reserve ?? 0)->toBeGreaterThan(0)
        ->and($sore->refused[0] ?? '')->toContain('Back pain');
});
