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

it('says what to bring, what changed since last time, and the last note', function (): void {
    $before = CarbonImmutable::parse('2026-11-22 09:00');
    $this->travelTo($before->subHour());
    $trainer = Saltmarrow::trainer('on-the-way@saltmarrow.example');
    $client = Saltmarrow::client($trainer);
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->actingAs($trainer);
    $first = Saltmarrow::session($client, $before);
    $this->travelTo($before);
    $item = Saltmarrow::item($first, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->happened(Saltmarrow::event($first, 'started'))->assertOk();
    $this->logged($item, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $this->happened(Saltmarrow::event($first, 'note', ['note' => 'slept badly']))->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-11-25 08:00'));
    $today = Saltmarrow::session($client, CarbonImmutable::today()->setTime(9, 0));
    Saltmarrow::item($today, 'goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 16]);
    $this->getJson('/api/round')->assertJsonPath('visits.0.changes', [])->assertJsonCount(1, 'visits.0.bring')
        ->assertJsonPath('visits.0.lastNote', '22 Nov: slept badly');
    Saltmarrow::thing($client, 'kettlebell', '16 kg bell', 1, ['mass_kg' => 16]);
    $client->shelfItems()->where('kind', 'dumbbell')->update(['out_of_service' => 'cracked']);
    Saltmarrow::screening($client);
    $this->getJson('/api/round')->assertJsonPath('visits.0.bring', [])->assertJsonPath('visits.0.changes', [
        'Health questions answered on 25 Nov',
        'New on the shelf: 16 kg bell',
        'Out of service: 8 kg dumbbell, cracked',
    ]);
});
