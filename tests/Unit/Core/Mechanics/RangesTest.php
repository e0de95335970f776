<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/*
 * Every range holds at its own ends, ends just beyond them, and says so in the units that were asked for.
 */

/** What a refusal says, as `field: message`; empty where nothing was refused. */
function refusalOf(Closure $make): string
{
    try {
        $make();
    } catch (InvalidQuantity $refused) {
        return $refused->field().': '.$refused->getMessage();
    }

    return '';
}

/** @param  array<string, mixed>  $band */
function settingWithBand(array $band): Closure
{
    return static fn (): Setting => Setting::fromArray([
        'implement' => 'tube',
        'band' => ['rest_length_cm' => 120, 'a_n' => 10, 'b_n' => 10, 'layout' => 'one-foot', ...$band],
    ]);
}

it('takes the ends of a range and nothing beyond', function (
    Closure $make,
    float $low,
    float $high,
    string $field,
    string $between,
    string $gotLow,
    string $gotHigh,
): void {
    $step = 1e-3 * ($high - $low);
    expect(refusalOf(fn () => $make($low)))->toBe('')
        ->and(refusalOf(fn () => $make($high)))->toBe('')
        ->and(refusalOf(fn () => $make($low - $step)))->toBe("{$field}: {$field} must be between {$between}; got {$gotLow}.")
        ->and(refusalOf(fn () => $make($high + $step)))->toBe("{$field}: {$field} must be between {$between}; got {$gotHigh}.");
})->with([
    'height' => [fn (float $m) => Body::of($m, 70), 1.0, 2.3, 'height_cm', '100 and 230 cm', '99.87', '230.13'],
    'body mass' => [fn (float $kg) => Body::of(1.7, $kg), 25, 250, 'body_mass_kg', '25 and 250 kg', '24.775', '250.225'],
    // Half and 1.6 times 0.245 × 1.60 m = 39.2 cm.
    'thigh' => [fn (float $m) => Body::of(1.6, 70, ['thigh' => $m]), 0.196, 0.6272, 'limbs.thigh_cm', '20 and 63 cm', '19.557', '62.763'],
    'rest length' => [fn (float $m) => Band::of($m, 10, 10), 0.02, 5.0, 'band.rest_length_cm', '2 and 500 cm', '1.502', '500.498'],
    'a' => [fn (float $n) => Band::of(1.0, $n, 10), 0, 2000, 'band.a_n', '0 and 2000 N', '-2', '2002'],
    'b' => [fn (float $n) => Band::of(1.0, 10, $n), 0, 2000, 'band.b_n', '0 and 2000 N', '-2', '2002'],
    'mass' => [
        fn (float $kg) => Setting::fromArray(['implement' => 'dumbbell', 'mass_kg' => $kg]),
        0,
        300,
        'setting.mass_kg',
        '0 and 300 kg',
        '-0.3',
        '300.3',
    ],
    'support' => [
        fn (float $cm) => Setting::fromArray(['implement' => 'body-weight', 'support_height_cm' => $cm]),
        0,
        200,
        'setting.support_height_cm',
        '0 and 200 cm',
        '-0.2',
        '200.2',
    ],
    'feet' => [
        fn (float $cm) => Setting::fromArray(['implement' => 'body-weight', 'foot_height_cm' => $cm]),
        0,
        120,
        'setting.foot_height_cm',
        '0 and 120 cm',
        '-0.12',
        '120.12',
    ],
    'stance' => [
        fn (float $cm) => settingWithBand(['stance_cm' => $cm])(),
        0,
        200,
        'setting.band.stance_cm',
        '0 and 200 cm',
        '-0.2',
        '200.2',
    ],
    'grip' => [fn (float $cm) => settingWithBand(['grip_cm' => $cm])(), 0, 200, 'setting.band.grip_cm', '0 and 200 cm', '-0.2', '200.2'],
    'anchor height' => [
        fn (float $cm) => settingWithBand(['anchor_height_cm' => $cm])(),
        0,
        300,
        'setting.band.anchor_height_cm',
        '0 and 300 cm',
        '-0.3',
        '300.3',
    ],
    'anchor distance' => [
        fn (float $cm) => settingWithBand(['anchor_distance_cm' => $cm])(),
        0,
        500,
        'setting.band.anchor_distance_cm',
        '0 and 500 cm',
        '-0.5',
        '500.5',
    ],
    'limit of stretch' => [
        fn (float $ratio) => settingWithBand(['limit_ratio' => $ratio])(),
        1.1,
        3.0,
        'setting.band.limit_ratio',
        '1.1 and 3 times its length',
        '1.098',
        '3.002',
    ],
]);

