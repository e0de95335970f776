<?php

declare(strict_types=1);

use NimbleShelf\Core\Editing\Refit;
use NimbleShelf\Core\Editing\RefitEntry;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

/** Three weeks the same, written with a whole shelf. @return non-empty-list<PlannedWeek> */
function threeWeeks(string $text): array
{
    $days = HandMade::week(HandMade::brief(3), [1 => $text])->days;

    return [new PlannedWeek(1, false, $days), new PlannedWeek(2, false, $days), new PlannedWeek(3, false, $days)];
}

/** Where nothing but two dumbbells is left of the shelf. */
function withTwoDumbbells(): Brief
{
    return HandMade::brief(
        3,
        Shipped::shelf(['id' => '1', 'kind' => 'dumbbell', 'name' => '6 kg dumbbell', 'count' => 2, 'mass_kg' => 6]),
    );
}

function refit(): Refit
{
    return Refit::of(Shipped::catalogue(), Shipped::model());
}

it('has nothing to say where all of it stands', function (): void {
    expect(refit()->entries(threeWeeks("goblet squat 3x10 12 kg\nband bent-over row 3x12"), HandMade::brief(3)))->toBe([]);
});

it('replaces what the shelf has lost, by the same office, and says in which weeks', function (): void {
    $left = withTwoDumbbells();
    $entries = refit()->entries(threeWeeks("goblet squat 3x10 6 kg\nband bent-over row 3x12"), $left);
    expect($entries)->toHaveCount(1)
        ->and($entries[0]->slot->exercise->id)->toBe('bent-over-row')
        ->and($entries[0]->weeks)->toBe([1, 2, 3])
        ->and($entries[0]->why)->toContain('does not hold')
        ->and($entries[0]->option?->exercise->pattern)->toBe('horizontal-pull')
        ->and($entries[0]->edit()->kind->value)->toBe('swap');
    // What it offers stands.
    $week = HandMade::editor()->apply(threeWeeks('band bent-over row 3x12')[0], $entries[0]->edit(), $left)->week;
    expect(refit()->entries([$week], $left))->toBe([]);
});

it('takes out what nothing replaces', function (): void {
    $entries = refit()->entries(threeWeeks('biceps curl 3x10 6 kg'), HandMade::brief(3, []));
    expect($entries)->toHaveCount(1)->and($entries[0]->option)->toBeNull()
        ->and($entries[0]->edit()->toArray())->toBe(['kind' => 'remove', 'weekday' => 1, 'slot' => '1.biceps-curl']);
});

it('reckons forward anew what stands now and later does not', function (): void {
    $brief = HandMade::brief(3);
    $first = HandMade::week($brief, [1 => 'goblet squat 3x10 6 kg']);
    $second = HandMade::edited($first, $brief, [
        'kind' => 'swap', 'weekday' => 1, 'slot' => '1.goblet-squat', 'exercise' => 'goblet-squat',
        'setting' => HandMade::week($brief, [1 => 'goblet squat 3x10 12 kg'])->days[0]->plan->slots()[0]->assignment->setting->toArray(),
    ])->week;
    $left = withTwoDumbbells();
    $entries = refit()->entries([$first, new PlannedWeek(2, false, $second->days)], $left);
    expect($entries)->toHaveCount(1)->and($entries[0]->goesOn)->toBeTrue()->and($entries[0]->weeks)->toBe([2])
        ->and($entries[0]->edit()->kind->value)->toBe('forward');
});

it('looks at loads too where it was made for somebody else', function (?float $capacityKg, bool $suits): void {
    $shelf = Shipped::shelf(['id' => '1', 'kind' => 'dumbbell', 'name' => '12 kg dumbbell', 'count' => 2, 'mass_kg' => 12]);
    $capacities = $capacityKg === null ? [] : ['horizontal-press' => Capacity::of($capacityKg, 1.0)];
    $brief = Brief::of(
        new Situation(new Client(Body::of(1.72, 74), [], $capacities), $shelf, Home::of(ceilingM: 2.5)),
        Goal::Muscle,
        Experience::Some,
        TrainingDay::spread(1, 45),
        1,
    );
    $week = HandMade::week($brief, [1 => 'floor press 3x10 12 kg']);
    expect(refit()->entries([$week], $brief))->toBe([])
        ->and(array_map(static fn (RefitEntry $entry): string => $entry->key(), refit()->entries([$week], $brief, withLoads: true)))
        ->toBe($suits ? [] : ['1/1.floor-press']);
})->with([
    'strong enough' => [18.0, true],
    'far too weak' => [5.0, false],
]);
