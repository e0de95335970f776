<?php

declare(strict_types=1);

use App\Models\ShelfItem;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
    $this->put = fn (array $thing): ShelfItem => ShelfItem::query()->findOrFail(
        $this->postJson("/api/clients/{$this->client->id}/shelf-items", $thing)->assertCreated()->json('id'),
    );
});

it('asks what a thing is, and how it is held, before it stands on a shelf', function (array $thing, string $field, string $says): void {
    $this->postJson("/api/clients/{$this->client->id}/shelf-items", $thing)
        ->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $says);
    expect(ShelfItem::query()->count())->toBe(0);
})->with([
    'no kind' => [['name' => 'thing', 'count' => 1], 'kind', 'What is it? Until that is known it serves nothing.'],
    'no hold' => [
        ['kind' => 'object', 'name' => 'thing', 'count' => 1, 'massKg' => 4],
        'grip',
        'How is it held? Where nobody knows, it is by nothing secure.',
    ],
    'a child, whatever kind is chosen' => [
        ['kind' => 'object', 'name' => 'child', 'count' => 1, 'massKg' => 14, 'grip' => 'body', 'line' => 'child 14 kg'],
        'line',
        'A child is no weight: who lives moves as they like, and can be hurt. It is not put on a shelf.',
    ],
    'no plates and no dial' => [
        ['kind' => 'adjustable-dumbbell', 'name' => 'it', 'count' => 1, 'handleKg' => 2],
        'plates',
        'Which plates are there, as in 4 x 1.25 + 4 x 2.5? With a dial: 2-24 kg in steps of 2.',
    ],
    'a dial without steps' => [
        ['kind' => 'adjustable-dumbbell', 'name' => 'it', 'count' => 1, 'plates' => '2-24 kg'],
        'handleKg',
        'What does the bare handle or bar weigh, in kilograms?',
    ],
    'a bar that weighs nothing' => [
        ['kind' => 'barbell', 'name' => 'bar', 'count' => 1],
        'handleKg',
        'What does the bare handle or bar weigh, in kilograms?',
    ],
    'a vest that weighs nothing' => [
        ['kind' => 'vest', 'name' => 'vest', 'count' => 1],
        'massKg',
        'What does one piece weigh, in kilograms?',
    ],
]);

it('keeps a dial with the loads it has, and says what a ball serves', function (): void {
    $this->postJson("/api/clients/{$this->client->id}/shelf-items", [
        'kind' => 'adjustable-dumbbell', 'name' => 'dial', 'count' => 2, 'plates' => '2-24 kg in steps of 2',
    ])->assertCreated()->assertJsonPath('facts', '2 to 24 kg each, 12 steps');
    $this->postJson("/api/clients/{$this->client->id}/shelf-items", ['kind' => 'big-ball', 'name' => 'ball', 'count' => 1])
        ->assertCreated()->assertJsonPath('serves', [])
        ->assertJsonPath('servesNothingBecause', 'It rolls away from under a load: no exercise here is done with it.');
    $this->postJson("/api/clients/{$this->client->id}/shelf-items", ['kind' => 'vest', 'name' => 'vest', 'count' => 1, 'massKg' => 8])
        ->assertCreated()->assertJsonPath('servesNothingBecause', null)->assertJsonFragment(['facts' => '8 kg']);
});

