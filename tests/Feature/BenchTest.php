<?php

declare(strict_types=1);

use App\Actions\Bench\RunBench;
use App\Bench\BenchState;
use App\Bench\StandInGauge;
use App\Bench\StandInThings;
use App\Models\ShelfItem;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;
use NimbleShelf\Core\Bench\SteadyReading;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    CarbonImmutable::setTestNow('2026-10-06 09:00');
    Sleep::fake(syncWithCarbon: true);
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    // The demo: elsewhere nothing of the simulated scale is kept.
    $this->client->trainer->update(['is_demo' => true]);
    $this->actingAs($this->client->trainer);
    Saltmarrow::thing($this->client, 'tube', 'red tube', 1, ['rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 20, 'source' => 'unknown']);
    Saltmarrow::thing($this->client, 'object', 'clay bag', 1, ['mass_kg' => 10, 'grip' => 'bag', 'certainty' => 'guessed']);
    Saltmarrow::thing($this->client, 'mat', 'mat');
    $this->tube = ShelfItem::query()->where('name', 'red tube')->firstOrFail();
    $this->bag = ShelfItem::query()->where('name', 'clay bag')->firstOrFail();
    $this->path = "/api/clients/{$this->client->id}/bench";
});

/** As if enough time had gone by for the scale to stand still. */
function settle(): void
{
    Sleep::for(30)->seconds();
}

it('tests a band at lengths and comes within five per cent of its hidden curve', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id])
        ->assertOk()
        ->assertJsonPath('isBand', true)
        ->assertJsonCount(5, 'suggestedCm');
    foreach ([150, 180, 210, 240, 276] as $lengthCm) {
        $this->postJson("{$this->path}/pull", ['lengthCm' => $lengthCm])->assertOk();
        settle();
        $this->postJson("{$this->path}/points", [])->assertOk();
    }
    $bench = $this->getJson($this->path)->assertJsonCount(5, 'points')->json();
    expect($bench['rmsPercent'])->toBeLessThan(5)->and($bench['curve'])->toHaveCount(25);
    $done = $this->postJson("{$this->path}/finish", [])->assertOk()->assertJsonCount(1, 'tests')->json();
    $truth = StandInThings::band($this->tube->refresh());
    $found = $this->tube->toThing()->band;
    foreach ([1.4, 1.7, 2.0, 2.4] as $stretch) {
        expect($found->forceAt(1.2 * $stretch) / $truth->forceAt(1.2 * $stretch))->toEqualWithDelta(1, 0.05);
    }
    expect($this->tube->measures['source'])->toBe('measured')
        ->and($done['setups'])->toHaveCount(3)
        ->and(min(array_column(array_column($done['setups'], 'equivalent'), 'kg')))->toBeGreaterThan(0);
});

it('comes within five per cent whatever the scale’s noise', function (int $seed): void {
    $truth = StandInThings::band($this->tube);
    $state = BenchState::of(Cache::store(), 1, 1);
    $state->tareAt = 0.0;
    $now = 0.0;
    foreach ([150, 180, 210, 240, 276] as $lengthCm) {
        $state->changedAt = $now;
        $now += 20;
        $gauge = new StandInGauge($state, $truth->forceAt($lengthCm / 100), $seed, function () use (&$now): float {
            return $now += 0.06;
        });
        $readings = array_map(static fn (): float => $gauge->read()->forceN, range(1, SteadyReading::COUNT));
        expect(SteadyReading::of($readings)->isSteady)->toBeTrue();
        $state->points[] = ['lengthCm' => (float) $lengthCm, 'forceN' => SteadyReading::of($readings)->meanN, 'sdN' => 0.0];
    }
    $found = $state->fit($truth)->band;
    foreach ([1.4, 1.7, 2.0, 2.4] as $stretch) {
        expect($found->forceAt(1.2 * $stretch) / $truth->forceAt(1.2 * $stretch))->toEqualWithDelta(1, 0.05);
    }
})->with(range(1, 40));

