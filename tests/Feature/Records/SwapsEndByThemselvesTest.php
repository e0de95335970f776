<?php

declare(strict_types=1);

use App\Actions\Floor\MakeDay;
use App\Models\Change;
use App\Models\Programme;
use App\Models\Slot;
use Tests\Support\Saltmarrow;

/*
 * A change holds for what it was made for, and is taken back with what was made beside it: no more and no less.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($this->client, 'table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    $this->actingAs($this->client->trainer);
    // Two weeks of one session, planned, and the days made from it.
    /** @var Programme $programme */
    $programme = $this->client->programmes()->create(['name' => 'Plan', 'state' => 'running', 'starts_on' => today()->toDateString()]);
    $this->days = [];
    foreach ([1, 2] as $number) {
        $planned = $programme->weeks()
            ->create(['number' => $number])
            ->plannedSessions()
            ->create(['name' => 'Push', 'weekday' => today()->dayOfWeekIso, 'time' => '23:00', 'minutes' => 40]);
        $block = $planned->blocks()->create(['kind' => 'straight', 'name' => 'Work', 'position' => 1]);
        foreach ([
            Saltmarrow::asked('floor-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 5),
            Saltmarrow::asked('squat', ['implement' => 'body-weight'], 3),
        ] as $i => $asked) {
            $block->slots()->create(['thread' => "thread {$i}", 'position' => $i + 1, 'written' => $asked, 'assignment' => $asked]);
        }
        $this->days[] = resolve(MakeDay::class)->handle($planned->refresh());
    }
    $this->press = $this->days[0]->items()[0];
    $this->swap = function (string $scope, int $place = 0): string {
        $candidate = $this->getJson("/api/items/{$this->press->id}/swaps")->assertOk()->json("candidates.{$place}");
        $this->postJson("/api/items/{$this->press->id}/swaps", ['key' => $candidate['key'], 'scope' => $scope])->assertOk();

        return $candidate['exercise'];
    };
    $this->less = function (int $minutes, int $day = 0): string {
        $path = "/api/sessions/{$this->days[$day]->id}/replans";
        $changes = collect($this->postJson($path, ['occasion' => 'less-time', 'minutes' => $minutes])->assertOk()->json('changes'));
        $accepted = $changes->where('kind', '!=', 'stays')->pluck('itemId')->all();

        return $this->putJson($path, ['occasion' => 'less-time', 'minutes' => $minutes, 'accepted' => $accepted])
            ->assertOk()
            ->json('batch');
    };
});

it('ends a swap for one set with that set, also after a shorter session, and brings back no sets', function (): void {
    $this->happened(Saltmarrow::event($this->days[0], 'started'))->assertOk();
    $swapped = ($this->swap)('set');
    ($this->less)(6);
    $sets = $this->press->refresh()->chosen->sets;
    expect($sets)->toBeLessThan(5)->and($this->press->now()->exercise)->toBe($swapped);
    foreach ($this->press->now()->sides->value === 'each' ? ['left', 'right'] : [null] as $side) {
        $this->logged($this->press, ['side' => $side]);
    }
    $item = $this->press->fresh();
    expect($item->chosen->sets)->toBe($sets)->and($item->left_out)->toBeNull();
    if ($sets > 1) {
        expect($item->now()->exercise)->toBe('floor-press');
    }
});

it('goes on holding from here on while sets are swapped and logged', function (): void {
    ($this->swap)('programme');
    $this->getJson("/api/items/{$this->press->id}/swaps")->assertJsonPath('isFromHereOn', true);
    $this->happened(Saltmarrow::event($this->days[0], 'started'))->assertOk();
    ($this->swap)('set', 1);
    $this->getJson("/api/items/{$this->press->id}/swaps")->assertJsonPath('isFromHereOn', true);
    $this->logged($this->press);
    $this->getJson("/api/items/{$this->press->id}/swaps")->assertJsonPath('isFromHereOn', true);
});

it('changes the plan and its later days from here on, and takes back only that', function (): void {
    $exercise = ($this->swap)('programme');
    $later = $this->days[1]->items()[0];
    expect($later->fresh()->chosen->exercise)->toBe($exercise)
        ->and(Slot::query()->where('thread', 'thread 0')->get()->map(fn (Slot $slot): string => $slot->assignment->exercise)->all())
        ->toBe([$exercise, $exercise]);
    // Later that week there is less time: that has nothing to do with the swap.
    ($this->less)(6, day: 1);
    $sets = $later->fresh()->chosen->sets;
    expect($sets)->toBeLessThan(5);
    $this->deleteJson("/api/items/{$this->press->id}/swaps?scope=programme")->assertOk();
    expect($later->fresh()->chosen->exercise)->toBe('floor-press')
        ->and($later->fresh()->chosen->sets)->toBe($sets)
        ->and($this->press->fresh()->chosen)->toEqual($this->press->prescribed)
        ->and(Slot::query()->get()->every(fn (Slot $slot): bool => $slot->assignment == $slot->written))->toBeTrue();
});

it('leaves the plan alone when a day is changed', function (string $scope): void {
    ($this->swap)($scope);
    ($this->less)(6);
    expect(Slot::query()->get()->every(fn (Slot $slot): bool => $slot->assignment == $slot->written))->toBeTrue()
        ->and($this->days[1]->items()[0]->fresh()->isSwapped())->toBeFalse();
})->with(['today', 'set']);

it('takes back a shorter session whatever was swapped since', function (): void {
    $batch = ($this->less)(6);
    $exercise = ($this->swap)('today');
    $this->deleteJson("/api/sessions/{$this->days[0]->id}/replans/{$batch}")->assertOk();
    expect($this->press->fresh()->chosen->sets)->toBe(5)->and($this->press->fresh()->chosen->exercise)->toBe($exercise)
        ->and(Change::query()->whereNull('undone_at')->count())->toBe(1);
});

it('does not change a day that is over when a change is taken back', function (): void {
    ($this->swap)('programme');
    $batch = (string) Change::query()->value('batch');
    $this->happened(Saltmarrow::event($this->days[1], 'started'), Saltmarrow::event($this->days[1], 'ended'))->assertOk();
    $this->deleteJson("/api/items/{$this->press->id}/swaps?scope=programme")->assertOk();
    expect($this->press->fresh()->isSwapped())->toBeFalse()->and($this->days[1]->items()[0]->fresh()->isSwapped())->toBeTrue()
        ->and(Change::query()->where('batch', $batch)->whereNull('undone_at')->count())->toBe(1);
});
