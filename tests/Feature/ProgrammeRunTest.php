<?php

declare(strict_types=1);

use App\Enums\ProgrammeState;
use App\Models\Programme;
use App\Models\ProgrammeTurn;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

// 26 November 2026 is a Thursday.
beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-26 09:00', 'UTC'));
    $this->trainer = Saltmarrow::trainer();
    $this->actingAs($this->trainer);
    $this->client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($this->client, 'dumbbell', 'pair', 2, ['mass_kg' => 6]);
    $this->path = "/api/clients/{$this->client->id}";
});

/** A programme of some weeks on two days, kept as a draft, and started where nothing is in the way. */
function kept(string $startsOn, int $weeks = 4, array $more = []): array
{
    return [
        'goal' => 'health', 'experience' => 'some', 'weeks' => $weeks, 'order' => 'compound-first', 'structure' => 'straight',
        'startsOn' => $startsOn,
        'days' => [['weekday' => 1, 'minutes' => 30, 'time' => '09:00'], ['weekday' => 4, 'minutes' => 30, 'time' => '09:00']],
        ...$more,
    ];
}

/** @return list<string> Dates of the visits that stand, with the programme each is of. */
function standing(): array
{
    return array_values(TrainingSession::query()->orderBy('starts_at')->get()
        ->map(static fn (TrainingSession $visit): string => "{$visit->programme_id} {$visit->starts_at->toDateString()}")->all());
}

function running(object $test): int
{
    return $test->postJson("{$test->path}/programmes", kept('2026-11-23', 4, ['start' => true]))->assertOk()->json('id');
}

it('asks when what runs shall end, keeps nothing meanwhile, and shows what would go', function (): void {
    $old = running($this);
    expect(standing())->toHaveCount(7)->toContain("$old 2026-11-26", "$old 2026-12-17");
    $this->postJson("{$this->path}/programmes", kept('2026-12-07', 4, ['start' => true]))
        ->assertUnprocessable()
        ->assertJsonValidationErrors('ends');
    expect(Programme::query()->count())->toBe(1)->and(standing())->toHaveCount(7);

    $new = $this->postJson("{$this->path}/programmes", kept('2026-12-07'))->assertOk()->json('id');
    $preview = $this->getJson("{$this->path}/programmes/{$new}/start")->assertOk()->json();
    expect($preview['firstDay'])->toBe('2026-12-07')
        ->and($preview['lastDays'])->toBe(['2026-12-06', '2026-11-26'])
        ->and($preview['running'][0]['id'])->toBe($old)
        ->and(array_column($preview['running'][0]['visits'], 'date'))->toContain('2026-11-30', '2026-12-17');
    $this->postJson("{$this->path}/programmes/{$new}/start", [])->assertUnprocessable()->assertJsonValidationErrors('ends');
    foreach (['2026-12-09', 'soon'] as $ends) {
        $this->postJson("{$this->path}/programmes/{$new}/start", ['ends' => $ends])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('ends');
    }
    expect(standing())->toHaveCount(7);
});

it('ends what runs on the eve: today’s visit stays, and the day itself changes over', function (): void {
    $old = running($this);
    $new = $this->postJson("{$this->path}/programmes", kept('2026-12-07', 1))->json('id');
    $this->postJson("{$this->path}/programmes/{$new}/start", ['ends' => '2026-12-06'])->assertOk()->assertJsonPath('state', 'waiting');
    expect(standing())->toBe(["$old 2026-11-26", "$old 2026-11-30", "$old 2026-12-03", "$new 2026-12-07", "$new 2026-12-10"]);
    $this->getJson("{$this->path}/programmes")->assertJsonPath('shown.id', $old)->assertJsonPath('shown.endsOn', '2026-12-06');
    $this->getJson('/api/round')->assertJsonPath('visits.0.state', 'planned');

    $this->travelTo(CarbonImmutable::parse('2026-12-07 06:00', 'UTC'));
    $this->getJson("{$this->path}/programmes")->assertJsonPath('shown.id', $new)->assertJsonPath('shown.state', 'running');
    $this->getJson("{$this->path}/programmes?programme={$old}")->assertJsonPath('shown.state', 'ended');
    // Whatever is started next finds it so.
    $third = $this->postJson("{$this->path}/programmes", kept('2026-12-14', 1))->json('id');
    $this->postJson("{$this->path}/programmes/{$third}/start", ['ends' => '2026-12-13'])->assertOk();
    expect(Programme::query()->findOrFail($old)->state)->toBe(ProgrammeState::Ended)
        ->and(Programme::query()->findOrFail($new)->state)->toBe(ProgrammeState::Running);
});

it('is taken back whole: states, days, visits, and what was changed on them', function (): void {
    $old = running($this);
    $moved = TrainingSession::query()->where('starts_at', '>', '2026-12-08')->firstOrFail();
    $this->putJson("/api/visits/{$moved->id}", ['date' => '2026-12-11', 'time' => '10:00', 'why' => 'fair'])->assertSuccessful();
    $before = standing();
    $new = $this->postJson("{$this->path}/programmes", kept('2026-12-07', 2))->json('id');
    $turn = $this->postJson("{$this->path}/programmes/{$new}/start", ['ends' => '2026-11-26'])->assertOk()->json('lastTurn');
    expect($turn)->toMatchArray(['kind' => 'started', 'gone' => 6, 'made' => 4])->and(standing())->not->toBe($before);
    $this->deleteJson("/api/programmes/{$new}/turns/{$turn['id']}")->assertNoContent();
    expect(standing())->toBe($before)
        ->and($moved->refresh()->why)->toBe('fair')
        ->and(Programme::query()->findOrFail($old))->state->toBe(ProgrammeState::Running)->ends_on->toBeNull()
        ->and(Programme::query()->findOrFail($new)->state)->toBe(ProgrammeState::Draft);
    $this->deleteJson("/api/programmes/{$new}/turns/{$turn['id']}")->assertUnprocessable();
});

