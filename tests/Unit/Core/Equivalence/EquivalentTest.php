<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

function equivalentOf(string $exercise, Setting $setting, School $school = School::Mean, ?Certainty $certainty = null): Equivalent
{
    return Shipped::model()->equivalent(Shipped::catalogue()->exercise($exercise), Body::of(1.72, 74), $setting, $school, $certainty);
}

it('calls the reference lift what it weighs, in every school', function (string $pattern, School $school): void {
    $reference = Shipped::catalogue()->pattern($pattern);
    $exercise = Shipped::catalogue()->exercise($reference->referenceExercise);
    foreach ($exercise->loads as $load) {
        if ($load['point'] === $reference->referencePoint) {
            $setting = Setting::of($load['implements'][0], 9.0, perHand: $load['point']->isPerHand());
            expect(equivalentOf($exercise->id, $setting, $school)->kg)->toEqualWithDelta(9.0, 1e-6);
        }
    }
})->with(
    array_keys(array_filter(Shipped::catalogue()->patterns, static fn (Pattern $pattern): bool => $pattern->isMeasured())),
)->with(School::cases());

it('is surer of a weighed thing than of a guessed one', function (): void {
    $setting = Setting::of('object', 10, perHand: true);
    $spread = static fn (Certainty $certainty): float => equivalentOf('biceps-curl', $setting, certainty: $certainty)->sdKg;
    expect($spread(Certainty::Weighed))->toBeLessThan($spread(Certainty::Labelled))
        ->and($spread(Certainty::Labelled))->toBeLessThan($spread(Certainty::Filled))
        ->and($spread(Certainty::Filled))->toBeLessThan($spread(Certainty::Guessed))
        ->and($spread(Certainty::Guessed))->toEqualWithDelta(1.5, 0.1);
});

it('counts rubber of unknown make as the least sure of all', function (): void {
    $tube = Setting::of('tube', band: new BandSetup(Band::of(1.2, 18, 16), BandLayout::TwoFeet, 0.4));
    expect(equivalentOf('biceps-curl', $tube, certainty: Certainty::Measured)->sdKg)
        ->toBeLessThan(equivalentOf('biceps-curl', $tube, certainty: Certainty::Rated)->sdKg)
        ->and(equivalentOf('biceps-curl', $tube, certainty: Certainty::Rated)->sdKg)
        ->toBeLessThan(equivalentOf('biceps-curl', $tube, certainty: Certainty::Unknown)->sdKg);
});

it('differs by school where the shape differs', function (): void {
    $tube = Setting::of('tube', band: new BandSetup(Band::of(1.5, 18, 16), BandLayout::OneFoot));
    $mean = equivalentOf('lateral-raise', $tube)->kg;
    $end = equivalentOf('lateral-raise', $tube, School::EndOfRange)->kg;
    expect($end)->toBeGreaterThan($mean)
        ->and(equivalentOf('lateral-raise', $tube)->shapeDifference)->toBeGreaterThan(0.05)
        ->and(equivalentOf('lateral-raise', Setting::of('dumbbell', 5, perHand: true))->shapeDifference)->toEqualWithDelta(0.0, 1e-9);
});

it('rounds no finer than it knows', function (float $kg, float $sd, float $expected): void {
    expect(Equivalent::rounded($kg, $sd))->toEqualWithDelta($expected, 1e-9);
})->with([
    'half kilograms below twenty' => [12.3, 0.4, 12.5],
    'whole ones above' => [23.4, 0.9, 23.0],
    'whole ones where the spread is wide' => [12.3, 3.0, 12.0],
    'fives where it is hardly known' => [47.0, 12.0, 45.0],
    'below nothing' => [-1.7, 0.3, -1.5],
]);

it('sums a curve up without drawing it', function (): void {
    $body = Body::of(1.66, 68);
    $situation = new Situation(new Client($body), Shipped::shelf(
        ['id' => '1', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 4],
        ['id' => '2', 'kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 20, 'b_n' => 20, 'handle_cm' => 12],
        ['id' => '3', 'kind' => 'mini-loop', 'rest_length_cm' => 30, 'a_n' => 30, 'b_n' => 20],
    ), Home::of(anchors: [['id' => 'd', 'heightM' => 1.9, 'kind' => 'door']]));
    $compared = $bands = 0;
    foreach (Shipped::catalogue()->exercises as $exercise) {
        foreach ((new RungFinder)->rungs($exercise, $situation)['rungs'] as $rung) {
            try {
                $curve = Shipped::model()->curve($exercise, $body, $rung->setting);
            } catch (InvalidQuantity) {
                continue;
            }
            $summary = Shipped::model()->summary($exercise, $body, $rung->setting);
            $near = 1e-9 * max(1.0, abs($curve->mean()));
            expect($summary->mean())->toEqualWithDelta($curve->mean(), $near, $exercise->id)
                ->and($summary->highestPointM)->toBe($curve->highestPointM)
                ->and($summary->slackFraction)->toEqualWithDelta($curve->slackFraction, 1e-9)
                ->and((float) $summary->longestStretch)->toEqualWithDelta((float) $curve->longestStretch, 1e-9);
            $compared++;
            $bands += $rung->setting->band === null ? 0 : 1;
        }
    }
    expect($compared)->toBeGreaterThan(300)->and($bands)->toBeGreaterThan(80)
        ->and(Shipped::model()->summary(Shipped::catalogue()->exercise('squat'), $body, Setting::bodyWeight(), School::Peak))
        ->toEqual(Shipped::model()->curve(Shipped::catalogue()->exercise('squat'), $body, Setting::bodyWeight()));
});
