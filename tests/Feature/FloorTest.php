<?php

declare(strict_types=1);

use App\Models\FloorEvent;
use App\Models\SetLog;
use Tests\Support\Saltmarrow;

/*
 * The Floor: a session is shown with its steps, and what happens on it arrives as events.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'dumbbell', '9 kg dumbbell', 2, ['mass_kg' => 9]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
    $this->shown = fn () => $this->getJson("/api/sessions/{$this->session->id}")->assertOk();
});

it('shows a session with what to lay out and its steps in order', function (): void {
    Saltmarrow::item($this->session, 'split-squat', ['implement' => 'body-weight'], sets: 1);
    $session = ($this->shown)()
        ->assertJsonPath('state', 'planned')
        ->assertJsonPath('layOut', ['8 kg dumbbell'])
        ->assertJsonPath('steps.0.kind', 'change')
        ->assertJsonPath('steps.0.pickUp', ['two 8 kg dumbbells']);
    $work = array_filter($session->json('steps'), fn (array $step): bool => $step['kind'] === 'work');
    expect(
        array_values(array_map(fn (array $step): string => $step['setNumber'].($step['side'] ?? ''), $work)),
    )->toBe(['1', '2', '3', '1left', '1right'])
        ->and($session->json('takesMinutes'))->toBe((int) ceil(array_sum(array_column($session->json('steps'), 'seconds')) / 60));
});

it('starts, ends and takes up a session again', function (): void {
    foreach (['started' => 'running', 'ended' => 'done', 'resumed' => 'running'] as $kind => $state) {
        $this->travel(1)->minutes();
        $this->happened(Saltmarrow::event($this->session, $kind))->assertOk();
        ($this->shown)()->assertJsonPath('state', $state);
    }
    $this->happened(Saltmarrow::event($this->session, 'asleep'))->assertConflict()->assertJsonPath('refused.0.field', 'kind');
});

it('has the same state whatever the order of arrival', function (array $order): void {
    $events = [
        'started' => Saltmarrow::event($this->session, 'started', ['at' => '2026-11-26T09:00:00+00:00']),
        'ended' => Saltmarrow::event($this->session, 'ended', ['at' => '2026-11-26T09:40:00+00:00']),
        'resumed' => Saltmarrow::event($this->session, 'resumed', ['at' => '2026-11-26T09:41:00+00:00']),
        'again' => Saltmarrow::event($this->session, 'ended', ['at' => '2026-11-26T09:50:00+00:00']),
    ];
    foreach ($order as $which) {
        $this->happened($events[$which])->assertOk();
    }
    $session = $this->session->refresh();
    expect($session->started_at?->toIso8601String())->toBe('2026-11-26T09:00:00+00:00')
        ->and($session->ended_at?->toIso8601String())
        ->toBe('2026-11-26T09:50:00+00:00');
})->with(
    [
        [['started', 'ended', 'resumed', 'again']],
        [['again', 'resumed', 'ended', 'started']],
        [['ended', 'again', 'started', 'resumed', 'ended']],
    ],
);

it('logs a set and finds it in the ledger with the next target', function (): void {
    $this->logged($this->item);
    $ledger = $this->getJson("/api/clients/{$this->client->id}/ledger")->assertOk()
        ->assertJsonPath('entries.0.exercise', 'Biceps curl')
        ->assertJsonPath('entries.0.words', '8 kg dumbbell in each hand')
        ->assertJsonPath('entries.0.reps', 11)
        ->assertJsonPath('patterns.0.name', 'Elbow flexion')
        ->assertJsonPath('patterns.0.next.reps', 12);
    $rungs = $ledger->json('patterns.0.rungs');
    expect(array_column($rungs, 'kg'))->toContain(8, 9)
        ->and(array_sum(array_column($rungs, 'current')))->toBe(1);
    ($this->shown)()->assertJsonPath('state', 'running');
});

it('keeps a set that is sent twice once', function (): void {
    $set = Saltmarrow::setDone($this->item);
    $this->happened($set, $set)->assertOk()->assertJsonPath('accepted', [$set['key'], $set['key']]);
    $this->happened($set)->assertOk();
    expect(SetLog::query()->count())->toBe(1)->and(FloorEvent::query()->count())->toBe(1);
});

it('takes a set back without losing it, whichever comes first', function (bool $voidFirst): void {
    $set = Saltmarrow::setDone($this->item);
    $void = Saltmarrow::event($this->session, 'set-voided', ['targetKey' => $set['key']]);
    foreach ($voidFirst ? [$void, $set] : [$set, $void] as $event) {
        $this->happened($event)->assertOk();
    }
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertJsonPath('entries', []);
    ($this->shown)()->assertJsonPath('blocks.0.items.0.setLogs', []);
    expect(SetLog::query()->count())->toBe(1)->and(SetLog::query()->value('voided_at'))->not->toBeNull();
})->with(['set, then void' => false, 'void, then set' => true]);

it('remembers what was skipped, and that it was taken up again', function (): void {
    $skip = Saltmarrow::event($this->session, 'skipped', ['itemId' => $this->item->id, 'setNumber' => 2, 'side' => null]);
    $this->happened($skip)->assertOk();
    ($this->shown)()->assertJsonCount(1, 'facts')
        ->assertJsonPath('facts.0.key', $skip['key'])
        ->assertJsonPath('facts.0.kind', 'skipped')
        ->assertJsonPath('facts.0.setNumber', 2);
    $this->happened(Saltmarrow::event($this->session, 'taken-up', ['targetKey' => $skip['key']]))->assertOk();
    ($this->shown)()->assertJsonPath('facts', []);
});

it('tells two taps of one second apart', function (): void {
    $skip = Saltmarrow::event($this->session, 'skipped', [
        'itemId' => $this->item->id,
        'setNumber' => 1,
        'at' => '2026-11-26T09:00:00.120+00:00',
    ]);
    $set = Saltmarrow::setDone($this->item, ['setNumber' => 2, 'at' => '2026-11-26T09:00:00.480+00:00']);
    $this->happened($skip)->assertOk();
    $this->happened($set)->assertOk();
    $shown = ($this->shown)();
    expect($shown->json('facts.0.at'))->toEndWith('09:00:00.120+00:00')
        ->and($shown->json('blocks.0.items.0.setLogs.0.loggedAt'))->toEndWith('09:00:00.480+00:00');
});

it('keeps sides apart and pain with its words', function (): void {
    $this->logged($this->item, ['side' => 'left', 'pain' => true, 'painNote' => 'left elbow']);
    $this->logged($this->item, ['side' => 'right']);
    $entries = collect($this->getJson("/api/clients/{$this->client->id}/ledger")->json('entries'));
    expect($entries->firstWhere('side', 'left')['painNote'])->toBe('left elbow')
        ->and($entries->firstWhere('side', 'right')['pain'])->toBeFalse();
    $this->getJson('/api/round')->assertJsonPath('visits.0.painNotes.0', fn (string $note): bool => str_contains($note, 'left elbow'));
});

it('names the field that is wrong and logs nothing', function (array $wrong, string $field): void {
    $this->happened(Saltmarrow::setDone($this->item, $wrong))
        ->assertConflict()
        ->assertJsonPath('refused.0.field', $field)
        ->assertJsonStructure(['errors' => [$field]]);
    expect(SetLog::query()->count())->toBe(0)->and(FloorEvent::query()->count())->toBe(0);
})->with([
    'no repetitions' => [['reps' => null], 'reps'],
    'more than anyone does' => [['reps' => 301], 'reps'],
    'half the day in reserve' => [['reserve' => 11], 'reserve'],
    'a third side' => [['side' => 'middle'], 'side'],
    'no key' => [['key' => null], 'key'],
    'pain unsaid' => [['pain' => null], 'pain'],
    'no exercise we know' => [['exercise' => 'moonwalk'], 'exercise'],
    'a setting that is none' => [['setting' => ['implement' => 'dumbbell', 'mass_kg' => -3]], 'setting.mass_kg'],
    'a thing that does not load it' => [['setting' => ['implement' => 'chair', 'mass_kg' => 10]], 'setting.implement'],
    'a time without its offset' => [['at' => '2026-11-26 08:00'], 'at'],
    'a zone that is none' => [['zone' => 'Saltmarrow'], 'zone'],
    'a client that is no one' => [['clientId' => 0], 'clientId'],
]);

it('keeps what it can of what is sent together', function (): void {
    $good = Saltmarrow::setDone($this->item);
    $bad = Saltmarrow::setDone($this->item, ['setNumber' => 2, 'reps' => 900]);
    $this->happened($bad, $good)
        ->assertConflict()
        ->assertJsonPath('accepted', [$good['key']])
        ->assertJsonPath('refused.0.key', $bad['key']);
    expect(SetLog::query()->count())->toBe(1);
});

it('answers a body that is no list of events', function (mixed $body): void {
    $this->postJson('/api/floor-events', $body)->assertUnprocessable()->assertJsonValidationErrors('events');
})->with([[[]], [['events' => 'none']], [['events' => []]]]);
