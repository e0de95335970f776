<?php

declare(strict_types=1);

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/** @return list<Exercise> */
function mainLifts(string $pattern, Setting $setting): array
{
    return array_values(array_filter(
        Shipped::catalogue()->exercises,
        static fn (Exercise $exercise): bool => $exercise->pattern === $pattern && $exercise->role($setting) === Role::Main,
    ));
}

it('has a main lift of each great pattern, loaded and, where the body alone can be one, without', function (
    string $pattern,
    bool $bare,
): void {
    expect(mainLifts($pattern, Setting::of('dumbbell', 5.0)))->not->toBe([]);
    expect(mainLifts($pattern, Setting::bodyWeight()) !== [])->toBe($bare);
})->with([
    ['squat', true], ['single-leg', true], ['hinge', false], ['bridge', true], ['horizontal-press', true], ['vertical-press', true],
    ['horizontal-pull', true], ['vertical-pull', true], ['dip', true], ['carry', true],
]);

it('has main lifts standing, on the floor and on a seat where the pattern can be done there', function (
    string $pattern,
    array $positions,
): void {
    $there = array_unique(array_map(
        static fn (Exercise $one): string => $one->position,
        mainLifts($pattern, Setting::of('dumbbell', 5.0)),
    ));
    expect(array_values(array_diff($positions, $there)))->toBe([]);
})->with([
    [
        'horizontal-press',
        ['lying', 'hands-and-feet', 'kneeling', 'standing', 'seated'],
    ], ['vertical-press', ['standing', 'kneeling', 'seated']],
    ['horizontal-pull', ['standing', 'seated', 'floor-seated']], ['vertical-pull', ['kneeling', 'seated']], ['squat', ['standing']],
    ['hinge', ['standing']], ['bridge', ['lying', 'supported']],
]);

it('calls no drill, no stretch and no empty hand a main lift', function (): void {
    foreach (Shipped::catalogue()->exercises as $exercise) {
        $isFrame = in_array($exercise->pattern, ['loosen', 'stretch', 'play'], true);
        $bare = $exercise->role(Setting::bodyWeight());
        if ($isFrame || str_contains($exercise->id, 'drill') || str_contains($exercise->id, 'punch')) {
            expect($bare)->toBe(Role::Drill, $exercise->id);
        }
        if (in_array(
            $exercise->pattern,
            ['elbow-flexion', 'elbow-extension', 'shoulder-raise', 'rear-shoulder', 'shoulder-rotation'],
            true,
        )) {
            expect($bare)->not->toBe(Role::Main, $exercise->id)
                ->and($exercise->role(Setting::of('dumbbell', 2.0)))->not->toBe(Role::Main, $exercise->id);
        }
    }
    $catalogue = Shipped::catalogue();
    expect($catalogue->exercise('hip-hinge-drill')->role(Setting::of('dumbbell', 5.0)))->toBe(Role::Drill)
        // The backs of the arms: a push-up is the press.
        ->and($catalogue->exercise('chair-dip')->role(Setting::bodyWeight(supportHeightM: 0.45)))->toBe(Role::Builder)
        ->and($catalogue->exercise('lateral-raise')->role(Setting::bodyWeight()))->toBe(Role::Drill)
        ->and($catalogue->exercise('kettlebell-swing')->role(Setting::of('kettlebell', 16.0)))->toBe(Role::Power)
        ->and($catalogue->exercise('glute-bridge')->role(Setting::bodyWeight()))->toBe(Role::Builder)
        ->and($catalogue->exercise('glute-bridge')->role(Setting::of('dumbbell', 16.0)))->toBe(Role::Main);
});
