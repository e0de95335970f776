<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Tests\Support\Saltmarrow;

it('writes ahead, waits when busy and keeps foreign keys', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'nimble').'.sqlite';
    touch($file);
    config(['database.connections.file' => ['database' => $file] + config('database.connections.sqlite')]);
    $asked = static fn (string $pragma): mixed => array_values((array) DB::connection('file')->selectOne("PRAGMA {$pragma}"))[0];
    expect($asked('journal_mode'))->toBe('wal')
        ->and($asked('foreign_keys'))->toBe(1)
        ->and($asked('busy_timeout'))->toBe(15000);
    DB::purge('file');
    array_map(unlink(...), glob($file.'*') ?: []);
});

it('keeps no shelf without its client', function (): void {
    DB::table('shelf_items')->insert(['client_id' => 999, 'kind' => 'wall', 'name' => 'wall', 'measures' => '{}']);
})->throws(QueryException::class);

it('erases everything of a client with the client', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($client, 'wall', 'wall');
    Saltmarrow::item(Saltmarrow::session($client), 'squat', ['implement' => 'body-weight']);
    $client->delete();
    foreach (['body_measures', 'homes', 'shelf_items', 'programmes', 'training_sessions', 'blocks', 'items', 'set_logs'] as $table) {
        expect(DB::table($table)->count())->toBe(0);
    }
});
