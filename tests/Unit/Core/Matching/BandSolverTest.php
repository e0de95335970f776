<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\BandSolver;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use Tests\Support\Shipped;

/*
 * The inverse of a band's equivalent: from a wanted load to a grip, a fold or a distance.
 */

/** @return list<Rung> */
function rigsOf(string $exercise, array $band): array
{
    return array_values(array_filter(
        (new RungFinder)->rungs(
            Shipped::catalogue()->exercise($exercise),
            new Situation(
                new Client(Body::of(1.72, 74)),
                Shipped::shelf($band + ['id' => 'b', 'kind' => 'tube', 'name' => 'red tube']),
                Home::of(anchors: [['id' => 'a', 'heightM' => 1.2, 'kind' => 'ring']]),
            ),
        )['rungs'],
        static fn (Rung $rung): bool => $rung->setting->band !== null,
    ));
}

/** Infinite where the rubber does not bear it. */
function wholeOf(Rung $rung): float
{
    try {
        $curve = Shipped::model()->curve($rung->exercise, Body::of(1.72, 74), $rung->setting);
    } catch (InvalidQuantity) {
        return INF;
    }

    return $curve->longestStretch > $rung->setting->band?->limitRatio
        ? INF
        : Shipped::model()->wholeKg($rung->exercise, Body::of(1.72, 74), $curve, School::Mean, $rung->exercise->pattern);
}

const SOLVED_BANDS = [
    'soft and long' => [['rest_length_cm' => 180, 'a_n' => 16, 'b_n' => 14]],
    'usual' => [['rest_length_cm' => 140, 'a_n' => 24, 'b_n' => 20]],
    'stiff and short' => [['rest_length_cm' => 110, 'a_n' => 45, 'b_n' => 38]],
];

it('comes as near as trying every centimetre would', function (string $exercise, array $band): void {
    $solver = new BandSolver(Shipped::model());
    foreach (rigsOf($exercise, $band) as $rig) {
        $every = [];
        foreach ([0, 1] as $folded) {
            for ($gripCm = 0; $gripCm <= 50; $gripCm++) {
                $every[$folded][] = wholeOf(LiveRung::moved($rig, ['gripCm' => $gripCm, 'folded' => $folded]));
            }
        }
        $plain = array_filter($every[0], is_finite(...));
        foreach ([2.0, 4.0, 7.0, 11.0, 16.0] as $wantedKg) {
            $found = array_map(wholeOf(...), $solver->toward($rig, Body::of(1.72, 74), School::Mean, $rig->exercise->pattern, $wantedKg));
            $off = static fn (array $loads): float => min([
                INF,
                ...array_map(static fn (float $kg): float => $kg > 0 ? abs(log($kg / $wantedKg)) : INF, $loads),
            ]);
            // Never worse than the best that unfolded gives; where that does not reach, nor than folded, but for what nobody feels.
            expect($off($found))->toBeLessThanOrEqual($off($plain) + 1e-9);
            if ($plain !== [] && max($plain) < 0.9 * $wantedKg) {
                expect($off($found))->toBeLessThanOrEqual(
                    max(0.02, min($off($plain), $off(array_filter($every[1], is_finite(...))))) + 1e-9,
                );
            }
        }
    }
})->with(['biceps-curl', 'bent-over-row', 'floor-press', 'standing-band-row'])->with(SOLVED_BANDS);

it('steps a band from its softest to its hardest without a gap that it could fill', function (array $band): void {
    $solver = new BandSolver(Shipped::model());
    foreach (rigsOf('biceps-curl', $band) as $rig) {
        $loads = array_filter(
            array_map(
                wholeOf(...),
                array_filter(
                    $solver->steps($rig, Body::of(1.72, 74), School::Mean, 'elbow-flexion'),
                    static fn (Rung $rung): bool => $rung->setting->band?->folded === false,
                ),
            ),
            is_finite(...),
        );
        $loads = array_values(array_unique($loads));
        sort($loads);
        $ends = array_filter(
            array_map(static fn (int $gripCm): float => wholeOf(LiveRung::moved($rig, ['gripCm' => $gripCm])), range(0, 50)),
            is_finite(...),
        );
        if ($ends === []) {
            expect($loads)->toBe([]);

            continue;
        }
        // Looks are five centimetres apart: near the limit a band can be gripped a little further than the last look.
        expect($loads[0])->toEqualWithDelta(min($ends), 1e-9)->and($loads[count($loads) - 1])->toBeGreaterThan(0.75 * max($ends));
        for ($i = 1, $count = count($loads); $i < $count; $i++) {
            // From the handles to the rubber below them nothing lies between.
            expect($loads[$i] / $loads[$i - 1])->toBeLessThan($i === 1 && $rig->setting->band?->handleM > 0 ? 1.45 : 1.30);
        }
    }
})->with(SOLVED_BANDS);

it('leaves alone what has no band', function (): void {
    $rung = (new RungFinder)->rungs(
        Shipped::catalogue()->exercise('biceps-curl'),
        new Situation(new Client(Body::of(1.72, 74)), Shipped::shelf(['id' => 'd', 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => 6])),
    )['rungs'][0];
    $solver = new BandSolver(Shipped::model());
    expect($solver->toward($rung, Body::of(1.72, 74), School::Mean, 'elbow-flexion', 9.0))->toBe([$rung])
        ->and($solver->steps($rung, Body::of(1.72, 74), School::Mean, 'elbow-flexion'))->toBe([$rung]);
});
