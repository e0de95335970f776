<?php

declare(strict_types=1);

use App\Models\Change;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\SetLog;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Saltmarrow;

/*
 * What a device does with a session while it runs, with or without a network: sets by the clock, how hard they were, swaps
 * taken from what was fetched beforehand, one set more, a choice, how somebody is today.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'dumbbell', '6 kg dumbbell', 2, ['mass_kg' => 6]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
    $this->shown = fn () => $this->getJson("/api/sessions/{$this->session->id}")->assertOk();
    $this->said = fn (string $kind, array $with = []): array => Saltmarrow::event($this->session, $kind, $with);
});

it('keeps a set that nobody counted, with its seconds, and reckons no capacity from it', function (): void {
    $this->happened(Saltmarrow::setDone($this->item, ['reps' => null, 'reserve' => null, 'seconds' => 40]))->assertOk();
    $log = SetLog::query()->firstOrFail();
    expect([$log->reps, $log->reserve, $log->seconds])->toBe([null, null, 40]);
    ($this->shown)()->assertJsonPath('blocks.0.items.0.setLogs.0.reps', null)
        ->assertJsonPath('blocks.0.items.0.setLogs.0.seconds', 40);
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertOk()
        ->assertJsonPath('entries.0.seconds', 40)
        ->assertJsonPath('patterns', []);
});

it('hears how hard a set was after the set, or before it came, and believes what was said last', function (bool $isFirst): void {
    $set = Saltmarrow::setDone($this->item, ['reserve' => null]);
    $rated = static fn (object $test, int $reserve, string $at): array => ($test->said)(
        'set-rated',
        ['targetKey' => $set['key'], 'reserve' => $reserve, 'at' => $at],
    );
    $events = [
        $set,
        $rated($this, 3, '2026-11-26T09:01:00+00:00'),
        $rated($this, 1, '2026-11-26T09:02:00+00:00'),
    ];
    $this->happened(...($isFirst ? $events : array_reverse($events)))->assertOk();
    expect(SetLog::query()->sole()->reserve)->toBe(1.0);
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertJsonPath('patterns.0.name', 'Elbow flexion');
})->with(['after it' => true, 'before it' => false]);

it('offers what is easier, harder and instead, ready to be taken', function (): void {
    $answer = $this->getJson("/api/sessions/{$this->session->id}/alternatives")->assertOk()
        ->assertJsonPath('items.0.itemId', $this->item->id)
        ->assertJsonPath('items.0.easier.item.words', '6 kg in each hand: two 6 kg dumbbells')
        ->assertJsonPath('items.0.easier.way', 'easier')
        ->assertJsonPath('items.0.harder', fn (?array $harder): bool => $harder === null
            || $harder['item']['exercise'] !== 'biceps-curl');
    $swaps = $answer->json('items.0.swaps');
    expect($swaps)->not->toBe([]);
    // Each brings its own sets: as many as are asked for, with what tells that they are through.
    foreach ([$answer->json('items.0.easier'), ...$swaps] as $one) {
        $work = array_filter($one['steps'], static fn (array $step): bool => $step['kind'] === 'work' && $step['endsSet']);
        expect(array_values(array_unique(array_column($work, 'setNumber'))))->toBe([1, 2, 3])
            ->and(array_unique(array_column($work, 'itemId')))->toBe([$this->item->id])
            ->and(array_column($work, 'counting'))->each->toBeIn(['repetitions', 'down', 'up']);
    }
});

it('says which rung the other ways were reckoned for, also after a swap', function (): void {
    $read = fn (): array => [
        ($this->shown)()->json('blocks.0.items.0.rung'),
        $this->getJson("/api/sessions/{$this->session->id}/alternatives")->json('items.0'),
    ];
    [$before, $others] = $read();
    expect($others['rung'])->toBe($before)->and($others['own']['item']['rung'])->toBe($before)
        ->and($others['own']['item']['words'])->toBe('8 kg in each hand: two 8 kg dumbbells');
    $this->happened(($this->said)('swapped', ['itemId' => $this->item->id, 'instead' => $others['easier']['instead']]))->assertOk();
    [$after, $then] = $read();
    expect($after)->toBe($others['easier']['item']['rung'])->not->toBe($before)
        ->and($then['rung'])->toBe($after)->and($then['harder']['item']['rung'])->toBe($before);
});

it('lays a swap made on the Floor over the day, and lifts it off when it is taken back', function (): void {
    $easier = $this->getJson("/api/sessions/{$this->session->id}/alternatives")->json('items.0.easier');
    $swap = ($this->said)('swapped', ['itemId' => $this->item->id, 'instead' => $easier['instead'], 'why' => 'tired']);
    $this->happened($swap)->assertOk();
    $this->happened($swap)->assertOk();
    ($this->shown)()->assertJsonPath('blocks.0.items.0.words', '6 kg in each hand: two 6 kg dumbbells')
        ->assertJsonPath('facts.0.kind', 'swapped');
    expect(Change::query()->count())->toBe(1)
        ->and(Change::query()->sole()->occasion)->toBe('On the Floor')
        ->and($this->item->fresh()->prescribed->setting->massKg)->toBe(8.0);
    $this->happened(($this->said)('taken-up', ['targetKey' => $swap['key']]))->assertOk();
    ($this->shown)()->assertJsonPath('blocks.0.items.0.words', '8 kg in each hand: two 8 kg dumbbells')->assertJsonPath('facts', []);
});

it('knows a swap that was taken back before it came', function (): void {
    $swap = ($this->said)('swapped', [
        'itemId' => $this->item->id,
        'instead' => ['exercise' => 'hammer-curl'] + $this->item->prescribed->toArray(),
    ]);
    $this->happened(($this->said)('taken-up', ['targetKey' => $swap['key']]), $swap)->assertOk();
    expect($this->item->fresh()->now()->exercise)->toBe('biceps-curl')->and(Change::query()->count())->toBe(0);
});

it('refuses a swap for nothing it knows', function (): void {
    $this->happened(($this->said)('swapped', [
        'itemId' => $this->item->id,
        'instead' => ['exercise' => 'moonwalk'] + $this->item->prescribed->toArray(),
    ]))->assertConflict();
    $this->happened(($this->said)('swapped', ['itemId' => $this->item->id, 'instead' => ['sets' => 3]]))->assertConflict();
    expect(FloorEvent::query()->count())->toBe(0);
});

it('adds a set to the steps, and takes it out again', function (): void {
    $added = ($this->said)('added', ['itemId' => $this->item->id]);
    $this->happened($added)->assertOk();
    $sets = fn (): array => array_values(array_filter(array_column(($this->shown)()->json('steps'), 'setNumber')));
    expect($sets())->toBe([1, 2, 3, 4]);
    $this->happened(($this->said)('taken-up', ['targetKey' => $added['key']]))->assertOk();
    expect($sets())->toBe([1, 2, 3]);
});

it('adds a round where the rule says how many there are', function (string $kind, array $rule, array $last): void {
    $block = $this->session->blocks()->create(['kind' => $kind, 'name' => 'B', 'rule' => $rule, 'position' => 9]);
    $sets = count($rule['doses'] ?? [1, 1]);
    $items = array_map(static fn (int $i): Item => $block->items()->create([
        'position' => $i,
        'prescribed' => Saltmarrow::asked(['push-up', 'squat'][$i], ['implement' => 'body-weight'], sets: $sets),
    ]), [0, 1]);
    $asked = function () use ($items): array {
        $work = array_filter(($this->shown)()->json('steps'), static fn (array $step): bool => $step['kind'] === 'work');

        return array_map(static fn (Item $item): array => array_values(array_map(
            static fn (array $step): array => [$step['setNumber'], $step['dose']],
            array_filter($work, static fn (array $step): bool => $step['itemId'] === $item->id),
        )), $items);
    };
    $before = $asked();
    $added = array_map(fn (Item $item): array => ($this->said)('added', ['itemId' => $item->id]), $items);
    $this->happened(...$added)->assertOk();
    expect($asked())->toBe([[...$before[0], $last], [...$before[1], $last]]);
    $this->happened(($this->said)('taken-up', ['targetKey' => $added[0]['key']]))->assertOk();
    expect($asked())->toBe([$before[0], [...$before[1], $last]]);
})->with([
    'a superset' => ['superset', ['rounds' => 2], [3, 10]],
    'a circuit' => ['circuit', ['rounds' => 2, 'round_rest_s' => 60], [3, 10]],
    'a ladder stays at its last rung' => ['ladder', ['doses' => [12, 9, 6]], [4, 6]],
    'intervals' => ['intervals', ['rounds' => 2, 'work_s' => 30, 'rest_s' => 15], [3, 30]],
]);

it('tells everything a menu offers, and what was picked', function (): void {
    $menu = $this->session->blocks()->create(['kind' => 'menu', 'name' => 'B', 'rule' => ['pick' => 1], 'position' => 9]);
    foreach (['push-up', 'squat'] as $i => $exercise) {
        $menu->items()->create([
            'position' => $i + 1,
            'prescribed' => Saltmarrow::asked($exercise, ['implement' => 'body-weight'], sets: 1),
        ]);
    }
    [$one, $two] = $menu->items()->pluck('id')->all();
    $this->happened(($this->said)('picked', ['itemIds' => [$two]]))->assertOk();
    $shown = ($this->shown)()->assertJsonPath('blocks.1.pick', 1)->assertJsonPath('facts.0.itemIds', [$two]);
    $work = array_filter($shown->json('steps'), static fn (array $step): bool => $step['kind'] === 'work');
    expect(array_column($work, 'itemId'))->toContain($one, $two);
});

it('says for each set what tells that it is through, and how it is done', function (): void {
    $block = $this->session->blocks()->create(['kind' => 'hold', 'name' => 'B', 'position' => 9]);
    $block->items()->create([
        'position' => 1,
        'prescribed' => Saltmarrow::asked('forearm-plank', ['implement' => 'body-weight'], sets: 1)
            ->with(dose: Dose::asLongAsClean(60)),
    ]);
    $block->items()->create([
        'position' => 2,
        'prescribed' => Saltmarrow::asked('side-plank', ['implement' => 'body-weight'], sets: 1)
            ->with(dose: Dose::seconds(20, perSide: true), sides: Sides::Each),
    ]);
    $work = array_values(array_filter(($this->shown)()->json('steps'), static fn (array $step): bool => $step['kind'] === 'work'));
    expect(array_map(static fn (array $step): array => [$step['counting'], $step['dose'], $step['side']], $work))->toBe([
        ['repetitions', 10, null], ['repetitions', 10, null], ['repetitions', 10, null],
        ['up', 60, null], ['down', 20, 'left'], ['down', 20, 'right'],
    ]);
});

it('remembers the longest hold of earlier sessions', function (): void {
    $plank = Saltmarrow::item($this->session, 'forearm-plank', ['implement' => 'body-weight'], sets: 1);
    $earlier = Saltmarrow::session($this->client, now()->subDays(3)->toImmutable());
    $before = Saltmarrow::item($earlier, 'forearm-plank', ['implement' => 'body-weight'], sets: 2);
    $this->happened(
        Saltmarrow::setDone($before, ['reps' => 41, 'reserve' => 0]),
        Saltmarrow::setDone($before, ['setNumber' => 2, 'reps' => 33, 'reserve' => 0]),
        Saltmarrow::setDone($plank, ['reps' => 60, 'reserve' => 0]),
    )->assertOk();
    ($this->shown)()->assertJsonPath('blocks.1.items.0.bestSeconds', 41)->assertJsonPath('blocks.0.items.0.bestSeconds', null);
});

it('asks for the pressure where it matters, and trains nobody whose pressure is too high', function (): void {
    $this->client->update(['limits' => ['high-blood-pressure']]);
    ($this->shown)()->assertJsonPath('asksPressure', true)->assertJsonPath('stopSystolic', 180)->assertJsonPath('locks', []);
    $this->happened(($this->said)('readiness', [
        'sleep' => 'badly', 'soreness' => ['knee' => 2], 'systolic' => 185, 'diastolic' => 95,
    ]))->assertOk();
    ($this->shown)()->assertJsonPath('locks.0.why', fn (string $why): bool => str_contains($why, '185/95'));
    $this->happened(($this->said)('started'))->assertConflict()->assertJsonPath('refused.0.field', 'lock');
    $this->travel(1)->minutes();
    $this->happened(($this->said)('readiness', ['systolic' => 150, 'diastolic' => 90]))->assertOk();
    $this->happened(($this->said)('started'))->assertOk();
});

it('reads readiness with a clear error', function (array $wrong, string $field): void {
    $this->happened(($this->said)('readiness', $wrong))->assertConflict()->assertJsonPath('refused.0.field', $field);
})->with([
    'swapped pressures' => [['systolic' => 80, 'diastolic' => 120], 'diastolic'],
    'one pressure' => [['systolic' => 120], 'diastolic'],
    'sorer than sore' => [['soreness' => ['knee' => 4]], 'soreness.knee'],
    'no part of a body' => [['soreness' => ['tail' => 1]], 'soreness.tail'],
    'sleep in no word of ours' => [['sleep' => 'like a log'], 'sleep'],
]);

it('says when the client is trained next, and what is given up first', function (): void {
    Saltmarrow::item($this->session, 'squat', ['implement' => 'body-weight'], sets: 3);
    $next = $this->session->programme?->sessions()->create(['name' => 'Next', 'starts_at' => now()->addDays(2), 'minutes' => 30]);
    $shown = ($this->shown)()->assertJsonPath('next.name', $next?->name);
    $shed = $shown->json('shedding');
    // The curl goes before the squat, and one exercise stays.
    expect($shed[0])->toBe(['itemId' => $this->item->id, 'sets' => 2])
        ->and(array_filter($shed, static fn (array $one): bool => $one['sets'] === 0))->toHaveCount(1);
});

it('keeps what is done in a session that was taken off the plan meanwhile', function (): void {
    $set = Saltmarrow::setDone($this->item);
    $this->session->delete();
    $this->getJson("/api/sessions/{$this->session->id}")->assertNotFound();
    $this->happened($set, ($this->said)('ended'))->assertOk();
    expect(SetLog::query()->sole()->key)->toBe($set['key']);
});

it('stores each set once over a network that drops, delays and doubles', function (int $tens): void {
    // Ten runs of each: two hundred in all, each with luck of its own that is the same every time.
    for ($seed = 10 * $tens; $seed < 10 * $tens + 10; $seed++) {
        $random = new Randomizer(new Mt19937(1000 + $seed));
        SetLog::query()->delete();
        FloorEvent::query()->delete();
        Change::query()->delete();
        $this->item->fresh()->settle();
        $waiting = $tapped = $late = [];
        for ($tap = 0; $tap < 5; $tap++) {
            $event = match ($random->getInt(0, 3)) {
                0, 1 => Saltmarrow::setDone($this->item, ['setNumber' => min(3, $tap + 1), 'reserve' => null, 'reps' => 5 + $tap]),
                2 => $tapped === [] ? ($this->said)('paused') : ($this->said)('set-rated', [
                    'targetKey' => array_key_last($tapped),
                    'reserve' => $random->getInt(0, 4),
                ]),
                default => ($this->said)('added', ['itemId' => $this->item->id]),
            };
            $waiting[] = $event;
            if ($event['kind'] === 'set-done') {
                $tapped[$event['key']] = $event['reps'];
            }
            $luck = $random->getInt(0, 9);
            if ($luck < 3) {
                continue;
            }
            // Sent; perhaps twice, perhaps with something that was on its way for long; perhaps the answer is lost.
            $this->happened(...$waiting)->assertOk();
            if ($luck > 7) {
                $this->happened(...$random->shuffleArray([...$waiting, ...$late]))->assertOk();
            }
            $late = [...$late, ...$waiting];
            if ($luck !== 5) {
                $waiting = [];
            }
        }
        $this->happened(...[...$waiting, ($this->said)('ended')])->assertOk();
        expect(SetLog::query()->pluck('reps', 'key')->sortKeys()->all())->toBe(collect($tapped)->sortKeys()->all());
        $added = FloorEvent::query()->where('kind', 'added')->count();
        expect(Item::query()->findOrFail($this->item->id)->chosen->sets)->toBe(3 + $added);
        $this->session->refresh()->update(['ended_at' => null]);
    }
})->with(range(0, 19));

it('puts two people with one kit side by side, and shows nobody else’s session to them', function (): void {
    $household = Saltmarrow::client($this->client->trainer);
    $household->update(['kit_from_id' => $this->client->id]);
    $beside = Saltmarrow::session($household, $this->session->starts_at);
    Saltmarrow::item($beside, 'hammer-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->getJson("/api/sessions/{$this->session->id}/together/{$beside->id}")->assertOk()
        ->assertJsonPath('shared', ['8 kg dumbbell'])
        ->assertJsonPath('minutes', fn (int $minutes): bool => $minutes > 3 && $minutes < 20);
    $visits = collect($this->getJson('/api/round')->assertOk()->json('visits'));
    expect($visits->firstWhere('sessionId', $this->session->id)['together'])->toBe([
        'sessionId' => $beside->id,
        'clientName' => $household->name,
    ])->and($visits->firstWhere('sessionId', $beside->id)['together']['sessionId'])->toBe($this->session->id);

    $stranger = Saltmarrow::session(Saltmarrow::client(Saltmarrow::trainer('other@saltmarrow.example')));
    $this->getJson("/api/sessions/{$this->session->id}/together/{$stranger->id}")->assertNotFound();
    $this->getJson("/api/sessions/{$stranger->id}/together/{$this->session->id}")->assertNotFound();
});

it('lets the weaker side begin once that is sure', function (): void {
    $split = Saltmarrow::item($this->session, 'split-squat', ['implement' => 'body-weight'], sets: 1);
    $sides = fn (): array => array_values(array_filter(array_column(($this->shown)()->json('steps'), 'side')));
    expect($sides())->toBe(['left', 'right']);
    foreach ([9, 6, 3] as $days) {
        $before = Saltmarrow::session($this->client, now()->subDays($days)->toImmutable());
        $done = Saltmarrow::item($before, 'split-squat', ['implement' => 'body-weight'], sets: 1);
        $this->happened(
            Saltmarrow::setDone($done, ['side' => 'left', 'reps' => 12, 'reserve' => 2]),
            Saltmarrow::setDone($done, ['side' => 'right', 'reps' => 8, 'reserve' => 2]),
        )->assertOk();
    }
    expect($sides())->toBe(['right', 'left']);
});
