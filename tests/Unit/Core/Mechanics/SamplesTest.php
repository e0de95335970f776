<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Internal\Channel;
use NimbleShelf\Core\Mechanics\Internal\Samples;

/*
 * Numerical pieces, against polynomials whose values and slopes are known.
 */

/** @return array<int, float> Eleven values of a polynomial, evenly spaced over 0 to 1. */
function evaluated(float ...$coefficients): array
{
    return array_map(static fn (int $i): float => polynomial($i / Samples::COARSE, ...$coefficients), range(0, Samples::COARSE));
}

function polynomial(float $u, float ...$coefficients): float
{
    $value = 0.0;
    foreach (array_reverse($coefficients) as $coefficient) {
        $value = $value * $u + $coefficient;
    }

    return $value;
}

it('has values and slopes exact for a cubic at every sample', function (float ...$coefficients): void {
    $coefficients = array_values($coefficients);
    [, $b, $c, $d] = $coefficients;
    $values = Samples::values(evaluated(...$coefficients));
    $slopes = Samples::slopes(evaluated(...$coefficients));
    expect($values)->toHaveCount(Samples::FINE + 1)->and($slopes)->toHaveCount(Samples::FINE + 1);
    foreach (range(0, Samples::FINE) as $i) {
        $u = $i / Samples::FINE;
        expect($values[$i])->toEqualWithDelta(polynomial($u, ...$coefficients), 1e-9)
            ->and($slopes[$i])->toEqualWithDelta($b + 2 * $c * $u + 3 * $d * $u * $u, 1e-9);
    }
})->with([
    'constant' => [3.0, 0.0, 0.0, 0.0],
    'straight' => [1.0, -2.0, 0.0, 0.0],
    'square' => [0.0, 1.0, 4.0, 0.0],
    'cubic' => [2.0, -1.0, 0.5, 3.0],
]);

it('has slopes exact for a quartic where it was evaluated', function (): void {
    $slopes = Samples::slopes(evaluated(0.0, 0.0, 0.0, 0.0, 1.0));
    foreach (range(0, Samples::COARSE) as $i) {
        expect($slopes[2 * $i])->toEqualWithDelta(4 * ($i / Samples::COARSE) ** 3, 1e-9);
    }
});

it('passes through its keyframes without swinging past them', function (float $u, float $expected): void {
    // Secants 2, 0 and 4: by the harmonic mean of neighbours the slopes are 2, 0, 0 and 4.
    $channel = Channel::through(['0' => 0.0, '0.5' => 1.0, '0.75' => 1.0, '1' => 2.0]);
    expect($channel->at($u))->toEqualWithDelta($expected, 1e-9);
})->with([
    'at a keyframe' => [0.5, 1.0],
    'half way up: 0.5 + 0.125 × 0.5 × 2' => [0.25, 0.625],
    'a quarter up: 0.15625 + 0.140625 × 0.5 × 2' => [0.125, 0.296875],
    'flat between equals' => [0.6, 1.0],
    'half way in the last piece: 1.5 − 0.125 × 0.25 × 4' => [0.875, 1.375],
    'straight before the first' => [-0.1, -0.2],
    'straight after the last' => [1.1, 2.4],
]);

it('bends smoothly where both neighbours rise', function (): void {
    // Secants 2 and 6: the slope between is 2 × 2 × 6 / 8 = 3.
    $channel = Channel::through(['0' => 0.0, '0.5' => 1.0, '1' => 4.0]);
    expect(($channel->at(0.5 + 1e-5) - $channel->at(0.5 - 1e-5)) / 2e-5)->toEqualWithDelta(3.0, 1e-3)
        ->and($channel->at(0.25))->toEqualWithDelta(0.5 + 0.125 * 0.5 * (2 - 3), 1e-9);
});

it('is a straight line through two and a constant through one', function (): void {
    expect(Channel::through(['0' => 1.0, '1' => 3.0])->at(0.25))->toBe(1.5)
        ->and(Channel::through(['0.2' => 1.0, '0.7' => 3.0])->at(0.2))->toBe(1.0)
        ->and(Channel::through(['0' => 7.0])->at(0.9))->toBe(7.0);
});
