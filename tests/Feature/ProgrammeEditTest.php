<?php

declare(strict_types=1);

use App\Models\Change;
use App\Models\Programme;
use App\Models\Slot;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Testing\TestResponse;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-26 09:00', 'UTC'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'chair', 'kitchen chair', 1, ['height_cm' => 46, 'mass_kg' => 6]);
    $this->actingAs($this->trainer);
    $kept = $this->postJson("/api/clients/{$this->client->id}/programmes", [
        'goal' => 'muscle',
        'experience' => 'some',
        'weeks' => 5,
        'order' => 'compound-first',
        'structure' => 'straight',
        'startsOn' => '2026-11-30',
        'days' => [
            ['weekday' => 2, 'minutes' => 45, 'time' => '08:30'],
            ['weekday' => 5, 'minutes' => 45, 'time' => '17:00'],
        ],
        'start' => true,
    ])->assertOk();
    $this->programme = Programme::query()->findOrFail($kept->json('id'));
    $this->week = "/api/programmes/{$this->programme->id}/weeks/1";
    $this->version = 1;
    /** Makes a change on what is known now, and knows what comes of it. */
    $this->edit = function (array $edit, array $more = [], int $week = 1): TestResponse {
        $path = "/api/programmes/{$this->programme->id}/weeks/{$week}/edits";
        $answer = $this->postJson($path, ['version' => $this->version, 'edit' => $edit] + $more);
        $this->version = $answer->json('version') ?? $this->version;
        $this->kept = $this->postJson("/api/programmes/{$this->programme->id}/follow")->assertOk()->json('keptVisits');

        return $answer;
    };
});

/** @return list<string> Threads of one day, in order. */
function threadsOn(TestResponse $sheet, int $weekday): array
{
    foreach ($sheet->json('sessions') as $session) {
        if ($session['weekday'] === $weekday) {
            return array_column(array_merge(...array_column($session['blocks'], 'slots')), 'thread');
        }
    }

    return [];
}

/** @return list<string> Threads of the work of one day. */
function workOn(TestResponse $sheet, int $weekday): array
{
    return array_values(array_filter(threadsOn($sheet, $weekday), static fn (string $one): bool => ! str_contains($one, 'warm-up')
        && ! str_contains($one, 'cool-down')));
}

it('shows a week with what can be changed, its checks and where trouble is', function (): void {
    $sheet = $this->getJson($this->week)->assertOk();
    $sheet->assertJsonPath('version', 1)->assertJsonPath('undo', null)->assertJsonPath('redo', null)->assertJsonCount(2, 'sessions')
        ->assertJsonPath('sessions.0.day', 'Tuesday')->assertJsonPath('sessions.0.time', '08:30');
    expect(array_unique(array_column($sheet->json('checks'), 'id')))->toHaveCount(15)
        ->and($sheet->json('sessions.0.likelyMinutes'))->toBeLessThanOrEqual(45);
});

it('changes a dose, here and in the weeks after, and takes it back and makes it again', function (): void {
    $sheet = $this->getJson($this->week);
    $thread = workOn($sheet, 2)[0];
    $before = Slot::query()->where('thread', $thread)->orderBy('id')->get()->map(fn (Slot $slot): array => $slot->assignment->toArray());
    $changed = ($this->edit)(['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 2, 'reps' => 7, 'rest' => 100]])
        ->assertOk()->assertJsonPath('version', 2);
    expect($changed->json('said'))->toContain('2 × 7 repetitions')->and($changed->json('undo'))->toBe($changed->json('said'));
    $after = Slot::query()->where('thread', $thread)->orderBy('id')->get()->map(fn (Slot $slot): array => $slot->assignment->toArray());
    expect($after[0]['dose']['reps'])->toBe(7)->and($after[0]['rest_seconds'])->toBe(100)
        // A repetition a week more; the fifth week is lighter: 0.6 of two sets is one.
        ->and($after[1]['dose']['reps'])->toBe(8)->and($after[3]['dose']['reps'])->toBe(10)
        ->and($after[4]['sets'])->toBe(1);

    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => 2])->assertOk()->assertJsonPath('undo', null);
    $undone = Slot::query()->where('thread', $thread)->orderBy('id')->get()->map(fn (Slot $slot): array => $slot->assignment->toArray());
    expect($undone->all())->toEqual($before->all());

    $this->postJson("/api/programmes/{$this->programme->id}/redo", ['version' => 3])->assertOk()->assertJsonPath('redo', null);
    $redone = Slot::query()->where('thread', $thread)->orderBy('id')->get()->map(fn (Slot $slot): array => $slot->assignment->toArray());
    expect($redone->all())->toEqual($after->all());
});

