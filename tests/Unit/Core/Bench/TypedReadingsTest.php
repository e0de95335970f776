<?php

declare(strict_types=1);

use NimbleShelf\Core\Bench\TypedReadings;
use NimbleShelf\Core\Exception\InvalidQuantity;

/*
 * One kilogram on the scale is 9.80665 N. A last digit d has a standard deviation of d/√12: 0.1 N gives 0.0289 N, and
 * 0.1 kg gives 0.2831 N.
 */

it('reads what a scale shows', function (string $typed, string $unit, float $meanN, float $sdN, int $count): void {
    $read = TypedReadings::of($typed, $unit);
    expect($read->meanN)->toEqualWithDelta($meanN, 1e-3)
        ->and($read->sdN)->toEqualWithDelta($sdN, 1e-3)
        ->and($read->count)->toBe($count);
})->with([
    'newtons' => ['121.5', 'N', 121.5, 0.0289, 1],
    'whole newtons' => ['121', 'N', 121, 0.2887, 1],
    'kilograms' => ['12.4', 'kg', 121.6025, 0.2831, 1],
    'a comma' => ['12,4', 'kg', 121.6025, 0.2831, 1],
    // 12, 13, 14 N: mean 13, spread 1; with the digit √(1 + 1/12) = 1.0408.
    'three' => ['12 13 14', 'N', 13, 1.0408, 3],
    'three with signs between' => ['12; 13;14', 'N', 13, 1.0408, 3],
    // The finest digit counts: 12.0 and 12.5 differ by 0.3536 (one sigma), the digit adds 0.0289.
    'digits that differ' => ['12 12.5', 'N', 12.25, 0.3547, 2],
]);

it('is no surer than the last digit, and less sure the more the readings differ', function (): void {
    $sd = static fn (string $typed): float => TypedReadings::of($typed, 'N')->sdN;
    expect($sd('12.0 12.0 12.0'))->toBe($sd('12.0'))
        ->and($sd('12.0 12.1'))->toBeGreaterThan($sd('12.0'))
        ->and($sd('12.0 12.4'))->toBeGreaterThan($sd('12.0 12.1'))
        ->and($sd('12'))->toBeGreaterThan($sd('12.0'));
});

it('refuses what is no reading, naming the field', function (string $typed, string $unit, string $field): void {
    expect(static fn () => TypedReadings::of($typed, $unit))
        ->toThrow(static fn (InvalidQuantity $wrong) => expect($wrong->field())->toBe($field));
})->with([
    ['', 'N', 'readings'],
    ['   ', 'N', 'readings'],
    ['twelve', 'N', 'readings'],
    ['-3', 'N', 'readings'],
    ['0', 'N', 'readings'],
    ['12.3456', 'N', 'readings'],
    ['1 2 3 4 5 6 7 8 9', 'N', 'readings'],
    ['2001', 'N', 'readings'],
    ['204', 'kg', 'readings'],
    ['12', 'lb', 'unit'],
]);