it('zeroes the empty scale before a thing hangs on it', function (): void {
    $state = BenchState::of(Cache::store(), test()->client->user_id, test()->client->id);
    $this->postJson("{$this->path}/hang", ['itemId' => $this->bag->id]);
    $drifted = BenchState::of(Cache::store(), test()->client->user_id, test()->client->id);
    expect($state->tareN)->toBe(0.0)->and($drifted->tareN)->toEqualWithDelta(1.2, 1e-9)->and($drifted->tareAt)->toBeGreaterThan(1.7e9);
});

it('finds the same hidden band again in a second test', function (): void {
    for ($test = 0; $test < 2; $test++) {
        $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
        foreach ([150, 200, 250] as $lengthCm) {
            $this->postJson("{$this->path}/pull", ['lengthCm' => $lengthCm]);
            settle();
            $bench = $this->postJson("{$this->path}/points", [])->json();
        }
        $this->postJson("{$this->path}/finish", [])->assertOk();
    }
    expect($bench['comparison'])->toStartWith('Within');
    $this->getJson($this->path)->assertJsonCount(2, 'tests');
});

it('takes no point while it swings, and none when it is unplugged, and loses none', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/pull", ['lengthCm' => 180]);
    settle();
    $this->postJson("{$this->path}/points", [])->assertOk();
    $this->postJson("{$this->path}/plug", ['plugged' => false])->assertJsonPath('isPlugged', false);
    $this->postJson("{$this->path}/points", [])
        ->assertUnprocessable()
        ->assertJsonPath('errors.gauge.0', 'The scale does not answer. Plug it in again; the points taken so far are kept.');
    $this->postJson("{$this->path}/plug", ['plugged' => true])->assertJsonCount(1, 'points');
});

it('wants three points and lengths that stretch a band but not too far', function (mixed $lengthCm): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/pull", ['lengthCm' => $lengthCm])->assertUnprocessable()->assertJsonValidationErrors('lengthCm');
    $this->postJson("{$this->path}/finish", [])
        ->assertUnprocessable()
        ->assertJsonPath('errors.points.0', '3 points are enough to finish; there are 0.');
})->with([119, 120, 301, 0, -5, 'long', null, 99999]);

it('drops a bad point and takes another at the same length', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    foreach ([150, 200, 200] as $lengthCm) {
        $this->postJson("{$this->path}/pull", ['lengthCm' => $lengthCm]);
        settle();
        $this->postJson("{$this->path}/points", []);
    }
    $this->getJson($this->path)->assertJsonCount(2, 'points');
    $this->deleteJson("{$this->path}/points/0")->assertOk()->assertJsonCount(1, 'points')->assertJsonPath('points.0.lengthCm', 200);
});

it('weighs a thing, and the shelf is surer of it', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->bag->id])->assertJsonPath('isBand', false);
    settle();
    $this->postJson("{$this->path}/weigh", [])->assertOk()->assertJsonPath('certainty', 'weighed');
    $massKg = $this->bag->refresh()->measures['mass_kg'];
    expect($massKg)->toEqualWithDelta(10, 0.8)->and($massKg)->not->toBe(10.0);
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/weigh", [])->assertUnprocessable()->assertJsonValidationErrors('gauge');
});

it('hangs nothing that cannot hang, nor what belongs to others', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => ShelfItem::query()->where('name', 'mat')->value('id')])->assertNotFound();
    $this->postJson("{$this->path}/points", [])->assertStatus(409);
    $strange = Saltmarrow::client(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->getJson("/api/clients/{$strange->id}/bench")->assertNotFound();
    $this->get("/api/clients/{$strange->id}/bench/stream")->assertNotFound();
});

