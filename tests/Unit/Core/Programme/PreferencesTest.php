<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Frame;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\WeekJudge;
use NimbleShelf\Core\Programme\WeekState;
use Tests\Support\People;
use Tests\Support\Preferences;
use Tests\Support\Shipped;

/*
 * What practitioners prefer, as evidence: the score has to say the same. Weeks, people and reasons: tests/data/preferences.json.
 */

/**
 * What it takes to read the weeks of one person; the last one's alone is kept, because a model remembers every body it has seen.
 *
 * @return array{brief: Brief, model: ResistanceModel, preferences: Preferences, judge: WeekJudge}
 */
function deskOf(string $who): array
{
    static $last = '';
    static $desk = null;
    if ($last !== $who) {
        $desk = null;
        $model = new ResistanceModel(Shipped::catalogue());
        $desk = [
            'brief' => People::brief(Preferences::people()[$who], $model),
            'model' => $model,
            'preferences' => new Preferences($model),
            'judge' => WeekJudge::of(Shipped::catalogue(), $model),
        ];
        $last = $who;
    }

    return $desk;
}

/** @param  list<list<string>>  $days */
function writtenWeek(array $days, string $who): PlannedWeek
{
    return deskOf($who)['preferences']->week($days, deskOf($who)['brief']);
}

function scoreOfWeek(PlannedWeek $week, string $who): float
{
    return deskOf($who)['judge']->judge($week, deskOf($who)['brief'])->score->total;
}

it('has pairs enough, over people, goals and limits', function (): void {
    $people = Preferences::people();
    expect(count(Preferences::pairs()))->toBeGreaterThanOrEqual(80)
        ->and(count($people))->toBeGreaterThanOrEqual(25)
        ->and(count(array_unique(array_column($people, 'goal'))))->toBeGreaterThanOrEqual(8)
        ->and(count(array_unique(array_merge(...array_values(array_map(
            static fn (array $asked): array => $asked['client']['limits'],
            $people,
        ))))))->toBeGreaterThanOrEqual(10);
});

it('sets the week a trainer prefers above the other', function (string $who, array $better, array $worse, string $why): void {
    expect(scoreOfWeek(writtenWeek($better, $who), $who))->toBeGreaterThan(scoreOfWeek(writtenWeek($worse, $who), $who), $why);
})->with(static fn (): array => array_map(array_values(...), Preferences::pairs()));

it('plans no week that scores below one written by hand in the same minutes', function (string $who, array $good): void {
    ['brief' => $brief, 'model' => $model] = deskOf($who);
    $finder = new OptionFinder(Shipped::catalogue(), $model, ShelfRungs::of($model));
    $known = $finder->known($brief);
    $week = writtenWeek($good, $who);
    foreach ($week->days as $day) {
        $seconds = 0.0;
        foreach ($day->work() as $slot) {
            $seconds += WeekState::boundSeconds($finder->written($slot, $known)['option'], $slot->assignment->sets, $known);
        }
        expect($seconds)->toBeLessThanOrEqual(Frame::workSeconds($day->day->minutes), "{$who} on {$day->day->label()}");
    }
    $planned = Planner::of(Shipped::catalogue(), $model)->plan($brief);

    expect(scoreOfWeek($planned->weeks[0], $who))->toBeGreaterThanOrEqual(scoreOfWeek($week, $who));
})->with(static fn (): array => array_map(
    static fn (string $who, array $good): array => [$who, $good],
    array_keys(Preferences::good()),
    Preferences::good(),
));
