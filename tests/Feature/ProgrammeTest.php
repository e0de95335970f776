<?php

declare(strict_types=1);

use App\Enums\ProgrammeState;
use App\Models\Programme;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\Saltmarrow;

const WISH = [
    'goal' => 'muscle',
    'experience' => 'some',
    'weeks' => 5,
    'order' => 'compound-first',
    'structure' => 'superset',
    'startsOn' => '2026-11-30',
    'days' => [
        ['weekday' => 2, 'minutes' => 30, 'time' => '08:30'],
        ['weekday' => 5, 'minutes' => 45, 'time' => '17:00'],
    ],
];

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-26 09:00', 'UTC'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'chair', 'kitchen chair', 1, ['height_cm' => 46, 'mass_kg' => 6]);
    $this->path = "/api/clients/{$this->client->id}/programmes";
    $this->actingAs($this->trainer);
});

it('proposes a programme with its proofs and keeps nothing of it', function (): void {
    $before = Programme::query()->count();
    $answer = $this->postJson("/api/clients/{$this->client->id}/programme-proposals", WISH)->assertOk();
    $answer->assertJsonPath('state', 'proposed')->assertJsonPath('id', null)->assertJsonCount(5, 'weeks')
        ->assertJsonPath('weeks.4.kind', 'deload')->assertJsonPath('weeks.1.startsOn', '2026-12-07');
    expect(array_column($answer->json('weeks.0.sessions'), 'day'))->toBe(['Tuesday', 'Friday'])
        ->and(array_sum(array_column($answer->json('score'), 'points')))->toEqualWithDelta($answer->json('total'), 0.6)
        ->and(array_unique(array_column($answer->json('checks'), 'id')))->toHaveCount(15)
        ->and($answer->json('heldBack'))->not->toBe([])
        ->and(Programme::query()->count())->toBe($before);
    foreach ($answer->json('weeks') as $week) {
        foreach ($week['sessions'] as $session) {
            expect($session['likelyMinutes'])->toBeLessThanOrEqual($session['minutes']);
        }
    }
});

it('plans the same as the command does', function (): void {
    $brief = (new App\Actions\Programme\Wish(
        Goal::Muscle,
        NimbleShelf\Core\Strength\Experience::Some,
        [NimbleShelf\Core\Programme\TrainingDay::of(2, 30), NimbleShelf\Core\Programme\TrainingDay::of(5, 45)],
        [2 => '08:30', 5 => '17:00'],
        5,
        NimbleShelf\Core\Programme\OrderSchool::CompoundFirst,
        NimbleShelf\Core\Programme\Structure::Superset,
        CarbonImmutable::parse('2026-11-30'),
    ))->briefFor(app(App\Actions\Clients\DescribeClient::class)->situation($this->client));
    $plan = app(NimbleShelf\Core\Programme\Planner::class)->plan($brief);
    $screen = $this->postJson("/api/clients/{$this->client->id}/programme-proposals", WISH)->json('weeks.0.sessions');
    foreach ($plan->weeks[0]->days as $i => $day) {
        $items = array_merge(...array_column($screen[$i]['blocks'], 'items'));
        $shown = array_column($items, 'thread');
        expect($shown)->toBe(array_map(static fn ($slot): string => $slot->thread, $day->plan->slots()));
    }
});

