<?php

declare(strict_types=1);

use App\Models\ShelfItem;
use NimbleShelf\Core\Kit\Thing;
use Tests\Support\Saltmarrow;

/*
 * Every measure a shelf asks for, at the ends of its range and just beyond, for every kind that has it.
 */

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs($this->client->trainer);
    $this->path = "/api/clients/{$this->client->id}/shelf-items";
});

/** What a form would send for a sound thing of a kind. */
function soundThing(string $kind): array
{
    return ['kind' => $kind, 'name' => "the {$kind}", 'count' => 1] + match ($kind) {
        'dumbbell', 'kettlebell' => ['massKg' => 8],
        'object' => ['massKg' => 5, 'grip' => 'handle'],
        'rucksack' => ['massKg' => 1, 'maxKg' => 20],
        'tube', 'flat-band', 'long-loop', 'mini-loop' => ['restLengthCm' => 120, 'forceAtDoubleN' => 60],
        'chair', 'sofa', 'table', 'step', 'stool' => ['heightCm' => 45],
        default => [],
    };
}

it('takes a sound thing of every kind that the form knows and shows it again', function (string $kind): void {
    $answer = $this->postJson($this->path, soundThing($kind))->assertCreated();
    expect($answer->json('kind'))->toBe($kind)->and($answer->json('facts'))->toBeString();
    $item = $this->getJson($this->path)->assertOk()->assertJsonCount(1, 'items')->json('items.0');
    expect($item['name'])->toBe("the {$kind}")
        ->and($item['certainty'])->toBeString();
})->with(
    [
        'dumbbell',
        'kettlebell',
        'object',
        'rucksack',
        'tube',
        'flat-band',
        'long-loop',
        'mini-loop',
        'chair',
        'sofa',
        'table',
        'step',
        'stool',
        'towel',
        'wall',
        'mat',
    ],
);

it('knows only kinds that the core knows', function (): void {
    $this->postJson($this->path, ['kind' => 'anvil', 'name' => 'anvil', 'count' => 1])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('kind');
    expect(Thing::KINDS)->not->toContain('anvil')->toContain('dumbbell', 'tube', 'chair');
});

it('takes a measure at the ends of its range and nothing beyond', function (string $kind, string $field, float $low, float $high): void {
    foreach ([$low, $high] as $i => $value) {
        $this->postJson($this->path, [...soundThing($kind), 'name' => "sound {$i}", $field => $value])->assertCreated();
    }
    foreach ([$low - 0.01, $high + 0.01, 'some'] as $value) {
        $this->postJson($this->path, [...soundThing($kind), 'name' => 'unsound', $field => $value])
            ->assertUnprocessable()->assertJsonValidationErrors($field);
    }
    expect(ShelfItem::query()->count())->toBe(2);
})->with([
    'a dumbbell' => ['dumbbell', 'massKg', 0.1, 120],
    'a kettlebell' => ['kettlebell', 'massKg', 0.1, 120],
    'an object' => ['object', 'massKg', 0.1, 120],
    'a rucksack' => ['rucksack', 'maxKg', 1, 60],
    'a tube at rest' => ['tube', 'restLengthCm', 10, 400],
    'a tube at twice that' => ['tube', 'forceAtDoubleN', 5, 1500],
    'a mini loop at rest' => ['mini-loop', 'restLengthCm', 10, 400],
    'a chair' => ['chair', 'heightCm', 5, 130],
    'a step' => ['step', 'heightCm', 5, 130],
]);

it('says so when a text is too long for a small screen', function (string $field, int $most): void {
    $this->postJson($this->path, [...soundThing('dumbbell'), $field => str_repeat('a', $most)])->assertCreated();
    $this->postJson($this->path, [...soundThing('dumbbell'), 'name' => 'another', $field => str_repeat('b', $most + 1)])
        ->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([['name', 60], ['outOfService', 120]]);

it('takes a thing that is out of service out of every suggestion', function (): void {
    $this->postJson($this->path, [...soundThing('dumbbell'), 'outOfService' => 'a loose head'])->assertCreated();
    $shelf = $this->getJson($this->path)->assertOk();
    expect($shelf->json('items.0.serves'))->toBe([])
        ->and($this->getJson("/api/clients/{$this->client->id}/coverage")->json('missing'))->toContain('Elbow flexion');
});

it('lets two clients have things of one name', function (): void {
    $other = Saltmarrow::client($this->client->trainer);
    $this->postJson($this->path, soundThing('dumbbell'))->assertCreated();
    $this->postJson("/api/clients/{$other->id}/shelf-items", soundThing('dumbbell'))->assertCreated();
    $this->postJson($this->path, soundThing('dumbbell'))->assertUnprocessable()->assertJsonValidationErrors('name');
});
