<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\Planner;
use Tests\Support\People;
use Tests\Support\Shipped;

/**
 * What a practitioner would smile at must not be proposed: the first week of people with nothing on record.
 *
 * @return list<Slot>
 */
function firstWeekOf(array $asked): array
{
    $plan = Planner::of(Shipped::catalogue(), Shipped::model())->plan(People::brief($asked));

    return array_merge(...array_map(static fn ($day): array => $day->work(), $plan->weeks[0]->days));
}

it('proposes no drill and no empty hand as work, and mostly main lifts', function (array $asked): void {
    $slots = firstWeekOf($asked);
    $sets = ['main' => 0, 'power' => 0, 'builder' => 0, 'trunk' => 0, 'drill' => 0];
    foreach ($slots as $slot) {
        $sets[$slot->exercise->role($slot->assignment->setting)->value] += $slot->assignment->sets;
    }
    $isSeated = in_array('seated-only', $asked['client']['limits'], true);

    expect($slots)->not->toBe([])
        ->and($sets['drill'])->toBe(0, json_encode($sets))
        ->and(($sets['main'] + $sets['power']) / array_sum($sets))->toBeGreaterThanOrEqual($isSeated ? 0.3 : 0.5, json_encode($sets));
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('asks of nobody careful more than nine in ten like them could do', function (array $asked): void {
    $brief = People::brief($asked);
    $finder = new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    foreach (firstWeekOf($asked) as $slot) {
        $effort = $finder->written($slot, $brief)['expected'];
        if ($effort->low !== null && $brief->isCareful() && ! $slot->assignment->dose->isTimed()) {
            // Rounded down to whole repetitions; the interval has a day's difference in it.
            expect($slot->assignment->dose->count())->toBeLessThanOrEqual((int) ceil($effort->low) + 1, $slot->exercise->id);
        }
        if ($effort->reserve !== null && ! $slot->assignment->dose->isTimed()) {
            expect($effort->reserve)->toBeGreaterThanOrEqual(0.0, $slot->exercise->id);
        }
    }
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));

it('uses what there is: the rucksack, the heavier pair, the bell', function (string $who, string $thing): void {
    $used = [];
    foreach (firstWeekOf(People::all()[$who]) as $slot) {
        foreach ($slot->things as $one) {
            $used[] = $one->id;
        }
    }
    expect($used)->toContain($thing);
})->with([
    ['strong, with a rucksack and bricks', 'sack'], [
        'new, with pairs of three and six',
        'pair of 6',
    ], ['strong, with two bells', 'bell of 24'],
    ['seated, with a bell and a tube', 'bell of 12'], ['seated, with a bell and a tube', 'tube'], ['short visits', 'pair of 8'],
    ['no load overhead', 'pair of 10'],
]);

it('gives somebody who trained a swing or a clean where the bell is heavy enough', function (): void {
    $roles = array_map(
        static fn (Slot $slot): Role => $slot->exercise->role($slot->assignment->setting),
        firstWeekOf(['goal' => 'muscle'] + People::all()['strong, with two bells']),
    );
    expect($roles)->toContain(Role::Power);
});

it('uses most of the visit', function (array $asked): void {
    $brief = People::brief($asked);
    $plan = Planner::of(Shipped::catalogue(), Shipped::model())->plan($brief);
    $likely = array_sum(array_map(static fn ($day): float => $day->likelyMinutes($brief), $plan->weeks[0]->days));

    expect($likely / array_sum(array_map(static fn ($day): int => $day->minutes, $brief->days)))->toBeGreaterThan(0.75);
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));
