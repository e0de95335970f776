<?php

declare(strict_types=1);

use App\Actions\Clients\DescribeClient;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\SetLog;
use App\Models\ToldResult;
use App\Models\TrainingSession;
use Illuminate\Support\Str;
use NimbleShelf\Core\Planning\Capacity;
use Tests\Support\Saltmarrow;

/*
 * The first session, which finds out what somebody can do, and what is told of them instead.
 */

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    foreach ([4, 8, 12, 20] as $kg) {
        Saltmarrow::thing($this->client, 'dumbbell', "{$kg} kg dumbbell", 2, ['mass_kg' => $kg]);
    }
    $this->actingAs($this->trainer);
    $this->at = "/api/clients/{$this->client->id}";
    /** Runs the session: each test ends after so many steps, with so many left in reserve. */
    $this->run = function (int $steps, int $left): TrainingSession {
        $id = $this->postJson("{$this->at}/start", ['at' => 'now'])->assertCreated()->json('sessionId');
        $session = TrainingSession::query()->findOrFail($id);
        $event = fn (string $kind, array $more = []): array => $more + [
            'key' => (string) Str::uuid(), 'kind' => $kind, 'clientId' => $this->client->id, 'sessionId' => $id,
            'at' => $session->starts_at->toIso8601String(), 'zone' => 'UTC',
        ];
        $events = [$event('started')];
        foreach ($session->blocks->where('kind.value', 'ramp') as $block) {
            foreach ($block->items->values() as $i => $item) {
                $at = ['itemId' => $item->id, 'setNumber' => 1, 'side' => null];
                $isLast = $i + 1 === min($steps, $block->items->count());
                $events[] = $i >= $steps ? $event('skipped', $at + ['why' => 'enough']) : $event('set-done', $at + [
                    'exercise' => $item->prescribed->exercise, 'setting' => $item->prescribed->setting->toArray(),
                    'words' => (string) $item->prescribed->words, 'reps' => $item->prescribed->dose->count(),
                    'reserve' => $isLast ? $left : 5, 'pain' => false, 'painNote' => '',
                ]);
            }
        }
        $this->postJson('/api/floor-events', ['events' => [...$events, $event('ended')]])->assertOk()->assertJsonPath('refused', []);

        return $session->refresh();
    };
});

it('offers a first session to who has nothing on record, made for what is there', function (): void {
    $start = $this->getJson("{$this->at}/start")->assertOk()
        ->assertJsonPath('why', 'Nothing is on record yet.')->assertJsonPath('session', null)
        ->assertJsonPath('told', [])->assertJsonPath('locks', []);
    expect(count($start->json('tests')))->toBeGreaterThanOrEqual(4)
        ->and($start->json('tests.0.name'))->toBe('Legs')
        ->and($start->json('minutes'))->toBeLessThanOrEqual($start->json('mostMinutes'))
        ->and(array_unique(array_column($start->json('beliefs'), 'from')))->toBe(['norms'])
        ->and($start->json('beliefs.0.wasLowKg'))->toBeNull();
    foreach ($start->json('beliefs') as $belief) {
        expect($belief['lowKg'])->toBeGreaterThanOrEqual(0)->toBeLessThanOrEqual($belief['kg'])
            ->and($belief['kg'])->toBeLessThanOrEqual($belief['highKg']);
    }
    $this->getJson("{$this->at}/programmes")->assertJsonPath('isOnRecord', false);
});

it('puts it on the Round as ramps for the Floor, once, and takes it off again', function (): void {
    $first = $this->postJson("{$this->at}/start", ['at' => 'now'])->assertCreated()->json('sessionId');
    $id = $this->postJson("{$this->at}/start", ['at' => 'now'])->assertCreated()->json('sessionId');
    expect($id)->not->toBe($first)->and($this->client->trainingSessions()->pluck('id')->all())->toBe([$id]);
    $session = $this->getJson("/api/sessions/{$id}")->assertOk()->assertJsonPath('isStart', true)->assertJsonPath('name', 'Find the start');
    $kinds = array_unique(array_column($session->json('blocks'), 'kind'));
    expect(array_values($kinds))->toBe(['warm-up', 'ramp'])
        ->and(array_unique(array_merge(...array_map(
            static fn (array $block): array => array_column($block['items'], 'servable'),
            $session->json('blocks'),
        ))))->toBe([true]);
    $this->getJson('/api/round')->assertJsonPath('visits.0.sessionId', $id);
    $this->getJson("{$this->at}/start")->assertJsonPath('session.state', 'planned');
    $this->deleteJson("/api/visits/{$id}")->assertNoContent();
    $this->getJson("{$this->at}/start")->assertJsonPath('session', null);
});

