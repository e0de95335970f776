<?php

declare(strict_types=1);

use App\Models\Programme;
use App\Models\Slot;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

const SHORT_PROGRAMME = [
    'goal' => 'muscle',
    'experience' => 'some',
    'weeks' => 3,
    'order' => 'compound-first',
    'structure' => 'straight',
    'startsOn' => '2026-11-30',
    'days' => [['weekday' => 2, 'minutes' => 45, 'time' => '08:30']],
];

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-26 09:00', 'UTC'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing(
        $this->client,
        'tube',
        'red tube',
        1,
        ['rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20, 'source' => 'measured'],
    );
    $this->tube = $this->client->shelfItems()->firstOrFail();
    Saltmarrow::thing($this->client, 'dumbbell', '6 kg dumbbell', 2, ['mass_kg' => 6]);
    $this->actingAs($this->trainer);
    $text = "goblet squat 3x10 6 kg\nband bent-over row 3x12\nband biceps curl 2x12\nforearm plank 2x30 s";
    $kept = $this->postJson(
        "/api/clients/{$this->client->id}/programmes",
        ['text' => $text] + SHORT_PROGRAMME,
    )->assertOk();
    $this->programme = Programme::query()->findOrFail($kept->json('id'));
    $this->path = "/api/programmes/{$this->programme->id}";
});

/** @return list<string> */
function exercisesOf(Programme $programme): array
{
    return Slot::query()->orderBy('id')->get()
        ->filter(static fn (Slot $slot): bool => $slot->plannedBlock->plannedSession->week->programme_id === $programme->id)
        ->map(static fn (Slot $slot): string => $slot->assignment->exercise)->values()->all();
}

it('has nothing to say while everything stands', function (): void {
    $this->getJson("{$this->path}/review")->assertOk()->assertJsonPath('entries', [])->assertJsonPath('week', 1);
});

it('finds what no longer stands when the tube is lost, and mends it as one change', function (): void {
    $this->deleteJson("/api/clients/{$this->client->id}/shelf-items/{$this->tube->id}")->assertSuccessful();
    $review = $this->getJson("{$this->path}/review")->assertOk();
    expect(array_column($review->json('entries'), 'name'))->toBe(['Bent-over row', 'Biceps curl'])
        ->and(array_column($review->json('entries'), 'kind'))->toBe(['swap', 'swap'])
        ->and($review->json('entries.0.weeks'))->toBe([1, 2, 3])
        ->and($review->json('entries.0.toWords'))->toContain('6 kg');
    $before = exercisesOf($this->programme);
    $this->postJson("{$this->path}/review", [
        'version' => 1,
        'accepted' => array_column($review->json('entries'), 'key'),
    ])->assertOk()->assertJsonPath('version', 2);
    $this->getJson("{$this->path}/review")->assertOk()->assertJsonPath('entries', []);
    // Taken back in one go, it stands as badly as before.
    $this->postJson("{$this->path}/undo", ['version' => 2])->assertOk();
    expect(exercisesOf($this->programme))->toBe($before);
    $this->getJson("{$this->path}/review")->assertJsonCount(2, 'entries');
});

it('mends only what is chosen', function (): void {
    $this->tube->delete();
    $review = $this->getJson("{$this->path}/review");
    $this->postJson("{$this->path}/review", ['version' => 1, 'accepted' => [$review->json('entries.1.key')]])->assertOk();
    expect(array_column($this->getJson("{$this->path}/review")->json('entries'), 'name'))->toBe(['Bent-over row']);
    $this->postJson("{$this->path}/review", ['version' => 2, 'accepted' => []])->assertUnprocessable()
        ->assertJsonValidationErrors('accepted');
});

it('copies a programme to another client, refitted to their shelf in one list', function (): void {
    $other = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($other, 'kettlebell', '12 kg bell', 1, ['mass_kg' => 12]);
    $copy = $this->postJson("{$this->path}/copies", ['clientId' => $other->id])->assertOk()->assertJsonPath('state', 'draft');
    $review = $this->getJson("/api/programmes/{$copy->json('id')}/review")->assertOk()->assertJsonPath('isCopy', true);
    expect(array_column($review->json('entries'), 'name'))->toContain('Goblet squat', 'Bent-over row', 'Biceps curl');
    $this->postJson("/api/programmes/{$copy->json('id')}/review", [
        'version' => 1,
        'accepted' => array_column($review->json('entries'), 'key'),
    ])->assertOk();
    $this->getJson("/api/programmes/{$copy->json('id')}/review")->assertJsonPath('entries', [])->assertJsonPath('isCopy', false);
    expect(exercisesOf($this->programme))->toContain('bent-over-row');
});

it('copies one session into a template, and the template to a client', function (): void {
    $template = $this->postJson("{$this->path}/copies", ['week' => 2, 'weekday' => 2, 'name' => 'Tube day'])->assertOk();
    $list = $this->getJson('/api/programmes')->assertOk();
    expect($list->json('0.name'))->toBe('Tube day')->and($list->json('0.client'))->toBeNull()
        ->and($list->json('0.sessions'))->toBe(1);
    $copy = $this->postJson("/api/programmes/{$template->json('id')}/copies", ['clientId' => $this->client->id])->assertOk();
    expect($this->getJson("/api/programmes/{$copy->json('id')}/weeks/1")->json('sessions.0.blocks'))->not->toBe([]);
});

it('copies to nobody else and nothing that is not there', function (): void {
    $stranger = Saltmarrow::client(Saltmarrow::trainer('other@saltmarrow.example'));
    $this->postJson("{$this->path}/copies", ['clientId' => $stranger->id])->assertNotFound();
    $this->postJson("{$this->path}/copies", ['week' => 9])->assertUnprocessable()->assertJsonValidationErrors('week');
    $this->postJson("{$this->path}/copies", ['week' => 1, 'weekday' => 7])->assertUnprocessable()->assertJsonValidationErrors('weekday');
    $this->actingAs(Saltmarrow::trainer('third@saltmarrow.example'));
    $this->getJson("{$this->path}/review")->assertNotFound();
    $this->postJson("{$this->path}/copies", [])->assertNotFound();
    expect($this->getJson('/api/programmes')->json())->toBe([]);
});

it('throws a draft away, and puts it back; what runs stays', function (): void {
    $this->deleteJson($this->path)->assertNoContent();
    expect($this->getJson("/api/clients/{$this->client->id}/programmes")->json('all'))->toBe([]);
    $this->postJson("{$this->path}/restore")->assertOk();
    expect($this->getJson("/api/clients/{$this->client->id}/programmes")->json('all'))->toHaveCount(1);
    $this->postJson("/api/clients/{$this->client->id}/programmes/{$this->programme->id}/start")->assertOk();
    $this->deleteJson($this->path)->assertUnprocessable()->assertJsonValidationErrors('programme');
});
