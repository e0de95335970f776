<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\WeekScore;
use NimbleShelf\Core\Programme\WeekSearch;
use Tests\Support\RandomBriefs;
use Tests\Support\Shipped;

/** What the best week of a brief is worth. */
function bestWorth(Brief $brief): float
{
    static $finder = null;
    $finder ??= new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $options = $finder->options($brief);

    return WeekScore::of(WeekSearch::best($options, $brief), $options, $brief)->total;
}

/** @param  list<TrainingDay>  $days */
function briefLike(Brief $brief, ?Situation $situation = null, ?array $days = null): Brief
{
    return Brief::of(
        $situation ?? $brief->situation,
        $brief->goal,
        $brief->experience,
        $days ?? $brief->days,
        1,
        $brief->order,
        $brief->structure,
    );
}

/** The search is no proof: so much of the score it may miss on one side and find on the other. */
const MISSED = 0.01;

it('is never worth less with more minutes, days or things, nor more with a limit', function (int $seed): void {
    [$brief, $what] = RandomBriefs::number($seed);
    $worth = bestWorth($brief);
    $missed = MISSED * max(1.0, $worth);
    $longer = array_map(static fn (TrainingDay $day): TrainingDay => TrainingDay::of($day->weekday, $day->minutes + 10), $brief->days);
    $taken = array_map(static fn (TrainingDay $day): int => $day->weekday, $brief->days);
    $free = array_values(array_diff([1, 2, 3, 4, 5, 6, 7], $taken))[0];
    $bell = Thing::fromArray(['id' => 'more', 'kind' => 'kettlebell', 'name' => '6 kg bell', 'mass_kg' => 6]);
    $limited = new Situation($brief->situation->client->with(Limit::NoKneeling), $brief->situation->shelf, $brief->situation->home);
    expect(bestWorth(briefLike($brief, days: $longer)))->toBeGreaterThanOrEqual($worth - $missed, "{$what}: minutes")
        ->and(bestWorth(briefLike($brief, days: [...$brief->days, TrainingDay::of($free, 30)])))
        ->toBeGreaterThanOrEqual($worth - $missed, "{$what}: days")
        ->and(bestWorth(briefLike($brief, $brief->situation->with($bell))))->toBeGreaterThanOrEqual($worth - $missed, "{$what}: shelf")
        ->and(bestWorth(briefLike($brief, $limited)))->toBeLessThanOrEqual($worth + $missed, "{$what}: a limit");
})->with(array_map(static fn (int $seed): array => [$seed], range(301, 312)));
