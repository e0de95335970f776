<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\LeadingSides;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Planning\Timeline;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Shipped;

/*
 * Sessions nobody wrote: whatever is thrown together, every set is played once, in order, and the seconds add up.
 */

const EXERCISES = ['squat', 'floor-press', 'bent-over-row', 'biceps-curl', 'split-squat', 'forearm-plank', 'push-up', 'lateral-raise'];

/** @return list<Thing> */
function shelfOfFour(): array
{
    return Shipped::shelf(
        [
            'id' => 'pair',
            'kind' => 'adjustable-dumbbell',
            'name' => 'adjustable pair',
            'count' => 2,
            'handle_kg' => 2,
            'plates' => [['mass_kg' => 1, 'count' => 8], ['mass_kg' => 2, 'count' => 4]],
        ],
        ['id' => 'tube', 'kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10],
        ['id' => 'chair', 'kind' => 'chair', 'name' => 'kitchen chair', 'height_cm' => 45, 'mass_kg' => 6],
        ['id' => 'bag', 'kind' => 'rucksack', 'name' => 'canvas rucksack', 'max_kg' => 20],
    );
}

function randomSlot(Randomizer $random, string $thread, bool $isTimed): Slot
{
    $exercise = Shipped::catalogue()->exercise(EXERCISES[$random->getInt(0, count(EXERCISES) - 1)]);
    $sides = Sides::cases()[$random->getInt(0, 4)];
    $perSide = $random->getInt(0, 1) === 1;
    $dose = match (true) {
        $isTimed || $exercise->isHold => Dose::seconds($random->getInt(5, 60), perSide: $perSide),
        default => Dose::repetitions($random->getInt(1, 20), perSide: $perSide, factor: $random->getInt(0, 5) === 0 ? 2.0 : 1.0),
    };
    $things = $random->getInt(0, 1) === 0 ? [] : [shelfOfFour()[$random->getInt(0, 3)]];
    $setting = match ($things[0]->kind ?? '') {
        'adjustable-dumbbell' => Setting::of('dumbbell', [2.0, 4.0, 6.0][$random->getInt(0, 2)], perHand: true),
        'tube' => Setting::fromArray([
            'implement' => 'tube',
            'band' => ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => ['one-foot', 'two-feet'][$random->getInt(0, 1)]],
        ]),
        'chair' => Setting::bodyWeight(supportHeightM: [0.0, 0.45][$random->getInt(0, 1)]),
        'rucksack' => Setting::of('rucksack', [6.0, 10.0, 16.0][$random->getInt(0, 2)]),
        default => Setting::bodyWeight(),
    };

    return new Slot($thread, $exercise, Assignment::of(
        exercise: $exercise->id,
        setting: $setting,
        sets: $random->getInt(1, 4),
        dose: $dose,
        reserve: 2,
        restSeconds: $random->getInt(0, 120),
        sides: $sides,
        tempo: Tempo::of($random->getInt(1, 4), 0, 1, 0),
    ), $things);
}

function randomPlan(Randomizer $random): SessionPlan
{
    $blocks = [];
    foreach (range(1, $random->getInt(1, 4)) as $b) {
        $kind = [
            BlockKind::Straight,
            BlockKind::Superset,
            BlockKind::Circuit,
            BlockKind::Intervals,
            BlockKind::Ladder,
            BlockKind::Hold,
            BlockKind::Section,
            BlockKind::Layered,
        ][$random->getInt(0, 7)];
        [$fewest, $most] = $kind->slots();
        $slots = [];
        foreach (range(1, $random->getInt($fewest, min($most, $fewest + 2))) as $s) {
            $slots[] = randomSlot($random, "{$b}.{$s}", $kind === BlockKind::Hold);
        }
        $rule = match ($kind) {
            BlockKind::Intervals => [
                'work_s' => $random->getInt(10, 60),
                'rest_s' => $random->getInt(0, 40),
                'rounds' => $random->getInt(1, 4),
                'round_rest_s' => $random->getInt(0, 90),
            ],
            BlockKind::Ladder => ['doses' => [[12, 9, 6], [3, 6, 9, 12], [10, 5]][$random->getInt(0, 2)]],
            BlockKind::Circuit => [
                'rounds' => $random->getInt(1, 4),
                'rest_s' => $random->getInt(0, 30),
                'round_rest_s' => $random->getInt(0, 90),
            ],
            default => [],
        };
        $blocks[] = Block::of($kind, "Block {$b}", BlockRule::fromArray($kind, $rule), $slots);
    }

    return new SessionPlan('Thrown together', $blocks);
}

/** How many sets of a slot are done, told from the plan alone. */
function setsOf(Block $block, Slot $slot): int
{
    return match ($block->kind) {
        BlockKind::Ladder => count($block->rule->doses),
        default => min($slot->assignment->sets, $block->rule->rounds ?? PHP_INT_MAX),
    };
}

/**
 * Seconds of work of one set, told from the plan alone.
 *
 * @param  int  $round  From 1.
 */
