<?php

declare(strict_types=1);

use App\Actions\Floor\MakeDay;
use App\Models\Item;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\SetLog;
use App\Models\Slot;
use App\Models\TrainingSession;
use Illuminate\Database\UniqueConstraintViolationException;
use NimbleShelf\Core\Planning\BlockKind;
use Tests\Support\Saltmarrow;

/*
 * A plan is weeks of planned sessions; a day is made from one, or stands alone.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->actingAs($this->client->trainer);
    $this->programme = $this->client->programmes()->create(['name' => 'Plan', 'starts_on' => '2026-11-23']);
    $this->planned = $this->programme->weeks()->create(['number' => 2, 'kind' => 'deload'])->plannedSessions()
        ->create(['name' => 'Round and round', 'weekday' => 4, 'time' => '07:15', 'minutes' => 25]);
    $block = $this->planned->blocks()->create(['kind' => 'ladder', 'rule' => ['doses' => [12, 9, 6]], 'name' => 'Down', 'position' => 1]);
    $asked = Saltmarrow::asked('biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true], 3, 12);
    $block->slots()->create(['thread' => 'curls', 'position' => 1, 'written' => $asked, 'assignment' => $asked]);
    $this->day = fn (): TrainingSession => resolve(MakeDay::class)->handle($this->planned->refresh());
});

it('makes a day that is all its own', function (): void {
    $day = ($this->day)();
    expect($day->starts_at->toIso8601String())->toBe('2026-12-03T07:15:00+00:00')
        ->and($day->programme_id)->toBe($this->programme->id)
        ->and($day->blocks[0]->kind)->toBe(BlockKind::Ladder)
        ->and($day->items()[0]->thread)->toBe('curls')
        ->and($day->items()[0]->prescribed)->toEqual(Slot::query()->firstOrFail()->assignment);
    $session = $this->getJson("/api/sessions/{$day->id}")->assertOk()->assertJsonPath('blocks.0.kind', 'ladder');
    $words = array_column($session->json('steps'), 'words');
    expect($words)->toContain('Round 1 of 3: 12 repetitions each')->toContain('Biceps curl: 6 repetitions');
});

it('keeps the day and what was done on it when its week is written anew', function (): void {
    $day = ($this->day)();
    $this->logged($day->items()[0]);
    $this->planned->week->delete();
    expect(PlannedSession::query()->count())->toBe(0)
        ->and(TrainingSession::query()->findOrFail($day->id)->planned_session_id)->toBeNull()
        ->and(Item::query()->count())->toBe(1)
        ->and(SetLog::query()->count())->toBe(1);
    $this->getJson("/api/sessions/{$day->id}")->assertOk()->assertJsonPath('blocks.0.items.0.setLogs.0.reps', 11);
});

it('has sessions that belong to no programme', function (): void {
    $loose = $this->client->trainingSessions()->create(['name' => 'A loose visit', 'starts_at' => now()->setTime(10, 0), 'minutes' => 30]);
    $item = Saltmarrow::item($loose, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->getJson('/api/round')->assertOk()->assertJsonPath('visits.0.sessionName', 'A loose visit');
    $this->logged($item);
    $this->getJson("/api/items/{$item->id}/swaps")->assertOk()->assertJsonPath('laterCount', 0);
    $key = $this->getJson("/api/items/{$item->id}/swaps")->json('candidates.0.key');
    $this->postJson("/api/items/{$item->id}/swaps", ['key' => $key, 'scope' => 'programme'])->assertOk();
    expect(Slot::query()->get()->every(fn (Slot $slot): bool => $slot->assignment == $slot->written))->toBeTrue();
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson("/api/sessions/{$loose->id}")->assertNotFound();
});

it('has one running programme for a client, and any number of drafts and templates', function (): void {
    $this->programme->update(['state' => 'running']);
    $this->client->programmes()->create(['name' => 'Draft', 'starts_on' => '2027-01-04']);
    $this->client->programmes()->create(['name' => 'Ended', 'state' => 'ended', 'starts_on' => '2025-01-06']);
    foreach (['One', 'Two'] as $name) {
        Programme::query()->create([
            'user_id' => $this->client->user_id,
            'name' => $name,
            'goal' => 'muscle',
            'state' => 'running',
            'starts_on' => '2026-11-23',
        ]);
    }
    expect(Programme::query()->whereNull('client_id')->count())->toBe(2)
        ->and(fn () => $this->client->programmes()->create(['name' => 'Another', 'state' => 'running', 'starts_on' => '2026-11-23']))
        ->toThrow(UniqueConstraintViolationException::class);
});

it('makes no day of a template', function (): void {
    $template = Programme::query()->create([
        'user_id' => $this->client->user_id,
        'name' => 'Template',
        'goal' => 'muscle',
        'starts_on' => '2026-11-23',
    ]);
    $planned = $template->weeks()
        ->create(['number' => 1])
        ->plannedSessions()
        ->create(['name' => 'A', 'weekday' => 1, 'time' => '09:00', 'minutes' => 30]);
    resolve(MakeDay::class)->handle($planned);
})->throws(LogicException::class, 'A template has no days.');
