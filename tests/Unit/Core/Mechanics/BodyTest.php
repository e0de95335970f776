<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;

it('is as heavy as its parts', function (): void {
    $body = Body::of(1.70, 70);
    $sides = array_sum(array_diff_key($body->masses, ['trunk' => 0, 'head' => 0]));
    expect($body->masses['trunk'] + $body->masses['head'] + 2 * $sides)->toEqualWithDelta(70.0, 0.01);
});

it('has limbs in proportion to height', function (string $limb, float $expectedM): void {
    expect(Body::of(1.70, 70)->lengths[$limb])->toEqualWithDelta($expectedM, 1e-4);
})->with([
    'upper arm 0.186' => ['upper_arm', 0.3162],
    'forearm 0.146' => ['forearm', 0.2482],
    'hand 0.108' => ['hand', 0.1836],
    'thigh 0.245' => ['thigh', 0.4165],
    'half hip 0.0955' => ['half_hip', 0.16235],
]);

it('reaches from shoulder to grip', function (): void {
    // 0.3162 + 0.2482 + 0.506 × 0.1836
    expect(Body::of(1.70, 70)->armM())->toEqualWithDelta(0.6573, 1e-4);
});

it('lets a measured limb override its fraction and nothing else', function (): void {
    $plain = Body::of(1.70, 70);
    $measured = Body::of(1.70, 70, ['thigh' => 0.45]);
    expect($measured->lengths['thigh'])->toBe(0.45)
        ->and($measured->lengths['shank'])->toBe($plain->lengths['shank'])
        ->and($measured->key)->not->toBe($plain->key);
});

it('refuses a body that cannot be', function (Closure $make, string $field): void {
    try {
        $make();
        $this->fail('Nothing was refused.');
    } catch (InvalidQuantity $refused) {
        expect($refused->field())->toBe($field);
    }
})->with([
    'as tall as a door is wide' => [fn () => Body::of(0.9, 70), 'height_cm'],
    'taller than anyone' => [fn () => Body::of(2.4, 70), 'height_cm'],
    'lighter than a child' => [fn () => Body::of(1.7, 20), 'body_mass_kg'],
    'heavier than our tables' => [fn () => Body::of(1.7, 260), 'body_mass_kg'],
    'a limb nobody has' => [fn () => Body::of(1.7, 70, ['tail' => 0.4]), 'limbs.tail_cm'],
    'a thigh in inches' => [fn () => Body::of(1.7, 70, ['thigh' => 0.16]), 'limbs.thigh_cm'],
]);
