<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Frame;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlanOption;
use NimbleShelf\Core\Programme\WeekScore;
use NimbleShelf\Core\Programme\WeekSearch;
use NimbleShelf\Core\Programme\WeekState;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\RandomBriefs;
use Tests\Support\Shipped;

/** @return list<PlanOption> */
function planOptions(Brief $brief): array
{
    return (new OptionFinder(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model())))->options($brief);
}

/**
 * Whether a week breaks neither time nor recovery, told without the builder's own bookkeeping.
 *
 * @param  list<array<int, int>>  $days
 * @param  list<PlanOption>  $options
 */
function isAllowed(array $days, array $options, Brief $brief): bool
{
    foreach ($days as $day => $slots) {
        $seconds = 0.0;
        $exercises = [];
        foreach ($slots as $option => $sets) {
            $seconds += WeekState::boundSeconds($options[$option], $sets, $brief);
            $exercises[] = $options[$option]->exercise->id;
        }
        if ($seconds > Frame::workSeconds($brief->days[$day]->minutes) + 1e-6 || count(array_unique($exercises)) < count($exercises)) {
            return false;
        }
    }
    foreach ($brief->days as $middle => $day) {
        $around = array_keys(array_filter($brief->days, static fn ($other): bool => $other->nightsFrom($day) === 1));
        foreach (array_keys($days[$middle]) as $option) {
            $on = array_filter($around, static fn (int $other): bool => in_array(
                $options[$option]->exercise->id,
                array_map(static fn (int $there): string => $options[$there]->exercise->id, array_keys($days[$other])),
                true,
            ));
            if (count($on) > 1) {
                return false;
            }
        }
    }
    foreach ($brief->days as $one => $day) {
        foreach ($brief->days as $other => $later) {
            if ($one >= $other || $day->nightsFrom($later) >= 2) {
                continue;
            }
            foreach (array_keys(WeekScoreMuscles::of($days[$one], $options)) as $muscle) {
                if (WeekScoreMuscles::of($days[$one], $options)[$muscle] >= 6
                    && (WeekScoreMuscles::of($days[$other], $options)[$muscle] ?? 0) >= 6) {
                    return false;
                }
            }
        }
    }

    return true;
}

/** Half sets of a day, counted anew. */
final class WeekScoreMuscles
{
    /**
     * @param  array<int, int>  $slots
     * @param  list<PlanOption>  $options
     * @return array<string, int>
     */
    public static function of(array $slots, array $options): array
    {
        $halves = [];
        foreach ($slots as $option => $sets) {
            foreach ($options[$option]->halves as $muscle => $each) {
                $halves[$muscle] = ($halves[$muscle] ?? 0) + $each * $sets;
            }
        }

        return $halves;
    }
}

dataset('fifty seeds at a time', [[0], [50], [100], [150]]);

it('equals trying every week out, wherever that ends', function (int $from): void {
    for ($seed = $from; $seed < $from + 50; $seed++) {
        [$brief, $what] = RandomBriefs::number($seed);
        $chance = new Randomizer(new Mt19937($seed));
        $count = count($brief->days) === 1 ? 4 : (count($brief->days) === 2 ? 2 : 1);
        $options = array_slice($chance->shuffleArray(planOptions($brief)), 0, $count);
        $best = WeekSearch::best($options, $brief);
        $most = -INF;
        $caps = array_map($brief->mostSets(...), $brief->days);
        $sets = [0, ...range(2, max($caps))];
        $places = count($options) * count($brief->days);
        for ($week = 0; $week < count($sets) ** $places; $week++) {
            $days = array_fill(0, count($brief->days), []);
            for ($place = 0, $left = $week; $place < $places; $place++, $left = intdiv($left, count($sets))) {
                if ($sets[$left % count($sets)] > $caps[$place % count($brief->days)]) {
                    continue 2;
                }
                if ($sets[$left % count($sets)] > 0) {
                    $days[$place % count($brief->days)][intdiv($place, count($brief->days))] = $sets[$left % count($sets)];
                }
            }
            if (isAllowed($days, $options, $brief)) {
                $most = max($most, WeekScore::of($days, $options, $brief)->total);
            }
        }
        expect(isAllowed($best, $options, $brief))->toBeTrue($what)
            ->and(WeekScore::of($best, $options, $brief)->total)->toEqualWithDelta($most, 1e-6, $what);
    }
})->with('fifty seeds at a time');

it('keeps its running total that of the printed score, whatever comes and goes', function (): void {
    [$brief] = RandomBriefs::number(11);
    $options = planOptions($brief);
    $state = new WeekState($options, $brief);
    $chance = new Randomizer(new Mt19937(3));
    $taken = 0;
    for ($step = 0; $step < 400; $step++) {
        $day = $chance->getInt(0, count($brief->days) - 1);
        $option = $chance->getInt(0, count($options) - 1);
        $sets = $chance->getInt(0, 2) === 0 ? 0 : $chance->getInt(2, 3);
        $gain = $state->gain($day, $option, $sets);
        if ($gain === null) {
            continue;
        }
        $state->put($day, $option, $sets, $gain);
        $taken++;
        expect($state->total)->toEqualWithDelta(WeekScore::of($state->days, $options, $brief)->total, 1e-6)
            ->and(isAllowed($state->days, $options, $brief))->toBeTrue();
    }
    expect($taken)->toBeGreaterThan(100);
});

it('prints a score whose parts add up, and calls an empty week worth nothing', function (): void {
    [$brief] = RandomBriefs::number(21);
    $options = planOptions($brief);
    $score = WeekScore::of(WeekSearch::best($options, $brief), $options, $brief);
    expect(array_sum($score->parts))->toEqualWithDelta($score->total, 1e-9)
        ->and($score->total)->toBeGreaterThan(0)
        ->and(WeekScore::of(array_fill(0, count($brief->days), []), $options, $brief)->total)->toBe(0.0);
});

it('changes nothing when all it chose is pinned', function (int $seed): void {
    [$brief, $what] = RandomBriefs::number($seed);
    $options = planOptions($brief);
    $best = WeekSearch::best($options, $brief);
    expect(WeekSearch::best($options, $brief, $best))->toEqual($best, $what);
})->with([[31], [32], [33], [34], [35], [36]]);
