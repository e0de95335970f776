<?php

declare(strict_types=1);

use App\Models\Item;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\Slot;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-30 07:00', 'UTC'));
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    foreach ([4, 6, 6.5] as $kg) {
        Saltmarrow::thing($this->client, 'dumbbell', "{$kg} kg dumbbell", 2, ['mass_kg' => $kg]);
    }
    $this->actingAs($this->trainer);
    $kept = $this->postJson("/api/clients/{$this->client->id}/programmes", [
        'goal' => 'muscle',
        'experience' => 'some',
        'weeks' => 4,
        'order' => 'compound-first',
        'structure' => 'straight',
        'startsOn' => '2026-11-30',
        'days' => [['weekday' => 1, 'minutes' => 45, 'time' => '08:30']],
        'text' => "floor press 2x10 6 kg\nbent-over row 2x10 6 kg",
        'start' => true,
    ])->assertOk();
    $this->programme = Programme::query()->findOrFail($kept->json('id'));
    $this->visit = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->firstOrFail();
    /** Does the first visit: repetitions and reserve of every set of the floor press, the row as asked. */
    $this->do = function (int $reps, int $reserve, bool $pain = false): void {
        $at = $this->visit->starts_at;
        $event = fn (string $kind, array $more = []): array => $more + [
            'key' => (string) Str::uuid(), 'kind' => $kind, 'clientId' => $this->client->id, 'sessionId' => $this->visit->id,
            'at' => $at->toIso8601String(), 'zone' => 'UTC',
        ];
        $events = [$event('started')];
        foreach ($this->visit->items() as $item) {
            /** @var Item $item */
            $isPress = $item->prescribed->exercise === 'floor-press';
            for ($set = 1; $set <= 2; $set++) {
                $events[] = $event('set-done', [
                    'itemId' => $item->id, 'exercise' => $item->prescribed->exercise, 'setting' => $item->prescribed->setting->toArray(),
                    'words' => '6 kg in each hand', 'setNumber' => $set, 'side' => null, 'reps' => $isPress ? $reps : 10,
                    'reserve' => $isPress ? $reserve : 2, 'pain' => $isPress && $pain && $set === 2, 'painNote' => '',
                ]);
            }
        }
        $this->postJson('/api/floor-events', ['events' => [...$events, $event('ended')]])->assertOk();
    };
    $this->floorPress = fn (int $week): array => Slot::query()->get()
        ->first(static fn (Slot $slot): bool => $slot->assignment->exercise === 'floor-press'
            && $slot->plannedBlock->plannedSession->week->number === $week)
        ->assignment->toArray();
});

it('leaves the plan alone where the visit went as planned', function (): void {
    ($this->do)(10, 2);
    expect(ProgrammeEdit::query()->count())->toBe(0);
});

it('asks less where it was too hard, says why, and undoes it like any change', function (): void {
    $before = ($this->floorPress)(2);
    ($this->do)(6, 0);
    $edits = $this->getJson("/api/programmes/{$this->programme->id}/edits")->assertOk();
    expect($edits->json('0.words'))->toStartWith('After ')->toContain('Floor press: ')->toContain('harder than the goal asks')
        ->and($edits->json('0.week'))->toBe(2);
    expect(($this->floorPress)(2)['setting']['mass_kg'])->toEqual(4)
        ->and(($this->floorPress)(3)['setting']['mass_kg'])->toEqual(4)
        ->and(($this->floorPress)(1)['setting']['mass_kg'])->toEqual(6);
    $next = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->skip(1)->firstOrFail();
    expect($next->items()[0]->prescribed->setting->massKg)->toEqual(4.0);
    $this->postJson("/api/programmes/{$this->programme->id}/undo", ['version' => 2])->assertOk();
    expect(($this->floorPress)(2))->toEqual($before);
});

it('holds what hurt until it is let go', function (): void {
    ($this->do)(8, 2, pain: true);
    $sheet = $this->getJson("/api/programmes/{$this->programme->id}/weeks/2")->assertOk();
    $slot = collect($sheet->json('sessions.0.blocks'))->flatMap(fn (array $block): array => $block['slots'])
        ->firstWhere('exercise', 'floor-press');
    expect($slot['isHeld'])->toBeTrue();
    $this->postJson("/api/programmes/{$this->programme->id}/weeks/2/edits", [
        'version' => $sheet->json('version'),
        'edit' => ['kind' => 'forward', 'weekday' => 1, 'slot' => $slot['thread']],
    ])->assertOk();
    expect(($this->floorPress)(2)['held'] ?? false)->toBeFalse();
});

it('does not read a last set to failure as too hard', function (): void {
    foreach ($this->visit->items() as $item) {
        $item->update(['prescribed' => $item->prescribed->with(lastToFailure: true)]);
    }
    $at = $this->visit->starts_at;
    $press = $this->visit->refresh()->items()[0];
    $said = fn (string $kind, array $more = []): array => $more + [
        'key' => (string) Str::uuid(), 'kind' => $kind, 'clientId' => $this->client->id, 'sessionId' => $this->visit->id,
        'at' => $at->toIso8601String(), 'zone' => 'UTC',
    ];
    $set = fn (int $number, int $reps, int $reserve): array => $said('set-done', [
        'itemId' => $press->id, 'exercise' => 'floor-press', 'setting' => $press->prescribed->setting->toArray(),
        'words' => '6 kg in each hand', 'setNumber' => $number, 'side' => null, 'reps' => $reps, 'reserve' => $reserve,
        'pain' => false, 'painNote' => '',
    ]);
    $this->postJson('/api/floor-events', ['events' => [$said('started'), $set(1, 10, 2), $set(2, 13, 0), $said('ended')]])->assertOk();
    expect(ProgrammeEdit::query()->count())->toBe(0);
});