function workOfOneSet(Block $block, Slot $slot, int $round): float
{
    $dose = $slot->assignment->dose;
    if ($block->kind === BlockKind::Intervals) {
        return (float) $block->rule->workSeconds;
    }
    $count = $block->kind === BlockKind::Ladder ? $block->rule->doses[$round - 1] : $dose->count();
    $sides = $slot->assignment->sides;
    $one = static fn (int $of): float => $dose->isTimed() ? (float) $of : $of * $dose->factor * $slot->secondsEach();

    return match (true) {
        $sides === Sides::Each => 2 * $one($dose->perSide ? $count : (int) ceil($count / 2)),
        $sides === Sides::Alternating && $dose->perSide => 2 * $one($count),
        default => $one($count),
    };
}

it('plays every set once, in order, and nothing else', function (int $seed): void {
    $plan = randomPlan(new Randomizer(new Mt19937($seed)));
    $timeline = Timeline::of($plan);
    $played = [];
    foreach ($timeline->steps as $step) {
        if ($step->kind === StepKind::Work) {
            $played[$step->slot?->thread][$step->round][] = $step->side;
        }
    }
    foreach ($plan->blocks as $block) {
        foreach ($block->slots as $slot) {
            $rounds = $played[$slot->thread];
            expect(array_keys($rounds))->toBe(range(1, setsOf($block, $slot)));
            foreach ($rounds as $round => $sides) {
                expect($sides)->toBe(match ($slot->assignment->sides) {
                    Sides::Each => ['left', 'right'],
                    Sides::SwapEachRound => [$round % 2 === 1 ? 'left' : 'right'],
                    default => [null],
                });
            }
            unset($played[$slot->thread]);
        }
    }
    expect($played)->toBe([]);
})->with(range(1, 60));

it('adds up: work as written, and between two sets the longer of rest and change', function (int $seed): void {
    $plan = randomPlan(new Randomizer(new Mt19937($seed)));
    $timeline = Timeline::of($plan);
    $work = 0.0;
    foreach ($plan->blocks as $block) {
        foreach ($block->slots as $slot) {
            foreach (range(1, setsOf($block, $slot)) as $round) {
                $work += workOfOneSet($block, $slot, $round);
            }
        }
    }
    $played = static fn (StepKind ...$kinds): float => (float) array_sum(
        array_map(static fn (Step $step): float => in_array($step->kind, $kinds, true) ? $step->seconds : 0.0, $timeline->steps),
    );
    expect($played(StepKind::Work))->toEqualWithDelta($work, 1e-6)
        ->and($played(StepKind::Announce))->toBe(0.0)
        ->and($timeline->seconds())->toEqualWithDelta($played(StepKind::Work, StepKind::Rest, StepKind::Change), 1e-6)
        ->and(min(array_map(static fn (Step $step): float => $step->seconds, $timeline->steps)))->toBeGreaterThanOrEqual(0.0)
        // Nobody rests before the first set or after the last.
        ->and($timeline->steps[0]->kind)->not->toBe(StepKind::Rest)
        ->and($timeline->steps[count($timeline->steps) - 1]->kind)->toBe(StepKind::Work);
})->with(range(1, 60));

it('has in hand what each set needs, and puts down only what was taken up', function (int $seed): void {
    $inHand = [];
    foreach (Timeline::of(randomPlan(new Randomizer(new Mt19937($seed))))->steps as $step) {
        foreach ($step->putDown as $use) {
            expect($inHand)->toHaveKey($use->id);
            unset($inHand[$use->id]);
        }
        foreach ($step->pickUp as $use) {
            expect($inHand)->not->toHaveKey($use->id);
            $inHand[$use->id] = true;
        }
        if ($step->kind === StepKind::Work) {
            $needed = array_map(static fn (Thing $thing): string => $thing->id, $step->slot->things ?? []);
            expect(array_values(array_intersect($needed, array_map(strval(...), array_keys($inHand)))))->toBe($needed);
        }
    }
})->with(range(1, 60));

it('takes no less time for one set more of everything, nor for slower feet', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $plan = randomPlan($random);
    $before = Timeline::of($plan);
    $more = [];
    foreach ($plan->slots() as $slot) {
        $more[$slot->thread] = $slot->assignment->sets + 1;
    }
    // The right side does half of what the left one does, every time: it begins.
    $stronger = [[10.0, 5.0], [12.0, 6.0], [8.0, 4.0]];
    expect(Timeline::of($plan->withSets($more))->seconds())->toBeGreaterThanOrEqual($before->seconds() - 1e-6);
    $turned = Timeline::of($plan, leading: LeadingSides::from(['arms' => $stronger, 'legs' => $stronger]));
    expect(Timeline::of($plan, slowOnFeet: true)->seconds())->toBeGreaterThanOrEqual($before->seconds() - 1e-6)
        ->and($turned->seconds())->toEqualWithDelta($before->seconds(), 1e-6)
        ->and(Timeline::of($plan)->seconds())->toBe($before->seconds())
        ->and($before->likelySeconds(1.5))->toBeGreaterThanOrEqual($before->likelySeconds());
})->with(range(1, 60));