it('keeps a draft, then starts one: visits stand on the round and the earlier one ends', function (): void {
    $draft = $this->postJson($this->path, WISH)->assertOk()->assertJsonPath('state', 'draft');
    expect(TrainingSession::query()->where('programme_id', $draft->json('id'))->count())->toBe(0);
    $this->getJson($this->path)->assertOk()->assertJsonPath('shown.id', $draft->json('id'));

    $this->postJson("{$this->path}/{$draft->json('id')}/start")->assertOk()->assertJsonPath('state', 'running');
    expect(TrainingSession::query()->where('programme_id', $draft->json('id'))->count())->toBe(10);
    $this->postJson("{$this->path}/{$draft->json('id')}/start")->assertUnprocessable()->assertJsonValidationErrors(['start']);
    $this->getJson("{$this->path}?programme={$draft->json('id')}")->assertOk()->assertJsonPath('shown.state', 'running');
    $this->getJson("{$this->path}?programme=999")->assertNotFound();

    $first = $this->postJson($this->path, ['start' => true, 'ends' => '2026-11-29'] + WISH)
        ->assertOk()
        ->assertJsonPath('state', 'waiting')
        ->json('id');
    $second = $this->postJson($this->path, ['start' => true, 'ends' => '2026-11-29', 'weeks' => 2] + WISH)->assertOk()->json('id');
    // One that waited and never came to its day is a draft again; what runs has its last day on the eve.
    expect(Programme::query()->findOrFail($first)->state)->toBe(ProgrammeState::Draft)
        ->and(Programme::query()->findOrFail($draft->json('id'))->ends_on?->toDateString())->toBe('2026-11-29');
    $this->travelTo(CarbonImmutable::parse('2026-11-30 06:00', 'UTC'));
    expect(Programme::query()->findOrFail($second)->standing())->toBe(ProgrammeState::Running)
        ->and(Programme::query()->findOrFail($draft->json('id'))->standing())->toBe(ProgrammeState::Ended);
    // What the earlier ones had ahead is off the round; what has passed would stay.
    expect(TrainingSession::query()->whereIn('programme_id', [$first, $draft->json('id')])->count())->toBe(0);
    $visits = TrainingSession::query()->where('programme_id', $second)->orderBy('starts_at')->get();
    expect($visits)->toHaveCount(4)
        ->and($visits[0]->starts_at->setTimezone($this->trainer->zone())->format('Y-m-d H:i'))->toBe('2026-12-01 08:30')
        ->and(count($visits[0]->items()))->toBeGreaterThan(4);
    $shown = $this->getJson($this->path)->assertOk()->assertJsonPath('shown.id', $second)->json('shown');
    expect($shown['weeks'])->toHaveCount(2)
        ->and(array_filter($shown['checks'], static fn (array $check): bool => $check['verdict'] === 'no'))->toBe([])
        ->and($shown['weeks'][0]['sessions'][0]['blocks'][1]['items'][0]['why'])->not->toBe('');
});

it('keeps what is pinned when it plans again', function (): void {
    $item = $this->postJson("/api/clients/{$this->client->id}/programme-proposals", WISH)->json('weeks.0.sessions.1.blocks.1.items.0');
    $pinned = [['weekday' => 5, 'exercise' => $item['exercise'], 'sets' => 2]];
    $again = $this->postJson("/api/clients/{$this->client->id}/programme-proposals", ['pinned' => $pinned] + WISH)->assertOk();
    $friday = array_merge(...array_map(
        static fn (array $block): array => array_column($block['items'], 'sets', 'exercise'),
        $again->json('weeks.0.sessions.1.blocks'),
    ));
    expect($friday[$item['exercise']])->toBe(2);
    $this->postJson("/api/clients/{$this->client->id}/programme-proposals", [
        'pinned' => [['weekday' => 5, 'exercise' => 'kettlebell-swing', 'sets' => 2]],
    ] + WISH)->assertUnprocessable()->assertJsonValidationErrors(['pinned.0.exercise']);
});

it('names the field of a wish that cannot be', function (string $field, mixed $value, string $named): void {
    $wish = WISH;
    data_set($wish, $field, $value);
    $this->postJson($this->path, $wish)->assertUnprocessable()->assertJsonValidationErrors([$named]);
    expect(Programme::query()->where('client_id', $this->client->id)->where('state', 'draft')->count())->toBe(0);
})->with([
    ['goal', 'fame', 'goal'], ['weeks', 0, 'weeks'], ['weeks', 27, 'weeks'], ['days', [], 'days'], ['days.0.minutes', 5, 'days.0.minutes'],
    ['days.0.time', 'early', 'days.0.time'], ['days.1.weekday', 2, 'days.1.weekday'], ['order', 'random', 'order'],
    ['structure', 'pyramid', 'structure'], ['startsOn', 'soon', 'startsOn'], ['experience', 'lots', 'experience'],
]);

it('does not start what health locks, and says why', function (): void {
    $this->client->screenings()->delete();
    $this->postJson($this->path, ['start' => true] + WISH)->assertUnprocessable()->assertJsonValidationErrors(['start']);
    $this->postJson($this->path, WISH)->assertOk();
});

