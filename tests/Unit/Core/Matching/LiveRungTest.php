<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Control;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/** @return list<Rung> */
function rungsWith(string $exercise, array $thing, ?Home $home = null): array
{
    return (new RungFinder)->rungs(
        Shipped::catalogue()->exercise($exercise),
        new Situation(
            new Client(Body::of(1.72, 74)),
            [
                ...Shipped::shelf($thing),
                ...Shipped::shelf(['id' => 'fill', 'kind' => 'object', 'name' => 'sack', 'count' => 4, 'mass_kg' => 5, 'grip' => 'bag']),
            ],
            $home ?? Home::of(),
        ),
    )['rungs'];
}

const LIVE_TUBE = ['id' => 't', 'kind' => 'tube', 'name' => 'green tube', 'rest_length_cm' => 140, 'a_n' => 20, 'b_n' => 18];

function twoFeet(): Rung
{
    return array_values(
        array_filter(
            rungsWith('biceps-curl', LIVE_TUBE),
            static fn (Rung $rung): bool => $rung->setting->band?->layout === BandLayout::TwoFeet,
        ),
    )[0];
}

it('moves stance, grip and fold, and says so', function (): void {
    $moved = LiveRung::moved(twoFeet(), ['stanceCm' => 43, 'gripCm' => 12, 'folded' => 1]);
    expect($moved->setting->band?->stanceM)->toEqualWithDelta(0.43, 1e-12)
        ->and($moved->setting->band->gripM)->toEqualWithDelta(0.12, 1e-12)
        ->and($moved->setting->band->folded)->toBeTrue()
        ->and($moved->words)->toContain('43 cm apart')->toContain('hands 12 cm below the ends')->toContain('folded double');
    expect(LiveRung::moved(twoFeet(), [])->setting->sameAs(twoFeet()->setting))->toBeTrue();
});

it('pulls harder the wider the stance and the lower the grip', function (string $control, array $values): void {
    $last = -INF;
    foreach ($values as $value) {
        $rung = LiveRung::moved(twoFeet(), [$control => $value]);
        $mean = Shipped::model()->curve($rung->exercise, Body::of(1.72, 74), $rung->setting)->mean();
        expect($mean)->toBeGreaterThan($last);
        $last = $mean;
    }
})->with([['stanceCm', [20, 35, 50, 70]], ['gripCm', [0, 5, 10, 20]]]);

it('names the control that is not there or moved too far', function (string $control, float $value): void {
    expect(fn () => LiveRung::moved(twoFeet(), [$control => $value]))->toThrow(
        InvalidQuantity::class,
        $control === 'massKg' ? 'nothing of that kind' : $control,
    );
})->with([['stanceCm', 500.0], ['stanceCm', 5.0], ['gripCm', 60.0], ['massKg', 5.0], ['folded', 2.0]]);

it('has a distance only from an anchor, and a fill only for a rucksack', function (): void {
    $names = static fn (Rung $rung): array => array_map(static fn (Control $control): string => $control->name, LiveRung::controls($rung));
    $anchored = rungsWith('standing-band-row', LIVE_TUBE, Home::of(anchors: [['id' => 'a', 'heightM' => 1.2, 'kind' => 'ring']]))[0];
    $packed = rungsWith('rucksack-squat', ['id' => 'r', 'kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 1, 'max_kg' => 20])[0];
    $bells = rungsWith('biceps-curl', ['id' => 'd', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6])[0];
    expect($names($anchored))->toBe(['gripCm', 'anchorDistanceCm', 'folded'])
        ->and($names(twoFeet()))->toBe(['stanceCm', 'gripCm', 'folded'])
        ->and($names($packed))->toBe(['massKg'])
        ->and($names($bells))->toBe([])
        ->and(LiveRung::moved($packed, ['massKg' => 11.0])->words)->toContain('packed to 11 kg: two sacks')
        ->and(array_column(LiveRung::controls($packed)[0]->stops, 'value'))->toBe([1.0, 6.0, 11.0, 16.0])
        ->and(fn () => LiveRung::moved($packed, ['massKg' => 9.5]))
        ->toThrow(InvalidQuantity::class, 'Nothing on the shelf makes the rucksack weigh 9.5 kg; the nearest is 11 kg.');
});

it('finds a moved setting again as a rung of the shelf', function (array $moved): void {
    $setting = LiveRung::moved(twoFeet(), $moved)->setting;
    $rung = ShelfRungs::of(Shipped::model())->rungFor(
        Shipped::catalogue()->exercise('biceps-curl'),
        $setting,
        new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(LIVE_TUBE)),
    );
    expect($rung?->setting->sameAs($setting))->toBeTrue();
})->with([[['stanceCm' => 43]], [['gripCm' => 17, 'stanceCm' => 61]], [['folded' => 1, 'stanceCm' => 25]]]);

it('finds no rung for a setting that another thing would need', function (): void {
    $other = LiveRung::moved(
        array_values(
            array_filter(
                rungsWith('biceps-curl', ['rest_length_cm' => 170] + LIVE_TUBE),
                static fn (Rung $rung): bool => $rung->setting->band?->layout === BandLayout::TwoFeet,
            ),
        )[0],
        ['stanceCm' => 43],
    )->setting;
    expect(LiveRung::at(rungsWith('biceps-curl', LIVE_TUBE), $other))->toBeNull()
        ->and(LiveRung::at(rungsWith('biceps-curl', LIVE_TUBE), Setting::of('dumbbell', 7, perHand: true)))->toBeNull();
});

it('finds a moved setting again after it was written down and read', function (): void {
    $setting = Setting::fromArray(LiveRung::moved(twoFeet(), ['gripCm' => 13])->setting->toArray());
    expect(LiveRung::at(rungsWith('biceps-curl', LIVE_TUBE), $setting)?->setting->sameAs($setting))->toBeTrue();
});

it('moves of two bands of one length the one that pulls as written', function (): void {
    $tube = static fn (string $id, float $aN, float $bN): array => [
        'id' => $id, 'kind' => 'tube', 'name' => "{$id} tube", 'rest_length_cm' => 130, 'a_n' => $aN, 'b_n' => $bN, 'handle_cm' => 12,
    ];
    $rungs = ShelfRungs::of(Shipped::model());
    $situation = new Situation(new Client(Body::of(1.75, 75)), Shipped::shelf($tube('black', 60, 45), $tube('blue', 38, 30)));
    $pushUp = Shipped::catalogue()->exercise('push-up');
    foreach (['blue', 'black'] as $name) {
        $folded = array_values(array_filter(
            $rungs->usable($pushUp, $situation),
            static fn (array $one): bool => $one['rung']->things !== [] && $one['rung']->things[0]->id === $name
                && ($one['rung']->setting->band->folded ?? false),
        ))[0]['rung'];
        expect($rungs->rungFor($pushUp, $folded->setting, $situation)?->things[0]->id)->toBe($name);
    }
});
