<?php

declare(strict_types=1);

use App\Models\PlannedSession;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

/*
 * Visits that are moved, added or cancelled by hand, with why, and taken back; the plan stays as it is.
 */

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-25 08:00'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->visit = Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-25 16:00'));
    $this->actingAs($this->trainer);
    $this->round = fn (string $date) => $this->getJson("/api/round?date={$date}")->assertOk();
});

/** A running programme of one planned session a week, Wednesdays at half past eight. */
function plannedOf(object $test, int $weeks = 3): PlannedSession
{
    $programme = $test->client->programmes()->create([
        'name' => 'P', 'state' => 'running', 'starts_on' => '2026-11-23', 'version' => 1,
    ]);
    foreach (range(1, $weeks) as $number) {
        $week = $programme->weeks()->create(['number' => $number, 'kind' => 'build']);
        $week->plannedSessions()->create(['name' => "Session of week {$number}", 'weekday' => 3, 'time' => '08:30', 'minutes' => 45]);
    }

    return $programme->weeks()->first()->plannedSessions()->first();
}

it('moves a visit, says where it was, and knows when it is back', function (): void {
    $this->putJson("/api/visits/{$this->visit->id}", ['date' => '2026-11-27', 'time' => '09:30', 'why' => 'Dentist'])
        ->assertNoContent();
    ($this->round)('2026-11-25')->assertJsonCount(0, 'visits')->assertJsonPath('nextDate', '2026-11-27');
    ($this->round)('2026-11-27')->assertJsonPath('visits.0.startsAt', '2026-11-27T09:30:00+00:00')
        ->assertJsonPath('visits.0.movedFrom', '2026-11-25T16:00:00+00:00')
        ->assertJsonPath('visits.0.why', 'Dentist');
    // Moved again, it still says where the plan had it.
    $this->putJson("/api/visits/{$this->visit->id}", ['date' => '2026-11-28', 'time' => '10:00'])->assertNoContent();
    ($this->round)('2026-11-28')->assertJsonPath('visits.0.movedFrom', '2026-11-25T16:00:00+00:00');
    $this->putJson("/api/visits/{$this->visit->id}", ['date' => '2026-11-25', 'time' => '16:00'])->assertNoContent();
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.movedFrom', null)->assertJsonPath('visits.0.why', '');
});

it('reads the time on the clock on the wall of the trainer', function (): void {
    $this->trainer->update(['settings' => ['zone' => 'Europe/Berlin']]);
    $this->visit->update(['zone' => 'Europe/Berlin']);
    $this->putJson("/api/visits/{$this->visit->id}", ['date' => '2026-11-26', 'time' => '07:15'])->assertNoContent();
    expect($this->visit->fresh()->starts_at->toIso8601String())->toBe('2026-11-26T07:15:00+01:00');
});

it('cancels a visit with why, counts it nowhere, and brings it back', function (): void {
    $this->postJson("/api/visits/{$this->visit->id}/cancellation", ['why' => 'A cold'])->assertNoContent();
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.isCancelled', true)
        ->assertJsonPath('visits.0.why', 'A cold')
        ->assertJsonPath('week.2.visits', 0);
    $this->getJson('/api/clients')->assertJsonPath('0.nextVisit', null);
    $this->getJson("/api/clients/{$this->client->id}")->assertJsonCount(0, 'sessions');
    $this->deleteJson("/api/visits/{$this->visit->id}/cancellation")->assertNoContent();
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.isCancelled', false)->assertJsonPath('week.2.visits', 1);
});

it('believes the Floor: a visit that was cancelled and took place is not cancelled', function (): void {
    $this->postJson("/api/visits/{$this->visit->id}/cancellation", ['why' => 'A cold'])->assertNoContent();
    $this->happened(Saltmarrow::event($this->visit, 'started'))->assertOk();
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.isCancelled', false)->assertJsonPath('visits.0.state', 'running');
});

it('says which visits stand at the same time, but not those in the same room', function (): void {
    $other = Saltmarrow::client($this->trainer);
    $other->update(['name' => 'Marisol Tangwynne']);
    Saltmarrow::session($other, CarbonImmutable::parse('2026-11-25 16:30'));
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.overlaps', ['Marisol Tangwynne, 16:30'])
        ->assertJsonPath('visits.1.overlaps', ['Orrin Kestlewick, 16:00']);
    $this->postJson("/api/visits/{$this->visit->id}/cancellation", ['why' => 'A cold'])->assertNoContent();
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.overlaps', [])->assertJsonPath('visits.1.overlaps', []);
    $this->deleteJson("/api/visits/{$this->visit->id}/cancellation")->assertNoContent();
    $other->update(['kit_from_id' => $this->client->id]);
    ($this->round)('2026-11-25')->assertJsonPath('visits.0.overlaps', [])
        ->assertJsonPath('visits.0.together.clientName', 'Marisol Tangwynne');
});