it('opens on the week that is being done', function (): void {
    $shown = fn (): array => $this->getJson("/api/clients/{$this->client->id}/programmes")->assertOk()->json('shown');
    expect($shown()['week'])->toBe(1)->and($shown()['style'])->toMatchArray(['goal' => 'muscle', 'order' => 'compound-first']);
    $this->travelTo(CarbonImmutable::parse('2026-12-14 07:00', 'UTC'));
    expect($shown()['week'])->toBe(3);
    $this->travelTo(CarbonImmutable::parse('2027-03-01 07:00', 'UTC'));
    expect($shown()['week'])->toBe(4);
});

it('changes nothing twice, however often the same is sent', function (): void {
    ($this->do)(6, 0);
    $before = ($this->floorPress)(3);
    $this->visit->refresh();
    app(App\Actions\Programme\FollowLogs::class)->handle($this->visit);
    expect(ProgrammeEdit::query()->count())->toBe(1)->and(($this->floorPress)(3))->toEqual($before);
});

it('says nothing of a break while nothing was missed', function (): void {
    ($this->do)(10, 2);
    $this->getJson("/api/programmes/{$this->programme->id}/break")->assertOk()->assertJsonPath('words', '');
    $this->postJson("/api/programmes/{$this->programme->id}/break")->assertUnprocessable()->assertJsonValidationErrors('programme');
});

it('goes on after missed visits from the week that fits, and back', function (int $days, int $week, string $from, bool $isRungDown): void {
    ($this->do)(10, 2);
    $began = $this->visit->starts_at->addDays($days);
    $this->travelTo($began->setTime(7, 0));
    $path = "/api/programmes/{$this->programme->id}/break";
    $this->getJson($path)->assertOk()->assertJsonPath('week', $week)->assertJsonPath('isRungDown', $isRungDown)
        ->assertJsonPath('goesOnFrom', $from)->assertJsonPath('startsOn', '2026-11-30');
    $mass = ($this->floorPress)(1)['setting']['mass_kg'];
    $this->postJson($path)->assertOk()->assertJsonPath('startsOn', $from);
    $ahead = TrainingSession::query()->where('programme_id', $this->programme->id)->whereNull('started_at')
        ->where('starts_at', '>=', $began->startOfDay())->orderBy('starts_at')->get();
    expect($ahead)->toHaveCount(4)->and($ahead[0]->starts_at->toDateString())->toBe($from)
        ->and($ahead[0]->plannedSession?->week->number)->toBe($week)
        ->and(($this->floorPress)(1)['setting']['mass_kg'] < $mass)->toBe($isRungDown)
        ->and($this->visit->refresh()->ended_at)->not->toBeNull();
    $this->putJson($path, ['startsOn' => '2026-11-30'])->assertOk();
    expect($this->programme->refresh()->starts_on->toDateString())->toBe('2026-11-30');
    $this->putJson($path, ['startsOn' => 'soon'])->assertUnprocessable()->assertJsonValidationErrors('startsOn');
})->with([
    // The first visit is on Monday, 30 November; every week after it has one on its Monday.
    'nine days' => [9, 1, '2026-12-14', false],
    'two weeks and a day' => [15, 1, '2026-12-21', false],
    'more than three weeks' => [23, 1, '2026-12-28', true],
]);

it('lets nobody else move a programme', function (): void {
    $this->actingAs(Saltmarrow::trainer('other@saltmarrow.example'));
    $this->getJson("/api/programmes/{$this->programme->id}/break")->assertNotFound();
    $this->postJson("/api/programmes/{$this->programme->id}/break")->assertNotFound();
    $this->putJson("/api/programmes/{$this->programme->id}/break", ['startsOn' => '2026-11-30'])->assertNotFound();
});

it('knows on Thursday what Monday showed: the same exercise follows in the same week, and the weeks after', function (): void {
    $this->postJson("/api/programmes/{$this->programme->id}/weeks/1/edits", [
        'version' => 1,
        'edit' => ['kind' => 'add-session', 'weekday' => 4, 'minutes' => 45],
    ])->assertOk();
    $written = $this->postJson("/api/programmes/{$this->programme->id}/weeks/1/edits", [
        'version' => 2,
        'edit' => ['kind' => 'write', 'weekday' => 4, 'text' => 'floor press 2x10 6 kg'],
    ])->assertOk();
    expect($written->json('version'))->toBe(3);
    $press = fn (int $week, int $weekday): float => Slot::query()->get()
        ->first(static fn (Slot $slot): bool => $slot->assignment->exercise === 'floor-press'
            && $slot->plannedBlock->plannedSession->weekday === $weekday
            && $slot->plannedBlock->plannedSession->week->number === $week)
        ->assignment->setting->massKg;
    $this->getJson('/api/round')->assertOk();
    expect([$press(1, 4), $press(2, 4)])->toEqual([6.0, 6.0]);
    ($this->do)(4, 0);
    $this->getJson('/api/round')->assertOk();
    expect([$press(1, 1), $press(1, 4), $press(2, 1), $press(2, 4)])->toEqual([6.0, 4.0, 4.0, 4.0]);
    $words = array_column($this->getJson("/api/programmes/{$this->programme->id}/edits")->assertOk()->json(), 'words');
    expect(implode(' ', $words))->toContain('Thursday, Floor press: ');
    $thursday = TrainingSession::query()->where('programme_id', $this->programme->id)->orderBy('starts_at')->skip(1)->firstOrFail();
    expect($thursday->items()[0]->prescribed->setting->massKg)->toEqual(4.0);
});
