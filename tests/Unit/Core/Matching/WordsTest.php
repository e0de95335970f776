<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\LimitRules;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\NearestBandSetting;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapWords;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/*
 * What is said to a client: how a thing is set up, what keeps an exercise from them, and what to look out for.
 */

it('says a setting so that it can be followed', function (string $exercise, Setting $setting, string $words): void {
    expect(SettingInWords::of(Shipped::catalogue()->exercise($exercise), $setting))->toBe($words);
})->with([
    ['push-up', Setting::bodyWeight(), 'body weight alone'],
    ['push-up', Setting::bodyWeight(supportHeightM: 0.46), 'hands 46 cm above the floor'],
    ['push-up', Setting::bodyWeight(footHeightM: 0.4), 'feet 40 cm above the floor'],
    ['floor-press', Setting::of('dumbbell', 7.5, perHand: true), '7.5 kg dumbbell in each hand'],
    ['floor-press', Setting::of('dumbbell', 6, perHand: true, limbs: 1), '6 kg dumbbell in one hand, one arm at a time'],
    ['goblet-squat', Setting::of('kettlebell', 12), '12 kg kettlebell held at the chest'],
    ['rucksack-squat', Setting::of('rucksack', 14), 'rucksack packed to 14 kg on the back'],
    ['glute-bridge', Setting::of('dumbbell', 10.25), '10.25 kg dumbbell across the hips'],
    [
        'biceps-curl',
        Setting::of('flat-band', band: new BandSetup(Band::of(1.4, 10, 10), BandLayout::TwoFeet, 0.5, 0.2)),
        'flat band both feet on it, 50 cm apart, hands 20 cm below the ends, two fists',
    ],
    [
        'biceps-curl',
        Setting::of('tube', band: new BandSetup(Band::of(1.4, 10, 10), BandLayout::OneFoot), limbs: 1),
        'tube the foot of the working side on its middle, one arm at a time, hands at the ends',
    ],
    [
        'push-up',
        Setting::of('tube', band: new BandSetup(Band::of(1.0, 10, 10), BandLayout::BehindBack)),
        'tube across the upper back, an end in each hand, hands at the ends',
    ],
]);

it('writes kilograms without trailing noughts', function (float $kg, string $words): void {
    expect(SettingInWords::kg($kg))->toBe($words);
})->with([[8.0, '8'], [7.50, '7.5'], [1.25, '1.25'], [10.0, '10'], [100.0, '100'], [0.126, '0.13']]);

it('keeps an exercise from who should not do it, with the reason', function (string $exercise, Limit $limit, bool $isOut): void {
    $reasons = Cautions::against(Shipped::catalogue()->exercise($exercise), new Situation(new Client(Body::of(1.7, 70), [$limit])));
    $isOut
        ? expect($reasons)->not->toBe([])
            ->and(implode(' ', $reasons))
            ->toMatch('/^'.preg_quote($limit->label(), '/').': .+|^No jumping: .+/')
        : expect($reasons)->toBe([]);
})->with([
    ['jump-squat', Limit::NoJumps, true],
    ['squat', Limit::NoJumps, false],
    ['overhead-press', Limit::NoOverhead, true],
    ['floor-press', Limit::NoOverhead, false],
    ['floor-press', Limit::NoFloor, true],
    ['squat', Limit::SeatedOnly, true],
    ['seated-overhead-press', Limit::SeatedOnly, false],
    ['knee-push-up', Limit::NoKneeling, true],
    ['push-up', Limit::NoKneeling, false],
]);

it('keeps what thuds out of a quiet home', function (): void {
    $jump = Shipped::catalogue()->exercise('jump-squat');
    $client = new Client(Body::of(1.7, 70));
    expect(Cautions::against($jump, new Situation($client, [], Home::of(quiet: true))))->toBe(['Quiet home: it is heard below.'])
        ->and(Cautions::against($jump, new Situation($client)))->toBe([]);
});