it('changes one week alone where that is wanted', function (): void {
    $thread = workOn($this->getJson($this->week), 2)[0];
    $second = Slot::query()->where('thread', $thread)->orderBy('id')->skip(1)->firstOrFail()->assignment;
    ($this->edit)(['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 1]], ['onwards' => false])->assertOk();
    expect(Slot::query()->where('thread', $thread)->orderBy('id')->firstOrFail()->assignment->sets)->toBe(1)
        ->and(Slot::query()->where('thread', $thread)->orderBy('id')->skip(1)->firstOrFail()->assignment->toArray())
        ->toEqual($second->toArray());
});

it('refuses a change made on what somebody else has changed meanwhile, and loses neither', function (): void {
    $thread = workOn($this->getJson($this->week), 2)[0];
    ($this->edit)(['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 5]])->assertOk();
    $stale = $this->postJson("{$this->week}/edits", [
        'version' => 1,
        'edit' => ['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 1]],
    ])->assertStatus(409)->assertJsonPath('version', 2);
    expect($stale->json('message'))->toContain('another window')
        ->and(Slot::query()->where('thread', $thread)->firstOrFail()->assignment->sets)->toBe(5);
});

it('lets visits ahead follow, keeps what was begun, and leaves alone what was changed for its day', function (): void {
    $thread = workOn($this->getJson($this->week), 2)[0];
    $visits = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->get();
    $begun = $visits[0];
    $begun->update(['started_at' => $begun->starts_at]);
    $own = $visits[2];
    $item = collect($own->items())->firstWhere('thread', $thread);
    $item->madeChanges()->create([
        'client_id' => $this->client->id, 'batch' => (string) Str::uuid(), 'scope' => 'today', 'occasion' => 'Swap desk', 'why' => '',
        'from_words' => '', 'to_words' => '', 'change' => NimbleShelf\Core\Planning\Change::toSets(1),
    ]);
    ($this->edit)(['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 5]])->assertOk();
    $sets = static fn (TrainingSession $visit): int => collect($visit->refresh()->items())->firstWhere('thread', $thread)->prescribed->sets;
    expect($sets($begun))->not->toBe(5)->and($sets($visits[4]))->toBe(5)
        ->and($this->kept)->toBe([$own->starts_at->toDateString()])
        ->and(Change::query()->whereNull('undone_at')->count())->toBe(1)
        ->and(TrainingSession::query()->where('programme_id', $this->programme->id)->count())->toBe($visits->count());
});

it('writes a visit anew where it was put by hand, and leaves a cancelled one alone', function (): void {
    $thread = workOn($this->getJson($this->week), 2)[0];
    $visits = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->get();
    $this->putJson("/api/visits/{$visits[0]->id}", ['date' => '2026-12-03', 'time' => '18:00'])->assertNoContent();
    $this->postJson("/api/visits/{$visits[2]->id}/cancellation", ['why' => 'A fair'])->assertNoContent();
    ($this->edit)(['kind' => 'ask', 'weekday' => 2, 'slot' => $thread, 'ask' => ['sets' => 5]])->assertOk();
    $sets = static fn (TrainingSession $visit): int => collect($visit->refresh()->items())->firstWhere('thread', $thread)->prescribed->sets;
    expect($sets($visits[0]))->toBe(5)->and($visits[0]->starts_at->format('l H:i'))->toBe('Thursday 18:00')
        ->and($sets($visits[2]))->not->toBe(5)->and($visits[2]->cancelled_at)->not->toBeNull()
        ->and(TrainingSession::query()->where('programme_id', $this->programme->id)->count())->toBe($visits->count());
});

it('moves a session to another day with its visits, and back', function (): void {
    $before = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->get();
    $answer = ($this->edit)(['kind' => 'day', 'weekday' => 2, 'to' => 3])->assertOk();
    expect(array_column($answer->json('sessions'), 'day'))->toBe(['Wednesday', 'Friday'])
        ->and($answer->json('sessions.0.time'))->toBe('08:30');
    $after = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->get();
    expect($after->pluck('id')->all())->toBe($before->pluck('id')->all())
        ->and($after[0]->starts_at->format('l H:i'))->toBe('Wednesday 08:30');
    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => 2])->assertOk();
    $back = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->get();
    expect($back->pluck('id')->all())->toBe($before->pluck('id')->all())
        ->and($back[0]->starts_at->format('l H:i'))->toBe('Tuesday 08:30');
});

it('takes a session out with its visits ahead, and puts it back', function (): void {
    $answer = ($this->edit)(['kind' => 'remove-session', 'weekday' => 5])->assertOk()->assertJsonCount(1, 'sessions');
    expect(TrainingSession::query()->where('programme_id', $this->programme->id)->count())->toBe(5);
    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => $answer->json('version')])->assertOk()
        ->assertJsonCount(2, 'sessions');
    expect(TrainingSession::query()->where('programme_id', $this->programme->id)->count())->toBe(10);
});

it('adds, moves, groups and removes exercises, each to be taken back', function (): void {
    $sheet = $this->getJson($this->week);
    [$first, $second] = workOn($sheet, 2);
    $grouped = ($this->edit)(['kind' => 'group', 'weekday' => 2, 'slot' => $first])->assertOk();
    $kinds = array_column($grouped->json('sessions.0.blocks'), 'kind');
    expect($kinds)->toContain('superset');
    $moved = ($this->edit)(['kind' => 'move', 'weekday' => 2, 'slot' => $second, 'to' => 5])->assertOk();
    expect(array_column($moved->json('sessions.0.blocks'), 'kind'))->not->toContain('superset')
        ->and(count(workOn($moved, 5)))->toBe(count(workOn($sheet, 5)) + 1);
    $added = ($this->edit)(['kind' => 'write', 'weekday' => 2, 'text' => 'calf raise 2x15'])->assertOk();
    expect(workOn($added, 2))->toContain('2.calf-raise');
    ($this->edit)(['kind' => 'remove', 'weekday' => 2, 'slot' => '2.calf-raise'])->assertOk();
    for ($i = 0; $i < 4; $i++) {
        $sheetNow = $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => $this->version++])->assertOk();
    }
    expect(threadsOn($sheetNow, 2))->toBe(threadsOn($sheet, 2))->and(threadsOn($sheetNow, 5))->toBe(threadsOn($sheet, 5));
});

it('says what is wrong with a change and changes nothing', function (array $edit, string $field, string $words): void {
    $before = $this->getJson($this->week)->json('sessions');
    $thread = workOn($this->getJson($this->week), 2)[0];
    $edit = array_map(static fn (mixed $value): mixed => $value === '$' ? $thread : $value, $edit);
    $answer = ($this->edit)($edit)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect($answer->json('message'))->toContain($words)
        ->and($this->getJson($this->week)->json('sessions'))->toBe($before);
})->with([
    'no such kind' => [['kind' => 'juggle', 'weekday' => 2], 'kind', 'kind must be one of'],
    'a slot that is gone' => [['kind' => 'remove', 'weekday' => 2, 'slot' => 'gone'], 'slot', 'does not stand'],
    'too many sets' => [['kind' => 'ask', 'weekday' => 2, 'slot' => '$', 'ask' => ['sets' => 99]], 'sets', 'between 1 and 20'],
    'no such day' => [['kind' => 'move', 'weekday' => 2, 'slot' => '$', 'to' => 7], 'to', 'no session'],
    'a thing nobody has' => [['kind' => 'add', 'weekday' => 2, 'exercise' => 'kettlebell-swing'], 'exercise', 'swing'],
    'words that mean nothing' => [['kind' => 'write', 'weekday' => 2, 'text' => 'zzz blah'], 'text', 'zzz'],
    'a day that is taken' => [['kind' => 'copy-session', 'weekday' => 2, 'to' => 5], 'to', 'has a session already'],
]);

it('shows one exercise and one session closely', function (): void {
    $sheet = $this->getJson($this->week);
    $thread = workOn($sheet, 2)[0];
    $detail = $this->getJson("{$this->week}/days/2/slots/{$thread}")->assertOk()->assertJsonPath('thread', $thread);
    expect($detail->json('figure.frames'))->not->toBe([])
        ->and($detail->json('cues.setUp'))->not->toBe([])
        ->and($detail->json('easier') === null && $detail->json('harder') === null)->toBeFalse();
    $session = $this->getJson("{$this->week}/days/2")->assertOk();
    expect(array_column($session->json('shorter'), 'minutes'))->toBe([5, 10, 20])
        ->and($session->json('layOut'))->not->toBe([])
        ->and($session->json('workMinutes') + $session->json('restMinutes') + $session->json('changeMinutes'))
        ->toBeGreaterThan(20)->toBeLessThanOrEqual(46);
    $lengths = array_map(count(...), array_column($session->json('shorter'), 'stays'));
    expect($lengths)->toBe(array_values(collect($lengths)->sort()->all()))->and($lengths[0])->toBeGreaterThan(0);
    $this->getJson("{$this->week}/days/2/slots/gone")->assertNotFound();
    $this->getJson("{$this->week}/days/7")->assertNotFound();
    $this->getJson("/api/programmes/{$this->programme->id}/weeks/9")->assertNotFound();
});

it('steps to what the detail says is harder', function (): void {
    $detail = null;
    foreach (workOn($this->getJson($this->week), 2) as $thread) {
        $detail = $this->getJson("{$this->week}/days/2/slots/{$thread}");
        if ($detail->json('harder') !== null) {
            break;
        }
    }
    $sheet = ($this->edit)(['kind' => 'harder', 'weekday' => 2, 'slot' => $detail->json('thread')])->assertOk();
    $slots = array_merge(...array_column($sheet->json('sessions.0.blocks'), 'slots'));
    $now = array_values(array_filter($slots, static fn (array $slot): bool => $slot['thread'] === $detail->json('thread')))[0];
    expect([$now['name'], $now['words']])->toBe([$detail->json('harder.name'), $detail->json('harder.words')]);
});

it('lists the rungs of an exercise that this shelf has, or why there are none', function (): void {
    $rungs = $this->getJson("/api/clients/{$this->client->id}/rungs/goblet-squat")->assertOk();
    $kgs = array_column($rungs->json('rungs'), 'kg');
    expect($kgs)->not->toBe([])->toBe(collect($kgs)->sort()->values()->all())->and($rungs->json('why'))->toBeNull();
    $added = ($this->edit)([
        'kind' => 'add', 'weekday' => 5, 'exercise' => 'goblet-squat', 'setting' => $rungs->json('rungs.0.setting'), 'block' => 0,
    ])->assertOk();
    expect(json_encode($added->json('sessions.1.blocks')))->toContain($rungs->json('rungs.0.words'));
    $none = $this->getJson("/api/clients/{$this->client->id}/rungs/kettlebell-swing")->assertOk()->assertJsonPath('rungs', []);
    expect($none->json('why'))->not->toBe('');
    $this->getJson("/api/clients/{$this->client->id}/rungs/moonwalk")->assertNotFound();
});

it('draws the main lifts forward', function (): void {
    $lifts = $this->getJson("/api/programmes/{$this->programme->id}/forecast")->assertOk();
    expect($lifts->json())->not->toBe([])
        ->and(array_column($lifts->json('0.points'), 'week'))->toBe([1, 2, 3, 4, 5])
        ->and($lifts->json('0.points.0.kind'))->toBe('start')
        ->and($lifts->json('0.points.4.kind'))->toBe('lighter');
});

it('shows a score only of what was planned', function (): void {
    $shown = fn (): TestResponse => $this->getJson("/api/clients/{$this->client->id}/programmes?programme={$this->programme->id}");
    expect($shown()->json('shown.total'))->not->toBeNull();
    ($this->edit)(['kind' => 'remove', 'weekday' => 2, 'slot' => workOn($this->getJson($this->week), 2)[0]])->assertOk();
    expect($shown()->json('shown.total'))->toBeNull()->and($shown()->json('shown.heldBack'))->toBe([]);
    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => $this->version])->assertOk();
    expect($shown()->json('shown.total'))->not->toBeNull();
});

it('shows nobody else the programme', function (): void {
    $this->actingAs(Saltmarrow::trainer('other@saltmarrow.example'));
    $this->getJson($this->week)->assertNotFound();
    $this->postJson("{$this->week}/edits", ['version' => 1, 'edit' => ['kind' => 'order', 'weekday' => 2]])->assertNotFound();
    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => 1])->assertNotFound();
});
