<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\NearestBandSetting;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/*
 * Bands as people rig them: near one end, sat on, below a knee, from hand to hand; and handles, which do not stretch.
 */

const TUBE_120 = ['id' => 't', 'kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 15];

const MINI_LOOP = ['id' => 'm', 'kind' => 'mini-loop', 'name' => 'mini loop', 'rest_length_cm' => 30, 'a_n' => 22, 'b_n' => 16];

function homeOf(array $thing, float $heightM = 1.70): Situation
{
    return new Situation(new Client(Body::of($heightM, 70)), Shipped::shelf($thing));
}

it('leaves between hand and foot what the way it is rigged says', function (
    BandLayout $layout,
    float $gripM,
    bool $loop,
    float $freeM,
    float $strands,
): void {
    $setup = new BandSetup(Band::of(1.40, 10, 10), $layout, gripM: $gripM, loop: $loop);
    $strand = $setup->strand(restStanceM: 0.33, shoulderWidthM: 0.44);
    expect($strand->restLengthM)->toEqualWithDelta($freeM, 1e-9)
        // Twice as long at rest, twice as stretched: a strand pulls as the band does, times the strands.
        ->and($strand->forceAt(2 * $freeM))->toEqualWithDelta($strands * Band::of(1.0, 10, 10)->forceAt(2.0), 1e-6);
})->with([
    'near one end: all but a foot' => [BandLayout::OneEnd, 0.0, false, 1.30, 1.0],
    'the foot 50 cm farther along' => [BandLayout::OneEnd, 0.50, false, 0.80, 1.0],
    'sat on: (1.40 − 0.33) / 2' => [BandLayout::UnderSeat, 0.0, false, 0.535, 1.0],
    'sat on, a loop: 1.40 − 0.33 / 2' => [BandLayout::UnderSeat, 0.0, true, 1.235, 2.0],
    'across the back: (1.40 − 0.44) / 2' => [BandLayout::BehindBack, 0.0, false, 0.48, 1.0],
    'below a knee' => [BandLayout::UnderKnee, 0.0, false, 0.70, 1.0],
    'below a knee, a loop' => [BandLayout::UnderKnee, 0.0, true, 1.40, 2.0],
    'from hand to hand: the middle holds still' => [BandLayout::HandToHand, 0.1, false, 0.60, 1.0],
    'from hand to hand, a loop' => [BandLayout::HandToHand, 0.0, true, 0.70, 2.0],
    'round both knees, a loop' => [BandLayout::RoundKnees, 0.0, true, 0.70, 2.0],
    'from ankle to foot, a loop' => [BandLayout::AnkleToFoot, 0.0, true, 1.40, 2.0],
    'from ankle to foot' => [BandLayout::AnkleToFoot, 0.0, false, 1.30, 1.0],
]);

it('counts a handle as way and not as rubber, until the hand leaves it', function (): void {
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    $body = Body::of(1.70, 70);
    $of = static fn (float $handleM, float $gripM, BandLayout $layout = BandLayout::OneFoot): float => (float) Shipped::model()->curve(
        $curl,
        $body,
        Setting::of('tube', band: new BandSetup(Band::of(1.40, 15, 15), $layout, gripM: $gripM, handleM: $handleM), limbs: 1),
    )->longestLengthM;
    expect($of(0.0, 0.0) - $of(0.12, 0.0))->toEqualWithDelta(0.12, 1e-9)
        ->and($of(0.12, 0.05))->toBe($of(0.0, 0.05))
        // Near one end it is the foot that moves along; the hand stays on the handle.
        ->and($of(0.0, 0.3, BandLayout::OneEnd) - $of(0.12, 0.3, BandLayout::OneEnd))->toEqualWithDelta(0.12, 1e-9);
});

it('makes a band lighter with a handle, and a longer handle lighter still', function (): void {
    $body = Body::of(1.70, 70);
    $means = array_map(static fn (float $handleM): float => Shipped::model()->curve(
        Shipped::catalogue()->exercise('biceps-curl'),
        $body,
        Setting::of('tube', band: new BandSetup(Band::of(1.60, 15, 15), BandLayout::TwoFeet, stanceM: 0.3, handleM: $handleM)),
    )->mean(), [0.0, 0.08, 0.12, 0.20]);
    for ($i = 1; $i < count($means); $i++) {
        expect($means[$i])->toBeLessThan($means[$i - 1]);
    }
});

it('takes a tube for one with handles of 12 cm, unless they were measured, and other bands for ones without', function (): void {
    expect(Shipped::shelf(TUBE_120)[0]->handleM)->toBe(0.12)
        ->and(Shipped::shelf([...TUBE_120, 'handle_cm' => 9])[0]->handleM)->toBe(0.09)
        ->and(Shipped::shelf([...TUBE_120, 'kind' => 'flat-band'])[0]->handleM)->toBe(0.0)
        ->and(Shipped::shelf(MINI_LOOP)[0]->handleM)->toBe(0.0)
        ->and(fn () => Shipped::shelf([...TUBE_120, 'handle_cm' => 51]))->toThrow(InvalidQuantity::class, 'shelf.handle_cm');
});

it('presses a tube of 120 cm overhead with one arm, at 1.70 m', function (): void {
    $rungs = ShelfRungs::of(Shipped::model())->distinct(Shipped::catalogue()->exercise('overhead-press'), homeOf(TUBE_120));
    expect($rungs)->not->toBe([]);
    foreach ($rungs as ['rung' => $rung]) {
        expect($rung->setting->band?->layout)->toBe(BandLayout::OneEnd)->and($rung->setting->limbs)->toBe(1);
    }
    expect($rungs[0]['rung']->words)->toContain('cm below the handle, one arm at a time');
});

it('names the way that works where another stretches it too far', function (): void {
    $leftOut = ShelfRungs::of(Shipped::model())->leftOut(Shipped::catalogue()->exercise('overhead-press'), homeOf(TUBE_120));
    expect(implode(' ', $leftOut))->toContain('Red tube is stretched too far with both feet on it')
        ->toContain('it works rigged so: the foot of the working side on it 110 cm below the handle');

    $wanted = Setting::fromArray(['implement' => 'tube', 'band' => [
        'rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 15, 'layout' => 'two-feet', 'stance_cm' => 30, 'handle_cm' => 12,
    ]]);
    $press = Shipped::catalogue()->exercise('overhead-press');
    $nearest = (new NearestBandSetting(Shipped::model()))->to($press, Body::of(1.70, 70), $wanted);
    expect($nearest?->band?->layout)->toBe(BandLayout::OneEnd)->and($nearest?->limbs)->toBe(1);
});

it('opens with a tube or a mini loop what people do with them', function (array $thing, string $exercise, BandLayout $layout): void {
    $rigs = array_map(
        static fn (array $found): ?BandLayout => $found['rung']->setting->band?->layout,
        ShelfRungs::of(Shipped::model())->usable(
            Shipped::catalogue()->exercise($exercise),
            new Situation(new Client(Body::of(1.70, 70)), Shipped::shelf($thing, ['id' => 'c', 'kind' => 'chair', 'height_cm' => 46])),
        ),
    );
    expect($rigs)->toContain($layout);
})->with([
    'one-end press' => [TUBE_120, 'one-arm-overhead-press', BandLayout::OneEnd],
    'one-end side raise' => [TUBE_120, 'lateral-raise', BandLayout::OneEnd],
    'one-end front raise' => [TUBE_120, 'front-raise', BandLayout::OneEnd],
    'one-end curl' => [TUBE_120, 'biceps-curl', BandLayout::OneEnd],
    'row with the foot a short way from the handle' => [TUBE_120, 'bent-over-row', BandLayout::OneEnd],
    'seated press, sat on' => [[...TUBE_120, 'rest_length_cm' => 170], 'seated-overhead-press', BandLayout::UnderSeat],
    'seated curl, sat on' => [[...TUBE_120, 'rest_length_cm' => 130], 'seated-curl', BandLayout::UnderSeat],
    'seated side raise, sat on' => [[...TUBE_120, 'rest_length_cm' => 150], 'seated-lateral-raise', BandLayout::UnderSeat],
    'seated chest press round the chair back' => [TUBE_120, 'seated-chest-press', BandLayout::BehindBack],
    'squat on the band' => [[...TUBE_120, 'rest_length_cm' => 170], 'rack-squat', BandLayout::TwoFeet],
    'lunge on the band' => [[...TUBE_120, 'rest_length_cm' => 150], 'rack-split-squat', BandLayout::OneFoot],
    'thruster on the band' => [[...TUBE_120, 'rest_length_cm' => 220], 'thruster', BandLayout::TwoFeet],
    'loop pull-down' => [MINI_LOOP, 'loop-pull-down', BandLayout::HandToHand],
    'loop push-down' => [MINI_LOOP, 'loop-push-down', BandLayout::HandToHand],
    'knee-loop curl' => [MINI_LOOP, 'knee-loop-curl', BandLayout::UnderKnee],
    'ankle-to-foot kick-back' => [MINI_LOOP, 'loop-kick-back', BandLayout::AnkleToFoot],
    'loop round the knees' => [MINI_LOOP, 'clamshell', BandLayout::RoundKnees],
    'pull-apart' => [[...TUBE_120, 'kind' => 'flat-band', 'rest_length_cm' => 80], 'band-pull-apart', BandLayout::HandToHand],
]);

it('does not offer a mini loop where only a long band reaches', function (): void {
    expect((new RungFinder)->rungs(Shipped::catalogue()->exercise('biceps-curl'), homeOf(MINI_LOOP))['rungs'])->toBe([])
        ->and((new RungFinder)->rungs(Shipped::catalogue()->exercise('overhead-press'), homeOf(MINI_LOOP))['rungs'])->toBe([]);
});

it('pulls harder the farther along the foot stands', function (): void {
    $rig = array_values(array_filter(
        (new RungFinder)->rungs(Shipped::catalogue()->exercise('bent-over-row'), homeOf(TUBE_120))['rungs'],
        static fn (Rung $rung): bool => $rung->setting->band?->layout === BandLayout::OneEnd,
    ))[0];
    $before = 0.0;
    foreach ([45, 50, 55, 60, 70] as $alongCm) {
        $moved = LiveRung::moved($rig, ['gripCm' => (float) $alongCm]);
        $mean = Shipped::model()->curve($moved->exercise, Body::of(1.70, 70), $moved->setting)->mean();
        expect($mean)->toBeGreaterThan($before)->and($moved->words)->toContain(sprintf('%d cm below the handle', 110 - $alongCm));
        $before = $mean;
    }
    expect(fn () => LiveRung::moved($rig, ['gripCm' => 95.0]))->toThrow(InvalidQuantity::class);
});

it('compares a record of the old name with the same way today', function (): void {
    $of = static fn (string $layout): Setting => Setting::fromArray(['implement' => 'flat-band', 'band' => [
        'rest_length_cm' => 80, 'a_n' => 20, 'b_n' => 15, 'layout' => $layout,
    ]]);
    expect($of('anchored-middle')->sameAs($of('hand-to-hand')))->toBeTrue()
        ->and($of('hand-to-hand')->sameAs($of('one-foot')))->toBeFalse()
        ->and(Setting::fromArray([...$of('hand-to-hand')->toArray()])->sameAs($of('hand-to-hand')))->toBeTrue();
    $pull = Shipped::catalogue()->exercise('band-pull-apart');
    expect(Shipped::model()->curve($pull, Body::of(1.7, 70), $of('anchored-middle'))->mean())
        ->toEqualWithDelta(Shipped::model()->curve($pull, Body::of(1.7, 70), $of('hand-to-hand'))->mean(), 1e-9);
});

it('keeps a handle in what it writes down', function (): void {
    $setting = Setting::fromArray(['implement' => 'tube', 'band' => [
        'rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 15, 'layout' => 'one-end', 'handle_cm' => 14,
    ], 'limbs' => 1]);
    expect($setting->toArray()['band']['handle_cm'] ?? null)->toEqual(14)
        ->and(Setting::fromArray($setting->toArray())->sameAs($setting))->toBeTrue()
        ->and($setting->sameAs($setting->withBand(new BandSetup(Band::of(1.2, 20, 15), BandLayout::OneEnd))))->toBeFalse();
});
