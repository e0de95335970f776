<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;
use Tests\Support\Shipped;

/*
 * The page of every exercise, with everything that can load it.
 */

dataset(
    'every exercise page',
    fn (): array => array_combine(Shipped::exerciseIds(), array_map(static fn (string $id): array => [$id], Shipped::exerciseIds())),
);

it('opens for a client and for nobody in particular, with each implement', function (string $id): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs($client->trainer);
    $page = $this->getJson("/api/catalogue/{$id}")->assertOk()->assertJsonPath('id', $id);
    expect($page->json('cues.setUp'))->not->toBe([])
        ->and($page->json('curve.resistance') ?? $page->json('curve.points'))->not->toBe([])
        ->and(array_keys($page->json('ladder.0') ?? ['step' => '']))->not->toBe([]);
    foreach ($page->json('implements') as $implement) {
        $with = $this->getJson("/api/catalogue/{$id}?client={$client->id}&implement={$implement}&massKg=6")->assertOk();
        expect($with->json('implement'))->toBe($implement)
            ->and($with->json('forWhom'))->toBe($client->name)
            ->and($with->json('words'))->toBeString()->not->toBe('')
            ->and($with->json('equivalent.lowKg') ?? -INF)->toBeLessThanOrEqual($with->json('equivalent.highKg') ?? INF);
    }
    $this->getJson("/api/catalogue/{$id}?implement=anvil")->assertUnprocessable()->assertJsonValidationErrors('implement');
})->with('every exercise page');

it('gives nobody the page of an exercise for a client of someone else', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs(Saltmarrow::trainer('other@saltmarrow.example'));
    expect($this->getJson("/api/catalogue/squat?client={$client->id}")->status())->toBeIn([403, 404]);
});
