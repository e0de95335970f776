<?php

declare(strict_types=1);

use App\Models\Change;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

/*
 * A session planned anew on the day: something is missing, time is short, or something is sore.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '10 kg dumbbell', 2, ['mass_kg' => 10]);
    Saltmarrow::thing($this->client, 'tube', 'red tube', 1, ['rest_length_cm' => 140, 'a_n' => 30, 'b_n' => 26, 'source' => 'measured']);
    Saltmarrow::thing($this->client, 'table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    $this->session = Saltmarrow::session($this->client);
    $ten = ['implement' => 'dumbbell', 'mass_kg' => 10, 'per_hand' => true];
    $this->squat = Saltmarrow::item($this->session, 'squat', ['implement' => 'body-weight']);
    $this->press = Saltmarrow::item($this->session, 'floor-press', $ten);
    $this->row = Saltmarrow::item($this->session, 'bent-over-row', $ten);
    $this->curl = Saltmarrow::item($this->session, 'biceps-curl', $ten);
    $this->actingAs($this->client->trainer);
    $this->path = "/api/sessions/{$this->session->id}/replans";
    $this->idOf = fn (string $name): int => (int) $this->client->shelfItems()->where('name', $name)->value('id');
});

/** @return array<string, array<string, mixed>> Changes by what stood there. */
function changesBy(array $changes): array
{
    return array_column($changes, null, 'itemId');
}

it('swaps everything that a missing thing was needed for, and only that', function (): void {
    $plan = $this->postJson($this->path, ['occasion' => 'missing', 'thingIds' => [($this->idOf)('10 kg dumbbell')]])->assertOk()
        ->assertJsonPath('title', 'Missing: 10 kg dumbbell')->json();
    $changes = changesBy($plan['changes']);
    expect($changes[$this->squat->id]['kind'])->toBe('stays')
        ->and(array_unique(array_column(array_diff_key($changes, [$this->squat->id => 0]), 'kind')))->toEqualCanonicalizing(['swap']);
    foreach ([$this->press, $this->row, $this->curl] as $item) {
        expect($changes[$item->id]['words'])->not->toContain('dumbbell')
            ->and($changes[$item->id]['reserve'])->toBe(2)
            ->and($changes[$item->id]['equivalent']['lowKg'])->toBeLessThanOrEqual($changes[$item->id]['equivalent']['highKg']);
    }
    expect(Change::query()->count())->toBe(0);
});

it('makes the accepted changes at one go, and takes them back at one go', function (): void {
    $happened = ['occasion' => 'missing', 'thingIds' => [($this->idOf)('10 kg dumbbell')]];
    $changes = changesBy($this->postJson($this->path, $happened)->json('changes'));
    $applied = $this->putJson($this->path, $happened + ['accepted' => [$this->press->id, $this->curl->id]])
        ->assertOk()
        ->assertJsonPath('changed', 2)
        ->json();
    expect($this->press->refresh()->isSwapped())->toBeTrue()
        ->and($this->press->chosen->words)->toStartWith($changes[$this->press->id]['words'])
        ->and($this->press->chosen->dose->count())->toBe($changes[$this->press->id]['reps'])
        ->and($this->row->refresh()->isSwapped())->toBeFalse()
        ->and(Change::query()->pluck('occasion')->unique()->all())->toBe(['Missing: 10 kg dumbbell']);
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertOk()->assertJsonCount(2, 'swaps')
        ->assertJsonPath('swaps.0.occasion', 'Missing: 10 kg dumbbell')->assertJsonPath('swaps.0.isUndone', false);
    $this->deleteJson("{$this->path}/{$applied['batch']}")->assertOk()->assertJsonPath('changed', 2);
    expect($this->press->refresh()->chosen)->toEqual($this->press->prescribed)
        ->and($this->curl->refresh()->chosen->tempo)->toBeNull();
    $this->getJson("/api/clients/{$this->client->id}/ledger")->assertJsonPath('swaps.0.isUndone', true);
    // A second time there is nothing left to take back.
    $this->deleteJson("{$this->path}/{$applied['batch']}")->assertOk()->assertJsonPath('changed', 0);
});

