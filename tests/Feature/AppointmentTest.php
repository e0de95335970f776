<?php

declare(strict_types=1);

use App\Models\Appointment;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo('2026-10-19 08:00:00');
    $this->trainer = Saltmarrow::trainer();
    $this->trainer->update(['settings' => ['zone' => 'Europe/Berlin']]);
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
});

/** @return array<string, mixed> */
function talk(array $with = []): array
{
    return $with + ['kind' => 'talk', 'date' => '2026-10-20', 'time' => '10:00', 'minutes' => 30, 'words' => 'How it went'];
}

it('puts a visit without a session on the Round, with whom and where', function (): void {
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id]))->assertCreated()->assertJsonPath('count', 1);
    $this->getJson('/api/round?date=2026-10-20')->assertOk()
        ->assertJsonPath('appointments.0.clientName', 'Orrin Kestlewick')
        ->assertJsonPath('appointments.0.place', 'Lock 4')
        ->assertJsonPath('appointments.0.label', 'Talk')
        ->assertJsonPath('appointments.0.words', 'How it went')
        ->assertJsonPath('appointments.0.startsAt', '2026-10-20T10:00:00+02:00')
        ->assertJsonPath('appointments.0.isOfRow', false)
        ->assertJsonPath('week.1.visits', 1);
    expect(DB::table('appointments')->value('words'))->not->toContain('How it went');
});

it('stands at the same time on the wall, over the change of the clock too', function (): void {
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id, 'everyWeeks' => 1, 'until' => '2026-11-10']))
        ->assertCreated()->assertJsonPath('count', 4);
    $startsAt = static fn (Appointment $one): string => $one->starts_at->toIso8601String();
    expect(Appointment::query()->orderBy('starts_at')->get()->map($startsAt)->all())->toBe([
        '2026-10-20T10:00:00+02:00', '2026-10-27T10:00:00+01:00', '2026-11-03T10:00:00+01:00', '2026-11-10T10:00:00+01:00',
    ]);
});

it('takes one off, or all of its row from there on, and brings them back', function (): void {
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id, 'everyWeeks' => 1, 'until' => '2026-11-10']));
    $second = Appointment::query()->orderBy('starts_at')->skip(1)->firstOrFail();
    $days = fn (): array => Appointment::query()->orderBy('starts_at')->pluck('starts_at')->map(
        fn (string|CarbonImmutable $at): string => CarbonImmutable::parse($at)->toDateString(),
    )->all();
    $this->deleteJson("/api/appointments/{$second->id}")->assertNoContent();
    expect($days())->toBe(['2026-10-20', '2026-11-03', '2026-11-10']);
    $this->postJson("/api/appointments/{$second->id}/restore")->assertNoContent();
    $this->deleteJson("/api/appointments/{$second->id}?later=1")->assertNoContent();
    expect($days())->toBe(['2026-10-20']);
    $this->postJson("/api/appointments/{$second->id}/restore", ['later' => true])->assertNoContent();
    expect($days())->toHaveCount(4);
});

it('changes one', function (): void {
    $id = $this->postJson('/api/appointments', talk(['clientId' => $this->client->id]))->json('id');
    $this->putJson("/api/appointments/{$id}", talk(['kind' => 'blocked', 'date' => '2026-10-21', 'minutes' => 60, 'words' => '']))
        ->assertNoContent();
    $this->getJson('/api/round?date=2026-10-21')->assertJsonPath('appointments.0.label', 'Not free')
        ->assertJsonPath('appointments.0.clientName', null)
        // Nobody is visited then.
        ->assertJsonPath('week.2.visits', 0);
});

it('says what is at the same time, on both', function (): void {
    $session = Saltmarrow::session($this->client, CarbonImmutable::parse('2026-10-20 10:15', 'Europe/Berlin'));
    $this->postJson('/api/appointments', talk(['kind' => 'blocked', 'minutes' => 30]));
    $this->getJson('/api/round?date=2026-10-20')
        ->assertJsonPath('visits.0.overlaps', ['Not free, 10:00'])
        ->assertJsonPath('appointments.0.overlaps.0', 'Orrin Kestlewick, '.$session->starts_at->format('H:i'));
    $this->postJson("/api/visits/{$session->id}/cancellation", ['why' => 'ill']);
    $this->getJson('/api/round?date=2026-10-20')->assertJsonPath('visits.0.overlaps', [])->assertJsonPath('appointments.0.overlaps', []);
});

it('leads on to the next day with one', function (): void {
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id, 'date' => '2026-10-29']));
    $this->getJson('/api/round')->assertJsonPath('nextDate', '2026-10-29');
});

it('leaves the Round with its client', function (): void {
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id]));
    $this->postJson('/api/appointments', talk(['kind' => 'blocked']));
    $this->postJson("/api/clients/{$this->client->id}/archive");
    $this->getJson('/api/round?date=2026-10-20')->assertJsonCount(1, 'appointments')->assertJsonPath('appointments.0.kind', 'blocked');
});

it('names what is wrong, beside its field', function (array $with, string $field, string $says): void {
    $this->postJson('/api/appointments', talk($with))->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $says);
    expect(Appointment::query()->count())->toBe(0);
})->with([
    'nobody' => [[], 'clientId', 'Who is visited?'],
    'a stranger' => [['clientId' => 999], 'clientId', 'There is no such client of yours.'],
    'too short' => [['kind' => 'blocked', 'minutes' => 1], 'minutes', 'Between 5 minutes and 12 hours.'],
    'over' => [['kind' => 'blocked', 'date' => '2026-10-01'], 'date', 'Date: that day is over. Choose today or a day to come.'],
    'without an end' => [['kind' => 'blocked', 'everyWeeks' => 2], 'until', 'Until which day?'],
    'backwards' => [['kind' => 'blocked', 'everyWeeks' => 2, 'until' => '2026-10-19'], 'until', 'Until: a day after the first one.'],
    'for ever' => [
        ['kind' => 'blocked', 'everyWeeks' => 2, 'until' => '2028-10-19'],
        'until',
        'Until: a year ahead at most; go on from there then.',
    ],
]);

it('is nobody else’s', function (): void {
    $id = $this->postJson('/api/appointments', talk(['clientId' => $this->client->id]))->json('id');
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->putJson("/api/appointments/{$id}", talk(['kind' => 'blocked']))->assertNotFound();
    $this->deleteJson("/api/appointments/{$id}")->assertNotFound();
    $this->postJson("/api/appointments/{$id}/restore")->assertNotFound();
    $this->getJson('/api/round?date=2026-10-20')->assertJsonCount(0, 'appointments');
    $this->postJson('/api/appointments', talk(['clientId' => $this->client->id]))->assertUnprocessable();
    expect(Appointment::query()->count())->toBe(1);
});
