<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\ShorterSession;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Planning\Timeline;
use Tests\Support\Shipped;

/** Each set 40 s of work and 60 s of rest. */
function exerciseSlot(string $exercise, int $sets = 3, string $thread = '', int $reps = 10, int $rest = 60): Slot
{
    return new Slot(
        $thread === '' ? $exercise : $thread,
        Shipped::catalogue()->exercise($exercise),
        Assignment::of($exercise, Setting::bodyWeight(), $sets, Dose::repetitions($reps), 2, $rest, tempo: Tempo::of(2, 0, 2, 0)),
    );
}

function straight(Slot ...$slots): SessionPlan
{
    return new SessionPlan('Session', [Block::of(BlockKind::Straight, 'Work', BlockRule::plain(), array_values($slots))]);
}

/** A leg, a push, a pull and two small ones, all standing; made ready inside the rest before them. */
function five(): SessionPlan
{
    return straight(
        exerciseSlot('squat'),
        exerciseSlot('overhead-press'),
        exerciseSlot('bent-over-row'),
        exerciseSlot('biceps-curl'),
        exerciseSlot('lateral-raise'),
    );
}

it('cuts sets before exercises, small before large, and keeps legs, pushing and pulling', function (float $minutes, array $expected): void {
    $cut = ShorterSession::of(five(), $minutes);
    $first = Shipped::catalogue()->exercise('squat')->setUpSeconds;
    // So many sets of 100 s, less the rest after the last; every set-up here is shorter than a rest.
    $seconds = static fn (array $sets): float => $first + 100.0 * array_sum($sets) - 60;
    expect(array_values($cut->sets))->toBe($expected)
        ->and($cut->secondsBefore)->toBe($seconds([3, 3, 3, 3, 3]))
        ->and($cut->seconds)->toBe($seconds($expected));
})->with([
    'time enough: 24 min and the set-up' => [28, [3, 3, 3, 3, 3]],
    'one set off the last small one' => [23.2, [3, 3, 3, 3, 2]],
    'two sets of everything' => [16, [2, 2, 2, 2, 2]],
    'the last small one goes' => [13, [2, 2, 2, 2, 0]],
    'both small ones go' => [9.5, [2, 2, 2, 0, 0]],
    'then sets again' => [8, [2, 2, 1, 0, 0]],
    'one of each: 240 s and the set-up' => [5, [1, 1, 1, 0, 0]],
]);

it('keeps the only exercise there is, however short the time', function (): void {
    expect(ShorterSession::of(straight(exerciseSlot('squat', 5, reps: 100)), 5)->sets)->toBe(['squat' => 1]);
});

it('takes what the timeline takes', function (): void {
    $cut = ShorterSession::of(five(), 12);
    expect($cut->seconds)->toBe(Timeline::of(five()->withSets($cut->sets))->seconds())->toBeLessThanOrEqual(720.0);
});

it('never takes longer with less time, nor adds a set', function (): void {
    mt_srand(11);
    $exercises = ['squat', 'romanian-deadlift', 'floor-press', 'bent-over-row', 'biceps-curl', 'forearm-plank', 'lateral-raise'];
    for ($try = 0; $try < 40; $try++) {
        $slots = array_map(
            static fn (int $id): Slot => exerciseSlot(
                $exercises[mt_rand(0, 6)],
                mt_rand(1, 5),
                "thread {$id}",
                mt_rand(4, 20),
                mt_rand(0, 120),
            ),
            range(1, mt_rand(2, 9)),
        );
        $plan = $try % 2 === 0 || count($slots) > 3
            ? straight(...$slots)
            : new SessionPlan('Session', [Block::of(BlockKind::Superset, 'Pair', BlockRule::plain(), $slots)]);
        $last = INF;
        foreach ([90, 60, 40, 30, 20, 10, 5] as $minutes) {
            $cut = ShorterSession::of($plan, $minutes);
            expect($cut->seconds)->toBeLessThanOrEqual($last)->toBeLessThanOrEqual($cut->secondsBefore);
            foreach ($slots as $slot) {
                expect($cut->sets[$slot->thread])->toBeLessThanOrEqual($slot->assignment->sets);
            }
            expect(array_sum($cut->sets))->toBeGreaterThan(0);
            $last = $cut->seconds;
        }
    }
});

it('refuses minutes that are none', function (float $minutes): void {
    expect(fn () => ShorterSession::of(five(), $minutes))->toThrow(InvalidQuantity::class, 'minutes');
})->with([4.0, 181.0, -1.0]);