it('stands at the next visit where one is ahead, and says so where none is', function (): void {
    $this->postJson("{$this->at}/start", ['at' => 'next-visit'])->assertUnprocessable()
        ->assertJsonPath('errors.at.0', 'There is no visit ahead: begin it now.');
    $this->postJson("{$this->at}/start", ['at' => 'some day'])->assertUnprocessable()->assertJsonValidationErrorFor('at');
    $visit = Saltmarrow::session($this->client, now()->toImmutable()->addDays(2));
    $id = $this->postJson("{$this->at}/start", ['at' => 'next-visit'])->assertCreated()->json('sessionId');
    expect(TrainingSession::query()->findOrFail($id)->starts_at->equalTo($visit->starts_at))->toBeTrue();
});

it('knows more of every movement afterwards, and shows what it thought before', function (): void {
    $before = collect($this->getJson("{$this->at}/start")->json('beliefs'))->keyBy('pattern');
    ($this->run)(2, 2);
    $after = $this->getJson("{$this->at}/start")->assertOk()->assertJsonPath('session.state', 'done')->assertJsonPath('why', null);
    $now = collect($after->json('beliefs'))->keyBy('pattern');
    expect($now['squat']['from'])->toBe('sets')
        ->and($now['vertical-pull']['from'])->toBe('related')
        ->and($now['squat']['wasLowKg'])->toEqual($before['squat']['lowKg'])
        ->and($now['squat']['highKg'] - $now['squat']['lowKg'])
        ->toBeLessThan(0.7 * ($before['squat']['highKg'] - $before['squat']['lowKg']));
    $this->getJson("{$this->at}/programmes")->assertJsonPath('isOnRecord', true);
});

it('asks for more in a draft of who is strong, and the programme takes it back', function (): void {
    $kept = $this->postJson("{$this->at}/programmes", [
        'goal' => 'muscle', 'experience' => 'some', 'weeks' => 4, 'order' => 'compound-first', 'structure' => 'straight',
        'startsOn' => '2026-11-30', 'days' => [['weekday' => 1, 'minutes' => 45, 'time' => '08:30']],
        'text' => "floor press 2x8 4 kg\nbent-over row 2x8 4 kg", 'start' => false,
    ])->assertOk();
    ($this->run)(3, 5);
    $start = $this->getJson("{$this->at}/start")->assertOk();
    expect($start->json('changed'))->not->toBe([])
        ->and($start->json('changed.0.exercise'))->toBe('Floor press')
        ->and($start->json('changed.0.was'))->toContain('4 kg')
        ->and($start->json('changed.0.now'))->toMatch('/(12|20) kg/');
    $programme = Programme::query()->findOrFail($kept->json('id'));
    expect(ProgrammeEdit::query()->count())->toBe(1);
    $this->postJson("/api/programmes/{$programme->id}/undo", ['version' => $programme->version])->assertOk();
    expect($this->getJson("{$this->at}/start")->json('changed'))->toBe([]);
});

it('is offered again after a long break, and not before', function (): void {
    ($this->run)(2, 2);
    $this->travel(41)->days();
    $this->getJson("{$this->at}/start")->assertJsonPath('why', null);
    $this->travel(1)->days();
    $this->getJson("{$this->at}/start")->assertJsonPath('why', 'Nothing was done for 6 weeks.');
});

it('falls due at the first visit after a long break, until it is planned', function (): void {
    ($this->run)(2, 2);
    $due = fn (): array => array_values(array_filter(
        array_map(static fn (array $one): string => "{$one['kind']} {$one['on']} {$one['what']}", $this->getJson('/api/due')->json()),
        static fn (string $one): bool => str_starts_with($one, 'start'),
    ));
    $day = now()->addDays(50)->toDateString();
    $this->travel(49)->days();
    expect($due())->toBe([]);
    Saltmarrow::session($this->client, now()->toImmutable()->addDay());
    expect($due())->toBe(["start {$day} Find the start anew, after 7 weeks without a set"]);
    $this->postJson("{$this->at}/start", ['at' => 'next-visit'])->assertCreated();
    expect($due())->toBe([]);
});

