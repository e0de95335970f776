<?php

declare(strict_types=1);

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Text\BodyMeasures;

it('reads a height as people say it', function (string $said, float $cm): void {
    expect(BodyMeasures::heightCm($said))->toEqualWithDelta($cm, 0.005);
})->with([
    ['172', 172.0], ['172 cm', 172.0], ['172,5cm', 172.5], ['1.72', 172.0], ['1,72 m', 172.0], ['1.72m', 172.0],
    ['5 ft 8', 172.72], ["5'8\"", 172.72], ['5’8″', 172.72], ["5'8''", 172.72], ['5 ft 8.5 in', 173.99], ['6 feet', 182.88],
    ['5 foot 11 inches', 180.34], [" 5'  8 ", 172.72],
]);

it('reads a body mass as people say it', function (string $said, float $kg): void {
    expect(BodyMeasures::massKg($said))->toEqualWithDelta($kg, 0.005);
})->with([
    ['72', 72.0], ['72,5', 72.5], ['72.5 kg', 72.5], ['80 kilos', 80.0], ['160 lb', 72.57], ['160 lbs', 72.57], ['160 pounds', 72.57],
    ['11 st 4', 71.67], ['11st', 69.85], ['11 st 4 lb', 71.67], ['11 stone 4 pounds', 71.67], ['11.5 st', 73.03],
]);

it('names the field of what is no measure', function (Closure $read, string $field): void {
    expect($read)->toThrow(fn (InvalidQuantity $refused) => expect($refused->field())->toBe($field));
})->with([
    'words' => [fn () => BodyMeasures::heightCm('tall'), 'height_cm'],
    'nothing' => [fn () => BodyMeasures::heightCm(''), 'height_cm'],
    'thirteen inches' => [fn () => BodyMeasures::heightCm('5 ft 13'), 'height_cm'],
    'below nothing' => [fn () => BodyMeasures::massKg('-5'), 'body_mass_kg'],
    'fifteen pounds over' => [fn () => BodyMeasures::massKg('11 st 15', 'mass'), 'mass'],
    'a length' => [fn () => BodyMeasures::massKg('72 cm'), 'body_mass_kg'],
]);

it('says the same in either unit', function (int $inches): void {
    $said = sprintf('%d ft %d', intdiv($inches, 12), $inches % 12);
    expect(BodyMeasures::heightCm($said))->toEqualWithDelta(BodyMeasures::heightCm(sprintf('%.4f', 2.54 * $inches)), 0.001);
})->with(range(48, 84, 3));
