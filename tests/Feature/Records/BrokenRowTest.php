<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

/*
 * Nothing is stored that cannot be described, and a row that cannot be read any more takes no page down.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::item(Saltmarrow::session($this->client), 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
    $this->path = "/api/clients/{$this->client->id}/shelf-items";
});

it('stores no plates that nobody lifts, and says which field', function (string $plates): void {
    $this->postJson(
        $this->path,
        ['kind' => 'adjustable-dumbbell', 'name' => 'adjustable', 'count' => 1, 'handleKg' => 2, 'plates' => $plates],
    )
        ->assertUnprocessable()->assertJsonValidationErrors('plates');
    expect($this->client->shelfItems()->count())->toBe(0);
    $this->getJson('/api/round')->assertOk();
})->with(['heavier than any plate' => '4 x 125', 'more than any rack' => '400 x 1', 'heavy among light' => '4 x 1.25 + 2 x 90']);

it('leaves a thing as it was where its change makes no sense', function (): void {
    $id = $this->postJson(
        $this->path,
        ['kind' => 'adjustable-dumbbell', 'name' => 'adjustable', 'count' => 1, 'handleKg' => 2, 'plates' => '4 x 1.25'],
    )
        ->assertCreated()
        ->json('id');
    $this->putJson(
        "{$this->path}/{$id}",
        ['kind' => 'adjustable-dumbbell', 'name' => 'adjustable', 'count' => 1, 'handleKg' => 2, 'plates' => '4 x 125'],
    )
        ->assertUnprocessable()
        ->assertJsonValidationErrors('plates');
    expect($this->client->shelfItems()->firstOrFail()->measures['plates'])->toEqual([['mass_kg' => 1.25, 'count' => 4]]);
});

it('goes on working round a row that cannot be read', function (array $row): void {
    $this->client->shelfItems()->create(['name' => 'odd thing', 'count' => 1] + $row);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $id = $this->client->id;
    foreach ([
        'round',
        "clients/{$id}",
        "clients/{$id}/shelf-items",
        "clients/{$id}/coverage",
        "clients/{$id}/rail/elbow-flexion",
        "clients/{$id}/ledger",
        "clients/{$id}/limits",
        "clients/{$id}/bench",
    ] as $page) {
        $this->getJson("/api/{$page}")->assertOk();
    }
    $session = $this->client->trainingSessions()->firstOrFail();
    $this->getJson("/api/sessions/{$session->id}")->assertOk()->assertJsonPath('layOut', ['8 kg dumbbell']);
    $shelf = collect($this->getJson($this->path)->json('items'));
    expect($shelf->firstWhere('name', 'odd thing')['serves'])->toBe([]);
    // It can be taken off the shelf.
    $this->deleteJson("{$this->path}/{$this->client->shelfItems()->where('name', 'odd thing')->value('id')}")->assertNoContent();
})->with([
    'plates of two hundredweight' => [
        ['kind' => 'adjustable-dumbbell', 'measures' => ['handle_kg' => 2, 'plates' => [['mass_kg' => 125, 'count' => 4]]]],
    ],
    'a kind that is gone' => [['kind' => 'anvil', 'measures' => []]],
    'a band without a length' => [['kind' => 'tube', 'measures' => ['a_n' => 10, 'b_n' => 10]]],
    'a dumbbell without a mass' => [['kind' => 'dumbbell', 'measures' => []]],
]);

it('shows a session whose block has a rule that reads no more', function (): void {
    $session = $this->client->trainingSessions()->firstOrFail();
    $session->blocks()->firstOrFail()->update(['kind' => 'ladder', 'rule' => ['doses' => 'many']]);
    $this->getJson("/api/sessions/{$session->id}")->assertOk();
    $this->getJson('/api/round')->assertOk();
});