it('shows what locks it, and begins nothing then', function (): void {
    Saltmarrow::screening($this->client, ['chest-pain']);
    $start = $this->getJson("{$this->at}/start")->assertOk();
    expect($start->json('locks'))->not->toBe([]);
    $id = $this->postJson("{$this->at}/start", ['at' => 'now'])->json('sessionId');
    $this->postJson('/api/floor-events', ['events' => [[
        'key' => (string) Str::uuid(), 'kind' => 'started', 'clientId' => $this->client->id, 'sessionId' => $id,
        'at' => now()->toIso8601String(), 'zone' => 'UTC',
    ]]])->assertConflict()->assertJsonPath('refused.0.field', 'lock');
});

it('says where there is nothing to test with', function (): void {
    $seated = Saltmarrow::client($this->trainer, limits: ['seated-only']);
    $this->getJson("/api/clients/{$seated->id}/start")->assertOk()->assertJsonPath('tests', []);
    $this->postJson("/api/clients/{$seated->id}/start", ['at' => 'now'])->assertUnprocessable()->assertJsonValidationErrorFor('tests');
});

it('reads what is told before it is kept, and names what is missing', function (): void {
    $this->postJson("{$this->at}/told-lines", ['line' => 'rows 12 kg for ten'])->assertOk()
        ->assertJson([
            'exercise' => 'Bent-over row',
            'words' => '12 kg in each hand: two 12 kg dumbbells',
            'result' => '10 repetitions at least',
        ]);
    $this->postJson("{$this->at}/told-lines", ['line' => 'rows for ten'])->assertUnprocessable()
        ->assertJsonPath('errors.line.0', 'Bent-over row: with how many kilograms?');
    $this->postJson("{$this->at}/told-results", ['line' => ''])->assertUnprocessable()->assertJsonValidationErrorFor('line');
    expect(ToldResult::query()->count())->toBe(0);
});

it('goes by what is told as by a test, until it is taken back, and again once it is put back', function (): void {
    $capacity = fn (): Capacity => resolve(DescribeClient::class)->person($this->client->refresh())->capacities['horizontal-press'];
    $before = $capacity();
    $told = $this->postJson("{$this->at}/told-results", ['line' => 'forty push-ups'])->assertCreated()
        ->assertJson(['exercise' => 'Push-up', 'result' => '40 repetitions, all there were'])->json('id');
    expect($capacity()->from)->toBe(Capacity::TESTS)->and($capacity()->kg)->toBeGreaterThan(1.1 * $before->kg);
    $start = $this->getJson("{$this->at}/start")->assertJsonPath('told.0.line', 'forty push-ups')->assertJsonPath('why', null);
    expect(collect($start->json('beliefs'))->firstWhere('pattern', 'horizontal-press')['wasHighKg'])->not->toBeNull();
    $this->deleteJson("{$this->at}/told-results/{$told}")->assertNoContent();
    expect($capacity()->kg)->toEqual($before->kg);
    $this->postJson("{$this->at}/told-results/{$told}/restore", [])->assertOk();
    expect($capacity()->kg)->toBeGreaterThan(1.1 * $before->kg)->and(SetLog::query()->count())->toBe(0);
});

it('reads half a minute of rises by its norms, and a plank by its seconds', function (string $line, string $pattern): void {
    $this->postJson("{$this->at}/told-results", ['line' => $line])->assertCreated();
    $known = resolve(DescribeClient::class)->person($this->client->refresh())->capacities[$pattern];
    expect($known->from)->toBe(Capacity::TESTS);
})->with([['9 chair stands in 30 s', 'squat'], ['plank 80 s', 'trunk']]);

it('knows nothing of another client’s results', function (): void {
    $told = $this->postJson("{$this->at}/told-results", ['line' => 'eight push-ups'])->json('id');
    $other = Saltmarrow::client($this->trainer);
    $this->deleteJson("/api/clients/{$other->id}/told-results/{$told}")->assertNotFound();
    $this->postJson("/api/clients/{$other->id}/told-results/{$told}/restore", [])->assertNotFound();
    expect(ToldResult::query()->count())->toBe(1);
});
