<?php

declare(strict_types=1);

use App\Actions\SwapDesk\RankSwaps;
use App\Models\Change;
use App\Models\FloorEvent;
use App\Models\SetLog;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Support\Saltmarrow;

/*
 * Processes that really run side by side on one file: nobody is told that the database is locked, and nothing is lost.
 */

it('lets many write at once and loses nothing', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'nimble').'.sqlite';
    touch($file);
    config([
        'database.connections.shared' => ['database' => $file] + config('database.connections.sqlite'),
        'database.default' => 'shared',
    ]);
    try {
        Artisan::call('migrate', ['--force' => true, '--database' => 'shared']);
        $client = Saltmarrow::client(Saltmarrow::trainer());
        Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
        $session = Saltmarrow::session($client);
        $item = Saltmarrow::item($session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
        $press = Saltmarrow::item($session, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true]);
        $key = RankSwaps::keyOf(resolve(RankSwaps::class)->handle($press)->candidates[0]);

        $processes = $sent = [];
        $run = static function (string ...$words) use (&$processes, $file): void {
            $environment = [
                'DB_DATABASE' => $file,
                'DB_BUSY_TIMEOUT' => '120000',
                'APP_ENV' => 'testing',
                'PATH' => (string) getenv('PATH'),
                'APP_KEY' => (string) config('app.key'),
            ];
            $process = proc_open(
                [PHP_BINARY, '-d', 'pcov.enabled=0', dirname(__DIR__, 2).'/Support/side-by-side.php', ...$words],
                [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
                $pipes,
                base_path(),
                $environment,
            );
            assert(is_resource($process));
            $processes[] = ['process' => $process, 'out' => $pipes[1], 'err' => $pipes[2]];
        };
        for ($writer = 0; $writer < 6; $writer++) {
            $events = array_map(static fn (int $set): array => Saltmarrow::setDone($item, ['setNumber' => $set % 20 + 1]), range(1, 25));
            // Every other writer sends what its neighbour sends, as a device does that got no answer.
            $events = $writer % 2 === 1 ? [...$events, ...array_slice($sent, -5)] : $events;
            $sent = [...$sent, ...$events];
            file_put_contents("{$file}.{$writer}.json", json_encode($events, JSON_THROW_ON_ERROR));
            $run('SETS', "{$file}.{$writer}.json");
        }
        foreach ([1, 2] as $swapper) {
            $run('SWAPS', (string) $press->id, $key, '12');
        }
        $failures = $said = [];
        foreach ($processes as ['process' => $process, 'out' => $out, 'err' => $err]) {
            $failures[] = stream_get_contents($out);
            $said[] = stream_get_contents($err);
            proc_close($process);
        }
        $keys = array_unique(array_column($sent, 'key'));
        expect($failures)->toBe(array_fill(0, 8, '0'), implode("\n", $said))
            ->and(SetLog::query()->count())->toBe(count($keys))
            ->and(FloorEvent::query()->count())->toBe(count($keys))
            ->and(Change::query()->count())->toBe(24);
    } finally {
        config(['database.default' => 'sqlite']);
        DB::purge('shared');
        array_map(unlink(...), glob($file.'*') ?: []);
    }
});

it('waits for its turn where another transaction writes between its reading and its writing', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'nimble').'.sqlite';
    touch($file);
    foreach (['one', 'two'] as $name) {
        config(["database.connections.{$name}" => ['database' => $file, 'busy_timeout' => 50] + config('database.connections.sqlite')]);
    }
    DB::connection('one')->statement('create table notes (words text)');
    DB::connection('one')->beginTransaction();
    DB::connection('one')->table('notes')->count();
    // The lock is taken when it begins, so that the other has to wait, and says so at its beginning rather than half way.
    expect(
        fn () => DB::connection('two')->transaction(static fn () => DB::connection('two')->table('notes')->insert(['words' => 'two'])),
    )->toThrow(PDOException::class, 'locked');
    DB::connection('one')->table('notes')->insert(['words' => 'one']);
    DB::connection('one')->commit();
    DB::connection('two')->transaction(static fn () => DB::connection('two')->table('notes')->insert(['words' => 'two']));
    expect(DB::connection('two')->table('notes')->pluck('words')->all())->toBe(['one', 'two']);
    foreach (['one', 'two'] as $name) {
        DB::purge($name);
    }
    array_map(unlink(...), glob($file.'*') ?: []);
});
