<?php

declare(strict_types=1);

use App\Models\SetLog;
use App\Models\User;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs(User::query()->firstOrFail());
    $this->logged($this->item, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
});

it('does not know another trainer’s client, in any way in', function (string $method, Closure $path, array $body): void {
    $this->json($method, '/api/'.$path($this), $body)->assertNotFound();
    expect(SetLog::query()->count())->toBe(1)
        ->and($this->client->shelfItems()->count())->toBe(1)
        ->and($this->item->refresh()->isSwapped())->toBeFalse()
        ->and($this->session->refresh()->ended_at)->toBeNull();
})->with([
    'person' => ['GET', fn ($test) => "clients/{$test->client->id}", []],
    'shelf' => ['GET', fn ($test) => "clients/{$test->client->id}/shelf-items", []],
    'add to the shelf' => [
        'POST',
        fn ($test) => "clients/{$test->client->id}/shelf-items",
        ['kind' => 'wall', 'name' => 'wall', 'count' => 1],
    ],
    'change a thing' => [
        'PUT',
        fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}",
        ['kind' => 'wall', 'name' => 'wall', 'count' => 1],
    ],
    'take a thing off' => [
        'DELETE',
        fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}",
        [],
    ],
    'put a thing back' => [
        'POST',
        fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}/restore",
        [],
    ],
    'change the person' => ['PUT', fn ($test) => "clients/{$test->client->id}", []],
    'measure' => ['POST', fn ($test) => "clients/{$test->client->id}/measures", []],
    'change the room' => ['PUT', fn ($test) => "clients/{$test->client->id}/home", []],
    'limits' => ['GET', fn ($test) => "clients/{$test->client->id}/limits", []],
    'change limits' => ['PUT', fn ($test) => "clients/{$test->client->id}/limits", []],
    'who looked' => ['GET', fn ($test) => "clients/{$test->client->id}/health/log?before=9", []],
    'health' => ['GET', fn ($test) => "clients/{$test->client->id}/health", []],
    'screen' => ['POST', fn ($test) => "clients/{$test->client->id}/screenings", []],
    'clear' => ['POST', fn ($test) => "clients/{$test->client->id}/clearances", []],
    'check movement' => ['POST', fn ($test) => "clients/{$test->client->id}/checks", []],
    'start' => ['GET', fn ($test) => "clients/{$test->client->id}/start", []],
    'find the start' => ['POST', fn ($test) => "clients/{$test->client->id}/start", ['at' => 'now']],
    'read what they can' => ['POST', fn ($test) => "clients/{$test->client->id}/told-lines", ['line' => 'eight push-ups']],
    'tell what they can' => ['POST', fn ($test) => "clients/{$test->client->id}/told-results", ['line' => 'eight push-ups']],
    'read a line' => ['POST', fn ($test) => "clients/{$test->client->id}/shelf-lines", []],
    'fill' => ['POST', fn ($test) => "clients/{$test->client->id}/fills", []],
    'coverage' => ['GET', fn ($test) => "clients/{$test->client->id}/coverage", []],
    'what would open more' => ['GET', fn ($test) => "clients/{$test->client->id}/coverage/additions/0", []],
    'bench' => ['GET', fn ($test) => "clients/{$test->client->id}/bench", []],
    'readings' => ['GET', fn ($test) => "clients/{$test->client->id}/bench/stream", []],
    'hang' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/hang", []],
    'pull' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/pull", []],
    'tare' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/tare", []],
    'plug' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/plug", []],
    'take a point' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/points", []],
    'drop a point' => ['DELETE', fn ($test) => "clients/{$test->client->id}/bench/points/0", []],
    'finish a test' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/finish", []],
    'weigh' => ['POST', fn ($test) => "clients/{$test->client->id}/bench/weigh", []],
    'plates' => ['GET', fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}/plates", []],
    'check a support' => [
        'POST',
        fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}/check",
        [],
    ],
    'look a thing over' => [
        'PUT',
        fn ($test) => "clients/{$test->client->id}/shelf-items/{$test->client->shelfItems()->value('id')}/inspection",
        [],
    ],
    'withdraw a clearance' => [
        'DELETE',
        fn ($test) => "clients/{$test->client->id}/clearances/".$test->client->clearances()->create([
            'given_on' => today(),
            'given_by' => 'x',
            'allows' => 'y',
            'questions' => [],
            'lifts' => [],
        ])->id,
        [],
    ],
    'plan anew' => ['POST', fn ($test) => "sessions/{$test->session->id}/replans", ['occasion' => 'sore', 'part' => 'elbow']],
    'change at one go' => [
        'PUT',
        fn ($test) => "sessions/{$test->session->id}/replans",
        ['occasion' => 'sore', 'part' => 'elbow', 'accepted' => [$test->item->id ?? 1]],
    ],
    'take a plan back' => ['DELETE', fn ($test) => "sessions/{$test->session->id}/replans/".Str::uuid(), []],
    'ledger' => ['GET', fn ($test) => "clients/{$test->client->id}/ledger", []],
    'session' => ['GET', fn ($test) => "sessions/{$test->session->id}", []],
    'swaps' => ['GET', fn ($test) => "items/{$test->item->id}/swaps", []],
    'choose a swap' => ['POST', fn ($test) => "items/{$test->item->id}/swaps", ['key' => str_repeat('a', 16)]],
    'move a swap' => [
        'POST',
        fn ($test) => "items/{$test->item->id}/swaps/live",
        ['key' => str_repeat('a', 16), 'exercise' => 'biceps-curl', 'moved' => []],
    ],
    'use a moved swap' => [
        'PUT',
        fn ($test) => "items/{$test->item->id}/swaps/live",
        ['key' => str_repeat('a', 16), 'exercise' => 'biceps-curl', 'moved' => []],
    ],
    'undo a swap' => ['DELETE', fn ($test) => "items/{$test->item->id}/swaps", []],
]);

