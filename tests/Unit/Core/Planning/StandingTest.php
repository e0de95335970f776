<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Change;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Standing;
use NimbleShelf\Core\Planning\Tempo;

function assigned(string $exercise = 'floor-press', int $sets = 3): Assignment
{
    return Assignment::of($exercise, Setting::of('dumbbell', 12, perHand: true), $sets, Dose::repetitions(10), 2, 60);
}

it('lays the changes in force over what was prescribed', function (
    array $changes,
    ?int $set,
    string $exercise,
    int $sets,
    ?string $leftOut,
): void {
    $standing = Standing::after(assigned(), $changes, $set);
    expect($standing->assignment->exercise)->toBe($exercise)
        ->and($standing->assignment->sets)
        ->toBe($sets)
        ->and($standing->leftOut)
        ->toBe($leftOut);
})->with([
    'nothing' => [[], null, 'floor-press', 3, null],
    'a swap keeps the sets' => [[Change::swapFor(assigned('push-up', 9))], null, 'push-up', 3, null],
    'the later swap stands' => [[Change::swapFor(assigned('push-up')), Change::swapFor(assigned('chair-dip'))], null, 'chair-dip', 3, null],
    'fewer sets, before or after a swap' => [[Change::toSets(2), Change::swapFor(assigned('push-up'))], null, 'push-up', 2, null],
    'left out' => [[Change::leaveOut('no time')], null, 'floor-press', 3, 'no time'],
    'a swap puts it back' => [[Change::leaveOut('sore'), Change::swapFor(assigned('push-up'))], null, 'push-up', 3, null],
    'a swap for the second set, asked of the second' => [[Change::swapFor(assigned('push-up'), onlySet: 2)], 2, 'push-up', 3, null],
    'asked of the third' => [[Change::swapFor(assigned('push-up'), onlySet: 2)], 3, 'floor-press', 3, null],
    'asked of all' => [[Change::swapFor(assigned('push-up'), onlySet: 2)], null, 'floor-press', 3, null],
    'one set swapped, then less time' => [[Change::swapFor(assigned('push-up'), onlySet: 1), Change::toSets(1)], 2, 'floor-press', 1, null],
]);

it('reads what it writes', function (): void {
    $full = Assignment::of(
        'biceps-curl',
        Setting::of('dumbbell', 8, perHand: true),
        3,
        Dose::repetitions(8, 12, perSide: true, factor: 2.0, means: 'two curls to a lunge'),
        2,
        75,
        Sides::Alternating,
        'the 8 kg dumbbells',
        Tempo::of(4, 1, 1, 0),
        0.9,
        'lighter today',
    );
    expect(Assignment::fromArray($full->toArray()))->toEqual($full);
    foreach ([Change::swapFor($full, 2), Change::swapFor($full), Change::toSets(2), Change::leaveOut('no time')] as $change) {
        expect(Change::fromArray($change->toArray()))->toEqual($change);
    }
    foreach ([Dose::seconds(40), Dose::asLongAsClean(), Dose::asLongAsClean(60, perSide: true), Dose::repetitions(5)] as $dose) {
        expect(Dose::fromArray($dose->toArray()))->toEqual($dose);
    }
});

it('refuses what asks for nothing sensible', function (Closure $make, string $says): void {
    expect($make)->toThrow(InvalidQuantity::class, $says);
})->with([
    'no sets' => [fn () => assigned(sets: 0), 'sets must be between 1 and 20'],
    'a range that runs backwards' => [fn () => Dose::repetitions(12, 8), 'dose.reps_most'],
    'no seconds' => [fn () => Dose::seconds(0), 'dose.seconds'],
    'repetitions and seconds' => [fn () => Dose::fromArray(['reps' => 8, 'seconds' => 30]), 'not both'],
    'neither' => [fn () => Dose::fromArray([]), 'needs reps, seconds'],
    'half a repetition' => [fn () => Dose::fromArray(['reps' => 8.5]), 'whole number'],
    'a change of nothing' => [fn () => Change::fromArray([]), 'A change'],
    'an exercise without a name' => [fn () => Assignment::fromArray([]), 'exercise is missing'],
]);

it('says a dose', function (Dose $dose, string $words): void {
    expect($dose->inWords())->toBe($words);
})->with([
    [Dose::repetitions(1), '1 repetition'],
    [Dose::repetitions(8, 12, perSide: true), '8–12 repetitions per side'],
    [Dose::seconds(40), '40 s'],
    [Dose::asLongAsClean(60), 'as long as clean, at most 60 s'],
    [Dose::repetitions(6, means: 'there and back'), '6 repetitions, there and back'],
]);
