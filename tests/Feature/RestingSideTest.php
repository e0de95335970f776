<?php

declare(strict_types=1);

use App\Models\Programme;
use Tests\Support\Saltmarrow;

/*
 * An arm that rests an injury: nothing on the Floor or in a plan asks it, and both sides come back when the limit goes.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer(), ['left-arm-out']);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->session = Saltmarrow::session($this->client);
    $this->press = Saltmarrow::item($this->session, 'one-arm-overhead-press', ['implement' => 'dumbbell', 'mass_kg' => 8], sets: 2);
    $this->actingAs($this->client->trainer);
    /** Sides of the work, in order. */
    $this->sides = function (): array {
        $steps = $this->getJson("/api/sessions/{$this->session->id}")->assertOk()->json('steps');

        return array_column(array_filter($steps, fn (array $step): bool => $step['kind'] === 'work'), 'side');
    };
});

it('asks the other side alone on the Floor, and both again later', function (): void {
    expect(($this->sides)())->toBe(['right', 'right']);
    $this->client->update(['limits' => []]);
    expect(($this->sides)())->toBe(['left', 'right', 'left', 'right']);
});

it('goes on to the next set when the one side is done', function (): void {
    $this->happened(Saltmarrow::setDone($this->press, ['side' => 'right', 'setNumber' => 1]))->assertOk();
    $this->happened(Saltmarrow::setDone($this->press, ['side' => 'right', 'setNumber' => 2]))->assertOk();
    $item = $this->press->fresh();
    // The last set has no later one that says so: there it may still wait for the other side.
    expect($item->nextSet())->toBe(2)->and($item->setLogs->pluck('side')->unique()->all())->toBe(['right']);
});

it('says in the plan which side, and reckons its time', function (): void {
    $plan = fn (): array => $this->postJson("/api/clients/{$this->client->id}/programmes", [
        'goal' => 'muscle', 'experience' => 'some', 'weeks' => 1, 'order' => 'compound-first', 'structure' => 'straight',
        'startsOn' => '2030-01-07', 'days' => [['weekday' => 1, 'minutes' => 45, 'time' => '08:30']],
        'text' => 'one-arm overhead press 4x8 8 kg',
    ])->assertOk()->json();
    $resting = $plan();
    expect($resting['weeks'][0]['sessions'][0]['blocks'][0]['items'][0]['dose'])->toBe('8 repetitions, right side only');
    $programme = Programme::query()->findOrFail($resting['id']);
    $sheet = fn (): array => $this->getJson("/api/programmes/{$programme->id}/weeks/1")->assertOk()->json('sessions.0');
    $alone = $sheet();
    $this->client->update(['limits' => []]);
    $both = $sheet();
    expect($alone['blocks'][0]['slots'][0]['dose'])->toBe('8 repetitions, right side only')
        ->and($both['blocks'][0]['slots'][0]['dose'])->toBe('8 repetitions per side')
        ->and($both['promisedMinutes'])->toBeGreaterThan($alone['promisedMinutes']);
});
