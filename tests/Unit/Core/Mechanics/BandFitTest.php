<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandFit;
use NimbleShelf\Core\Mechanics\Certainty;

/** @return list<array{lengthM: float, forceN: float}> Readings of a known band, each multiplied by a factor. */
function readingsOf(Band $band, array $lengthsM, array $factors = []): array
{
    $points = [];
    foreach (array_values($lengthsM) as $i => $lengthM) {
        $points[] = ['lengthM' => $lengthM, 'forceN' => $band->forceAt($lengthM) * ($factors[$i] ?? 1.0)];
    }

    return $points;
}

it('gives the constants back that made the readings', function (float $aN, float $bN): void {
    $fit = BandFit::through(0.8, readingsOf(Band::of(0.8, $aN, $bN), [1.0, 1.3, 1.6, 1.9]));
    expect($fit->band->aN)->toEqualWithDelta($aN, 1e-6)
        ->and($fit->band->bN)->toEqualWithDelta($bN, 1e-6)
        ->and($fit->rmsN)->toBeLessThan(1e-6)
        ->and($fit->readings)->toBe(4)
        ->and($fit->certainty)->toBe(Certainty::Measured);
})->with(['both' => [18.0, 22.0], 'a alone' => [30.0, 0.0], 'b alone' => [0.0, 40.0]]);

it('keeps both constants from going below zero', function (array $forces): void {
    $lengths = [1.0, 1.4, 1.8, 2.2];
    $points = array_map(
        static fn (float $lengthM, float $forceN): array => ['lengthM' => $lengthM, 'forceN' => $forceN],
        $lengths,
        $forces,
    );
    $fit = BandFit::through(0.8, $points);
    expect($fit->band->aN)->toBeGreaterThanOrEqual(0.0)->and($fit->band->bN)->toBeGreaterThanOrEqual(0.0)
        ->and(min($fit->band->aN, $fit->band->bN))->toBe(0.0)
        ->and($fit->rmsN)->toBeGreaterThan(0.0);
})->with(['stiffening' => [[2.0, 20.0, 60.0, 140.0]], 'softening' => [[30.0, 34.0, 36.0, 37.0]]]);

it('is no worse than any other pair of constants', function (): void {
    $truth = Band::of(0.8, 18, 22);
    $points = readingsOf($truth, [1.0, 1.2, 1.5, 1.9], [1.04, 0.97, 1.02, 0.99]);
    $fit = BandFit::through(0.8, $points);
    $error = static function (float $aN, float $bN) use ($points): float {
        $band = Band::of(0.8, max(1e-9, $aN), max(1e-9, $bN));

        return sqrt(
            array_sum(
                array_map(static fn (array $point): float => ($band->forceAt($point['lengthM']) - $point['forceN']) ** 2, $points),
            ) / count($points),
        );
    };
    expect($fit->rmsN)->toEqualWithDelta($error($fit->band->aN, $fit->band->bN), 1e-6);
    foreach ([[-0.5, 0.0], [0.5, 0.0], [0.0, -0.5], [0.0, 0.5], [0.4, -0.4], [-0.4, 0.4]] as [$da, $db]) {
        expect($error($fit->band->aN + $da, $fit->band->bN + $db))->toBeGreaterThanOrEqual($fit->rmsN);
    }
    expect($fit->rmsFraction)->toBeLessThan(0.05);
});

it('fits one reading with b at zero and says how unsure that is', function (): void {
    $fit = BandFit::through(1.2, [['lengthM' => 2.4, 'forceN' => 70.0]]);
    expect($fit->band->forceAt(2.4))->toEqualWithDelta(70.0, 1e-9)
        ->and($fit->band->bN)->toBe(0.0)
        ->and($fit->certainty)->toBe(Certainty::Unknown);
});

it('fits two readings at the same length as one', function (): void {
    $fit = BandFit::through(1.0, [['lengthM' => 1.5, 'forceN' => 40.0], ['lengthM' => 1.5, 'forceN' => 44.0]]);
    expect($fit->band->forceAt(1.5))->toEqualWithDelta(42.0, 1e-6)->and($fit->rmsN)->toEqualWithDelta(2.0, 1e-6);
});

it('refuses readings that are none', function (array $points, string $field): void {
    try {
        BandFit::through(1.0, $points);
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    'no reading' => [[], 'points'],
    'slack' => [[['lengthM' => 0.9, 'forceN' => 5.0]], 'points.0.length_cm'],
    'at rest' => [[['lengthM' => 1.5, 'forceN' => 20.0], ['lengthM' => 1.0, 'forceN' => 5.0]], 'points.1.length_cm'],
    'stretched past anything' => [[['lengthM' => 3.1, 'forceN' => 90.0]], 'points.0.length_cm'],
    'pushing' => [[['lengthM' => 1.5, 'forceN' => -1.0]], 'points.0.force_n'],
    'no force anywhere' => [[['lengthM' => 1.5, 'forceN' => 0.0]], 'points'],
]);

it('takes readings up to three times the length and five kilonewtons, and no further', function (
    float $restM,
    float $lengthM,
    float $forceN,
    ?string $says,
): void {
    $fit = static fn (): BandFit => BandFit::through($restM, [['lengthM' => $lengthM, 'forceN' => $forceN]]);
    $says === null ? expect($fit()->readings)->toBe(1) : expect($fit)->toThrow(InvalidQuantity::class, $says);
})->with([
    'three times' => [1.0, 3.0, 90.0, null],
    'past three times' => [1.0, 3.001, 90.0, 'points.0.length_cm is more than 3.0 times the rest length'],
    'barely stretched' => [1.0, 1.001, 5000.0, 'band.a_n must be between 0 and 2000 N'],
    'as strong as a scale reads' => [1.0, 3.0, 5000.0, null],
    'stronger' => [1.0, 3.0, 5001.0, 'points.0.force_n must be between 0 and 5000 N; got 5001.'],
    'the shortest band' => [0.02, 0.05, 3.0, null],
    'shorter' => [0.019, 0.05, 3.0, 'rest_length_cm must be between 2 and 500 cm; got 1.9.'],
    'the longest band' => [5.0, 9.0, 30.0, null],
    'longer' => [5.01, 9.0, 30.0, 'rest_length_cm must be between 2 and 500 cm; got 501.'],
    'slack' => [1.2, 1.2, 30.0, 'more than the rest length of 120.0 cm'],
]);

it('measures its misfit against the mean force', function (): void {
    // Both readings at one length: 40 and 44 N about 42 N miss by 2 N each, 2 / 42 of the mean.
    $fit = BandFit::through(1.0, [['lengthM' => 1.5, 'forceN' => 40.0], ['lengthM' => 1.5, 'forceN' => 44.0]]);
    expect($fit->rmsFraction)->toEqualWithDelta(2 / 42, 1e-9)
        ->and($fit->certainty)->toBe(Certainty::Measured)
        ->and($fit->readings)->toBe(2);
});