it('cannot be taken back once a visit of it was begun, and says so', function (): void {
    $draft = $this->postJson("{$this->path}/programmes", kept('2026-11-26', 2))->json('id');
    $turn = $this->postJson("{$this->path}/programmes/{$draft}/start", [])->assertOk()->json('lastTurn');
    $visit = TrainingSession::query()->orderBy('starts_at')->firstOrFail();
    $this->happened(Saltmarrow::event($visit, 'started'))->assertOk();
    $this->deleteJson("/api/programmes/{$draft}/turns/{$turn['id']}")
        ->assertUnprocessable()
        ->assertJsonPath('errors.turn.0', 'The visit of 26 November has been begun; what was done stays done. Stop the programme instead.');
});

it('stops on a day, goes on from the week it had come to, and both are taken back', function (): void {
    $old = running($this);
    $before = standing();
    $stopped = $this->postJson("/api/programmes/{$old}/stop", ['lastDay' => '2026-11-26'])->assertOk()->json();
    expect(standing())->toBe(["$old 2026-11-26"])->and($stopped['gone'])->toBe(6);
    $this->getJson("{$this->path}/programmes")->assertJsonPath('shown.state', 'running')->assertJsonPath('shown.endsOn', '2026-11-26');
    $this->travelTo(CarbonImmutable::parse('2026-12-15 09:00', 'UTC'));
    $this->getJson("{$this->path}/programmes?programme={$old}")->assertJsonPath('shown.state', 'ended');
    // Nothing was done of it: it begins with its first week, on the next Monday.
    $this->postJson("/api/programmes/{$old}/go-on")->assertOk();
    expect(array_slice(standing(), 0, 3))->toBe(["$old 2026-11-26", "$old 2026-12-21", "$old 2026-12-28"]);
    $last = ProgrammeTurn::query()->orderByDesc('id')->firstOrFail();
    $this->deleteJson("/api/programmes/{$old}/turns/{$last->id}")->assertNoContent();
    expect(standing())->toBe(["$old 2026-11-26"]);
    $this->deleteJson("/api/programmes/{$old}/turns/{$stopped['id']}")->assertNoContent();
    expect(standing())->toBe($before);
});

it('rests for a holiday: whole weeks are done later, single visits go', function (string $from, string $until, string $expected): void {
    $old = running($this);
    $before = standing();
    $turn = $this->postJson("/api/programmes/{$old}/pause", ['from' => $from, 'until' => $until])->assertOk()->json();
    expect(standing())->toBe(array_map(static fn (string $day): string => "$old $day", explode(' ', $expected)));
    $this->deleteJson("/api/programmes/{$old}/turns/{$turn['id']}")->assertNoContent();
    expect(standing())->toBe($before);
})->with([
    'two weeks' => ['2026-11-30', '2026-12-13', '2026-11-26 2026-12-14 2026-12-17 2026-12-21 2026-12-24 2026-12-28 2026-12-31'],
    'some days, one visit' => ['2026-12-02', '2026-12-05', '2026-11-26 2026-11-30 2026-12-07 2026-12-10 2026-12-14 2026-12-17'],
    'a week and a day' => ['2026-11-30', '2026-12-07', '2026-11-26 2026-12-10 2026-12-14 2026-12-17 2026-12-21 2026-12-24'],
]);

it('says what of a pause or an end cannot be, by its field', function (string $path, array $said, string $field): void {
    $old = running($this);
    $this->postJson("/api/programmes/{$old}/{$path}", $said)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(standing())->toHaveCount(7);
})->with([
    'no last day' => ['stop', [], 'lastDay'],
    'no day' => ['stop', ['lastDay' => 'tomorrow'], 'lastDay'],
    'back to front' => ['pause', ['from' => '2026-12-07', 'until' => '2026-12-01'], 'until'],
    'behind today' => ['pause', ['from' => '2026-11-01', 'until' => '2026-12-01'], 'from'],
    'it runs' => ['go-on', [], 'programme'],
]);

it('ends a pause before its time', function (): void {
    $old = running($this);
    $this->postJson("/api/programmes/{$old}/pause", ['from' => '2026-11-30', 'until' => '2026-12-20'])->assertOk();
    $this->travelTo(CarbonImmutable::parse('2026-12-07 07:00', 'UTC'));
    $this->getJson("{$this->path}/programmes")->assertJsonPath('shown.pausedUntil', '2026-12-20');
    $this->postJson("/api/programmes/{$old}/go-on")->assertOk();
    expect(array_slice(standing(), 0, 3))->toBe(["$old 2026-11-26", "$old 2026-12-07", "$old 2026-12-10"]);
    $this->getJson("{$this->path}/programmes")->assertJsonPath('shown.week', 2)->assertJsonPath('shown.pausedUntil', null);
});

it('is nobody else’s', function (): void {
    $old = running($this);
    $turn = ProgrammeTurn::query()->firstOrFail();
    $this->actingAs(Saltmarrow::trainer('other@saltmarrow.example'));
    $this->getJson("{$this->path}/programmes/{$old}/start")->assertNotFound();
    $this->postJson("{$this->path}/programmes/{$old}/start")->assertNotFound();
    foreach (['stop', 'pause', 'go-on'] as $path) {
        $this->postJson("/api/programmes/{$old}/{$path}")->assertNotFound();
    }
    $this->deleteJson("/api/programmes/{$old}/turns/{$turn->id}")->assertNotFound();
});
