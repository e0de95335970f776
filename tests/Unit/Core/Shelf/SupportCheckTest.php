<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Kit\SupportVerdict;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Shelf\SupportCheck;

it('bends a pole by the beam’s own sum', function (
    PoleMaterial $material,
    float $spanM,
    float $mm,
    ?float $wallMm,
    float $kg,
    float $used,
    SupportVerdict $verdict,
): void {
    $check = SupportCheck::pole($material, $spanM, $mm, $wallMm, $kg);
    expect($check->used)->toEqualWithDelta($used, 0.01)->and($check->verdict)->toBe($verdict);
})->with([
    // 2 × 40 kg × 9.80665 = 784.5 N; × 0.8 / 4 = 156.9 N·m; ÷ (π 0.028³ / 32 = 2.155e-6) = 72.8 MPa of 10.
    'broom handle' => [PoleMaterial::Softwood, 0.8, 28, null, 40, 7.28, SupportVerdict::DoNot],
    // 156.9 N·m ÷ (π 0.06³ / 32 = 2.1206e-5) = 7.40 MPa of 16.25.
    'thick beech' => [PoleMaterial::Hardwood, 0.8, 60, null, 40, 0.455, SupportVerdict::Fine],
    // W = π (0.033⁴ − 0.027⁴) / (32 × 0.033) = 1.947e-6 m³; 156.9 ÷ W = 80.6 MPa of 58.75.
    'thin steel tube' => [PoleMaterial::SteelTube, 0.8, 33, 3, 40, 1.372, SupportVerdict::DoNot],
    'bamboo, braced' => [PoleMaterial::Bamboo, 0.8, 45, null, 40, 0.877, SupportVerdict::Brace],
]);

it('gets worse with span and load and better with thickness', function (): void {
    $used = static fn (float $span, float $mm, float $kg): float => SupportCheck::pole(PoleMaterial::Hardwood, $span, $mm, null, $kg)->used;
    expect($used(1.0, 40, 40))->toBeGreaterThan($used(0.8, 40, 40))
        ->and($used(0.8, 40, 50))->toBeGreaterThan($used(0.8, 40, 40))
        ->and($used(0.8, 45, 40))->toBeLessThan($used(0.8, 40, 40));
});

it('tips furniture by moments about its legs', function (
    float $massKg,
    float $depthM,
    float $overhangM,
    float $kg,
    float $used,
    SupportVerdict $verdict,
): void {
    $check = SupportCheck::edge($massKg, $depthM, $overhangM, $kg);
    expect($check->used)->toEqualWithDelta($used, 1e-9)
        ->and($check->verdict)
        ->toBe($verdict)
        ->and($check->words)
        ->toContain($verdict === SupportVerdict::DoNot ? 'tips' : 'by hand first');
})->with([
    [6.0, 0.4, 0.06, 45.0, 2.25, SupportVerdict::DoNot],
    [6.0, 0.4, 0.02, 45.0, 0.75, SupportVerdict::Brace],
    [40.0, 0.8, 0.06, 45.0, 0.16875, SupportVerdict::Fine],
]);

it('refuses castors, folding, glass and what is out of service, whatever the sums', function (array $flags): void {
    $thing = Thing::fromArray(['kind' => 'chair', 'name' => 'chair', 'height_cm' => 45, 'mass_kg' => 20] + $flags);
    expect(SupportCheck::refusal($thing)?->verdict)->toBe(SupportVerdict::DoNot);
})->with([[['castors' => true]], [['folding' => true]], [['glass' => true]], [['out_of_service' => 'cracked']]]);

it('leaves a sound chair to the sums', function (): void {
    expect(SupportCheck::refusal(Thing::fromArray(['kind' => 'chair', 'height_cm' => 45])))->toBeNull();
});

it('anchors to a door only on the side it closes towards, and warns at face height', function (): void {
    expect(SupportCheck::doorAnchor(closesTowardsThePull: true, atFaceHeight: false)->verdict)->toBe(SupportVerdict::DoNot)
        ->and(SupportCheck::doorAnchor(false, true)->words)->toContain('face height')
        ->and(SupportCheck::doorAnchor(false, false)->verdict)->toBe(SupportVerdict::Fine);
});

it('refuses a tube of unknown wall and measures that make no sense', function (): void {
    expect(SupportCheck::pole(PoleMaterial::SteelTube, 0.8, 33, null, 40)->verdict)->toBe(SupportVerdict::DoNot)
        ->and(fn () => SupportCheck::pole(PoleMaterial::Softwood, 0.1, 33, null, 40))->toThrow(InvalidQuantity::class, 'spanCm')
        ->and(fn () => SupportCheck::pole(PoleMaterial::SteelTube, 0.8, 33, 20, 40))->toThrow(InvalidQuantity::class, 'wallMm')
        ->and(fn () => SupportCheck::edge(0, 0.4, 0.06, 40))->toThrow(InvalidQuantity::class, 'massKg');
});

it('builds every balanced load of a pair with the fewest plates, and says how to get from one to another', function (): void {
    $pair = Thing::fromArray([
        'kind' => 'adjustable-dumbbell',
        'count' => 2,
        'handle_kg' => 2,
        'plates' => [['mass_kg' => 1.25, 'count' => 8], ['mass_kg' => 2.5, 'count' => 4]],
    ]);
    $loading = $pair->loading;
    expect(array_column($loading->builds, 'loadKg'))->toBe([2.0, 4.5, 7.0, 9.5, 12.0])
        ->and(array_column($loading->builds, 'loadKg'))->toEqual($pair->reachableLoadsKg())
        // 7 kg by one 2.5 an end, not by two 1.25.
        ->and($loading->builds[2]['perEnd'])->toBe([['massKg' => 2.5, 'count' => 1]])
        ->and($loading->change(1, 3))->toBe(['off' => [], 'on' => [['massKg' => 2.5, 'count' => 1]]])
        ->and($loading->change(3, 0))->toBe(['off' => [['massKg' => 2.5, 'count' => 1], ['massKg' => 1.25, 'count' => 1]], 'on' => []])
        ->and($loading->change(2, 1))->toBe(['off' => [['massKg' => 2.5, 'count' => 1]], 'on' => [['massKg' => 1.25, 'count' => 1]]]);
});
