<?php

declare(strict_types=1);

use App\Models\User;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-25 08:00'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer, ['no-jumps']);
    $this->actingAs($this->trainer);
});

it('shows the visits of the day in order', function (): void {
    Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-25 16:00'));
    $early = Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-25 09:00'));
    Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-27 09:00'));
    Saltmarrow::item($early, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);

    $this->getJson('/api/round')->assertOk()
        ->assertJsonPath('date', '2026-11-25')
        ->assertJsonCount(2, 'visits')
        ->assertJsonPath('visits.0.sessionId', $early->id)
        ->assertJsonPath('visits.0.exercises', ['Biceps curl'])
        ->assertJsonPath('visits.0.swapsNeeded', 1)
        ->assertJsonPath('visits.0.setsPlanned', 3)
        ->assertJsonPath('visits.0.limits.0.label', 'No jumping')
        ->assertJsonPath('visits.0.daysSinceLast', null)
        ->assertJsonPath('week.2.visits', 2)
        ->assertJsonPath('week.2.isToday', true)
        ->assertJsonPath('week.4.visits', 1)
        ->assertJsonPath('nextDate', '2026-11-27');
});

it('shows an empty day and where the next visits are', function (): void {
    Saltmarrow::session($this->client, CarbonImmutable::parse('2026-12-02 09:00'));
    $this->getJson('/api/round?date=2026-11-26')->assertOk()->assertJsonPath('visits', [])->assertJsonPath('nextDate', '2026-12-02');
});

it('refuses a date that is none', function (): void {
    $this->getJson('/api/round?date=tomorrow')->assertUnprocessable()->assertJsonValidationErrors('date');
});

it('lists clients with their next visit', function (): void {
    Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-27 09:00'));
    $this->getJson('/api/clients')->assertOk()
        ->assertJsonPath('0.name', 'Orrin Kestlewick')
        ->assertJsonPath('0.nextVisit', '2026-11-27T09:00:00+00:00');
    $this->getJson("/api/clients/{$this->client->id}")->assertOk()
        ->assertJsonPath('heightCm', 178)
        ->assertJsonPath('home.floor', 'smooth')
        ->assertJsonCount(1, 'sessions');
});

it('has no client that is not there', function (): void {
    $this->getJson('/api/clients/999')->assertNotFound();
    expect(User::query()->count())->toBe(1);
});
