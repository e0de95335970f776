<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs($this->client->trainer);
    $this->path = "/api/clients/{$this->client->id}/rail";
});

it('shows a pattern’s rail before anything is logged, and says why the rest is missing', function (): void {
    $rail = $this->getJson("{$this->path}/horizontal-pull")
        ->assertOk()
        ->assertJsonPath('rungs', [])
        ->json();
    // What people like this usually can says where the window is, before anything is logged.
    expect($rail['windowLowKg'])->toBeGreaterThan(0)->and($rail['windowHighKg'])->toBeGreaterThan($rail['windowLowKg']);
    expect($rail['unusable'])->not->toBe([])->and($rail['unusable'][0]['reasons'])->not->toBe([])->and($rail['patterns'])->not->toBe([]);
});

it('marks the rung in use, the steps from it and the wanted window', function (): void {
    Saltmarrow::thing(
        $this->client,
        'adjustable-dumbbell',
        'pair',
        2,
        ['handle_kg' => 2, 'plates' => [['mass_kg' => 1.25, 'count' => 16], ['mass_kg' => 2.5, 'count' => 8]]],
    );
    $item = Saltmarrow::item(
        Saltmarrow::session($this->client),
        'biceps-curl',
        ['implement' => 'dumbbell', 'mass_kg' => 7, 'per_hand' => true],
    );
    $this->logged($item, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $rail = $this->getJson("{$this->path}/elbow-flexion")->assertOk()->json();
    $now = array_values(array_filter($rail['rungs'], fn (array $rung): bool => $rung['isNow']));
    expect($now)->toHaveCount(1)->and($now[0]['exercise'])->toBe('Biceps curl')->and($now[0]['words'])->toContain('7 kg')
        ->and($now[0]['reps'])->toBeGreaterThan(8)->toBeLessThan(13)
        ->and($rail['windowLowKg'])->toBeLessThan($rail['windowHighKg'])
        ->and(array_filter(array_column($rail['rungs'], 'jumpPercent'), fn (?int $jump): bool => $jump !== null))->toHaveCount(4);
    foreach ($rail['rungs'] as $rung) {
        expect($rung['isBigJump'])->toBe($rung['jumpPercent'] !== null && abs($rung['jumpPercent']) > 15);
    }
    $this->getJson("{$this->path}/elbow-flexion/{$now[0]['key']}")
        ->assertOk()
        ->assertJsonPath('key', $now[0]['key'])
        ->assertJsonCount(21, 'curve.resistance')
        ->assertJsonCount(21, 'referenceCurve.resistance');
});

it('knows no other rail, rung or client', function (): void {
    $this->getJson("{$this->path}/singing")->assertNotFound();
    $this->getJson("{$this->path}/stretch")->assertNotFound();
    $this->getJson("{$this->path}/squat/".str_repeat('a', 16))->assertNotFound();
    $strange = Saltmarrow::client(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson("/api/clients/{$strange->id}/rail/squat")->assertNotFound();
    $this->getJson("/api/clients/{$strange->id}/rail/squat/".str_repeat('a', 16))->assertNotFound();
});
