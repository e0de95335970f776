<?php

declare(strict_types=1);

use NimbleShelf\Core\Editing\AfterStart;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\StrengthPrior;
use Tests\Support\HandMade;
use Tests\Support\Shipped;

/** Somebody so much stronger, or weaker, in pressing than people like them, with three pairs of dumbbells. */
function pressing(float $strong): Brief
{
    $brief = HandMade::brief(6, Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'name' => '4 kg dumbbell', 'count' => 2, 'mass_kg' => 4],
        ['id' => '2', 'kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'mass_kg' => 8],
        ['id' => '3', 'kind' => 'dumbbell', 'name' => '14 kg dumbbell', 'count' => 2, 'mass_kg' => 14],
    ));
    $usual = (new StrengthPrior(Shipped::catalogue(), Shipped::model()))->of(Person::of(
        $brief->situation->client->body,
        experience: $brief->experience,
    ));

    return $brief->knowing(array_map(static fn (Capacity $one): Capacity => $one, [
        'horizontal-press' => Capacity::expected($strong * $usual->capacity('horizontal-press')->kg, 0.06, Capacity::TESTS),
    ] + $usual->capacities()));
}

/** @return list<array{string, float}> What each changed exercise is, and the load it stands at. */
function afterTheStart(float $strong, string $text, bool $isDeload = false): array
{
    $brief = pressing($strong);
    $week = HandMade::week($brief, [1 => $text]);
    $mends = AfterStart::of(Shipped::catalogue(), Shipped::model())->mends(new PlannedWeek(1, $isDeload, $week->days), $brief);

    return array_map(static fn ($mend): array => [
        $mend->words,
        (float) ($mend->edit->toArray()['setting']['mass_kg'] ?? 0.0),
    ], $mends);
}

it('asks for more of who turned out strong and for less of who turned out weak', function (): void {
    expect(afterTheStart(1.0, 'floor press 3x8 4 kg'))->toBe([['Floor press', 14.0]])
        ->and(afterTheStart(0.45, 'floor press 3x8 14 kg')[0][1])->toBeLessThan(14.0);
});

it('leaves what fits, what is timed, what nothing measures, what is held, and a lighter week', function (): void {
    $brief = pressing(1.0);
    $fits = HandMade::week($brief, [1 => 'floor press 3x10 8 kg']);
    $after = AfterStart::of(Shipped::catalogue(), Shipped::model());
    $once = $after->mends($fits, $brief);
    // What it changed it does not change again.
    $week = array_reduce(
        $once,
        static fn (PlannedWeek $week, $mend): PlannedWeek => HandMade::edited($week, $brief, $mend->edit->toArray())->week,
        $fits,
    );
    expect($after->mends($week, $brief))->toBe([])
        ->and(afterTheStart(1.3, 'plank 40 s'))->toBe([])
        ->and(afterTheStart(1.3, 'seated floor twist 2x10'))->toBe([])
        ->and(afterTheStart(1.3, 'floor press 3x8 4 kg', isDeload: true))->toBe([]);
    $held = HandMade::edited(HandMade::week($brief, [1 => 'floor press 3x8 4 kg']), $brief, [
        'kind' => 'hold', 'weekday' => 1, 'slot' => '1.floor-press',
    ])->week;
    expect($after->mends($held, pressing(1.3)))->toBe([]);
});

it('gives the place to another exercise of the pattern where the loads are used up', function (): void {
    $changed = afterTheStart(2.6, 'floor press 3x8 14 kg');
    expect($changed)->toHaveCount(1)->and($changed[0][0])->not->toBe('Floor press');
});