it('cuts a session to its minutes and says how long it takes', function (): void {
    $long = $this->postJson($this->path, ['occasion' => 'less-time', 'minutes' => 180])->assertOk()->json();
    expect($long['minutesAfter'])->toBe($long['minutesBefore'])->and(array_unique(array_column($long['changes'], 'kind')))->toBe(['stays']);
    foreach ([15, 10, 5] as $minutes) {
        $plan = $this->postJson($this->path, ['occasion' => 'less-time', 'minutes' => $minutes])
            ->assertOk()
            ->assertJsonPath('title', "Only {$minutes} minutes")
            ->json();
        expect($plan['minutesAfter'])->toBeLessThanOrEqual(max($minutes, 3))->toBeLessThan($plan['minutesBefore']);
    }
    $five = changesBy($this->postJson($this->path, ['occasion' => 'less-time', 'minutes' => 5])->json('changes'));
    expect($five[$this->curl->id]['kind'])->toBe('left-out')->and($five[$this->squat->id]['kind'])->toBe('fewer-sets');
    $this->putJson($this->path, ['occasion' => 'less-time', 'minutes' => 5, 'accepted' => [$this->curl->id, $this->squat->id]])->assertOk();
    $session = $this->getJson("/api/sessions/{$this->session->id}")->assertOk()->json();
    expect(
        $session['blocks'][0]['items'][3]['leftOut'] ?? $session['blocks'][count($session['blocks']) - 1]['items'][0]['leftOut'],
    )->toBe('No time for it in 5 minutes.')
        ->and(array_filter($session['steps'], fn (array $step): bool => $step['itemId'] === $this->curl->id))->toBe([])
        ->and(
            count(
                array_filter($session['steps'], fn (array $step): bool => $step['kind'] === 'work' && $step['itemId'] === $this->squat->id),
            ),
        )
        ->toBe($five[$this->squat->id]['sets']);
    // Put back from the Floor.
    $this->deleteJson("/api/items/{$this->curl->id}/swaps")->assertOk();
    expect($this->curl->refresh()->left_out)->toBeNull();
});

it('spares what is sore, and leaves out what nothing stands in for', function (): void {
    $plan = $this->postJson($this->path, ['occasion' => 'sore', 'part' => 'shoulder'])
        ->assertOk()
        ->assertJsonPath('title', 'Sore shoulder')
        ->json();
    $changes = changesBy($plan['changes']);
    expect($changes[$this->squat->id]['kind'])->toBe('stays')
        ->and($changes[$this->press->id]['kind'])->toBe('left-out')
        ->and($changes[$this->press->id]['why'])->toContain('Sore shoulder')->toContain('leave it out today');
    $knee = changesBy($this->postJson($this->path, ['occasion' => 'sore', 'part' => 'knee'])->json('changes'));
    expect($knee[$this->press->id]['kind'])->toBe('stays')->and($knee[$this->squat->id]['kind'])->not->toBe('stays');
});

