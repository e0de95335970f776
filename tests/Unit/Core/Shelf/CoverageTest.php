<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Shelf\Addition;
use NimbleShelf\Core\Shelf\AdditionGain;
use NimbleShelf\Core\Shelf\Coverage;
use NimbleShelf\Core\Shelf\PatternCoverage;
use Tests\Support\Shipped;

function coverage(): Coverage
{
    static $coverage = null;

    return $coverage ??= new Coverage(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
}

it('tells loads apart, measures the span and finds the jumps above fifteen per cent', function (): void {
    $pattern = Shipped::catalogue()->pattern('horizontal-press');
    $covered = PatternCoverage::of($pattern, [20.0, 10.0, 10.1, 11.0, 14.0], ownKg: 4.0, exercises: 2);
    expect($covered->wholeKg)->toBe([10.0, 11.0, 14.0, 20.0])
        ->and($covered->lowKg())->toBe(6.0)->and($covered->highKg())->toBe(16.0)
        ->and(array_map(static fn (array $gap): float => round($gap['jump'], 3), $covered->gaps()))->toBe([0.273, 0.429])
        ->and($covered->isBarely())->toBeFalse()
        ->and(PatternCoverage::of($pattern, [5.0], 4.0, 1)->isBarely())->toBeTrue()
        ->and(PatternCoverage::of($pattern, [], 4.0, 0)->isTrained())->toBeFalse();
});

it('names the pull that an empty shelf cannot train, and what would open it', function (): void {
    $client = new Client(Body::of(1.7, 70));
    $covered = coverage()->of(new Situation($client));
    expect($covered['horizontal-pull']->isTrained())->toBeFalse()
        ->and($covered['squat']->isTrained())->toBeTrue();
    $gains = coverage()->gains(new Situation($client), $covered, Addition::usual());
    $openPull = array_filter(
        $gains,
        static fn (AdditionGain $gain): bool => in_array($covered['horizontal-pull']->pattern->name, $gain->opened, true),
    );
    expect($openPull)->not->toBe([])
        ->and($gains[0]->score())->toBe(max(array_map(static fn (AdditionGain $gain): int => $gain->score(), $gains)))
        ->and($gains[0]->sum())->toContain('= '.$gains[0]->score());
});

it('never covers less with more on the shelf, and never more under a limit', function (): void {
    $client = new Client(Body::of(1.7, 70));
    $less = Shipped::shelf(['id' => '1', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 4]);
    $more = [...$less, ...Shipped::shelf(['id' => '2', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 8])];
    $with = coverage()->of(new Situation($client, $more));
    $limited = coverage()->of(new Situation($client->with(Limit::NoFloor), $more));
    foreach (coverage()->of(new Situation($client, $less)) as $id => $covered) {
        expect($with[$id]->exercises)->toBeGreaterThanOrEqual($covered->exercises)
            ->and($with[$id]->highKg() ?? -INF)->toBeGreaterThanOrEqual(($covered->highKg() ?? -INF) - 1e-9)
            ->and($limited[$id]->exercises)->toBeLessThanOrEqual($with[$id]->exercises);
    }
});

it('counts an anchor only for what hangs on it', function (): void {
    $client = new Client(Body::of(1.7, 70));
    $tube = Shipped::shelf(['id' => '1', 'kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 20, 'b_n' => 20]);
    $covered = coverage()->of(new Situation($client, $tube));
    $anchor = [Addition::anchor('an anchor', 1.8)];
    $gains = coverage()->gains(new Situation($client, $tube), $covered, $anchor);
    expect($gains)->toHaveCount(1)->and($gains[0]->score())->toBeGreaterThan(0)
        ->and(coverage()->gains(new Situation($client), coverage()->of(new Situation($client)), $anchor))->toBe([]);
});

it('does not blame the shelf for what nothing ever loads', function (): void {
    $covered = coverage()->of(new Situation(new Client(Body::of(1.7, 70), limits: [Limit::HighBloodPressure, Limit::SeatedOnly])));
    $missing = array_map(static fn (Pattern $pattern): string => $pattern->id, coverage()->missing($covered));
    expect($covered['squeeze']->isTrained())->toBeFalse()
        ->and($missing)->toContain('horizontal-pull')
        ->not->toContain('squeeze', 'play', 'stretch', 'loosen');
});
