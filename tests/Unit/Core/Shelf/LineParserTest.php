<?php

declare(strict_types=1);

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Shelf\LineParser;

it('reads a line in plain words', function (string $line, string $kind, string $name, int $count, array $measures): void {
    $parsed = LineParser::parse($line);
    expect($parsed->kind)->toBe($kind)
        ->and($parsed->name)->toBe($name)
        ->and($parsed->count)->toBe($count)
        ->and($parsed->unknown)->toBe([])
        ->and($parsed->missing)->toBe([])
        ->and(array_intersect_key($parsed->measures, $measures))->toEqual($measures)
        ->and(Thing::fromArray(['kind' => $kind, 'name' => $name, 'count' => $count] + $parsed->measures)->kind)->toBe($kind);
})->with([
    ['2 x 6 kg dumbbells', 'dumbbell', '6 kg dumbbell', 2, ['mass_kg' => 6.0]],
    ['2×6,5 kg dumbbells', 'dumbbell', '6,5 kg dumbbell', 2, ['mass_kg' => 6.5]],
    ['a pair of 3kg dumbbells', 'dumbbell', '3kg dumbbell', 2, ['mass_kg' => 3.0]],
    [
        'adjustable pair, 4 x 1.25 + 4 x 2.5, bar 2 kg',
        'adjustable-dumbbell',
        'adjustable dumbbell',
        2,
        ['handle_kg' => 2.0, 'plates' => [['mass_kg' => 1.25, 'count' => 4], ['mass_kg' => 2.5, 'count' => 4]]],
    ],
    ['25 L rucksack', 'rucksack', 'rucksack', 1, ['max_kg' => 20.0]],
    ['rucksack 20 l, 1.1 kg empty, holds up to 18 kg', 'rucksack', 'rucksack', 1, ['max_kg' => 18.0, 'tare_kg' => 1.1]],
    ['red tube 120 cm', 'tube', 'red tube', 1, ['rest_length_cm' => 120.0, 'source' => 'unknown']],
    ['red tube 120 cm with 15 cm handles', 'tube', 'red tube with handles', 1, ['rest_length_cm' => 120.0, 'handle_cm' => 15.0]],
    ['blue tube 1.3 m, handles of 9 cm', 'tube', 'blue tube', 1, ['rest_length_cm' => 130.0, 'handle_cm' => 9.0]],
    ['red tube 48 inches', 'tube', 'red tube', 1, ['rest_length_cm' => 121.92]],
    [
        '12 L bucket of sand',
        'object',
        '12 L bucket of sand',
        1,
        ['mass_kg' => 19.8, 'grip' => 'handle', 'sealed' => false, 'certainty' => 'filled'],
    ],
    ['12 L bucket of sand with lid', 'object', '12 L bucket of sand with lid', 1, ['sealed' => true]],
    ['two 5 L water jugs', 'object', '5 L water jug', 2, ['mass_kg' => 5.25, 'grip' => 'handle', 'sealed' => true]],
    ['35 lb kettlebell', 'kettlebell', '35 lb kettlebell', 1, ['mass_kg' => 15.8757]],
    ['kitchen chair 46 cm 6 kg', 'chair', 'kitchen chair', 1, ['height_cm' => 46.0, 'mass_kg' => 6.0]],
    ['chair 48 cm on castors', 'chair', 'chair on castors', 1, ['height_cm' => 48.0, 'castors' => true]],
    ['28 mm broom handle 150 cm', 'pole', 'broom handle', 1, ['diameter_mm' => 28.0, 'length_cm' => 150.0, 'material' => 'softwood']],
    ['beech pole 40 mm 2 m', 'pole', 'beech pole', 1, ['diameter_mm' => 40.0, 'length_cm' => 200.0, 'material' => 'hardwood']],
    ['3 bricks 2.4 kg', 'object', 'brick 2.4 kg', 3, ['mass_kg' => 2.4, 'grip' => 'body']],
    ['glass jar 900 g', 'object', 'glass jar 900 g', 1, ['mass_kg' => 0.9, 'glass' => true]],
    ['6 packs of rice 1 kg', 'object', 'pack of rice 1 kg', 6, ['mass_kg' => 1.03, 'certainty' => 'labelled']],
    ['towel', 'towel', 'towel', 1, []],
    ['1.5l water bottles x6', 'object', '1.5l water bottle', 6, ['mass_kg' => 1.58]],
    ['8kg dumbbell x 2', 'dumbbell', '8kg dumbbell', 2, ['mass_kg' => 8.0]],
]);

it('hands back what it does not understand and asks for what it needs', function (string $line, array $unknown, array $missing): void {
    $parsed = LineParser::parse($line);
    expect($parsed->unknown)->toBe($unknown)
        ->and(array_column($parsed->missing, 'field'))
        ->toBe($missing)
        ->and($parsed->isComplete())
        ->toBe($missing === []);
})->with([
    ['dumbbells', [], ['massKg']],
    ['wibble 5 kg', ['wibble'], ['kind']],
    ['12', [], ['kind']],
    ['', [], ['kind']],
    ['adjustable dumbbell', [], ['plates']],
    ['blue tube', [], ['restLengthCm']],
    ['band', [], ['restLengthCm']],
    ['2 red resistance bands', [], ['restLengthCm']],
    ['chair', [], ['heightCm']],
    ['pole 2 m', [], ['diameterMm']],
    ['10 L bucket', [], ['massKg']],
]);

it('says what it took each piece for, and what it assumed', function (): void {
    $parsed = LineParser::parse('12 L bucket of sand');
    expect($parsed->understood)->toContain(
        ['text' => '12 l', 'means' => '12 L'],
        ['text' => 'sand', 'means' => 'dry sand, 1.6 kg per litre'],
    )
        ->and(implode(' ', $parsed->assumed))->toContain('12 L × 1.6 kg/L');
});