it('says what to look out for: the person first, then the room, then the kit', function (): void {
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    $tube = Shipped::shelf(['kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 18, 'b_n' => 16])[0];
    $rung = new Rung(
        $curl,
        Setting::of('tube', band: new BandSetup(Band::of(1.3, 18, 16), BandLayout::OneFoot)),
        [$tube],
        Certainty::Measured,
        '',
        20,
    );
    $cautions = Cautions::of($rung, new Situation((new Client(Body::of(1.7, 70)))->with(Limit::Youth), [], Home::of(floor: 'rocking')));
    expect(array_slice($cautions, 0, 3))->toBe([
        'Under 18: supervised, technique first, never to the last repetition.',
        'The floor rocks: stand wide and keep one hand near something fixed.',
        'Look the band over for nicks; foot fully on it, shoes on, never pulled towards the face.',
    ]);
    $chair = Shipped::shelf(['kind' => 'chair', 'name' => 'kitchen chair', 'height_cm' => 46, 'mass_kg' => 6])[0];
    $dip = new Rung(Shipped::catalogue()->exercise('chair-dip'), Setting::bodyWeight(0.46), [$chair], Certainty::Weighed, '', 20);
    expect(Cautions::of($dip, new Situation(new Client(Body::of(1.7, 70)))))->toContain(
        'Stand the kitchen chair against a wall and test it by hand first.',
    );
});

it('lets excluding win over altering, and an exercise speak for itself', function (): void {
    $rules = LimitRules::fromArray([
        'bent' => ['back-pain' => ['effect' => 'alter', 'why' => 'keep it short'], 'youth' => ['effect' => 'alter', 'why' => 'light']],
        'loaded' => ['back-pain' => ['effect' => 'exclude', 'why' => 'it loads the bent back']],
    ]);
    expect($rules->limitsFor(['bent', 'loaded'], [])['back-pain']['effect'])->toBe('exclude')
        ->and($rules->limitsFor(['loaded', 'bent'], [])['back-pain']['effect'])->toBe('exclude')
        ->and($rules->limitsFor(['bent'], ['back-pain' => null]))->toBe(['youth' => ['effect' => 'alter', 'why' => 'light']])
        ->and($rules->limitsFor(['bent'], ['youth' => ['effect' => 'exclude', 'why' => 'not yet']])['youth']['effect'])->toBe('exclude')
        ->and($rules->limitsFor(['unheard-of'], []))->toBe([])
        ->and($rules->traits())->toBe(['bent', 'loaded']);
});

it('finds the nearest setting that a band survives, or none', function (float $restM, float $gripM, bool $isFound): void {
    $curl = Shipped::catalogue()->exercise('biceps-curl');
    $body = Body::of(1.75, 75);
    $asked = Setting::of('tube', band: new BandSetup(Band::of($restM, 18, 22), BandLayout::TwoFeet, 0.5, $gripM));
    $nearest = (new NearestBandSetting(Shipped::model()))->to($curl, $body, $asked);
    if (! $isFound) {
        expect($nearest)->toBeNull();

        return;
    }
    expect($nearest?->band?->gripM)->toBeLessThanOrEqual($gripM)
        ->and($nearest?->band?->stanceM)->toBeLessThanOrEqual(0.5)
        ->and(Shipped::model()->curve($curl, $body, $nearest)->longestStretch)->toBeLessThanOrEqual(Band::DEFAULT_LIMIT);
})->with([
    'less taken up by the hands' => [1.6, 0.30, true],
    'too short whatever is done' => [0.6, 0.0, false],
]);

it('has nothing nearer to offer where there is no band', function (): void {
    expect(
        (new NearestBandSetting(Shipped::model()))->to(
            Shipped::catalogue()->exercise('biceps-curl'),
            Body::of(1.75, 75),
            Setting::of('dumbbell', 8),
        ),
    )->toBeNull();
});

it('says the plain difference in load', function (float $kg, string $words): void {
    $of = static fn (Setting $setting): Equivalent => Shipped::model()->equivalent(
        Shipped::catalogue()->exercise('floor-press'),
        Body::of(1.75, 75),
        $setting,
        School::Mean,
    );
    $prescribed = $of(Setting::of('dumbbell', 10, perHand: true));
    $offered = $of(Setting::of('dumbbell', $kg, perHand: true));
    expect(SwapWords::difference($prescribed, $offered, false))->toBe($words)
        ->and(SwapWords::difference($prescribed, $offered, true))->toBe('');
})->with([
    [10, 'as heavy as asked'], [10.1, 'as heavy as asked'],
    // The arm itself weighs some 2.15 kg in the hand, so 8 against 10 is 10.15 against 12.15.
    [8, '16 % lighter than asked'], [12.5, '21 % heavier than asked'],
]);

it('grows with the load, and is the same for the same', function (): void {
    $percent = static function (float $kg): int {
        $of = static fn (float $mass): Equivalent => Shipped::model()->equivalent(
            Shipped::catalogue()->exercise('squat'),
            Body::of(1.75, 75),
            Setting::of('dumbbell', $mass, perHand: true),
            School::Mean,
        );
        $words = SwapWords::difference($of(10), $of($kg), false);

        return ($words === 'as heavy as asked' ? 0 : (int) $words) * (str_contains($words, 'lighter') ? -1 : 1);
    };
    $last = PHP_INT_MIN;
    foreach ([2, 4, 6, 8, 10, 12, 16, 24] as $kg) {
        expect($percent($kg))->toBeGreaterThanOrEqual($last);
        $last = $percent($kg);
    }
    expect($percent(10))->toBe(0)->and($percent(2))->toBeLessThan(0)->and($percent(24))->toBeGreaterThan(0);
});
