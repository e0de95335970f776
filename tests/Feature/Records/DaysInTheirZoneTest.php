<?php

declare(strict_types=1);

use App\Actions\Floor\MakeDay;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

/*
 * Days and visits are the trainer's, wherever the machine stands.
 */

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
    $this->in = function (string $zone): void {
        $this->putJson('/api/settings', ['systolic' => 180, 'diastolic' => 110, 'emergencyNumber' => '112', 'zone' => $zone])
            ->assertOk()
            ->assertJsonPath('zone', $zone);
        $this->trainer->refresh();
        $this->client->unsetRelation('trainer');
    };
    $this->made = function (string $startsOn, string $time, int $weeks): array {
        $programme = $this->client->programmes()->create(['name' => 'Plan', 'starts_on' => $startsOn]);
        $days = [];
        for ($number = 1; $number <= $weeks; $number++) {
            $planned = $programme->weeks()
                ->create(['number' => $number])
                ->plannedSessions()
                ->create([
                    'name' => 'Late',
                    'weekday' => CarbonImmutable::parse($startsOn)->dayOfWeekIso,
                    'time' => $time,
                    'minutes' => 30,
                ]);
            $days[] = resolve(MakeDay::class)->handle($planned);
        }

        return $days;
    };
});

it('keeps a visit at half past eleven at night on its day', function (string $zone): void {
    ($this->in)($zone);
    ($this->made)('2026-11-25', '23:30', 1);
    $this->getJson('/api/round?date=2026-11-25')->assertOk()->assertJsonCount(1, 'visits')
        ->assertJsonPath('visits.0.startsAt', fn (string $at): bool => str_starts_with($at, '2026-11-25T23:30:00'));
    $this->getJson('/api/round?date=2026-11-26')->assertJsonPath('visits', []);
    $this->getJson('/api/round?date=2026-11-24')->assertJsonPath('visits', [])->assertJsonPath('nextDate', '2026-11-25');
})->with(['Europe/Berlin', 'America/Los_Angeles', 'Pacific/Auckland', 'UTC']);

it('keeps a visit at its hour when the clocks change', function (): void {
    ($this->in)('Europe/Berlin');
    // In 2026 the clocks go back on 25 October at three in the morning.
    $days = ($this->made)('2026-10-18', '08:30', 3);
    expect(
        array_map(fn ($day): string => $day->fresh()->starts_at->toIso8601String(), $days),
    )->toBe(['2026-10-18T08:30:00+02:00', '2026-10-25T08:30:00+01:00', '2026-11-01T08:30:00+01:00']);
    $this->getJson('/api/round?date=2026-10-25')
        ->assertJsonCount(1, 'visits')
        ->assertJsonPath('visits.0.startsAt', '2026-10-25T08:30:00+01:00')
        ->assertJsonPath('week.6.visits', 1);
});

it('begins the day when it begins for the trainer', function (string $zone, string $day): void {
    ($this->in)($zone);
    $this->travelTo(CarbonImmutable::parse('2026-11-25 23:00', 'UTC'));
    $this->getJson('/api/round')->assertJsonPath('date', $day);
})->with([['Europe/Berlin', '2026-11-26'], ['America/Los_Angeles', '2026-11-25'], ['UTC', '2026-11-25']]);

it('shows a set on the day of the device that logged it', function (): void {
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $item = Saltmarrow::item(
        Saltmarrow::session($this->client),
        'biceps-curl',
        ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true],
    );
    $this->logged($item, ['at' => '2026-11-25T23:40:00.250+01:00', 'zone' => 'Europe/Berlin']);
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertJsonPath('entries.0.loggedAt', '2026-11-25T23:40:00+01:00');
});

it('forbids training on the trainer’s own today', function (string $zone, bool $isLocked): void {
    ($this->in)($zone);
    $this->travelTo(CarbonImmutable::parse('2026-11-25 23:00', 'UTC'));
    $this->client->screenings()
        ->latest('id')
        ->firstOrFail()
        ->update(['answered_on' => '2026-11-25', 'pressure' => ['systolic' => 200, 'diastolic' => 120]]);
    $locks = $this->getJson("/api/clients/{$this->client->id}/health")->json('locks');
    expect($locks !== [])->toBe($isLocked);
})->with(['still that day' => ['America/Los_Angeles', true], 'the next day already' => ['Europe/Berlin', false]]);

it('refuses a zone that is none', function (): void {
    $this->putJson('/api/settings', ['systolic' => 180, 'diastolic' => 110, 'emergencyNumber' => '112', 'zone' => 'Saltmarrow/Quay'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('zone');
});
