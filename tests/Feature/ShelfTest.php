<?php

declare(strict_types=1);

use App\Models\ShelfItem;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs($this->client->trainer);
    $this->path = "/api/clients/{$this->client->id}/shelf-items";
});

it('puts a thing on the shelf and says what it loads', function (): void {
    $this->postJson($this->path, ['kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'massKg' => 8])
        ->assertCreated()
        ->assertJsonPath('name', '8 kg dumbbell')
        ->assertJsonPath('massKg', 8)
        ->assertJsonPath('certainty', 'labelled, ±3 %')
        ->assertJsonPath('facts', '8 kg each');
    $shelf = $this->getJson($this->path)->assertOk()->assertJsonCount(1, 'items');
    expect($shelf->json('items.0.serves'))->toContain('Elbow flexion');
    expect($this->getJson("/api/clients/{$this->client->id}/coverage")->json('missing'))->not->toContain('Elbow flexion');
});

it('says what an empty shelf cannot load', function (): void {
    $gaps = $this->getJson("/api/clients/{$this->client->id}/coverage")->assertOk()->json('missing');
    expect($gaps)->toContain('Horizontal pull', 'Elbow flexion')->not->toContain('Squat');
});

it('turns one reading of a band into a curve and says how sure that is', function (): void {
    $this->postJson($this->path, ['kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'restLengthCm' => 120, 'forceAtDoubleN' => 70])
        ->assertCreated()->assertJsonPath('facts', '120 cm at rest, 70 N at twice that')->assertJsonPath('certainty', 'rated, ±20 %');
});

it('names the field that is wrong', function (array $entered, string $field, string $says): void {
    Saltmarrow::thing($this->client, 'wall', 'cabin wall');
    $this->postJson($this->path, $entered + ['kind' => 'dumbbell', 'name' => 'bell', 'count' => 1, 'massKg' => 5])
        ->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $says);
    expect(ShelfItem::query()->count())->toBe(1);
})->with([
    'no name' => [['name' => ''], 'name', 'Give it a name, so that the settings can say which one.'],
    'a name twice' => [['name' => 'cabin wall'], 'name', 'There is already a thing of that name on this shelf.'],
    'no mass' => [['massKg' => null], 'massKg', 'What does one piece weigh, in kilograms?'],
    'grams' => [['massKg' => 5000], 'massKg', 'One piece weighs between 0.1 and 120 kg.'],
    'a band without length' => [['kind' => 'tube', 'forceAtDoubleN' => 50], 'restLengthCm', 'How long is it at rest, in centimetres?'],
    'a band without force' => [
        ['kind' => 'tube', 'restLengthCm' => 120],
        'forceAtDoubleN',
        'How hard does it pull at twice its length, in newtons? 10 N is about 1 kg.',
    ],
    'a chair too high' => [['kind' => 'chair', 'heightCm' => 300], 'heightCm', 'A support is between 5 and 130 cm high.'],
    'none of it' => [['count' => 0], 'count', 'Between 1 and 20 pieces.'],
]);

it('takes furniture that nobody has measured to be as high as usual, and says so until it is measured', function (): void {
    $this->postJson("/api/clients/{$this->client->id}/shelf-lines", ['line' => 'kitchen chair'])
        ->assertOk()
        ->assertJsonPath('missing.heightCm', 'Empty: about 45 cm, as such things usually are');
    $chair = $this->postJson($this->path, ['kind' => 'chair', 'name' => 'kitchen chair', 'count' => 1, 'line' => 'kitchen chair'])
        ->assertCreated()
        ->assertJsonPath('facts', 'about 45 cm high, as usual: measure it')
        ->json();
    foreach (['stool' => 45, 'sofa' => 42, 'table' => 74, 'step' => 18] as $kind => $heightCm) {
        $this->postJson($this->path, ['kind' => $kind, 'name' => $kind, 'count' => 1])
            ->assertCreated()
            ->assertJsonPath('measures.height_cm', $heightCm);
    }
    $this->putJson("{$this->path}/{$chair['id']}", ['kind' => 'chair', 'name' => 'kitchen chair', 'count' => 1, 'heightCm' => 47])
        ->assertOk()
        ->assertJsonPath('facts', '47 cm high');
    // Changed in something else it stays what it was measured to be.
    $this->putJson("{$this->path}/{$chair['id']}", ['kind' => 'chair', 'name' => 'old chair', 'count' => 1])
        ->assertOk()
        ->assertJsonPath('facts', '47 cm high');
});

it('takes a thing off and puts it back as it was', function (): void {
    Saltmarrow::thing($this->client, 'kettlebell', 'bell', 1, ['mass_kg' => 16]);
    $id = ShelfItem::query()->value('id');
    $this->deleteJson("{$this->path}/{$id}")->assertNoContent();
    $this->getJson($this->path)->assertJsonCount(0, 'items');
    $this->postJson("{$this->path}/{$id}/restore")->assertOk()->assertJsonPath('massKg', 16);
    $this->getJson($this->path)->assertJsonCount(1, 'items');
});

it('does not put back a thing whose name is taken since', function (): void {
    Saltmarrow::thing($this->client, 'kettlebell', 'bell', 1, ['mass_kg' => 16]);
    $id = ShelfItem::query()->value('id');
    $this->deleteJson("{$this->path}/{$id}");
    $this->postJson($this->path, ['kind' => 'kettlebell', 'name' => 'bell', 'count' => 1, 'massKg' => 12])->assertCreated();
    $this->postJson("{$this->path}/{$id}/restore")->assertUnprocessable()->assertJsonValidationErrors('name');
});

it('changes a thing and keeps what the form does not ask', function (): void {
    Saltmarrow::thing($this->client, 'adjustable-dumbbell', 'pair', 2, ['handle_kg' => 2, 'plates' => [['mass_kg' => 1.25, 'count' => 4]]]);
    $id = ShelfItem::query()->value('id');
    $this->putJson(
        "{$this->path}/{$id}",
        ['kind' => 'adjustable-dumbbell', 'name' => 'old pair', 'count' => 2, 'outOfService' => 'collar lost'],
    )
        ->assertOk()
        ->assertJsonPath('name', 'old pair')
        ->assertJsonPath('outOfService', 'collar lost')
        ->assertJsonPath('measures.handle_kg', 2);
});