it('streams readings as they come', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/pull", ['lengthCm' => 200]);
    settle();
    $text = $this->get("{$this->path}/stream?readings=9")
        ->assertOk()
        ->assertHeader('Content-Type', 'text/event-stream; charset=utf-8')
        ->streamedContent();
    preg_match_all('/data: (.*)/', $text, $events);
    $last = json_decode($events[1][8], true);
    expect($events[1])->toHaveCount(9)
        ->and($last['status'])
        ->toBe('ok')
        ->and($last['isSteady'])
        ->toBeTrue()
        ->and($last['forceN'])
        ->toBeGreaterThan(20);
});

it('settles, is noisy, drifts and overloads, the same way at the same moment', function (): void {
    $state = BenchState::of(Cache::store(), 1, 1);
    $now = 100.0;
    $gauge = new StandInGauge($state, 60.0, 7, function () use (&$now): float {
        return $now;
    });
    $state->changedAt = 100.0;
    expect($gauge->read()->forceN)->toEqualWithDelta(0, 1.5);
    $now = 100.6;
    expect($gauge->read()->forceN)->toEqualWithDelta(60 * (1 - exp(-1)), 2)->toBe($gauge->read()->forceN);
    $now = 110.0;
    $still = $gauge->read()->forceN;
    expect($still)->toEqualWithDelta(60, 2);
    $state->tareAt = 110.0;
    $gauge->tare();
    expect($gauge->read()->forceN)->toEqualWithDelta(0, 2);
    $heavy = new StandInGauge($state, 600.0, 7, fn (): float => 500.0);
    expect($heavy->read()->forceN)->toBeNull()->and($heavy->read()->status->advice())->toContain('Overload');
});

it('calls readings steady only when they stand still', function (array $readings, bool $steady): void {
    expect(SteadyReading::of($readings)->isSteady)->toBe($steady);
})->with([
    [[50.0, 50.2, 49.9, 50.1, 50.0, 49.8, 50.1, 50.0], true],
    [[50.0, 50.2, 49.9], false],
    [[40.0, 43.0, 45.5, 47.3, 48.4, 49.0, 49.5, 49.8], false],
    [[50.0, 55.0, 45.0, 56.0, 44.0, 55.0, 45.0, 50.0], false],
    [[], false],
    [[9.0, 1.0, 50.0, 50.2, 49.9, 50.1, 50.0, 49.8, 50.1, 50.0], true],
]);

it('leaves the bench alone when nothing hangs there', function (): void {
    $this->getJson($this->path)->assertOk()->assertJsonPath('itemId', null)->assertJsonPath('points', []);
    expect(resolve(RunBench::class)->item(BenchState::of(Cache::store(), 9, 9), $this->client))->toBeNull();
});

it('takes what was read off a scale of one’s own: a band’s curve and a mass', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    // 20 N × 0.5 stretch at 180 cm is what a band of a = b = 20 N gives by halves; here it pulls twice as hard.
    foreach ([[160, '1,40'], [200, '2.70 2.72'], [240, '4.10']] as $i => [$lengthCm, $readings]) {
        $this->postJson("{$this->path}/points", ['lengthCm' => $lengthCm, 'readings' => $readings, 'unit' => 'kg'])
            ->assertOk()->assertJsonCount($i + 1, 'points');
    }
    $this->getJson($this->path)->assertJsonPath('points.0.forceN', 13.73)->assertJsonPath('points.0.sdN', 0.03)
        ->assertJsonPath('points.1.forceN', 26.58)->assertJsonPath('points.1.sdN', 0.14);
    $this->postJson("{$this->path}/finish", [])->assertOk();
    expect($this->tube->fresh()->measures['source'])->toBe('measured');
    $this->postJson("{$this->path}/hang", ['itemId' => $this->bag->id]);
    $this->postJson("{$this->path}/weigh", ['readings' => '10,6 10.7', 'unit' => 'kg'])->assertOk()
        ->assertJsonPath('certainty', 'weighed');
    expect($this->bag->fresh()->measures['mass_kg'])->toBe(10.65);
});

