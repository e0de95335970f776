<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->actingAs($this->trainer);
});

it('lists every exercise with a picture, and what it needs', function (): void {
    $catalogue = $this->getJson('/api/catalogue')->assertOk();
    $exercises = collect($catalogue->json('exercises'));
    expect($exercises->count())->toBeGreaterThanOrEqual(150)
        ->and($exercises->firstWhere('id', 'push-up')['aliases'])->toContain('press-up')
        ->and($exercises->firstWhere('id', 'jump-squat')['quiet'])->toBeFalse()
        ->and($exercises->firstWhere('id', 'jump-squat')['excludes'])->toContain('no-jumps')
        ->and($exercises->firstWhere('id', 'chair-dip')['kit'])->toContain('chair')
        ->and($exercises->every(fn (array $exercise): bool => count($exercise['figure']['frames']) === 2))->toBeTrue()
        ->and($exercises->pluck('pattern')->first())->toBe('squat');
});

it('shows one exercise whole, for a body of no one in particular', function (): void {
    $page = $this->getJson('/api/catalogue/push-up')->assertOk()
        ->assertJsonPath('forWhom', 'a body of 172 cm and 74 kg')
        ->assertJsonPath('implement', 'none')
        ->assertJsonPath('equivalent.unit', 'kg per hand')
        ->assertJsonPath('problem', null);
    expect($page->json('schools.0.others'))->not->toBe([])
        ->and($page->json('limits.0.excludes'))->toBeTrue()
        ->and($page->json('curve.resistance'))->toHaveCount(21)
        ->and(collect($page->json('ladder'))->pluck('kind'))->toContain('this', 'easier', 'harder', 'seated');
});

it('reckons for a client and a load', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $light = $this->getJson("/api/catalogue/biceps-curl?client={$client->id}&implement=dumbbell&massKg=6")->assertOk()
        ->assertJsonPath('forWhom', 'Orrin Kestlewick')->assertJsonPath('massKg', 6)->assertJsonPath('words', '6 kg dumbbell in each hand');
    $heavy = $this->getJson("/api/catalogue/biceps-curl?client={$client->id}&implement=dumbbell&massKg=9")->assertOk();
    expect($heavy->json('curve.mean'))->toBeGreaterThan($light->json('curve.mean'))
        ->and($heavy->json('equivalent.kg'))->toEqualWithDelta(9, 0.01);
    $this->getJson('/api/catalogue/biceps-curl?implement=tube')->assertOk()->assertJsonPath('figure.load.point', 'band');
});

it('takes the side of a cue school that a client’s limit decides', function (): void {
    $lax = Saltmarrow::client($this->trainer, ['lax-joints']);
    $cues = collect($this->getJson("/api/catalogue/squat?client={$lax->id}")->json('schools'));
    $curl = collect($this->getJson("/api/catalogue/biceps-curl?client={$lax->id}")->json('schools'));
    expect($cues)->not->toBeEmpty()->and($curl->firstWhere('about', 'Straight joints at the top')['cue'])->toContain('short of straight');
});

it('says why a load cannot be used', function (): void {
    $this->getJson('/api/catalogue/push-up?implement=kettlebell')
        ->assertUnprocessable()
        ->assertJsonPath('errors.implement.0', 'A kettlebell cannot load Push-up.');
    $this->getJson('/api/catalogue/biceps-curl?implement=dumbbell&massKg=500')
        ->assertUnprocessable()
        ->assertJsonPath('errors.massKg.0', 'A load is between 0 and 120 kg.');
});

it('shows work that kilograms do not measure without a number', function (): void {
    $this->getJson('/api/catalogue/calf-stretch')->assertOk()->assertJsonPath('equivalent', null)->assertJsonPath('curve.unit', '');
    $this->getJson('/api/catalogue/thruster')->assertOk()->assertJsonPath('reckonedAs', 'Overhead press');
});

it('has no exercise that is not there and no client of another', function (): void {
    $this->getJson('/api/catalogue/anvil-toss')->assertNotFound();
    $other = Saltmarrow::client(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson("/api/catalogue/squat?client={$other->id}")->assertNotFound();
});

function ownVersion(array $with = []): array
{
    return $with + [
        'exercise' => 'squat',
        'name' => 'Quay squat',
        'setUp' => ['Feet on the two planks.'],
        'outward' => ['Sit to the bollard.', 'Push the quay away.'],
        'inward' => [],
        'breath' => 'Out going up.',
        'note' => '',
    ];
}

it('keeps a trainer’s own version apart from what ships', function (): void {
    $id = $this->postJson('/api/variants', ownVersion())->assertCreated()->assertJsonPath('exerciseName', 'Squat')->json('id');
    $page = $this->getJson('/api/catalogue/squat')->assertJsonPath('variants.0.name', 'Quay squat');
    expect($page->json('cues.movement'))->not->toContain('Sit to the bollard.');
    $this->putJson("/api/variants/{$id}", ownVersion(['name' => 'Pier squat']))->assertOk()->assertJsonPath('name', 'Pier squat');
    $this->getJson('/api/catalogue')->assertJsonPath('variants.0.name', 'Pier squat');
    $this->deleteJson("/api/variants/{$id}")->assertNoContent();
    $this->getJson('/api/catalogue')->assertJsonPath('variants', []);
    $this->postJson("/api/variants/{$id}/restore")->assertOk();
    $this->getJson('/api/catalogue')->assertJsonCount(1, 'variants');
});

it('names the field of a version that is wrong', function (array $wrong, string $field): void {
    $this->postJson('/api/variants', ownVersion());
    $this->postJson('/api/variants', ownVersion($wrong))->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    'no name' => [['name' => ''], 'name'],
    'a name twice' => [[], 'name'],
    'no set-up' => [['name' => 'b', 'setUp' => []], 'setUp'],
    'a cue as long as a letter' => [['name' => 'b', 'outward' => [str_repeat('a', 201)]], 'outward.0'],
    'an exercise that is none' => [['name' => 'b', 'exercise' => 'anvil-toss'], 'exercise'],
]);

it('hides a version from every other trainer', function (string $method, string $path): void {
    $id = $this->postJson('/api/variants', ownVersion())->json('id');
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->json($method, "/api/variants/{$id}{$path}", ownVersion(['name' => 'Mine now']))->assertNotFound();
    $this->getJson('/api/catalogue')->assertJsonPath('variants', []);
})->with([['PUT', ''], ['DELETE', ''], ['POST', '/restore']]);

it('says what fits a client: limits, shelf and room, and nobody else’s client', function (): void {
    $trainer = Saltmarrow::trainer('fits@saltmarrow.example');
    $this->actingAs($trainer);
    $client = Saltmarrow::client($trainer, ['no-jumps'], ['ceiling_cm' => 188]);
    $fits = fn (): array => $this->getJson("/api/clients/{$client->id}/fitting")->assertOk()->json('exercises');
    expect($fits())->toContain('push-up', 'wall-push-up')->not->toContain('goblet-squat')->not->toContain('jump-squat')
        // A man of 1.78 m reaches the ceiling of 1.88 m.
        ->not->toContain('one-arm-overhead-press');
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($client, 'chair', 'kitchen chair', 1, ['height_cm' => 45, 'mass_kg' => 5]);
    expect($fits())->toContain('goblet-squat', 'floor-press')->not->toContain('one-arm-overhead-press');
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson("/api/clients/{$client->id}/fitting")->assertNotFound();
});