it('plans only what is still to be done', function (): void {
    foreach ([1, 2, 3] as $number) {
        $this->logged($this->press, ['setNumber' => $number, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    }
    $this->logged($this->row, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $changes = changesBy($this->postJson($this->path, ['occasion' => 'less-time', 'minutes' => 5])->json('changes'));
    // The press is through; of the row one set is done and cannot be taken off.
    expect($changes)->not->toHaveKey($this->press->id)->and($changes[$this->row->id]['sets'])->toBeGreaterThanOrEqual(1);
    $this->session->update(['ended_at' => CarbonImmutable::now()]);
    $this->postJson($this->path, ['occasion' => 'less-time', 'minutes' => 10])
        ->assertUnprocessable()
        ->assertJsonPath('errors.occasion.0', 'This session is over; there is nothing left to plan.');
});

it('names what is wrong with what happened', function (array $body, string $field): void {
    $this->postJson($this->path, $body)->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(Change::query()->count())->toBe(0);
})->with([
    [[], 'occasion'],
    [['occasion' => 'rain'], 'occasion'],
    [['occasion' => 'missing'], 'thingIds'],
    [['occasion' => 'missing', 'thingIds' => []], 'thingIds'],
    [['occasion' => 'missing', 'thingIds' => [99999]], 'thingIds'],
    [['occasion' => 'less-time'], 'minutes'],
    [['occasion' => 'less-time', 'minutes' => 4], 'minutes'],
    [['occasion' => 'less-time', 'minutes' => 'few'], 'minutes'],
    [['occasion' => 'sore', 'part' => 'pride'], 'part'],
]);

it('changes nothing where nothing is chosen, or what is chosen need not change', function (array $accepted): void {
    $this->putJson($this->path, ['occasion' => 'sore', 'part' => 'shoulder', 'accepted' => $accepted])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('accepted');
})->with([[[]], [[1_000_000]]]);

it('logs a slow set as what it would have been at the usual tempo', function (): void {
    $swaps = $this->getJson("/api/items/{$this->curl->id}/swaps")->json('candidates');
    $same = collect($swaps)->first(
        fn (array $candidate): bool => $candidate['exercise'] === 'biceps-curl' && $candidate['implement'] === 'dumbbell',
    );
    $ask = ['exercise' => 'biceps-curl', 'setting' => $same['setting'], 'moved' => ['lowerSeconds' => 5]];
    $live = $this->postJson("/api/items/{$this->curl->id}/swaps/live", $ask)
        ->assertOk()
        ->assertJsonPath('candidate.tempo', '5 s down, 1 s up')
        ->json('candidate');
    expect($live['reps'])->toBeLessThan(10);
    $this->putJson("/api/items/{$this->curl->id}/swaps/live", $ask)->assertOk();
    $this->getJson("/api/sessions/{$this->session->id}")->assertJsonFragment(['tempo' => '5 s down, 1 s up']);
    $capacity = function (): float {
        return $this->getJson("/api/clients/{$this->client->id}/ledger")->json('patterns.0.history.0.kg');
    };
    $this->logged($this->curl, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $slow = $capacity();
    $this->travel(1)->minutes();
    $this->client->setLogs()->firstOrFail()->update(['tempo' => null]);
    expect($slow)->toBeGreaterThan($capacity());
    $this->postJson("/api/items/{$this->curl->id}/swaps/live", ['moved' => ['lowerSeconds' => 9]] + $ask)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('lowerSeconds');
});

it('moves a press-up to another support', function (): void {
    $heavy = Saltmarrow::item($this->session, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 20, 'per_hand' => true]);
    $swaps = $this->getJson("/api/items/{$heavy->id}/swaps")->json('candidates');
    $pressUp = collect($swaps)->first(fn (array $candidate): bool => $candidate['exercise'] === 'push-up');
    $control = collect($pressUp['controls'])->firstWhere('name', 'supportCm');
    expect(array_column($control['stops'], 'value'))->toEqual([0, 75, 134])
        ->and($control['stops'][1]['label'])->toBe('kitchen table, 75 cm');
    $at = fn (float $cm): array => $this->postJson(
        "/api/items/{$heavy->id}/swaps/live",
        ['exercise' => 'push-up', 'setting' => $pressUp['setting'], 'moved' => ['supportCm' => $cm]],
    )->json();
    $floor = $at(0)['candidate'];
    $table = $at(75)['candidate'];
    expect($table['words'])->toContain('kitchen table')
        ->and($floor === null || $floor['equivalent']['kg'] > $table['equivalent']['kg'])->toBeTrue()
        ->and($at(40)['errors']['supportCm'][0])->toContain('Nothing on the shelf is 40 cm high');
});