it('refuses a reading that is none, naming the field, and keeps the points', function (array $said, string $field): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/points", ['lengthCm' => 180, 'readings' => '20', 'unit' => 'N'])->assertOk();
    $this->postJson("{$this->path}/points", $said)->assertUnprocessable()->assertJsonValidationErrors($field);
    $this->getJson($this->path)->assertJsonCount(1, 'points');
})->with([
    'no reading' => [['lengthCm' => 200, 'readings' => '', 'unit' => 'N'], 'readings'],
    'words' => [['lengthCm' => 200, 'readings' => 'a lot', 'unit' => 'N'], 'readings'],
    'a unit nobody knows' => [['lengthCm' => 200, 'readings' => '20', 'unit' => 'st'], 'unit'],
    'too far' => [['lengthCm' => 900, 'readings' => '20', 'unit' => 'N'], 'lengthCm'],
]);

it('wants a length for what is typed', function (): void {
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id]);
    $this->postJson("{$this->path}/points", ['readings' => '20', 'unit' => 'N'])
        ->assertUnprocessable()->assertJsonValidationErrors('lengthCm');
});

it('keeps nothing of the simulated scale where somebody real trains', function (): void {
    $this->client->trainer->update(['is_demo' => false]);
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id])->assertOk()->assertJsonPath('isPractice', true);
    foreach ([150, 180, 210, 240] as $lengthCm) {
        $this->postJson("{$this->path}/pull", ['lengthCm' => $lengthCm])->assertOk();
        settle();
        $this->postJson("{$this->path}/points", [])->assertOk()->assertJsonPath('points.0.isOwn', false);
    }
    $before = $this->tube->refresh()->measures;
    $this->postJson("{$this->path}/finish", [])->assertUnprocessable()->assertJsonValidationErrors('points');
    expect($this->tube->refresh()->measures)->toBe($before)->and($this->tube->bandTests()->count())->toBe(0);
    // One point of practice among one's own spoils the lot.
    foreach ([150, 180, 210] as $place => $lengthCm) {
        $this->postJson("{$this->path}/points", ['lengthCm' => $lengthCm, 'readings' => (string) (2 + $place), 'unit' => 'kg'])->assertOk();
    }
    $this->postJson("{$this->path}/finish", [])->assertUnprocessable()->assertJsonValidationErrors('points');
    $this->deleteJson("{$this->path}/points/3")->assertOk()->assertJsonPath('points.0.massKg', 2);
    $this->postJson("{$this->path}/finish", [])->assertOk()->assertJsonCount(1, 'tests');
    expect($this->tube->refresh()->measures['source'])->toBe('measured');

    $this->postJson("{$this->path}/hang", ['itemId' => $this->bag->id])->assertOk();
    settle();
    $this->postJson("{$this->path}/weigh", [])->assertUnprocessable()->assertJsonValidationErrors('gauge');
    expect($this->bag->refresh()->measures)->toMatchArray(['mass_kg' => 10, 'certainty' => 'guessed']);
    $this->postJson("{$this->path}/weigh", ['readings' => '9.6', 'unit' => 'kg'])->assertOk();
    expect($this->bag->refresh()->measures)->toMatchArray(['mass_kg' => 9.6, 'certainty' => 'weighed']);
});

it('does not believe what was made up before, and says so on the bench and on the shelf', function (): void {
    $this->client->trainer->update(['is_demo' => false]);
    $this->tube->bandTests()->create([
        'tested_on' => '2026-11-01', 'rest_length_cm' => 120, 'points' => [],
        'a_n' => 60, 'b_n' => 60, 'rms_n' => 1, 'scale' => 'simulated',
    ]);
    $this->postJson("{$this->path}/hang", ['itemId' => $this->tube->id])
        ->assertOk()
        ->assertJsonPath('notBelieved', 1)
        ->assertJsonPath('tests', [])
        ->assertJsonPath('setups', []);
    $shelf = collect($this->getJson("/api/clients/{$this->client->id}/shelf-items")->json('items'));
    expect($shelf->firstWhere('name', 'red tube'))->toMatchArray(['testedOn' => null, 'wasMadeUp' => true]);
});
