<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Rail;
use NimbleShelf\Core\Matching\RailRung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use Tests\Support\Shipped;

/** @param  list<Thing>  $shelf */
function railOf(string $pattern, array $shelf, ?Client $client = null, Goal $goal = Goal::Muscle): Rail
{
    return Rail::of(
        $pattern,
        new Situation($client ?? new Client(Body::of(1.72, 74)), $shelf),
        $goal,
        Shipped::catalogue(),
        ShelfRungs::of(Shipped::model()),
    );
}

/** @return list<Thing> */
function someShelf(): array
{
    return Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6],
        ['id' => '2', 'kind' => 'tube', 'name' => 'tube', 'rest_length_cm' => 140, 'a_n' => 20, 'b_n' => 18],
        ['id' => '3', 'kind' => 'table', 'name' => 'table', 'height_cm' => 75, 'mass_kg' => 30],
    );
}

it('hangs every rung in order of its load, each of the pattern', function (string $pattern): void {
    $rail = railOf($pattern, someShelf());
    $loads = array_map(static fn (RailRung $rung): float => $rung->equivalent->wholeKg(), $rail->rungs);
    $sorted = $loads;
    sort($sorted);
    expect($loads)->toBe($sorted)->and(count($loads))->toBeGreaterThan(3)->and($rail->window)->toBeNull();
    foreach ($rail->rungs as $rung) {
        expect($rung->rung->exercise->pattern)->toBe($pattern)->and($rung->predicted)->toBeNull()->and($rung->isInWindow)->toBeFalse();
    }
    foreach ($rail->unusable as $left) {
        expect($left->reasons)->not->toBe([]);
    }
})->with(['horizontal-press', 'squat', 'elbow-flexion', 'horizontal-pull']);

it('loses no rung when something is added, and gains none by a limit', function (): void {
    $keys = static fn (Rail $rail): array => array_map(
        static fn (RailRung $rung): string => $rung->rung->exercise->id.json_encode($rung->rung->setting->toArray()),
        $rail->rungs,
    );
    $less = $keys(railOf('horizontal-press', someShelf()));
    $more = $keys(railOf('horizontal-press', [...someShelf(), ...Shipped::shelf(['id' => '4', 'kind' => 'kettlebell', 'mass_kg' => 16])]));
    $limited = $keys(railOf('horizontal-press', someShelf(), new Client(Body::of(1.72, 74), [Limit::NoFloor])));
    expect(count($more))->toBeGreaterThanOrEqual(count($less))
        ->and(array_values(array_filter($limited, static fn (string $key): bool => str_contains($key, 'floor-press'))))->toBe([])
        ->and(count($limited))->toBeLessThan(count($less));
});

it('shades the loads at which the goal’s repetitions leave the goal’s reserve', function (): void {
    $client = new Client(Body::of(1.72, 74), [], ['horizontal-press' => Capacity::of(30, 2)]);
    $rail = railOf('horizontal-press', someShelf(), $client);
    // Muscle: 6 to 15 repetitions, 1 to 3 in reserve; 7 to failure at the heavy end, 18 at the light one.
    expect($rail->window['highKg'] ?? 0.0)->toEqualWithDelta(RepetitionMaximum::loadFor(30, 7), 1e-9)
        ->and($rail->window['lowKg'] ?? 0.0)->toEqualWithDelta(RepetitionMaximum::loadFor(30, 18), 1e-9);
    foreach ($rail->rungs as $rung) {
        $wholeKg = $rung->equivalent->wholeKg();
        expect($rung->isInWindow)->toBe($wholeKg >= $rail->window['lowKg'] && $wholeKg <= $rail->window['highKg']);
        if ($rung->isInWindow && $rung->predicted !== null) {
            expect($rung->predicted['reps'])->toBeGreaterThanOrEqual(5)->toBeLessThanOrEqual(18);
        }
        if ($rung->predicted !== null) {
            expect($rung->predicted['low'])->toBeLessThanOrEqual($rung->predicted['reps'])
                ->and($rung->predicted['high'])
                ->toBeGreaterThanOrEqual($rung->predicted['reps']);
        }
    }
});

it('predicts fewer repetitions the heavier it gets', function (): void {
    $client = new Client(Body::of(1.72, 74), [], ['elbow-flexion' => Capacity::of(16, 1)]);
    $last = 100;
    foreach (railOf('elbow-flexion', someShelf(), $client)->rungs as $rung) {
        if ($rung->predicted !== null) {
            expect($rung->predicted['reps'])->toBeLessThanOrEqual($last);
            $last = $rung->predicted['reps'];
        }
    }
    expect($last)->toBeLessThan(100);
});

it('keeps four in reserve under 18', function (): void {
    $capacity = ['elbow-flexion' => Capacity::of(16, 1)];
    $grown = railOf('elbow-flexion', someShelf(), new Client(Body::of(1.72, 74), [], $capacity));
    $young = railOf('elbow-flexion', someShelf(), new Client(Body::of(1.72, 74), [Limit::Youth], $capacity));
    expect($young->window['highKg'] ?? 0.0)->toBeLessThan($grown->window['highKg'] ?? 0.0);
});

it('names two steps up and two down, none of them less than 2 % away', function (): void {
    $rail = railOf('horizontal-press', someShelf());
    $from = intdiv(count($rail->rungs), 2);
    $steps = $rail->stepsFrom($from);
    $up = array_filter($steps, static fn (float $jump): bool => $jump > 0);
    $down = array_filter($steps, static fn (float $jump): bool => $jump < 0);
    expect($up)->toHaveCount(2)->and($down)->toHaveCount(2);
    foreach ($steps as $place => $jump) {
        $ratio = $rail->rungs[$place]->equivalent->wholeKg() / $rail->rungs[$from]->equivalent->wholeKg();
        expect($jump)->toEqualWithDelta($ratio - 1, 1e-12)->and(abs($jump))->toBeGreaterThan(0.019);
    }
    expect(array_filter($rail->stepsFrom(0), static fn (float $jump): bool => $jump < 0))->toBe([]);
});

it('loads for repetitions as repetitions for loads', function (float $repetitions): void {
    $loadKg = RepetitionMaximum::loadFor(50, $repetitions);
    expect(RepetitionMaximum::repetitionsToFailure(50, $loadKg))->toEqualWithDelta($repetitions, 0.02);
    // From about 27 the median is not its own inverse: Brzycki leaves at 30 and the median jumps.
})->with([2.0, 5.0, 8.0, 12.5, 20.0, 25.0]);
