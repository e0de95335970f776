<?php

declare(strict_types=1);

use App\Models\FloorEvent;
use App\Models\SetLog;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Support\Saltmarrow;

/*
 * What was done is kept as it was done, whatever becomes of plan, body, shelf and day.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '10 kg dumbbell', 2, ['mass_kg' => 10]);
    Saltmarrow::thing($this->client, 'table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 16, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
    $this->entries = fn (): array => $this->getJson("/api/clients/{$this->client->id}/ledger")->assertOk()->json('entries');
    $this->swapTo = function (string $exercise, string $scope = 'today'): void {
        $candidates = $this->getJson("/api/items/{$this->item->id}/swaps")->assertOk()->json('candidates');
        $key = collect($candidates)->firstWhere('exercise', $exercise)['key'];
        $this->postJson("/api/items/{$this->item->id}/swaps", ['key' => $key, 'scope' => $scope])->assertOk();
    };
});

it('keeps what was done when its programme is deleted', function (): void {
    $this->logged($this->item);
    $before = ($this->entries)();
    $this->session->programme?->forceDelete();
    expect(($this->entries)())->toBe($before)
        ->and(TrainingSession::query()->count())->toBe(1)
        ->and($this->session->refresh()->programme_id)->toBeNull();
});

it('keeps what was done when its session is deleted', function (): void {
    $this->logged($this->item);
    $before = ($this->entries)();
    $this->session->delete();
    expect(($this->entries)())->toBe($before)->and(FloorEvent::query()->count())->toBe(1);
});

it('takes everything of a client along when the client is erased, and nothing of others', function (): void {
    $this->logged($this->item);
    $other = Saltmarrow::client($this->client->trainer);
    $theirs = Saltmarrow::item(Saltmarrow::session($other), 'squat', ['implement' => 'body-weight']);
    $this->logged($theirs);
    $this->client->delete();
    expect(SetLog::query()->pluck('client_id')->all())->toBe([$other->id])
        ->and(FloorEvent::query()->pluck('client_id')->all())->toBe([$other->id])
        ->and(DB::table('changes')->count())->toBe(0);
});

it('records a late set as what was in the hand, not as what its slot says now', function (): void {
    $late = Saltmarrow::setDone($this->item);
    ($this->swapTo)('push-up');
    $this->happened($late)->assertOk();
    expect(($this->entries)()[0])->toMatchArray(['exercise' => 'Floor press', 'words' => '16 kg dumbbell in each hand']);
});

it('records a set whose session or exercise was taken off the plan meanwhile', function (): void {
    $set = Saltmarrow::setDone($this->item);
    $this->session->delete();
    $this->happened($set)->assertOk();
    expect(($this->entries)()[0]['exercise'])->toBe('Floor press')->and(SetLog::query()->value('training_session_id'))->toBeNull();
});

it('refuses the same key for something else, clearly, and keeps the first', function (): void {
    $first = Saltmarrow::setDone($this->item);
    $this->happened($first)->assertOk();
    $other = Saltmarrow::item($this->session, 'squat', ['implement' => 'body-weight']);
    $this->happened(Saltmarrow::setDone($other, ['key' => $first['key']]))->assertConflict()->assertJsonPath('refused.0.field', 'key');
    $this->happened(['reps' => 3] + $first)->assertConflict()->assertJsonPath('refused.0.field', 'key');
    expect(SetLog::query()->pluck('exercise')->all())->toBe(['floor-press']);
});

it('shows a set as it was stored after the body has changed', function (): void {
    ($this->swapTo)('push-up');
    $this->logged($this->item);
    [$before] = ($this->entries)();
    $row = SetLog::query()->firstOrFail();
    $this->postJson("/api/clients/{$this->client->id}/measures", ['heightCm' => 178, 'bodyMassKg' => 120])->assertSuccessful();
    expect(($this->entries)()[0]['equivalent'])->toBe($before['equivalent'])->toContain('kg per hand')
        ->and($row->body_mass_kg)->toBe(84.0)
        ->and($row->whole_kg - $row->own_kg)->toBeGreaterThan(0.0);
    // A later set is reckoned for the later body.
    $this->logged($this->item, ['setNumber' => 2]);
    expect(SetLog::query()->orderByDesc('id')->firstOrFail()->body_mass_kg)->toBe(120.0)
        ->and(($this->entries)()[0]['equivalent'])->not->toBe($before['equivalent']);
});

it('says the same number in the headline and at the end of its chart', function (): void {
    for ($set = 1; $set <= 3; $set++) {
        $this->logged($this->item, ['setNumber' => $set, 'reps' => 7 + $set]);
    }
    foreach ([0, 20] as $days) {
        $this->travel($days)->days();
        $pattern = $this->getJson("/api/clients/{$this->client->id}/ledger")->json('patterns.0');
        $last = $pattern['history'][count($pattern['history']) - 1];
        expect([$last['kg'], $last['lowKg'], $last['highKg']])->toBe([$pattern['capacityKg'], $pattern['lowKg'], $pattern['highKg']])
            ->and($last['date'])->toBe(CarbonImmutable::now()->toDateString());
    }
});

it('tells work that is not measured in kilograms from none', function (): void {
    $circles = Saltmarrow::item($this->session, 'arm-circle', ['implement' => 'body-weight']);
    $items = collect(
        $this->getJson("/api/sessions/{$this->session->id}")->assertOk()->json('blocks'),
    )->flatMap(fn (array $block): array => $block['items']);
    expect($items->firstWhere('id', $circles->id)['equivalent'])->toBeNull()
        ->and($items->firstWhere('id', $this->item->id)['equivalent']['kg'])->toEqual(16);
    $this->getJson("/api/items/{$circles->id}/swaps")->assertOk()->assertJsonPath('prescribed.equivalent', null);
    $this->logged($circles);
    expect(($this->entries)()[0]['equivalent'])->toBe('work that is not measured in kilograms');
});

it('writes health answers and who wrote them together, or neither', function (string $path, array $body, string $table): void {
    DB::statement('alter table activity_log rename to activity_log_away');
    $this->postJson("/api/clients/{$this->client->id}/{$path}", $body)->assertServerError();
    $written = DB::table($table)->count();
    DB::statement('alter table activity_log_away rename to activity_log');
    expect($written)->toBe($table === 'screenings' ? 1 : 0);
    $this->postJson("/api/clients/{$this->client->id}/{$path}", $body)->assertSuccessful();
    expect(DB::table($table)->count())->toBe($written + 1)->and(DB::table('activity_log')->count())->toBe(1);
})->with([
    'answers' => [
        'screenings',
        [
            'answers' => array_fill_keys(
                array_column(
                    json_decode((string) file_get_contents(__DIR__.'/../../../catalogue/screening.json'), true)['questions'],
                    'id',
                ),
                false,
            ),
        ],
        'screenings',
    ],
    'a clearance' => [
        'clearances',
        ['givenOn' => '2026-11-01', 'givenBy' => 'Dr Quill', 'allows' => 'All', 'questions' => ['chest-pain'], 'lifts' => []],
        'clearances',
    ],
    'movement checks' => ['checks', ['leftBalanceS' => 8], 'movement_checks'],
]);

it('lets no set begin a session that a health answer locks', function (): void {
    $this->client->screenings()->delete();
    Saltmarrow::screening($this->client, ['chest-pain']);
    $this->happened(Saltmarrow::setDone($this->item))->assertConflict()->assertJsonPath('refused.0.field', 'lock');
    expect(SetLog::query()->count())->toBe(0)->and($this->session->refresh()->started_at)->toBeNull();
});

it('lets no set begin a session on a day of high pressure', function (): void {
    $this->client->screenings()->latest('id')->firstOrFail()->update(['pressure' => ['systolic' => 220, 'diastolic' => 130]]);
    $this->happened(Saltmarrow::setDone($this->item))
        ->assertConflict()
        ->assertJsonPath('refused.0.message', fn (string $why): bool => str_contains($why, '220/130'));
    expect($this->session->refresh()->started_at)->toBeNull();
});

it('keeps a set that was done before the answer that locks, however late it comes', function (): void {
    $done = Saltmarrow::setDone($this->item, ['at' => CarbonImmutable::now()->toIso8601String()]);
    $this->travel(2)->hours();
    Saltmarrow::screening($this->client, ['chest-pain']);
    $this->happened($done)->assertOk();
    $this->happened(Saltmarrow::setDone($this->item, ['setNumber' => 2]))->assertOk();
    expect(SetLog::query()->count())->toBe(2);
});

it('counts no set that was taken back, anywhere', function (): void {
    $key = $this->logged($this->item, ['pain' => true, 'painNote' => 'elbow']);
    $this->happened(Saltmarrow::event($this->session, 'set-voided', ['targetKey' => $key]))->assertOk();
    expect(($this->entries)())->toBe([]);
    $this->getJson('/api/round')->assertJsonPath('visits.0.setsLogged', 0)->assertJsonPath('visits.0.painNotes', []);
    $this->getJson("/api/items/{$this->item->id}/swaps")->assertJsonPath('capacityKnown', false);
    $this->happened(Saltmarrow::event($this->session, 'set-voided', ['targetKey' => (string) Str::uuid()]))->assertOk();
});