it('keeps no event of another trainer’s client, and says so', function (string $kind, array $with): void {
    $of = $kind === 'set-done' ? Saltmarrow::setDone($this->item, $with) : Saltmarrow::event($this->session, $kind, $with);
    $this->happened($of)->assertConflict()->assertJsonPath('refused.0.field', 'clientId')->assertJsonPath('accepted', []);
    expect(SetLog::query()->whereNull('voided_at')->count())->toBe(1)->and($this->session->refresh()->ended_at)->toBeNull();
    // A client of one's own does not open the way to another's session.
    $own = Saltmarrow::client(User::query()->where('email', 'corvin@saltmarrow.example')->firstOrFail());
    $this->happened(['key' => (string) Str::uuid(), 'clientId' => $own->id] + $of)->assertOk();
    expect($this->session->refresh()->ended_at)->toBeNull()
        ->and(SetLog::query()->where('item_id', $this->item->id)->whereNull('voided_at')->count())
        ->toBe(1);
})->with([
    'end the session' => ['ended', []],
    'log a set' => ['set-done', ['setNumber' => 2]],
    'take a set back' => ['set-voided', ['targetKey' => 'b7d3f2a0-0000-4000-8000-000000000000']],
]);

it('lists only one’s own clients and visits', function (): void {
    $this->getJson('/api/clients')->assertOk()->assertExactJson([]);
    $this->getJson('/api/round')->assertOk()->assertJsonPath('visits', []);
});

it('covers every route that needs a sign-in', function (): void {
    $routes = collect(Route::getRoutes()->getRoutes())
        ->filter(fn ($route) => str_starts_with($route->uri(), 'api/') && in_array('auth:sanctum', $route->gatherMiddleware(), true))
        ->map(fn ($route) => $route->uri());
    expect($routes)->not->toBeEmpty();
    $open = collect(Route::getRoutes()->getRoutes())
        ->filter(fn ($route) => str_starts_with($route->uri(), 'api/') && ! in_array('auth:sanctum', $route->gatherMiddleware(), true))
        ->map(fn ($route) => $route->uri())->values()->all();
    expect($open)->toBe(['api/sign-in']);
});
