<?php

declare(strict_types=1);

use App\Http\Middleware\SpeakTheirWords;
use App\Models\Client;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

/*
 * What a new trainer meets first: somebody to try things on, and the words they use themselves.
 */

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-25 09:20'));
    $this->trainer = Saltmarrow::trainer();
    $this->actingAs($this->trainer);
});

it('puts somebody to try things on into an empty account, with a visit today and a swap to choose', function (string $at): void {
    $this->travelTo(CarbonImmutable::parse($at));
    $id = $this->postJson('/api/demo-client', [])->assertCreated()->json('clientId');
    $this->postJson('/api/demo-client', [])->assertCreated()->assertJsonPath('clientId', $id);
    $this->getJson('/api/clients')->assertJsonCount(1)->assertJsonPath('0.isDemo', true);
    $round = $this->getJson('/api/round')->assertOk()->assertJsonCount(1, 'visits')
        ->assertJsonPath('visits.0.locks', []);
    expect($round->json('visits.0.swapsNeeded'))->toBeGreaterThan(0);
    $swaps = $this->getJson("/api/items/{$round->json('visits.0.firstSwapItemId')}/swaps")->assertOk();
    expect(count($swaps->json('candidates')))->toBeGreaterThan(2);
})->with(['in the morning' => '2026-11-25 09:20', 'on a Sunday' => '2026-11-29 13:00', 'late' => '2026-11-25 23:30']);

it('takes them away whole, and nobody else', function (): void {
    $real = Saltmarrow::client($this->trainer);
    $strangers = Saltmarrow::trainer('corvin@saltmarrow.example');
    $this->actingAs($strangers)->postJson('/api/demo-client', [])->assertCreated();
    $this->actingAs($this->trainer)->postJson('/api/demo-client', [])->assertCreated();
    $this->deleteJson('/api/demo-client')->assertNoContent();
    expect($this->trainer->clients()->pluck('id')->all())->toBe([$real->id])
        ->and(TrainingSession::ofTrainer($this->trainer)->count())->toBe(0)
        ->and(Client::query()->where('is_demo', true)->count())->toBe(1);
});

it('gives back what was lent to somebody to try, and takes back what was theirs', function (): void {
    $real = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($real, 'kettlebell', 'black bell', 1, ['mass_kg' => 20]);
    $demo = $this->postJson('/api/demo-client', [])->assertCreated()->json('clientId');
    $bell = $real->shelfItems()->sole();
    $theirs = Client::query()->findOrFail($demo)->shelfItems()->where('name', 'mat')->sole();
    $this->postJson("/api/clients/{$real->id}/shelf-items/{$bell->id}/loan", ['toClientId' => $demo])->assertNoContent();
    $this->postJson("/api/clients/{$demo}/shelf-items/{$theirs->id}/loan", ['toClientId' => $real->id])->assertNoContent();
    $this->deleteJson('/api/demo-client')->assertNoContent();
    $this->getJson("/api/clients/{$real->id}/shelf-items")->assertJsonPath('items.*.name', ['black bell'])
        ->assertJsonPath('items.0.lentBy', null)->assertJsonCount(0, 'lentOut');
});

it('says push-up or press-up as the trainer does, and leaves alone what only the application reads', function (): void {
    $keep = fn (string $word) => $this->putJson('/api/settings', [
        'systolic' => 180, 'diastolic' => 110, 'emergencyNumber' => '112', 'pushUp' => $word,
    ]);
    $this->getJson('/api/settings')->assertJsonPath('pushUp', 'push-up');
    $this->getJson('/api/catalogue/push-up')->assertJsonPath('name', 'Push-up');
    $keep('press-up')->assertOk()->assertJsonPath('pushUp', 'press-up');
    $this->getJson('/api/catalogue/push-up')->assertOk()->assertJsonPath('name', 'Press-up')->assertJsonPath('id', 'push-up');
    $this->getJson('/api/catalogue/knee-push-up')->assertOk()->assertJsonPath('name', 'Knee press-up');
    $keep('bench-press')->assertUnprocessable()->assertJsonValidationErrors('pushUp');
    $keep('push-up')->assertOk();
    $this->getJson('/api/catalogue/push-up')->assertJsonPath('name', 'Push-up');
});

it('changes words and no names', function (string $json, string $spoken): void {
    expect(SpeakTheirWords::spoken($json))->toBe($spoken)->and(json_decode($spoken))->not->toBeNull();
})->with([
    ['{"id":"push-up","name":"Push-up"}', '{"id":"push-up","name":"Press-up"}'],
    ['["2.push-up","a push-up","two push-ups"]', '["2.push-up","a press-up","two press-ups"]'],
    ['{"push-up":"Wide push-up, \\"deep\\""}', '{"push-up":"Wide press-up, \\"deep\\""}'],
    ['"/catalogue/push-up"', '"/catalogue/push-up"'],
    ['"Pull-up"', '"Pull-up"'],
]);
