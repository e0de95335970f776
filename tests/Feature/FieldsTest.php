<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\ShelfItem;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
});

it('reads a comma as a decimal point wherever a number is entered, and leaves words alone', function (): void {
    $this->postJson("/api/clients/{$this->client->id}/shelf-items", [
        'kind' => 'kettlebell', 'name' => '7,5', 'count' => 1, 'massKg' => '7,5',
    ])->assertCreated();
    $bell = ShelfItem::query()->firstOrFail();
    expect($bell->measures['mass_kg'])->toBe(7.5)->and($bell->name)->toBe('7,5');
    $this->postJson('/api/clients', [
        'name' => 'Odalys Brenninck', 'trade' => 'net mender', 'goal' => 'health', 'experience' => 'some',
        'heightCm' => '171,5', 'bodyMassKg' => ' 68,25 ',
    ])->assertCreated();
    $made = Client::query()->where('name', 'Odalys Brenninck')->firstOrFail();
    expect((float) $made->bodyMeasure->height_cm)->toBe(171.5)->and((float) $made->bodyMeasure->body_mass_kg)->toBe(68.25);
});

it('says what is wrong in the words of the label', function (string $path, array $entered, string $field, string $says): void {
    $path = str_replace('{client}', (string) $this->client->id, $path);
    $answer = $this->postJson("/api/{$path}", $entered)->assertUnprocessable();
    expect($answer->json('errors')[$field][0] ?? null)->toBe($says);
})->with([
    'where a request has a sentence of its own' => ['clients', ['heightCm' => 20], 'heightCm', 'Height: between 100 and 230 cm.'],
    'a number' => ['clients', ['heightCm' => 'tall'], 'heightCm', 'Height: as in 172, 1.72 m or 5 ft 8.'],
    'a limb too short for the height' => [
        'clients/{client}/measures',
        ['measuredOn' => '2026-11-20', 'heightCm' => 170, 'bodyMassKg' => 70, 'limbsCm' => ['thigh' => '5,5']],
        'limbs.thigh_cm',
        'Length of the thigh (cm): between 21 and 67 at this height.',
    ],
    'a limb' => [
        'clients/{client}/measures',
        ['measuredOn' => '2026-11-27', 'heightCm' => 170, 'bodyMassKg' => 70, 'limbsCm' => ['thigh' => 900]],
        'limbsCm.thigh',
        'Length of the thigh (cm): between 3 and 120.',
    ],
]);

it('speaks of no field by a name only a program knows', function (): void {
    foreach (['clients', "clients/{$this->client->id}/measures", "clients/{$this->client->id}/shelf-items", 'household-mass'] as $path) {
        $nonsense = ['heightCm' => 'x', 'bodyMassKg' => [], 'limbsCm' => 'x', 'count' => 'x', 'massKg' => 'x', 'litres' => 'x'];
        foreach ([[], $nonsense] as $entered) {
            foreach ((array) $this->postJson("/api/{$path}", $entered)->json('errors') as $messages) {
                expect($messages[0])->not->toMatch('/[a-z][A-Z]|field|\\.\\*|_/');
            }
        }
    }
});
