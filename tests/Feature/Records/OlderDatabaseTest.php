<?php

declare(strict_types=1);

use App\Actions\Ledger\ShowLedger;
use App\Models\Client;
use App\Models\Item;
use App\Models\Programme;
use App\Models\SetLog;
use App\Models\Slot;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/*
 * A database from before plans and days were apart: eight clients, four weeks, swaps of every kind in mid-session.
 * The figures beside it are what the application showed for it then.
 */

beforeEach(function (): void {
    $fixture = dirname(__DIR__, 2).'/fixtures/sessions-that-are-plan-and-day';
    $this->was = json_decode((string) gzdecode((string) file_get_contents("{$fixture}.json.gz")), true, flags: JSON_THROW_ON_ERROR);
    $this->file = tempnam(sys_get_temp_dir(), 'nimble').'.sqlite';
    touch($this->file);
    config([
        'database.connections.older' => ['database' => $this->file] + config('database.connections.sqlite'),
        'database.default' => 'older',
    ]);
    $crypt = new Encrypter(str_repeat('k', 32), 'AES-256-CBC');
    $this->app->instance('encrypter', $crypt);
    Crypt::clearResolvedInstances();
    Illuminate\Database\Eloquent\Model::encryptUsing($crypt);
    $this->travelTo(CarbonImmutable::parse('2026-11-24 07:00:00'));
    DB::connection('older')->getPdo()->exec((string) gzdecode((string) file_get_contents("{$fixture}.sql.gz")));
    $this->sets = DB::table('set_logs')->orderBy('id')->get()->map(fn (stdClass $row): array => (array) $row)->all();
    Artisan::call('migrate', ['--force' => true, '--database' => 'older']);
});

afterEach(function (): void {
    Illuminate\Database\Eloquent\Model::encryptUsing(null);
    config(['database.default' => 'sqlite']);
    DB::purge('older');
    array_map(unlink(...), glob($this->file.'*') ?: []);
});

it('keeps every set as it was, and every key that points somewhere', function (): void {
    $now = DB::table('set_logs')->orderBy('id')->get()->map(fn (stdClass $row): array => (array) $row)->all();
    expect($now)->toHaveCount(count($this->sets));
    foreach ($this->sets as $i => $set) {
        // Legs were reckoned once more when their currency changed; what was done is as it was.
        $isOfLegs = in_array($set['pattern'], ['squat', 'single-leg'], true);
        $kept = array_diff_key($set, $isOfLegs ? ['whole_kg' => 0, 'sd_kg' => 0] : []);
        expect(array_intersect_key($now[$i], $kept))->toEqual($kept)
            ->and($now[$i]['load_words'])->not
            ->toBe('')
            ->and($now[$i]['training_session_id'])->not
            ->toBeNull();
    }
    expect(DB::select('pragma foreign_key_check'))->toBe([])
        ->and(DB::select('pragma integrity_check')[0]->integrity_check)->toBe('ok')
        ->and(DB::select("select name from sqlite_master where name like 'new_%' or name = 'swaps'"))->toBe([]);
});

it('stands where it stood in every exercise of every session', function (): void {
    foreach ($this->was['items'] as $id => $was) {
        $item = Item::query()->findOrFail($id);
        $now = $item->now();
        expect([
            $now->exercise,
            $item->chosen->sets,
            $now->dose->count(),
            $now->reserve,
            $now->restSeconds,
            $item->left_out,
            $now->words,
            $now->setting->massKg,
            $now->tempo?->toArray(),
        ])
            ->toEqual(
                [
                    $was['exercise'],
                    $was['sets'],
                    $was['reps'],
                    $was['reserve'],
                    $was['rest_seconds'],
                    $was['left_out'],
                    $was['words'],
                    $was['mass_kg'],
                    $was['tempo'],
                ],
                "item {$id}",
            )
            ->and($item->isSwapped() ? $item->prescribed->exercise : null)->toBe($was['written'], "item {$id}");
    }
});

