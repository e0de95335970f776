<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

it('puts a client away, off the Round, and brings them back as they were', function (): void {
    $trainer = Saltmarrow::trainer();
    $client = Saltmarrow::client($trainer);
    Saltmarrow::session($client);
    $this->actingAs($trainer);
    $visits = fn (): array => $this->getJson('/api/round')->assertOk()->json('visits');
    $before = $visits();
    expect($before)->toHaveCount(1);
    foreach ([1, 2] as $ignored) {
        $this->postJson("/api/clients/{$client->id}/archive")->assertNoContent();
    }
    expect($visits())->toBe([])
        ->and($this->getJson('/api/clients')->json('0.isArchived'))->toBeTrue();
    $this->getJson("/api/clients/{$client->id}")->assertOk();
    $this->deleteJson("/api/clients/{$client->id}/archive")->assertNoContent();
    expect($visits())->toBe($before)->and($this->getJson('/api/clients')->json('0.isArchived'))->toBeFalse();
});

it('puts nobody else’s client away', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $this->postJson("/api/clients/{$client->id}/archive")->assertUnauthorized();
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $this->postJson("/api/clients/{$client->id}/archive")->assertNotFound();
    $this->deleteJson("/api/clients/{$client->id}/archive")->assertNotFound();
    expect($client->fresh()?->archived_at)->toBeNull();
});
