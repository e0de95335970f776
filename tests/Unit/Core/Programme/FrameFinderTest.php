<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\FrameFinder;
use NimbleShelf\Core\Programme\LighterLift;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\Verdict;
use NimbleShelf\Core\Programme\WeekChecks;
use Tests\Support\HandMade;
use Tests\Support\People;
use Tests\Support\Shipped;

/**
 * What a warm-up of so many minutes' visit holds, for what is written.
 *
 * @param  list<Thing>|null  $shelf
 * @return list<string> "squat 8 repetitions: Body weight alone".
 */
function warmedUp(string $text, int $minutes = 45, ?array $shelf = null): array
{
    $brief = HandMade::brief(6, $shelf);
    $work = HandMade::week($brief, [1 => $text])->days[0]->work();
    $block = (new FrameFinder(Shipped::catalogue(), ShelfRungs::of(Shipped::model())))->warmUp(
        $work,
        $minutes,
        $brief->situation,
        '1.warm-up',
    );

    return array_map(
        static fn (Slot $slot): string => "{$slot->exercise->id} {$slot->assignment->dose->inWords()}: {$slot->assignment->words}",
        $block->slots ?? [],
    );
}

it('ends with the first lift on less, and with the second where there is time', function (): void {
    $text = "goblet squat 3x8 12 kg\nfloor press 3x8 6 kg\nbiceps curl 3x10 6 kg";
    $long = warmedUp($text);
    expect(array_slice($long, -2, 1)[0])->toStartWith('squat 8 repetitions')
        ->and(count(array_filter($long, static fn (string $line): bool => str_contains($line, 'repetitions'))))->toBe(2)
        ->and(count(array_filter(warmedUp($text, 30), static fn (string $line): bool => str_contains($line, 'repetitions'))))->toBe(1)
        // What opens is still there, and comes before it.
        ->and($long[0])->toMatch('/ \d+ s/')
        ->and(implode(' ', $long))->not->toContain('lighter-first-lift');
});

it('takes the rucksack empty before it is packed', function (): void {
    $shelf = Shipped::shelf(
        ['id' => '1', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1.1, 'max_kg' => 25],
        ['id' => '2', 'kind' => 'object', 'name' => 'brick', 'count' => 8, 'mass_kg' => 2.2, 'grip' => 'body', 'sealed' => true],
    );
    $last = warmedUp('rucksack squat 3x8 18.7 kg', 30, $shelf);
    expect(end($last))->toStartWith('rucksack-squat 8 repetitions: ')->not->toContain('eight objects');
});

it('is lighter than what it prepares, for everybody, and where it could be the check asks for it', function (array $asked): void {
    $brief = People::brief($asked);
    $plan = Planner::of(Shipped::catalogue(), Shipped::model())->plan($brief);
    $frames = array_filter($plan->checks, static fn ($check): bool => $check->id === 'frame');
    expect($frames)->not->toBe([]);
    foreach ($frames as $check) {
        expect($check->words)->not->toContain('No lighter set');
    }
    foreach ($plan->weeks[0]->days as $day) {
        $lifts = LighterLift::mainLifts($day->work());
        foreach ($day->plan->blocks[0]->kind === BlockKind::WarmUp ? $day->plan->blocks[0]->slots : [] as $slot) {
            if ($slot->assignment->dose->isTimed()) {
                continue;
            }
            $of = array_values(array_filter($lifts, static fn (Slot $lift): bool => $lift->exercise->pattern === $slot->exercise->pattern));
            expect($of)->not->toBe([])
                ->and($slot->assignment->setting->massKg)->toBeLessThanOrEqual($of[0]->assignment->setting->massKg)
                ->and($slot->assignment->sets)->toBe(1);
        }
    }
})->with(array_map(static fn (array $asked): array => [$asked], array_intersect_key(People::all(), array_flip([
    'strong, with two bells', 'older, with one dumbbell', 'seated, with a bell and a tube', 'no floor',
]))));

it('says which lift nothing light stands before', function (): void {
    $brief = HandMade::brief();
    $checks = new WeekChecks(Shipped::catalogue(), Shipped::model(), ShelfRungs::of(Shipped::model()));
    $said = static function (string $warmUp) use ($brief, $checks): array {
        $text = "warm-up: {$warmUp}\ngoblet squat 3x8 12 kg\ncool-down: thigh stretch 30 s";
        $frame = array_values(array_filter(
            $checks->of(HandMade::week($brief, [1 => $text]), $brief),
            static fn ($check): bool => $check->id === 'frame',
        ))[0];

        return [$frame->verdict, $frame->words];
    };
    expect($said('hip circles 30 s'))->toBe([Verdict::Watch, 'No lighter set of goblet squat stands before it.'])
        ->and($said('hip circles 30 s, squat 1x8')[0])->toBe(Verdict::Ok);
});

it('goes down to the floor once and comes up once, and not at all for who gets up with trouble', function (array $asked): void {
    $brief = People::brief($asked);
    $plan = Planner::of(Shipped::catalogue(), Shipped::model())->plan($brief);
    foreach ($plan->weeks[0]->days as $day) {
        $work = $day->work();
        foreach ($day->plan->blocks as $block) {
            if (! $block->kind->isFrame()) {
                continue;
            }
            $near = $block->kind === BlockKind::WarmUp ? $work[0] : $work[count($work) - 1];
            // A lighter set of a second lift is done where that lift is.
            $opens = array_values(array_filter($block->slots, static fn (Slot $slot): bool => $slot->assignment->dose->isTimed()));
            $floor = array_map(static fn (Slot $slot): bool => $slot->isOnFloor(), $opens);
            $turns = count(array_filter(array_keys($floor), static fn (int $i): bool => $i > 0 && $floor[$i] !== $floor[$i - 1]));
            expect($turns)->toBeLessThanOrEqual(1, $block->name);
            if ($brief->situation->client->isSlowOnFeet() && ! $near->isOnFloor()) {
                expect(array_filter($floor))->toBe([], $block->name);
            }
        }
    }
})->with(array_map(static fn (array $asked): array => [$asked], People::all()));
