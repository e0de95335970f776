<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\RestingLimbs;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\Timeline;
use Tests\Support\Shipped;

/** @return list<array{string|null, int, string}> Side, count and words of each piece of work. */
function workWhileResting(string $exercise, Sides $sides, Dose $dose, string ...$limits): array
{
    $known = Shipped::catalogue()->exercise($exercise);
    $asked = Assignment::of($exercise, Setting::of('dumbbell', 6.0), 2, $dose, 2, 60, $sides);
    $block = Block::asItStands(BlockKind::Straight, '', BlockRule::plain(), [new Slot('a', $known, $asked, [])]);
    $steps = Timeline::of(new SessionPlan('', [$block]), resting: RestingLimbs::under($limits))->steps;

    return array_values(array_map(
        static fn (Step $step): array => [$step->side, $step->dose, $step->words],
        array_filter($steps, static fn (Step $step): bool => $step->kind === StepKind::Work),
    ));
}

it('works the other side alone while a limb rests', function (Sides $sides, Dose $dose, int $count): void {
    $work = workWhileResting('one-arm-overhead-press', $sides, $dose, 'left-arm-out');
    expect(array_column($work, 0))->toBe(['right', 'right'])
        ->and(array_column($work, 1))->toBe([$count, $count])
        ->and($work[0][2])->not->toContain('per side');
})->with([
    'one side, then the other' => [Sides::Each, Dose::repetitions(8, perSide: true), 8],
    'of a total, half' => [Sides::Each, Dose::repetitions(9), 5],
    'alternating, in total' => [Sides::Alternating, Dose::repetitions(10), 5],
    'a side each round' => [Sides::SwapEachRound, Dose::repetitions(8, perSide: true), 8],
]);

it('takes half as long', function (): void {
    $seconds = static function (RestingLimbs $resting): float {
        $known = Shipped::catalogue()->exercise('one-arm-overhead-press');
        $asked = Assignment::of($known->id, Setting::of('dumbbell', 6.0), 1, Dose::repetitions(8, perSide: true), 2, 60, Sides::Each);
        $block = Block::asItStands(BlockKind::Straight, '', BlockRule::plain(), [new Slot('a', $known, $asked, [])]);

        return array_sum(array_map(
            static fn (Step $step): float => $step->kind === StepKind::Work ? $step->seconds : 0.0,
            Timeline::of(new SessionPlan('', [$block]), resting: $resting)->steps,
        ));
    };
    expect($seconds(RestingLimbs::under(['right-arm-out'])))->toBe($seconds(RestingLimbs::none()) / 2);
});

it('leaves both sides where nothing rests, where it does not matter, and where it works both at once', function (): void {
    expect(array_column(workWhileResting('one-arm-overhead-press', Sides::Each, Dose::repetitions(8, perSide: true)), 0))
        ->toBe(['left', 'right', 'left', 'right'])
        ->and(array_column(workWhileResting('one-arm-overhead-press', Sides::Each, Dose::repetitions(8, perSide: true), 'no-jumps'), 0))
        ->toBe(['left', 'right', 'left', 'right'])
        ->and(array_column(workWhileResting('one-arm-overhead-press', Sides::Each, Dose::repetitions(8, perSide: true), 'left-leg-out'), 0))
        ->toBe(['left', 'right', 'left', 'right'])
        ->and(array_column(workWhileResting('overhead-press', Sides::Both, Dose::repetitions(8), 'left-leg-out'), 0))->toBe([null, null]);
});

it('says which side', function (): void {
    $press = Shipped::catalogue()->exercise('one-arm-overhead-press');
    $asked = Assignment::of($press->id, Setting::of('dumbbell', 6.0), 2, Dose::repetitions(8, perSide: true), 2, 60, Sides::Each);
    expect(RestingLimbs::under(['left-arm-out'])->inWords($press, $asked))->toBe('8 repetitions, right side only')
        ->and(RestingLimbs::under(['right-arm-out'])->inWords($press, $asked))->toBe('8 repetitions, left side only')
        ->and(RestingLimbs::none()->inWords($press, $asked))->toBe('8 repetitions per side');
});
