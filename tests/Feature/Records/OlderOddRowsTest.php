<?php

declare(strict_types=1);

use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Planning\BlockKind;

/*
 * Rows no screen would write, but a database of some age may hold: they migrate too, and take nothing down.
 */

beforeEach(function (): void {
    $this->file = tempnam(sys_get_temp_dir(), 'nimble').'.sqlite';
    touch($this->file);
    config([
        'database.connections.older' => ['database' => $this->file] + config('database.connections.sqlite'),
        'database.default' => 'older',
    ]);
    $earlier = array_filter(
        glob(database_path('migrations/*.php')) ?: [],
        static fn (string $path): bool => basename($path) < '2026_11_27',
    );
    Artisan::call('migrate', ['--force' => true, '--database' => 'older', '--realpath' => true, '--path' => array_values($earlier)]);
    $now = ['created_at' => '2026-11-01 08:00:00', 'updated_at' => '2026-11-01 08:00:00'];
    DB::table('users')->insert(['id' => 1, 'name' => 'Isaura Veldkamp', 'email' => 'isaura@saltmarrow.example', 'password' => 'x'] + $now);
    DB::table('clients')->insert([
        'id' => 1,
        'user_id' => 1,
        'name' => 'Orrin Kestlewick',
        'trade' => 'lock-keeper',
        'goal' => 'muscle',
        'limits' => '[]',
        'note' => Crypt::encryptString(''),
    ] + $now);
    DB::table('body_measures')->insert([
        'client_id' => 1,
        'measured_on' => '2026-10-01',
        'height_cm' => 178,
        'body_mass_kg' => 84,
        'limbs' => '[]',
    ] + $now);
    DB::table('homes')->insert(['client_id' => 1, 'anchors' => '[]'] + $now);
    DB::table('programmes')->insert(['id' => 1, 'client_id' => 1, 'name' => 'Plan', 'starts_on' => '2026-11-02', 'weeks' => 2] + $now);
    DB::table('training_sessions')->insert([
        'id' => 1,
        'programme_id' => 1,
        'name' => 'Push',
        'starts_at' => '2026-11-25 23:30:00',
        'minutes' => 30,
    ] + $now);
    DB::table('blocks')->insert(['id' => 1, 'training_session_id' => 1, 'kind' => 'straight', 'name' => 'Work', 'position' => 1] + $now);
    $this->now = $now;
    $this->item = function (array $with = []): void {
        DB::table('items')->insert($with + [
            'block_id' => 1, 'position' => 1, 'exercise' => 'floor-press',
            'setting' => '{"implement":"dumbbell","mass_kg":8,"per_hand":true}',
            'sets' => 3, 'reps' => 10, 'reserve' => 2, 'rest_seconds' => 60,
        ] + $this->now);
    };
    $this->migrated = function (): void {
        Artisan::call('migrate', ['--force' => true, '--database' => 'older']);
        expect(DB::select('pragma foreign_key_check'))->toBe([]);
    };
});

afterEach(function (): void {
    config(['database.default' => 'sqlite']);
    DB::purge('older');
    array_map(unlink(...), glob($this->file.'*') ?: []);
});

it('has nothing to do in an empty database of the older shape', function (): void {
    DB::table('training_sessions')->delete();
    DB::table('programmes')->delete();
    ($this->migrated)();
    expect(DB::table('programmes')->count())->toBe(0)->and(DB::table('weeks')->count())->toBe(0);
});

it('makes weeks enough for the last session, whatever the programme said', function (): void {
    ($this->migrated)();
    expect(DB::table('weeks')->pluck('number')->all())->toBe([1, 2, 3, 4])
        ->and(TrainingSession::query()->firstOrFail()->plannedSession?->week->number)->toBe(4)
        ->and(TrainingSession::query()->firstOrFail()->starts_at->toIso8601String())->toBe('2026-11-25T23:30:00+00:00');
});

it('brings numbers that are out of range back into it', function (): void {
    ($this->item)(['id' => 1, 'sets' => 0, 'reps' => 0, 'reserve' => 99, 'rest_seconds' => 100_000]);
    ($this->migrated)();
    $asked = Item::query()->firstOrFail()->prescribed;
    expect([$asked->sets, $asked->dose->count(), $asked->reserve, $asked->restSeconds])->toBe([1, 1, 10, 900]);
});

it('keeps a block of a kind it does not know as straight sets', function (): void {
    DB::table('blocks')->update(['kind' => 'waltz']);
    ($this->item)(['id' => 1]);
    ($this->migrated)();
    expect(TrainingSession::query()->firstOrFail()->blocks[0]->kind)->toBe(BlockKind::Straight);
});

it('goes on resting between the exercises of an older superset', function (): void {
    DB::table('blocks')->update(['kind' => 'superset']);
    ($this->item)(['id' => 1, 'rest_seconds' => 40]);
    ($this->item)(['id' => 2, 'position' => 2, 'rest_seconds' => 70]);
    ($this->migrated)();
    expect(TrainingSession::query()->firstOrFail()->blocks[0]->rule)->toBe(['rest_s' => 40]);
});

it('keeps an item that was swapped before swaps were written down', function (): void {
    $written = [
        'exercise' => 'floor-press',
        'setting' => ['implement' => 'dumbbell', 'mass_kg' => 16, 'per_hand' => true],
        'words' => null,
        'reps' => 10,
        'reserve' => 2,
        'why' => 'No such weight here.',
    ];
    ($this->item)([
        'id' => 1,
        'exercise' => 'push-up',
        'setting' => '{"implement":"body-weight"}',
        'reps' => 12,
        'written' => json_encode($written, JSON_THROW_ON_ERROR),
    ]);
    ($this->migrated)();
    $item = Item::query()->firstOrFail();
    expect($item->prescribed->exercise)->toBe('floor-press')->and($item->prescribed->setting->massKg)->toBe(16.0)
        ->and($item->now()->exercise)
        ->toBe('push-up')
        ->and($item->now()->dose->count())
        ->toBe(12)
        ->and($item->now()->why)
        ->toBe('No such weight here.')
        ->and($item->madeChanges)->toHaveCount(1);
});

it('keeps an item that was left out before that was written down', function (): void {
    ($this->item)(['id' => 1, 'left_out' => 'No time.']);
    ($this->migrated)();
    $item = Item::query()->firstOrFail();
    expect($item->left_out)->toBe('No time.')
        ->and($item->standingAt(1)->leftOut)
        ->toBe('No time.')
        ->and($item->prescribed->exercise)
        ->toBe('floor-press');
});

it('keeps sets of exercises that are gone from the catalogue', function (): void {
    ($this->item)(['id' => 1, 'exercise' => 'moonwalk', 'setting' => '{"implement":"body-weight"}']);
    DB::table('set_logs')->insert([
        'id' => 1, 'key' => '5f0c2f4e-0000-4000-8000-000000000001', 'item_id' => 1, 'client_id' => 1,
        'exercise' => 'moonwalk', 'setting' => '{"implement":"body-weight"}',
        'set_number' => 1, 'reps' => 12, 'reserve' => 2, 'pain' => 0, 'pattern' => 'squat', 'whole_kg' => 70, 'sd_kg' => 4,
        'logged_at' => '2026-11-25 23:40:00',
    ] + $this->now);
    ($this->migrated)();
    $set = SetLog::query()->firstOrFail();
    expect([$set->exercise, $set->reps, $set->whole_kg, $set->load_words, $set->body_mass_kg])->toBe(['moonwalk', 12, 70.0, '', 84.0]);
});
