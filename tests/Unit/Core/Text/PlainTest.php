<?php

declare(strict_types=1);

use NimbleShelf\Core\Text\Plain;

it('says numbers without trailing noughts', function (float $value, int $decimals, string $said): void {
    expect(Plain::number($value, $decimals))->toBe($said);
})->with([[2.5, 2, '2.5'], [2.0, 2, '2'], [10.0, 0, '10'], [100.0, 3, '100'], [1.255, 1, '1.3'], [0.0, 2, '0'], [-3.50, 2, '-3.5']]);

it('agrees with its count', function (int $count, string $said): void {
    expect(Plain::count($count, 'repetition'))->toBe($said);
})->with([[1, '1 repetition'], [0, '0 repetitions'], [12, '12 repetitions']]);