it('reads a session in words, says what it cannot do, and keeps it on each of the days', function (): void {
    $path = "/api/clients/{$this->client->id}/programme-proposals";
    $text = "warm-up: arm circles\ngoblet squat 3x10 8 kg\nA: floor press / row 3x12 rest 60\nhip thrust 3x12\nanvil toss";
    $read = $this->postJson($path, ['text' => $text] + WISH)->assertOk()->assertJsonCount(5, 'written')->assertJsonPath('total', null)
        ->assertJsonPath('written.1.slots.0.name', 'Goblet squat')->assertJsonPath('written.1.slots.0.short', '3 × 10 repetitions')
        ->assertJsonPath('written.2.kind', 'section')->assertJsonPath('written.4.slots.0.name', null)
        ->assertJsonPath('written.4.doubts.0.question', 'Which exercise is “anvil toss”?')
        ->assertJsonCount(3, 'written.4.doubts.0.choices')
        ->assertJsonPath('written.4.doubts.0.from', mb_strpos($text, 'anvil'))
        ->assertJsonPath('written.1.slots.0.assumed', ['rest 75 s, usual']);
    // A ladder says what each round asks for.
    $this->postJson($path, ['text' => 'pyramid 6-8-10-8-6 push-ups'] + WISH)->assertOk()
        ->assertJsonPath('written.0.slots.0.short', '6–8–10–8–6 repetitions');
    expect($read->json('weeks.0.sessions'))->toHaveCount(2)
        ->and($read->json('weeks.0.sessions.0.name'))->toBe('Full body')
        ->and(array_column($read->json('weeks.0.sessions.1.blocks'), 'kind'))->toContain('warm-up', 'straight', 'section')
        ->and(array_column($read->json('checks'), 'id'))->toContain('time', 'frame', 'balance-push-pull');
    $this->postJson($this->path, ['text' => $text] + WISH)->assertUnprocessable()->assertJsonValidationErrors(['text']);
    $kept = $this->postJson($this->path, ['text' => "squat 3x8\nplank as long as clean"] + WISH)
        ->assertOk()->assertJsonPath('state', 'draft');
    // It grows a repetition a week like what is planned; the fifth week is lighter.
    expect($kept->json('weeks.3.sessions.1.blocks.0.items.0.short'))->toBe('3 × 11')
        ->and($kept->json('weeks.4.sessions.1.blocks.0.items.0.short'))->toBe('2 × 11')
        ->and($kept->json('weeks.4.sessions.1.blocks.1.kind'))->toBe('hold');
    $this->postJson($this->path, ['text' => 'squat 3x8', 'weeks' => 1] + WISH)->assertOk()->assertJsonPath('name', 'Muscle, 1 week');
    $this->postJson($path, ['text' => str_repeat('squat ', 4000)] + WISH)->assertUnprocessable()->assertJsonValidationErrors(['text']);
});

it('makes no visit in the past, and leaves what was begun', function (): void {
    $late = ['start' => true, 'startsOn' => '2026-11-16'] + WISH;
    $first = $this->postJson($this->path, $late)->assertOk()->json('id');
    $visits = TrainingSession::query()->where('programme_id', $first)->orderBy('starts_at')->get();
    expect($visits)->toHaveCount(7)->and($visits[0]->starts_at->toDateString())->toBe('2026-11-27');
    $visits[0]->update(['started_at' => $visits[0]->starts_at]);
    $this->postJson($this->path, ['start' => true, 'ends' => '2026-11-29'] + WISH)->assertOk();
    expect(TrainingSession::query()->where('programme_id', $first)->pluck('id')->all())->toBe([$visits[0]->id]);
});

it('shows nobody another trainer’s programmes', function (): void {
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson($this->path)->assertNotFound();
    $this->postJson($this->path, WISH)->assertNotFound();
    $this->postJson("/api/clients/{$this->client->id}/programme-proposals", WISH)->assertNotFound();
    $programme = $this->client->programmes()->create(['name' => 'Kept', 'starts_on' => '2026-11-30']);
    $this->postJson("{$this->path}/{$programme->id}/start")->assertNotFound();
});

it('has an empty place that says what can be chosen', function (): void {
    $this->getJson($this->path)->assertOk()->assertJsonPath('shown', null)->assertJsonPath('startsOn', '2026-11-26')
        ->assertJsonCount(9, 'goals')->assertJsonCount(5, 'structures');
});

it('starts from what is on record: days, minutes, experience, and today where it is the first', function (): void {
    $this->client->update(['experience' => 'beginner', 'days_per_week' => 3, 'minutes' => 30]);
    // A Thursday: the week of three days begins with it.
    $first = $this->getJson($this->path)->assertOk()->json();
    expect($first)->toMatchArray(['experience' => 'new', 'startsOn' => '2026-11-26'])
        ->and(array_column($first['days'], 'weekday'))->toBe([1, 4, 6])
        ->and(array_unique(array_column($first['days'], 'minutes')))->toBe([30]);
    $this->postJson($this->path, WISH)->assertOk();
    $this->client->update(['experience' => 'years', 'days_per_week' => 2, 'minutes' => 20]);
    $next = $this->getJson($this->path)->json();
    expect($next)->toMatchArray(['experience' => 'years', 'startsOn' => '2026-11-30'])
        // As many days as the last one had: those, at their hours.
        ->and($next['days'])->toBe(array_map(
            static fn (array $day): array => ['weekday' => $day['weekday'], 'minutes' => 20, 'time' => $day['time']],
            WISH['days'],
        ));
    $this->client->update(['days_per_week' => null, 'minutes' => 5]);
    expect($this->getJson($this->path)->json('days.0.minutes'))->toBe(10);
});
