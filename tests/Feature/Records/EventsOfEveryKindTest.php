<?php

declare(strict_types=1);

use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Models\FloorEvent;
use App\Models\SetLog;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Tests\Support\Saltmarrow;

/*
 * The inbox of the Floor: every kind of event, in every order, from more devices than one.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
});

it('keeps an event of every kind, as it was said', function (FloorEventKind $kind): void {
    $event = match ($kind) {
        FloorEventKind::SetDone => Saltmarrow::setDone($this->item),
        default => Saltmarrow::event($this->session, $kind->value, array_filter([
            'itemId' => $this->item->id,
            'setNumber' => 1,
            'targetKey' => $kind->hasTarget() ? (string) Str::uuid() : null,
            'to' => $kind === FloorEventKind::Moved ? 'later' : null,
            'instead' => $kind === FloorEventKind::Swapped ? $this->item->prescribed->toArray() : null,
            'itemIds' => $kind === FloorEventKind::Picked ? [$this->item->id] : null,
            'reserve' => $kind === FloorEventKind::SetRated ? 2 : null,
            'effort' => $kind === FloorEventKind::SessionRated ? 7 : null,
            'seconds' => $kind === FloorEventKind::RestLonger ? 15 : null,
            'note' => $kind === FloorEventKind::Pain ? 'left knee, sharp' : null,
        ], static fn (mixed $value): bool => $value !== null)),
    };
    $this->happened($event)->assertOk()->assertJsonPath('accepted', [$event['key']])->assertJsonPath('refused', []);
    $kept = FloorEvent::query()->firstOrFail();
    expect($kept->kind)->toBe($kind)
        ->and($kept->item_id)->toBe($this->item->id)
        ->and($kept->training_session_id)->toBe($this->session->id)
        ->and($kept->said)->toMatchArray(array_intersect_key($event, ['seconds' => 0, 'note' => 0, 'setNumber' => 0]));
})->with(FloorEventKind::cases());

it('asks an event for what its kind needs', function (string $kind, string $field): void {
    $this->happened(Saltmarrow::event($this->session, $kind))->assertConflict()->assertJsonPath('refused.0.field', $field);
    expect(FloorEvent::query()->count())->toBe(0);
})->with([['skipped', 'itemId'], ['pain', 'itemId'], ['set-voided', 'targetKey'], ['taken-up', 'targetKey'], ['set-done', 'itemId'],
    ['moved', 'itemId'], ['redone', 'itemId'], ['set-begun', 'itemId'], ['swapped', 'itemId'], ['added', 'itemId'],
    ['set-rated', 'targetKey'], ['picked', 'itemIds'], ['session-rated', 'effort'],
]);

it('comes to the same sets and the same state in every order', function (array $order): void {
    $at = static fn (int $minute): string => CarbonImmutable::parse('2026-11-26 09:00', 'UTC')->addMinutes($minute)->toIso8601String();
    [$one, $two] = ['5f0c2f4e-0000-4000-8000-000000000001', '5f0c2f4e-0000-4000-8000-000000000002'];
    $events = [
        Saltmarrow::event($this->session, 'started', ['at' => $at(0)]),
        Saltmarrow::setDone($this->item, ['key' => $one, 'at' => $at(2)]),
        Saltmarrow::setDone($this->item, ['key' => $two, 'at' => $at(4), 'setNumber' => 2]),
        Saltmarrow::event($this->session, 'set-voided', ['targetKey' => $one, 'at' => $at(5)]),
        Saltmarrow::event($this->session, 'ended', ['at' => $at(30)]),
    ];
    foreach ($order as $i) {
        $this->happened($events[$i])->assertOk();
    }
    $session = $this->session->refresh();
    expect(SetLog::query()->whereNull('voided_at')->pluck('key')->all())->toBe([$two])
        ->and($session->started_at?->toIso8601String())->toBe($at(0))
        ->and($session->ended_at?->toIso8601String())->toBe($at(30));
})->with(static function (): Generator {
    // All hundred and twenty orders of five events.
    $permute = static function (array $left, array $done) use (&$permute): Generator {
        if ($left === []) {
            yield implode('', $done) => [$done];
        }
        foreach ($left as $i => $one) {
            yield from $permute(array_values(array_diff_key($left, [$i => 0])), [...$done, $one]);
        }
    };
    yield from $permute([0, 1, 2, 3, 4], []);
});

it('takes sets of two devices, each with its own clock and zone', function (): void {
    $this->logged($this->item, ['at' => '2026-11-26T09:05:00+00:00', 'zone' => 'UTC']);
    $this->logged($this->item, ['at' => '2026-11-26T10:07:00+01:00', 'zone' => 'Europe/Berlin', 'setNumber' => 2]);
    $entries = $this->getJson("/api/clients/{$this->client->id}/ledger")->json('entries');
    expect(array_column($entries, 'loggedAt'))->toBe(['2026-11-26T10:07:00+01:00', '2026-11-26T09:05:00+00:00']);
});

it('knows what is next whatever was done, skipped and taken back', function (): void {
    $next = fn (): int => $this->item->fresh()->nextSet();
    expect($next())->toBe(1);
    $key = $this->logged($this->item);
    expect($next())->toBe(2);
    $skip = Saltmarrow::event($this->session, 'skipped', ['itemId' => $this->item->id, 'setNumber' => 2]);
    $this->happened($skip)->assertOk();
    expect($next())->toBe(3);
    $this->logged($this->item, ['setNumber' => 3]);
    expect($next())->toBe(4);
    $this->happened(Saltmarrow::event($this->session, 'taken-up', ['targetKey' => $skip['key']]))->assertOk();
    expect($next())->toBe(2);
    $this->happened(Saltmarrow::event($this->session, 'set-voided', ['targetKey' => $key]))->assertOk();
    expect($next())->toBe(1);
});

it('needs both sides of a set that is done a side at a time', function (): void {
    $item = Saltmarrow::item($this->session, 'split-squat', ['implement' => 'body-weight'], sets: 2);
    $this->logged($item, ['side' => 'left']);
    expect($item->fresh()->nextSet())->toBe(1);
    $this->happened(Saltmarrow::event($this->session, 'skipped', ['itemId' => $item->id, 'setNumber' => 1, 'side' => 'right']))->assertOk();
    expect($item->fresh()->nextSet())->toBe(2);
});

it('takes five hundred events at once, and no more', function (int $count, int $status): void {
    $events = array_map(fn (): array => Saltmarrow::event($this->session, 'paused'), range(1, $count));
    $this->postJson('/api/floor-events', ['events' => $events])->assertStatus($status);
})->with([[500, 200], [501, 422]]);

it('keeps a moment as universal time and shows it in its zone', function (
    string $zone,
    string $given,
    string $stored,
    string $shown,
): void {
    $session = new TrainingSession(['zone' => $zone]);
    $session->starts_at = CarbonImmutable::parse($given);
    expect($session->getAttributes()['starts_at'])->toBe($stored)
        ->and($session->starts_at->toIso8601String())->toBe($shown)
        ->and(AsMoment::stored($session->starts_at))->toBe($stored);
})->with([
    ['Europe/Berlin', '2026-07-01T08:30:00+02:00', '2026-07-01 06:30:00', '2026-07-01T08:30:00+02:00'],
    ['Europe/Berlin', '2026-12-01T07:30:00Z', '2026-12-01 07:30:00', '2026-12-01T08:30:00+01:00'],
    ['America/Los_Angeles', '2026-12-01T07:30:00Z', '2026-12-01 07:30:00', '2026-11-30T23:30:00-08:00'],
    ['UTC', '2026-12-01 07:30', '2026-12-01 07:30:00', '2026-12-01T07:30:00+00:00'],
]);