it('changes a thing and keeps what the form does not ask', function (): void {
    $tube = ($this->put)(['kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'restLengthCm' => 120, 'forceAtDoubleN' => 60]);
    $before = $tube->measures;
    $this->putJson("/api/clients/{$this->client->id}/shelf-items/{$tube->id}", [
        'kind' => 'tube', 'name' => 'old red tube', 'count' => 2, 'restLengthCm' => 125,
    ])->assertOk()->assertJsonPath('name', 'old red tube');
    expect($tube->refresh()->measures)->toEqual([...$before, 'rest_length_cm' => 125.0])->and($tube->count)->toBe(2);
});

it('puts one more like it on a shelf, under a name of its own, and trusts nothing that was tried of the first', function (): void {
    $other = Saltmarrow::client($this->trainer);
    $tube = ($this->put)(['kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'restLengthCm' => 120, 'forceAtDoubleN' => 60]);
    $tube->update(['measures' => [...$tube->measures, 'source' => 'measured'], 'condition' => 'whitened']);
    $path = "/api/clients/{$this->client->id}/shelf-items/{$tube->id}/copy";
    $this->postJson($path, ['toClientId' => $this->client->id])->assertCreated()->assertJsonPath('name', 'red tube 2')
        ->assertJsonPath('condition', 'sound')->assertJsonPath('measures.source', 'unknown');
    $this->postJson($path, ['toClientId' => $this->client->id])->assertCreated()->assertJsonPath('name', 'red tube 3');
    $this->postJson($path, ['toClientId' => $other->id])->assertCreated()->assertJsonPath('name', 'red tube');
    $this->postJson($path, [])->assertNotFound();
    expect($this->client->shelfItems()->count())->toBe(3)->and($other->shelfItems()->count())->toBe(1);
});

it('copies nothing to or from another trainer’s client', function (): void {
    $theirs = Saltmarrow::client(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $bell = ($this->put)(['kind' => 'kettlebell', 'name' => 'bell', 'count' => 1, 'massKg' => 12]);
    $this->postJson("/api/clients/{$this->client->id}/shelf-items/{$bell->id}/copy", ['toClientId' => $theirs->id])->assertNotFound();
    $this->actingAs($theirs->trainer)
        ->postJson("/api/clients/{$this->client->id}/shelf-items/{$bell->id}/copy", ['toClientId' => $theirs->id])->assertNotFound();
    expect($theirs->shelfItems()->count())->toBe(0);
});

it('lends a thing: it serves where it is, is known where it belongs, and comes back', function (): void {
    $tube = ($this->put)(['kind' => 'object', 'name' => 'canvas bag', 'count' => 1, 'massKg' => 6, 'grip' => 'handle']);
    $other = Saltmarrow::client($this->trainer);
    $other->update(['name' => 'Marisol Tangwynne']);
    Saltmarrow::thing($other, 'object', 'canvas bag', 1, ['mass_kg' => 3, 'grip' => 'handle']);
    $path = "/api/clients/{$this->client->id}/shelf-items";
    $this->postJson("{$path}/{$tube->id}/loan", ['toClientId' => $this->client->id])
        ->assertUnprocessable()->assertJsonValidationErrors('toClientId');
    $this->postJson("{$path}/{$tube->id}/loan", ['toClientId' => $other->id])->assertNoContent();
    $this->getJson($path)->assertJsonCount(0, 'items')
        ->assertJsonPath('lentOut.0', ['id' => $tube->id, 'name' => 'canvas bag 2', 'count' => 1, 'to' => 'Marisol Tangwynne']);
    $this->getJson("/api/clients/{$other->id}/shelf-items")
        ->assertJsonPath('items.0.name', 'canvas bag 2')
        ->assertJsonPath('items.0.lentBy', 'Orrin Kestlewick')
        ->assertJsonPath('items.1.lentBy', null);
    // Lent on, it is still Orrin's.
    $third = Saltmarrow::client($this->trainer);
    $third->update(['name' => 'Hollis Varnham']);
    $this->postJson("/api/clients/{$other->id}/shelf-items/{$tube->id}/loan", ['toClientId' => $third->id])->assertNoContent();
    $this->getJson($path)->assertJsonPath('lentOut.0.to', 'Hollis Varnham');
    $this->deleteJson("/api/shelf-items/{$tube->id}/loan")->assertNoContent();
    $this->getJson($path)->assertJsonPath('items.0.id', $tube->id)->assertJsonPath('items.0.lentBy', null)->assertJsonCount(0, 'lentOut');
    $this->deleteJson("/api/shelf-items/{$tube->id}/loan")->assertUnprocessable()->assertJsonValidationErrors('item');
});

it('lends nothing of another trainer, and nothing to their clients', function (): void {
    $bag = ($this->put)(['kind' => 'object', 'name' => 'canvas bag', 'count' => 1, 'massKg' => 6, 'grip' => 'handle']);
    $stranger = Saltmarrow::trainer('corvin@saltmarrow.example');
    $theirs = Saltmarrow::client($stranger);
    $path = "/api/clients/{$this->client->id}/shelf-items/{$bag->id}/loan";
    $this->postJson($path, ['toClientId' => $theirs->id])->assertNotFound();
    $this->actingAs($stranger);
    $this->postJson($path, ['toClientId' => $theirs->id])->assertNotFound();
    $this->deleteJson("/api/shelf-items/{$bag->id}/loan")->assertNotFound();
    expect($bag->fresh()->client_id)->toBe($this->client->id);
});
