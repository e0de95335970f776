<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\Progression;
use NimbleShelf\Core\Strength\Growth;
use Tests\Support\HandMade;
use Tests\Support\People;
use Tests\Support\Shipped;

/** @return list<array{slot: Slot, wholeKg: float|null, words: string}> */
function forwardOf(Brief $brief, string $exercise, ?array $taken = []): array
{
    $rungs = ShelfRungs::of(Shipped::model());
    $finder = new OptionFinder(Shipped::catalogue(), Shipped::model(), $rungs);
    $brief = $finder->known($brief);
    $option = $finder->pinned(new Pin(1, $exercise, null), $brief);

    return Progression::of(Shipped::model(), $rungs, $finder)->forward($option, 3, 'one', $brief, taken: $taken);
}

/** Repetitions that strength leaves, as it is likely to be in that week. */
function leftIn(int $week, array $step, Brief $brief): float
{
    $trained = count(array_filter(range(1, max(1, $week - 1)), static fn (int $one): bool => $week > 1 && $one % 5 !== 0));
    $capacity = $brief->situation->client->capacities[$step['slot']->exercise->pattern];

    return RepetitionMaximum::repetitionsToFailure($capacity->kg * Growth::after($trained, $brief->experience), $step['wholeKg'])
        - $step['slot']->assignment->dose->count();
}

/** @return array<string, mixed> Dumbbells in pairs from 4 to 24 kg. */
function rack(): array
{
    return Shipped::shelf(...array_map(static fn (int $kg): array => [
        'id' => "d{$kg}", 'kind' => 'dumbbell', 'name' => "{$kg} kg dumbbell", 'count' => 2, 'mass_kg' => $kg,
    ], range(4, 24, 2)));
}

it('stays between the goal’s reserve and what a first week spares, on a shelf that has every load', function (): void {
    $brief = HandMade::brief(12, rack())->knowing(['horizontal-press' => Capacity::expected(30.0, 0.06, Capacity::SETS)]);
    $steps = forwardOf($brief, 'floor-press');
    expect($steps)->toHaveCount(12);
    foreach ($steps as $i => $step) {
        if (! Progression::isDeload($i + 1)) {
            // Muscle: 1 to 3 in reserve.
            expect(leftIn($i + 1, $step, $brief))->toBeGreaterThanOrEqual(1.0)->toBeLessThan(4.5);
        }
    }
    // Half a year of training lies behind: some 9 % in ten weeks, and what a first week spares.
    $once = static function (array $step): float {
        return RepetitionMaximum::from($step['wholeKg'], $step['slot']->assignment->dose->count(), 0)->medianKg();
    };
    expect($once($steps[11]) / $once($steps[0]))->toBeBetween(1.07, 1.20);
});

it('goes up by repetitions first, and by no more than a half in one step', function (Goal $goal): void {
    $brief = HandMade::brief(20, rack(), $goal);
    foreach (['floor-press', 'bent-over-row', 'goblet-squat'] as $exercise) {
        $before = null;
        foreach (forwardOf($brief, $exercise, taken: null) as $step) {
            $asked = $step['slot']->assignment;
            if ($before !== null && $asked->setting->sameAs($before['slot']->assignment->setting)) {
                expect($asked->dose->count() - $before['slot']->assignment->dose->count())->toBeBetween(0, 2);
            } elseif ($before !== null) {
                expect($step['wholeKg'] / $before['wholeKg'])->toBeGreaterThan(1.0)
                    ->toBeLessThan($brief->isCareful() ? 1.201 : 1.501);
            }
            expect($step['slot']->exercise->id)->toBe($exercise);
            $before = $step;
        }
    }
})->with([[Goal::Muscle], [Goal::Strength], [Goal::Beginner], [Goal::Older]]);

it('never asks who takes care for more than nine in ten like them could do', function (): void {
    $asked = People::all()['new, with pairs of three and six'];
    $brief = (new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))
        ->known(People::brief(['weeks' => 12] + $asked));
    $checked = 0;
    foreach (Planner::of(Shipped::catalogue(), Shipped::model())->plan($brief)->weeks as $week) {
        foreach ($week->days as $day) {
            foreach ($day->work() as $slot) {
                $capacity = $brief->inWeek($week->number)->situation->client->capacities[$slot->exercise->pattern] ?? null;
                if ($week->isDeload || $capacity === null || $slot->assignment->dose->isTimed() || $slot->assignment->tempo !== null
                    || ! Shipped::catalogue()->pattern($slot->exercise->pattern)->isMeasured()) {
                    continue;
                }
                $body = $brief->situation->client->body;
                $curve = Shipped::model()->summary($slot->exercise, $body, $slot->assignment->setting);
                $kg = Shipped::model()->wholeKg($slot->exercise, $body, $curve, School::Mean, $slot->exercise->pattern);
                $sure = RepetitionMaximum::repetitionsToFailure($capacity->atLeastKg(0.9), $kg);
                expect($slot->assignment->dose->count())->toBeLessThanOrEqual((int) ceil($sure), "{$week->number} {$slot->exercise->id}");
                $checked++;
            }
        }
    }
    expect($checked)->toBeGreaterThan(30);
});

it('goes on along the pattern once the loads of an exercise are used up, and keeps it for four weeks at least', function (): void {
    $brief = HandMade::brief(12, Shipped::shelf())->knowing(['horizontal-press' => Capacity::expected(33.0, 0.08, Capacity::SETS)]);
    $steps = forwardOf($brief, 'knee-push-up');
    $namesOf = static fn (array $steps): array => array_map(static fn (array $step): string => $step['slot']->exercise->id, $steps);
    $names = $namesOf($steps);
    expect(array_slice($names, 0, 4))->toBe(array_fill(0, 4, 'knee-push-up'))
        ->and($names[11])->not->toBe('knee-push-up')
        ->and($steps[11]['wholeKg'])->toBeGreaterThan($steps[0]['wholeKg'])
        ->and(implode(' ', array_column($steps, 'words')))->toContain('From here on')
        // Where nothing may take its place, repetitions and a slow tempo bridge.
        ->and(array_unique($namesOf(forwardOf($brief, 'knee-push-up', null))))->toBe(['knee-push-up']);
});

it('grows no one who keeps what there is', function (): void {
    $steps = forwardOf(HandMade::brief(8, rack(), Goal::Keep), 'floor-press');
    expect(array_unique(array_column($steps, 'wholeKg')))->toHaveCount(1)
        ->and(array_unique(array_map(static fn (array $step): int => $step['slot']->assignment->dose->count(), $steps)))->toHaveCount(1);
});