it('adds a session of the running programme once more, and takes it out again', function (): void {
    $this->getJson("/api/clients/{$this->client->id}/visits")->assertOk()->assertExactJson([]);
    $planned = plannedOf($this);
    $this->getJson("/api/clients/{$this->client->id}/visits")->assertOk()
        ->assertJsonPath('*.name', ['Session of week 1', 'Session of week 2'])
        ->assertJsonPath('0.time', '08:30');
    $asked = ['plannedSessionId' => $planned->id, 'date' => '2026-11-26', 'time' => '18:00'];
    $id = $this->postJson("/api/clients/{$this->client->id}/visits", $asked)->assertCreated()->json('sessionId');
    ($this->round)('2026-11-26')->assertJsonPath('visits.0.sessionName', 'Session of week 1')
        ->assertJsonPath('visits.0.isAdded', true)->assertJsonPath('visits.0.movedFrom', null);
    $this->deleteJson("/api/visits/{$id}")->assertNoContent();
    ($this->round)('2026-11-26')->assertJsonCount(0, 'visits');
    // What the plan put there is cancelled, not lost.
    $this->deleteJson("/api/visits/{$this->visit->id}")->assertUnprocessable()->assertJsonValidationErrors('visit');
});

it('refuses what cannot be, naming the field', function (string $method, string $path, array $data, string $field): void {
    $path = str_replace(['{visit}', '{client}'], [(string) $this->visit->id, (string) $this->client->id], $path);
    $this->json($method, $path, $data)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($this->visit->fresh()->starts_at->toDateTimeString())->toBe('2026-11-25 16:00:00');
})->with([
    'no day' => ['PUT', '/api/visits/{visit}', ['time' => '09:00'], 'date'],
    'no time' => ['PUT', '/api/visits/{visit}', ['date' => '2026-11-27', 'time' => 'noon'], 'time'],
    'yesterday' => ['PUT', '/api/visits/{visit}', ['date' => '2026-11-24', 'time' => '09:00'], 'date'],
    'no reason' => ['POST', '/api/visits/{visit}/cancellation', ['why' => ' '], 'why'],
    'no session' => ['POST', '/api/clients/{client}/visits', ['date' => '2026-11-27', 'time' => '09:00'], 'plannedSessionId'],
    'a strange session' => [
        'POST', '/api/clients/{client}/visits',
        ['plannedSessionId' => 999, 'date' => '2026-11-27', 'time' => '09:00'], 'plannedSessionId',
    ],
]);

it('leaves what has been begun where it was done', function (string $method, string $path, array $data): void {
    $this->visit->update(['started_at' => CarbonImmutable::now()]);
    $this->json($method, str_replace('{visit}', (string) $this->visit->id, $path), $data)->assertUnprocessable();
    expect($this->visit->fresh()->only(['cancelled_at', 'moved_from']))->toBe(['cancelled_at' => null, 'moved_from' => null]);
})->with([
    'moved' => ['PUT', '/api/visits/{visit}', ['date' => '2026-11-27', 'time' => '09:00']],
    'cancelled' => ['POST', '/api/visits/{visit}/cancellation', ['why' => 'A cold']],
    'taken out' => ['DELETE', '/api/visits/{visit}', []],
]);

it('is not there for another trainer', function (string $method, string $path, array $data): void {
    $planned = plannedOf($this);
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $path = str_replace(['{visit}', '{client}'], [(string) $this->visit->id, (string) $this->client->id], $path);
    $this->json($method, $path, $data + ['plannedSessionId' => $planned->id])->assertNotFound();
    expect(TrainingSession::query()->whereNull('cancelled_at')->count())->toBe(1);
})->with([
    ['PUT', '/api/visits/{visit}', ['date' => '2026-11-27', 'time' => '09:00']],
    ['DELETE', '/api/visits/{visit}', []],
    ['POST', '/api/visits/{visit}/cancellation', ['why' => 'A cold']],
    ['DELETE', '/api/visits/{visit}/cancellation', []],
    ['GET', '/api/clients/{client}/visits', []],
    ['POST', '/api/clients/{client}/visits', ['date' => '2026-11-27', 'time' => '09:00']],
]);
