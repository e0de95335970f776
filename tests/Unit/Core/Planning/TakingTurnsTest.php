<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Counting;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\ShorterSession;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\TakingTurns;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Planning\Timeline;
use Tests\Support\Shipped;

/*
 * Two people in turns, by hand: ten repetitions of 3 s are 30 s of work.
 */

/** @param  list<Thing>  $things */
function inTurn(int $sets, int $rest, string $exercise = 'squat', array $things = [], ?Setting $setting = null): Timeline
{
    $slot = new Slot($exercise, Shipped::catalogue()->exercise($exercise), Assignment::of(
        exercise: $exercise,
        setting: $setting ?? Setting::bodyWeight(),
        sets: $sets,
        dose: Dose::repetitions(10),
        reserve: 2,
        restSeconds: $rest,
        tempo: Tempo::of(2, 0, 1, 0),
    ), $things);

    return Timeline::of(new SessionPlan('Session', [Block::of(BlockKind::Straight, 'Work', BlockRule::plain(), [$slot])]));
}

/** "0@0 1@30": who begins when. */
function whoWhen(TakingTurns $turns): string
{
    return implode(' ', array_map(static fn (array $turn): string => "{$turn['who']}@{$turn['startsAt']}", $turns->turns));
}

it('lets one work while the other rests', function (int $rest, string $wanted, float $seconds, float $waits): void {
    $turns = TakingTurns::of(inTurn(2, $rest), inTurn(2, $rest));
    expect(whoWhen($turns))->toBe($wanted)->and($turns->seconds)->toBe($seconds)->and($turns->waits)->toBe($waits);
})->with([
    'a rest as long as the other’s set' => [30, '0@0 1@30 0@60 1@90', 120.0, 0.0],
    'a shorter rest is longer' => [10, '0@0 1@30 0@60 1@90', 120.0, 0.0],
    'a longer rest waits for both' => [60, '0@0 1@30 0@90 1@120', 150.0, 30.0],
]);

it('lets whoever is ready go on where the other is through or still rests', function (): void {
    expect(whoWhen(TakingTurns::of(inTurn(1, 30), inTurn(3, 30))))->toBe('0@0 1@30 1@90 1@150')
        ->and(whoWhen(TakingTurns::of(inTurn(3, 10), inTurn(2, 100))))->toBe('0@0 1@30 0@60 0@100 1@160');
});

it('sets up anew what both use otherwise, and counts the time nobody’s rest covers', function (): void {
    $pair = Thing::fromArray([
        'id' => 'bar', 'kind' => 'adjustable-dumbbell', 'name' => 'loaded bar', 'count' => 2, 'handle_kg' => 2,
        'plates' => [['mass_kg' => 1.25, 'count' => 8], ['mass_kg' => 2.5, 'count' => 4]],
    ]);
    $at = static fn (float $kg): Timeline => inTurn(
        2,
        30,
        'biceps-curl',
        [$pair],
        Setting::fromArray(['implement' => 'adjustable-dumbbell', 'mass_kg' => $kg, 'per_hand' => true]),
    );
    $alike = TakingTurns::of($at(7.0), $at(7.0));
    $apart = TakingTurns::of($at(7.0), $at(4.5));
    expect($alike->shared)->toBe(['loaded bar'])
        ->and($alike->conflicts)->toBe([])
        ->and($apart->conflicts)->not->toBe([])
        ->and($apart->conflicts[0]->inWords())->toContain('loaded bar')
        ->and($apart->seconds)->toBeGreaterThan($alike->seconds);
});

it('keeps everybody’s sets in order, one at a time, no rest cut short', function (int $one, int $two, int $restOne, int $restTwo): void {
    $turns = TakingTurns::of(inTurn($one, $restOne), inTurn($two, $restTwo));
    $of = static fn (int $who): array => array_values(array_filter($turns->turns, static fn (array $turn): bool => $turn['who'] === $who));
    expect(array_column($of(0), 'set'))->toBe(range(1, $one))->and(array_column($of(1), 'set'))->toBe(range(1, $two));
    foreach ([[$of(0), $restOne], [$of(1), $restTwo]] as [$own, $rest]) {
        foreach (array_slice($own, 1) as $i => $turn) {
            expect($turn['startsAt'] - $own[$i]['startsAt'])->toBeGreaterThanOrEqual(30.0 + $rest);
        }
    }
    foreach (array_slice($turns->turns, 1) as $i => $turn) {
        expect($turn['startsAt'])->toBeGreaterThanOrEqual($turns->turns[$i]['startsAt'] + 30.0);
    }
})->with([[1, 1, 0, 0], [3, 3, 45, 45], [5, 2, 20, 90], [2, 5, 120, 15], [4, 4, 0, 200]]);

it('says of each stretch of work what tells that it is through', function (Dose $dose, Sides $sides, array $wanted): void {
    $slot = new Slot('plank', Shipped::catalogue()->exercise('side-plank'), Assignment::of(
        exercise: 'side-plank',
        setting: Setting::bodyWeight(),
        sets: 1,
        dose: $dose,
        reserve: 2,
        restSeconds: 30,
        sides: $sides,
    ));
    $block = Block::of(BlockKind::Straight, 'Work', BlockRule::plain(), [$slot]);
    $work = array_filter(
        Timeline::of(new SessionPlan('Session', [$block]))->steps,
        static fn (Step $step): bool => $step->kind === StepKind::Work,
    );
    expect(array_values(array_map(static fn (Step $step): ?Counting => $step->counting, $work)))->toBe($wanted);
})->with([
    [Dose::repetitions(8), Sides::Each, [Counting::Repetitions, Counting::Repetitions]],
    [Dose::seconds(20), Sides::Both, [Counting::Down]],
    [Dose::asLongAsClean(60, perSide: true), Sides::Each, [Counting::Up, Counting::Up]],
]);

it('gives up sets in one order, whatever the minutes are', function (): void {
    $slot = static fn (string $exercise, int $sets): Slot => new Slot($exercise, Shipped::catalogue()->exercise($exercise), Assignment::of(
        exercise: $exercise,
        setting: Setting::bodyWeight(),
        sets: $sets,
        dose: Dose::repetitions(10),
        reserve: 2,
        restSeconds: 60,
    ));
    $plan = new SessionPlan('Session', [Block::of(BlockKind::Straight, 'Work', BlockRule::plain(), [
        $slot('squat', 3), $slot('push-up', 3), $slot('calf-raise', 3),
    ])]);
    $order = ShorterSession::shedding($plan);
    expect($order[0])->toBe(['thread' => 'calf-raise', 'sets' => 2])
        ->and(end($order)['sets'])->toBe(0);
    foreach ([6, 8, 10, 12, 20] as $minutes) {
        $left = ['squat' => 3, 'push-up' => 3, 'calf-raise' => 3];
        foreach ($order as ['thread' => $thread, 'sets' => $sets]) {
            if (Timeline::of($plan->withSets($left))->seconds() <= 60 * $minutes) {
                break;
            }
            $left[$thread] = $sets;
        }
        expect(ShorterSession::of($plan, $minutes)->sets)->toBe($left);
    }
});
