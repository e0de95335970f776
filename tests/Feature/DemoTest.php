<?php

declare(strict_types=1);

use App\Models\Client;
use App\Models\SetLog;
use App\Models\User;
use Database\Seeders\DemoSeeder;

it('fills Saltmarrow with clients whose every number is computed', function (): void {
    $this->seed(DemoSeeder::class);
    $isaura = User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail();
    $this->actingAs($isaura);
    expect($isaura->clients()->count())->toBeGreaterThanOrEqual(3)
        ->and(SetLog::query()->where('whole_kg', '<=', 0)->count())->toBe(0);

    $round = $this->getJson('/api/round')->assertOk();
    expect(count($round->json('visits')))->toBeGreaterThanOrEqual(3)
        ->and(array_sum(array_column($round->json('visits'), 'swapsNeeded')))->toBeGreaterThan(0);
    foreach (Client::query()->where('user_id', $isaura->id)->get() as $client) {
        $ledger = $this->getJson("/api/clients/{$client->id}/ledger")->assertOk();
        expect($ledger->json('patterns'))->not->toBe([]);
        $this->getJson("/api/clients/{$client->id}/shelf-items")->assertOk();
    }
});

it('serves the page for every address that is not the API’s', function (string $path): void {
    $this->get($path)->assertOk()->assertSee('id="app"', false);
})->with(['/', '/sign-in', '/clients/1/shelf', '/swap/1', '/floor/1', '/catalogue/squat']);
