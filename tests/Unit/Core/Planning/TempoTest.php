<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Tempo;

it('turns a timed interval into repetitions', function (float $seconds, Tempo $tempo, int $expected): void {
    expect($tempo->repetitionsIn($seconds))->toBe($expected);
})->with([
    '40 s at 3 s each' => [40, Tempo::of(2, 0, 1, 0), 13],
    '30 s at 3 s each, to the second' => [30, Tempo::of(2, 0, 1, 0), 10],
    '20 s at 6 s each' => [20, Tempo::of(4, 1, 1, 0), 3],
    'no time' => [0, Tempo::of(2, 0, 1, 0), 0],
    'less than one' => [2, Tempo::of(2, 0, 1, 0), 0],
]);

it('leaves fewer repetitions the slower they are, and never none', function (): void {
    $usual = Tempo::of(2, 0, 1, 0);
    $last = 20.0;
    foreach ([Tempo::of(3, 0, 1, 0), Tempo::of(4, 1, 1, 0), Tempo::of(6, 2, 2, 0), Tempo::of(10, 5, 5, 0)] as $slower) {
        $now = $slower->repetitionsFrom(20.0, $usual);
        expect($now)->toBeLessThanOrEqual($last)->toBeGreaterThanOrEqual(8.0);
        $last = $now;
    }
    // Two seconds more: 2 × 6 % less.
    expect(Tempo::of(4, 0, 1, 0)->repetitionsFrom(20.0, $usual))->toEqualWithDelta(17.6, 1e-9)
        ->and($usual->repetitionsFrom(20.0, $usual))->toBe(20.0)
        ->and(Tempo::of(1, 0, 1, 0)->repetitionsFrom(20.0, $usual))->toBe(20.0);
});

it('refuses a tempo that is none', function (Closure $make, string $field): void {
    try {
        $make();
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    'no time at all' => [fn () => Tempo::of(0, 0, 0, 0), 'tempo'],
    'a negative part' => [fn () => Tempo::of(-1, 0, 1, 0), 'tempo.lower'],
    'a pause for a nap' => [fn () => Tempo::of(2, 11, 1, 0), 'tempo.pause'],
    'a negative interval' => [fn () => Tempo::of(2, 0, 1, 0)->repetitionsIn(-1), 'work_seconds'],
]);
