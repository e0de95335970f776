<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\SlotOrder;
use Tests\Support\Shipped;

/** @return list<Slot> Of each exercise one, body weight alone. */
function bareSlotsOf(string ...$exercises): array
{
    return array_values(array_map(static fn (string $id): Slot => new Slot(
        $id,
        Shipped::catalogue()->exercise($id),
        Assignment::of($id, Setting::bodyWeight(), 2, Dose::repetitions(8), 3, 60),
    ), $exercises));
}

/** @param  list<Slot>  $slots */
function tripsToTheFloor(array $slots): int
{
    $trips = 0;
    $isDown = false;
    foreach ($slots as $slot) {
        $trips += $slot->isOnFloor() && ! $isDown ? 1 : 0;
        $isDown = $slot->isOnFloor();
    }

    return $trips;
}

/** @param  list<Slot>  $slots @return list<string> */
function idsInOrder(array $slots): array
{
    return array_map(static fn (Slot $slot): string => $slot->exercise->id, $slots);
}

it('goes down to the floor once where the order is left to taste', function (array $exercises, array $usual, array $spared): void {
    expect(idsInOrder(SlotOrder::of(bareSlotsOf(...$exercises), OrderSchool::CompoundFirst)))->toBe($usual)
        ->and(idsInOrder(SlotOrder::of(bareSlotsOf(...$exercises), OrderSchool::CompoundFirst, sparesTrips: true)))->toBe($spared);
})->with([
    // A bridge is of the large ones and so comes second; on the floor it waits for the trunk.
    'bridge and plank' => [
        ['glute-bridge', 'squat', 'bent-over-row', 'forearm-plank'],
        ['squat', 'glute-bridge', 'bent-over-row', 'forearm-plank'],
        ['squat', 'bent-over-row', 'glute-bridge', 'forearm-plank'],
    ],
    // Nobody lies down: as ever.
    'standing' => [
        ['bent-over-row', 'squat', 'biceps-curl'],
        ['squat', 'bent-over-row', 'biceps-curl'],
        ['squat', 'bent-over-row', 'biceps-curl'],
    ],
]);

it('never goes down oftener than without, keeps what the school asks, and loses nothing', function (OrderSchool $school): void {
    mt_srand(20261202);
    $known = ['squat', 'glute-bridge', 'push-up', 'bent-over-row', 'overhead-press', 'biceps-curl', 'floor-fly', 'forearm-plank',
        'side-bend', 'back-extension', 'calf-raise', 'floor-press', 'romanian-deadlift', 'crunch'];
    for ($i = 0; $i < 60; $i++) {
        shuffle($known);
        $slots = bareSlotsOf(...array_slice($known, 0, mt_rand(2, 8)));
        $usual = SlotOrder::of($slots, $school);
        $spared = SlotOrder::of($slots, $school, sparesTrips: true);
        $what = implode(', ', idsInOrder($spared));
        expect(tripsToTheFloor($spared))->toBeLessThanOrEqual(tripsToTheFloor($usual), $what)
            ->and(SlotOrder::brokenAt($spared, $school))->toBeNull($what)
            ->and(array_diff(idsInOrder($slots), idsInOrder($spared)))->toBe([])
            ->and($spared)->toHaveCount(count($slots));
    }
})->with([OrderSchool::CompoundFirst, OrderSchool::LargeToSmall, OrderSchool::LegsFirst]);
