<?php

declare(strict_types=1);

use App\Models\SetLog;
use Illuminate\Support\Str;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'dumbbell', '9 kg dumbbell', 2, ['mass_kg' => 9]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
});

function doneSet(array $with = []): array
{
    return $with + ['key' => (string) Str::uuid(), 'setNumber' => 1, 'side' => null, 'reps' => 11, 'reserve' => 2, 'pain' => false, 'painNote' => null];
}

it('shows a session with what to lay out and its sets in order', function (): void {
    Saltmarrow::item($this->session, 'split-squat', ['implement' => 'body-weight'], sets: 1);
    $session = $this->getJson("/api/sessions/{$this->session->id}")->assertOk()
        ->assertJsonPath('state', 'planned')
        ->assertJsonPath('layOut', ['8 kg dumbbell']);
    expect(array_map(fn (array $step): string => $step['setNumber'].($step['side'] ?? ''), $session->json('steps')))
        ->toBe(['1', '2', '3', '1left', '1right']);
});

it('starts, ends and takes up a session again', function (): void {
    foreach (['running', 'done', 'running', 'planned'] as $state) {
        $this->putJson("/api/sessions/{$this->session->id}/state", ['state' => $state])->assertOk()->assertJsonPath('state', $state);
    }
    $this->putJson("/api/sessions/{$this->session->id}/state", ['state' => 'asleep'])->assertUnprocessable()->assertJsonValidationErrors('state');
});

it('logs a set and finds it in the ledger with the next target', function (): void {
    $this->postJson("/api/items/{$this->item->id}/sets", doneSet())->assertCreated()->assertJsonPath('reps', 11);
    $ledger = $this->getJson("/api/clients/{$this->client->id}/ledger")->assertOk()
        ->assertJsonPath('entries.0.exercise', 'Biceps curl')
        ->assertJsonPath('entries.0.words', '8 kg dumbbell in each hand')
        ->assertJsonPath('entries.0.reps', 11)
        ->assertJsonPath('patterns.0.name', 'Elbow flexion')
        ->assertJsonPath('patterns.0.next.reps', 12);
    $rungs = $ledger->json('patterns.0.rungs');
    expect(array_column($rungs, 'kg'))->toContain(8, 9)
        ->and(array_sum(array_column($rungs, 'current')))->toBe(1);
    $this->getJson("/api/sessions/{$this->session->id}")->assertJsonPath('state', 'running');
});

it('keeps a set that is sent twice once', function (): void {
    $set = doneSet();
    $this->postJson("/api/items/{$this->item->id}/sets", $set)->assertCreated();
    $this->postJson("/api/items/{$this->item->id}/sets", $set)->assertCreated();
    expect(SetLog::query()->count())->toBe(1);
});

it('takes a set back', function (): void {
    $id = $this->postJson("/api/items/{$this->item->id}/sets", doneSet())->json('id');
    $this->deleteJson("/api/sets/{$id}")->assertNoContent();
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertJsonPath('entries', []);
});

it('keeps sides apart and pain with its words', function (): void {
    $this->postJson("/api/items/{$this->item->id}/sets", doneSet(['side' => 'left', 'pain' => true, 'painNote' => 'left elbow']))->assertCreated();
    $this->postJson("/api/items/{$this->item->id}/sets", doneSet(['side' => 'right']))->assertCreated();
    $entries = collect($this->getJson("/api/clients/{$this->client->id}/ledger")->json('entries'));
    expect($entries->firstWhere('side', 'left')['painNote'])->toBe('left elbow')
        ->and($entries->firstWhere('side', 'right')['pain'])->toBeFalse();
    $this->getJson('/api/round')->assertJsonPath('visits.0.painNotes.0', fn (string $note): bool => str_contains($note, 'left elbow'));
});

it('names the field that is wrong and logs nothing', function (array $wrong, string $field): void {
    $this->postJson("/api/items/{$this->item->id}/sets", doneSet($wrong))->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(SetLog::query()->count())->toBe(0);
})->with([
    'no repetitions' => [['reps' => null], 'reps'],
    'more than anyone does' => [['reps' => 301], 'reps'],
    'no reserve' => [['reserve' => null], 'reserve'],
    'half the day in reserve' => [['reserve' => 11], 'reserve'],
    'a third side' => [['side' => 'middle'], 'side'],
    'no key' => [['key' => null], 'key'],
    'pain unsaid' => [['pain' => null], 'pain'],
]);
