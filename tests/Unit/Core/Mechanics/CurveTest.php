<?php

declare(strict_types=1);

use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Mechanics\ResistanceCurve;

/**
 * A curve by its samples; three at even effort unless said otherwise.
 *
 * @param  non-empty-list<float>  $resistance
 * @param  list<float>  $effort
 */
function curveOf(array $resistance, array $effort = [0.0, 1.0, 2.0]): ResistanceCurve
{
    return new ResistanceCurve([0.0, 0.5, 1.0], $effort, $resistance, [0.0, 0.0, 0.0], 'N', null, 0.0, null, null, 1.8);
}

function worthOf(float $kg, float $sdKg, float $ownKg = 4.0): Equivalent
{
    return new Equivalent(
        $kg,
        $sdKg,
        $ownKg,
        'horizontal-press',
        'floor-press',
        'kg per hand',
        curveOf([1.0, 1.0, 1.0]),
        curveOf([1.0, 1.0, 1.0]),
        0.0,
    );
}

it('takes the mean over the effort, not over the samples', function (array $resistance, array $effort, float $mean): void {
    expect(curveOf($resistance, $effort)->mean())->toEqualWithDelta($mean, 1e-12);
})->with([
    'even steps' => [[10.0, 20.0, 30.0], [0.0, 1.0, 2.0], 20.0],
    // (15 × 1 + 25 × 3) / 4
    'uneven steps' => [[10.0, 20.0, 30.0], [0.0, 1.0, 4.0], 22.5],
    'backwards' => [[10.0, 20.0, 30.0], [4.0, 3.0, 0.0], 22.5],
    'a bend' => [[0.0, 12.0, 0.0], [0.0, 0.5, 1.0], 6.0],
    'no effort at all' => [[10.0, 20.0, 30.0], [1.0, 1.0, 1.0], 0.0],
]);

it('knows its peak, its end and where it is hardest', function (array $resistance, float $peak, float $end, float $at): void {
    $curve = curveOf($resistance);
    expect($curve->peak())->toBe($peak)->and($curve->end())->toBe($end)->and($curve->hardestAt())->toBe($at);
})->with([[[1.0, 3.0, 2.0], 3.0, 2.0, 0.5], [[5.0, 3.0, 2.0], 5.0, 2.0, 0.0], [[1.0, 2.0, 4.0], 4.0, 4.0, 1.0]]);

it('differs in shape by the root of the mean square of what is left once both are scaled', function (): void {
    // Means 2 and 2; scaled 0.5, 1, 1.5 against 1.5, 1, 0.5: √((1 + 0 + 1) / 3).
    expect(curveOf([1.0, 2.0, 3.0])->shapeDifferenceFrom(curveOf([3.0, 2.0, 1.0])))->toEqualWithDelta(sqrt(2 / 3), 1e-12)
        ->and(curveOf([1.0, 2.0, 3.0])->shapeDifferenceFrom(curveOf([10.0, 20.0, 30.0])))->toEqualWithDelta(0, 1e-12)
        ->and(curveOf([1.0, 2.0, 3.0])->shapeDifferenceFrom(curveOf([0.0, 0.0, 0.0])))->toBe(0.0)
        ->and(curveOf([0.0, 0.0, 0.0])->shapeDifferenceFrom(curveOf([1.0, 2.0, 3.0])))->toBe(0.0);
});

it('adds the body to the load, and its spread either way', function (): void {
    $equivalent = worthOf(12.0, 1.5);
    expect($equivalent->wholeKg())->toBe(16.0)
        ->and($equivalent->lowKg())
        ->toBe(10.5)
        ->and($equivalent->highKg())
        ->toBe(13.5)
        ->and($equivalent->isMeasured)
        ->toBeTrue();
});

it('rounds to what anyone could tell apart', function (float $kg, float $sdKg, float $shown): void {
    expect(Equivalent::rounded($kg, $sdKg))->toBe($shown);
})->with([
    [12.3, 0.4, 12.5], [12.2, 0.4, 12.0], [19.74, 1.0, 19.5], [20.3, 1.0, 20.0], [20.6, 1.0, 21.0], [-3.3, 0.2, -3.5], [-20.4, 0.2, -20.0],
    [12.3, 2.5, 12.5], [12.3, 2.6, 12.0], [12.3, 10.0, 12.0], [12.3, 10.1, 10.0], [13.0, 11.0, 15.0],
]);

it('says a load in words, with its range where there is one', function (float $kg, float $sdKg, string $words): void {
    expect(worthOf($kg, $sdKg)->inWords())->toBe($words);
})->with([
    [16.1, 0.6, '16 kg per hand (likely 15.5–17)'],
    [16.1, 0.1, '16 kg per hand'],
    [1.0, 1.4, '1 kg per hand (likely 0–3)'],
    [0.1, 0.1, 'the floor press with no load added'],
    [-0.2, 0.1, 'the floor press with no load added'],
    [-3.2, 0.1, 'the floor press less 3 kg'],
    [30.0, 4.0, '30 kg per hand (likely 25–35)'],
]);

it('has no kilograms where nothing is measured', function (): void {
    $unmeasured = Equivalent::unmeasured('stretch', curveOf([1.0, 2.0, 3.0]));
    expect($unmeasured->isMeasured)->toBeFalse()->and($unmeasured->wholeKg())->toBe(1.0)->and($unmeasured->sdKg)->toBe(0.0)
        ->and($unmeasured->inWords())->toBe('work that is not measured in kilograms');
});