it('shows in the ledger what it showed', function (): void {
    // Reckoned as today: all patterns together, "five or more" as a bound, by which light sets once fell, and long sets of one exercise
    // as what they say of that exercise first (her bridges).
    $isOther = static fn (string $pattern): bool => in_array($pattern, ['squat', 'single-leg', 'bridge'], true);
    $near = static fn (float $kg): float => max(4.0, 0.5 * $kg);
    foreach ($this->was['ledgers'] as $id => $was) {
        $client = Client::query()->findOrFail($id);
        $now = json_decode((string) json_encode(resolve(ShowLedger::class)->handle($client)), true);
        // What a load is called in words, and the shelf's rungs of today, follow the engine; what was done does not.
        // Older sets were all counted: none was done by the clock.
        expect(array_filter(array_column($now['entries'], 'seconds')))->toBe([]);
        $done = static fn (array $entries): array => array_map(
            static fn (array $entry): array => array_diff_key($entry, ['equivalent' => 0, 'seconds' => 0]),
            $entries,
        );
        expect($done($now['entries']))->toEqual($done($was['entries']), $client->name);
        foreach ($was['patterns'] as $i => $pattern) {
            $today = $now['patterns'][$i];
            $named = ['pattern' => 0, 'name' => 0, 'unit' => 0];
            expect(array_intersect_key($today, $named))->toEqual(array_intersect_key($pattern, $named), $client->name);
            if (! $isOther($pattern['pattern'])) {
                expect($today['capacityKg'])->toEqualWithDelta($pattern['capacityKg'], $near($pattern['capacityKg']), $client->name);
            }
            // The chart is rounded as its headline is, and goes on to today.
            $isOfToday = $pattern['history'][count($pattern['history']) - 1]['date'] === '2026-11-24';
            expect(count($today['history']))->toBe(count($pattern['history']) + ($isOfToday ? 0 : 1));
            foreach ($pattern['history'] as $j => $point) {
                expect($today['history'][$j]['date'])->toBe($point['date'])
                    ->and($today['history'][$j]['kg'])
                    ->toEqualWithDelta(
                        $point['kg'],
                        $isOther($pattern['pattern']) ? 40.0 : $near($point['kg']),
                    );
            }
        }
        $told = static fn (array $swaps): array => array_map(
            static fn (array $swap): array => array_intersect_key(
                $swap,
                ['session' => 0, 'occasion' => 0, 'from' => 0, 'to' => 0, 'why' => 0, 'isUndone' => 0],
            ),
            $swaps,
        );
        expect($told($now['swaps']))->toEqual($told($was['swaps']), $client->name);
    }
});

it('has a plan behind every day, one programme running for each client', function (): void {
    expect(TrainingSession::query()->whereNull('planned_session_id')->count())->toBe(0)
        ->and(Slot::query()->count())->toBe(Item::query()->count())
        ->and(Programme::query()->where('state', 'running')->count())->toBe(8);
    foreach (TrainingSession::query()->get() as $session) {
        expect($session->plannedSession?->startsAt('UTC')->toIso8601String())->toBe($session->starts_at->toIso8601String());
    }
    // The same slot is one thread through the weeks.
    $threads = Slot::query()->get()->groupBy('thread');
    expect($threads->map->count()->max())->toBe(4);
    // What was swapped from here on is swapped in the days, and the plan keeps what was written.
    expect(Slot::query()->get()->every(static fn (Slot $slot): bool => $slot->assignment == $slot->written))->toBeTrue();
});

it('takes every swap back to what was written', function (): void {
    $this->actingAs(Client::query()->firstOrFail()->trainer);
    foreach (Item::query()->has('madeChanges')->get() as $item) {
        $this->deleteJson("/api/items/{$item->id}/swaps")->assertOk();
        expect($item->fresh()->chosen)->toEqual($item->prescribed);
    }
    expect(SetLog::query()->count())->toBe(count($this->sets));
});