it('reads a setting in centimetres and keeps it in metres', function (): void {
    $setting = Setting::fromArray([
        'implement' => 'long-loop', 'mass_kg' => 3, 'per_hand' => true, 'support_height_cm' => 45, 'foot_height_cm' => 30, 'limbs' => 1,
        'band' => [
            'rest_length_cm' => 104,
            'a_n' => 12,
            'b_n' => 8,
            'layout' => 'anchored-end',
            'stance_cm' => 40,
            'grip_cm' => 12,
            'folded' => true,
            'anchor_height_cm' => 180,
            'anchor_distance_cm' => 75,
            'limit_ratio' => 2.2,
        ],
    ]);
    $band = $setting->band;
    expect([
        $setting->implement,
        $setting->massKg,
        $setting->perHand,
        $setting->supportHeightM,
        $setting->footHeightM,
        $setting->limbs,
    ])->toBe(['long-loop', 3.0, true, 0.45, 0.3, 1])
        ->and($band)->toBeInstanceOf(BandSetup::class)
        ->and([$band->band->restLengthM, $band->band->aN, $band->band->bN, $band->layout->value])->toBe([1.04, 12.0, 8.0, 'anchored-end'])
        ->and([$band->stanceM, $band->gripM, $band->folded, $band->loop, $band->anchorHeightM, $band->anchorDistanceM, $band->limitRatio])
        ->toBe([0.4, 0.12, true, true, 1.8, 0.75, 2.2])
        ->and(Setting::fromArray($setting->toArray())->toArray())->toBe($setting->toArray());
});

it('takes what a setting leaves out as usual', function (): void {
    $band = settingWithBand([])()->band;
    expect([
        $band->stanceM,
        $band->gripM,
        $band->folded,
        $band->loop,
        $band->anchorHeightM,
        $band->anchorDistanceM,
        $band->limitRatio,
    ])->toBe([null, 0.0, false, false, 1.0, 0.6, Band::DEFAULT_LIMIT])
        ->and(Setting::fromArray(['implement' => 'body-weight'])->toArray())->toBe(['implement' => 'body-weight']);
});

it('refuses what a setting cannot hold', function (array $setting, string $refusal): void {
    expect(refusalOf(fn () => Setting::fromArray($setting)))->toStartWith($refusal);
})->with([
    [[], 'setting.implement: '],
    [['implement' => ''], 'setting.implement: '],
    [['implement' => 'dumbbell', 'mass_kg' => '5'], 'setting.mass_kg: setting.mass_kg must be a number.'],
    [['implement' => 'dumbbell', 'per_hand' => 1], 'setting.per_hand: setting.per_hand must be true or false.'],
    [['implement' => 'dumbbell', 'limbs' => 3], 'setting.limbs: setting.limbs must be 1 or 2.'],
    [['implement' => 'dumbbell', 'mass' => 3], 'setting.mass: setting.mass is not known; a setting may hold implement, mass_kg, '],
    [['implement' => 'tube', 'band' => [1, 2]], 'setting.band: setting.band must be an object.'],
    [
        ['implement' => 'tube', 'band' => ['layout' => 'one-foot', 'a_n' => 1, 'b_n' => 1]],
        'setting.band.rest_length_cm: setting.band.rest_length_cm is missing.',
    ],
    [
        ['implement' => 'tube', 'band' => ['layout' => 'one-foot', 'rest_length_cm' => 90, 'a_n' => 0, 'b_n' => 0]],
        'setting.band.a_n: A band needs',
    ],
]);

it('keeps masses and proportions when every length grows', function (): void {
    $body = Body::of(1.6, 60);
    $longer = $body->withLengthsScaledBy(1.03);
    expect($longer->heightM)->toEqualWithDelta(1.648, 1e-9)
        ->and($longer->massKg)->toBe(60.0)
        ->and($longer->masses)->toBe($body->masses)
        ->and($longer->armM())->toEqualWithDelta(1.03 * $body->armM(), 1e-9)
        ->and($longer->lengths['shank'])->toEqualWithDelta(1.03 * $body->lengths['shank'], 1e-9);
});

it('guesses a from one reading: 30 N at 1.5 times its length is 30 / (1.5 − 1 / 2.25)', function (): void {
    $band = Band::throughOnePoint(0.8, 1.2, 30);
    expect($band->aN)->toEqualWithDelta(28.4211, 1e-3)->and($band->bN)->toBe(0.0)
        ->and(refusalOf(fn () => Band::throughOnePoint(0.8, 0.8, 30)))->toStartWith('band.length_cm')
        ->and(refusalOf(fn () => Band::throughOnePoint(0.0, 0.8, 30)))->toStartWith('band.length_cm')
        ->and($band->withForceMultipliedBy(2)->aN)->toEqualWithDelta(56.8421, 2e-3)
        ->and(Band::of(1.0, 3, 5)->withForceMultipliedBy(2)->bN)->toBe(10.0);
});
