<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($this->client, 'table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    Saltmarrow::thing($this->client, 'dumbbell', '10 kg dumbbell', 2, ['mass_kg' => 10]);
    $this->session = Saltmarrow::session($this->client);
    $this->item = Saltmarrow::item($this->session, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 16, 'per_hand' => true]);
    $this->actingAs($this->client->trainer);
    $this->path = "/api/items/{$this->item->id}/swaps";
});

it('ranks what the shelf allows with loads, spreads, curves and figures', function (): void {
    $swaps = $this->getJson($this->path)->assertOk();
    $swaps->assertJsonPath('prescribed.name', 'Floor press')
        ->assertJsonPath('prescribed.equivalent.kg', 16)
        ->assertJsonPath('problems.0', 'The shelf does not hold what is written: 16 kg dumbbell in each hand.')
        ->assertJsonPath('capacityKnown', false);
    $match = INF;
    foreach ($swaps->json('candidates') as $candidate) {
        expect($candidate['matchPercent'])->toBeLessThanOrEqual($match)
            ->and($candidate['equivalent']['lowKg'])->toBeLessThanOrEqual($candidate['equivalent']['kg'])
            ->and($candidate['equivalent']['highKg'])->toBeGreaterThanOrEqual($candidate['equivalent']['kg'])
            ->and($candidate['curve']['resistance'])->toHaveCount(21)
            ->and($candidate['figure']['frames'][0])->toHaveCount(2 * count($candidate['figure']['jointNames']))
            ->and($candidate['reasons'])->not->toBe([]);
        $match = $candidate['matchPercent'];
    }
});

it('uses a candidate, says so on the Floor, and takes it back', function (): void {
    $candidate = collect($this->getJson($this->path)->json('candidates'))->firstWhere('exercise', 'push-up');
    $this->postJson($this->path, ['key' => $candidate['key']])->assertOk()
        ->assertJsonPath('chosenKey', $candidate['key'])
        ->assertJsonPath('swappedFrom', 'Floor press, 16 kg dumbbell in each hand')
        ->assertJsonPath('prescribed.name', 'Floor press');
    $this->getJson("/api/sessions/{$this->session->id}")->assertOk()
        ->assertJsonPath('blocks.0.items.0.name', 'Push-up')
        ->assertJsonPath('blocks.0.items.0.servable', true)
        ->assertJsonPath('blocks.0.items.0.reps', $candidate['reps'])
        ->assertJsonPath('blocks.0.items.0.swappedFrom', 'Floor press, 16 kg dumbbell in each hand');

    $this->deleteJson($this->path)->assertOk()->assertJsonPath('chosenKey', null)->assertJsonPath('swappedFrom', null);
    expect($this->item->refresh()->chosen)->toEqual($this->item->prescribed);
});

it('keeps the first prescription through a second swap', function (): void {
    foreach (array_slice($this->getJson($this->path)->json('candidates'), 0, 2) as $candidate) {
        $this->postJson($this->path, ['key' => $candidate['key']])->assertOk();
    }
    $this->deleteJson($this->path)->assertOk();
    expect($this->item->refresh()->chosen->setting->massKg)->toBe(16.0);
});

it('refuses a swap that is no longer on offer', function (): void {
    $this->postJson($this->path, ['key' => str_repeat('0', 16)])->assertUnprocessable()->assertJsonValidationErrors('key');
    $this->postJson($this->path, [])->assertUnprocessable()->assertJsonValidationErrors('key');
});

it('gives reasons when nothing fits', function (): void {
    $row = Saltmarrow::item(
        $this->session,
        'biceps-curl',
        ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true],
    );
    $this->client->shelfItems()->delete();
    $swaps = $this->getJson("/api/items/{$row->id}/swaps")->assertOk()->assertJsonPath('candidates', []);
    $related = collect($swaps->json('excluded'))->where('related', true);
    expect($related)->not->toBeEmpty();
    $related->each(fn (array $exclusion) => expect($exclusion['reasons'])->not->toBe([]));
});

it('swaps from here on, and back, where later sessions ask for the same', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer('elsewhere@saltmarrow.example'));
    $this->actingAs($client->trainer);
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $twelve = ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true];
    $today = Saltmarrow::item(Saltmarrow::session($client), 'floor-press', $twelve);
    $programme = $today->block->session->programme;
    $later = [];
    foreach ([3, 6] as $days) {
        $later[] = Saltmarrow::item(
            $programme->sessions()->create(['name' => 'Later', 'starts_at' => now()->addDays($days), 'minutes' => 30]),
            'floor-press',
            $twelve,
        );
    }
    $other = Saltmarrow::item(
        $programme->sessions()->create(['name' => 'Other', 'starts_at' => now()->addDays(4), 'minutes' => 30]),
        'biceps-curl',
        $twelve,
    );
    $begun = Saltmarrow::item(
        $programme->sessions()->create(['name' => 'Begun', 'starts_at' => now()->addDays(5), 'started_at' => now(), 'minutes' => 30]),
        'floor-press',
        $twelve,
    );
    $swaps = $this->getJson("/api/items/{$today->id}/swaps")->assertOk()->assertJsonPath('laterCount', 2)->json();
    $key = $swaps['candidates'][0]['key'];
    $this->postJson("/api/items/{$today->id}/swaps", ['key' => $key, 'scope' => 'programme'])
        ->assertOk()
        ->assertJsonPath('chosenKey', $key)
        ->assertJsonPath('isFromHereOn', true);
    expect($today->refresh()->isSwapped())->toBeTrue()
        ->and($later[0]->refresh()->chosen->exercise)
        ->toBe($today->chosen->exercise)
        ->and($later[1]->refresh()->prescribed->exercise)
        ->toBe('floor-press')
        ->and($other->refresh()->isSwapped())->toBeFalse()->and($begun->refresh()->isSwapped())->toBeFalse();
    $this->deleteJson("/api/items/{$today->id}/swaps?scope=programme")->assertOk()->assertJsonPath('chosenKey', null);
    expect($later[0]->refresh()->isSwapped())->toBeFalse()
        ->and($later[0]->chosen->setting->massKg)
        ->toBe(12.0)
        ->and($today->refresh()->isSwapped())
        ->toBeFalse();
    $this->postJson("/api/items/{$today->id}/swaps", ['key' => $key, 'scope' => 'for ever'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('scope');
});

it('names the one thing that would bring a swap where there is none', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer('elsewhere@saltmarrow.example'));
    $this->actingAs($client->trainer);
    $item = Saltmarrow::item(Saltmarrow::session($client), 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $swaps = $this->getJson("/api/items/{$item->id}/swaps")->assertOk()->assertJsonPath('candidates', [])->json();
    expect($swaps['openers'])->not->toBe([])->and(count($swaps['openers']))->toBeLessThanOrEqual(3)
        ->and($swaps['openers'][0]['swaps'])->toBeGreaterThan(0)->and($swaps['openers'][0]['best'])->not->toBe('');
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->getJson("/api/items/{$item->id}/swaps")->assertJsonPath('openers', []);
});

it('names two things together where no single one would do', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer('elsewhere@saltmarrow.example'), ['left-arm-out', 'right-leg-out']);
    $this->actingAs($client->trainer);
    $item = Saltmarrow::item(Saltmarrow::session($client), 'one-arm-row', ['implement' => 'dumbbell', 'mass_kg' => 8]);
    $swaps = $this->getJson("/api/items/{$item->id}/swaps")->assertOk()->assertJsonPath('candidates', [])->json();
    expect($swaps['openers'])->not->toBe([])->and($swaps['openers'][0]['pieces'])->toBe(2)
        ->and($swaps['openers'][0]['words'])->toContain('chair');
});

it('reckons a moved setting, uses it, and the Floor knows it', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer('elsewhere@saltmarrow.example'));
    $this->actingAs($client->trainer);
    Saltmarrow::thing($client, 'tube', 'green tube', 1, ['rest_length_cm' => 150, 'a_n' => 20, 'b_n' => 18, 'source' => 'measured']);
    $session = Saltmarrow::session($client);
    $item = Saltmarrow::item($session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $candidates = $this->getJson("/api/items/{$item->id}/swaps")->assertOk()->json('candidates');
    $offered = array_values(
        array_filter(
            $candidates,
            fn (array $candidate): bool => str_contains($candidate['words'], 'cm below the ends') && array_filter(
                $candidate['controls'],
                fn (array $control): bool => $control['name'] === 'gripCm',
            ) !== [],
        ),
    )[0];
    $ask = ['setting' => $offered['setting'], 'exercise' => $offered['exercise'], 'moved' => ['gripCm' => 3]];
    $live = $this->postJson("/api/items/{$item->id}/swaps/live", $ask)->assertOk()->assertJsonPath('problem', null)->json('candidate');
    $tighter = $this->postJson("/api/items/{$item->id}/swaps/live", ['moved' => ['gripCm' => 11]] + $ask)->json('candidate');
    expect($live['words'])->toContain('3 cm below')
        ->and($tighter['equivalent']['kg'])
        ->toBeGreaterThan($live['equivalent']['kg'])
        ->and($tighter['curve']['resistance'])->not
        ->toBe($live['curve']['resistance']);
    $this->postJson("/api/items/{$item->id}/swaps/live", ['moved' => ['gripCm' => 50, 'folded' => 1]] + $ask)
        ->assertOk()
        ->assertJsonPath('candidate', null);
    $this->postJson("/api/items/{$item->id}/swaps/live", ['moved' => ['gripCm' => 500]] + $ask)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('gripCm');
    $this->postJson("/api/items/{$item->id}/swaps/live", ['setting' => ['implement' => 'kettlebell', 'mass_kg' => 12]] + $ask)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('setting');
    expect($item->refresh()->isSwapped())->toBeFalse();
    $this->putJson("/api/items/{$item->id}/swaps/live", $ask)
        ->assertOk()
        ->assertJsonPath('swappedFrom', 'Biceps curl, 8 kg dumbbell in each hand');
    $this->getJson("/api/sessions/{$session->id}")
        ->assertJsonPath('blocks.0.items.0.servable', true)
        ->assertJsonPath('layOut.0', 'green tube');
    $this->putJson("/api/items/{$item->id}/swaps/live", ['moved' => ['gripCm' => 50, 'folded' => 1]] + $ask)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('moved');
});

it('swaps one set, and has the next as it was written', function (): void {
    $this->session->update(['started_at' => now()]);
    $candidates = collect($this->getJson($this->path)->assertJsonPath('isRunning', true)->json('candidates'));
    $bothSides = $candidates->first(fn (array $candidate): bool => ! $candidate['perSide']);
    $this->postJson($this->path, ['key' => $bothSides['key'], 'scope' => 'set'])
        ->assertOk()
        ->assertJsonPath('chosenKey', $bothSides['key']);
    expect($this->item->refresh()->now()->exercise)->toBe($bothSides['exercise'])->and($this->item->chosen->exercise)->toBe('floor-press');
    $log = fn (int $number, ?string $side = null) => $this->logged(
        $this->item,
        ['setNumber' => $number, 'side' => $side, 'reps' => 9, 'reserve' => 2, 'pain' => false],
    );
    $log(1);
    expect($this->item->refresh()->now()->exercise)->toBe('floor-press')->and($this->item->now()->setting->massKg)->toBe(16.0)
        ->and($this->item->setLogs()->value('exercise'))->toBe($bothSides['exercise']);
    $this->getJson("/api/clients/{$this->client->id}/ledger")
        ->assertJsonPath('swaps.0.occasion', 'One set')
        ->assertJsonPath('swaps.0.isUndone', false);

    // A swap done one side at a time goes after its second side. What was logged moves the list.
    $candidates = collect($this->getJson($this->path)->json('candidates'));
    $oneSide = $candidates->first(fn (array $candidate): bool => $candidate['perSide']);
    $this->postJson($this->path, ['key' => $oneSide['key'], 'scope' => 'set'])->assertOk();
    $log(2, 'left');
    expect($this->item->refresh()->now()->exercise)->toBe($oneSide['exercise']);
    $log(2, 'right');
    expect($this->item->refresh()->now()->exercise)->toBe('floor-press');
});

it('puts nothing in where a health answer locks the programme, and says what to do', function (): void {
    $key = $this->getJson($this->path)->assertJsonPath('locks', [])->json('candidates.0.key');
    $this->client->screenings()->delete();
    $this->getJson($this->path)->assertOk()->assertJsonCount(1, 'locks');
    $this->postJson($this->path, ['key' => $key])->assertUnprocessable()->assertJsonValidationErrors('lock');
    expect($this->item->refresh()->isSwapped())->toBeFalse();
});

it('says where one stands among the exercises that need a swap, and the plain difference', function (): void {
    $trainer = Saltmarrow::trainer('two-of-two@saltmarrow.example');
    $this->actingAs($trainer);
    $client = Saltmarrow::client($trainer);
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $session = Saltmarrow::session($client);
    $first = Saltmarrow::item($session, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 10, 'per_hand' => true]);
    Saltmarrow::item($session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $second = Saltmarrow::item($session, 'lateral-raise', ['implement' => 'dumbbell', 'mass_kg' => 5, 'per_hand' => true]);
    $needed = fn (): array => array_map(
        static fn (array $one): array => [$one['itemId'], $one['isOpen']],
        $this->getJson("/api/items/{$first->id}/swaps")->assertOk()->json('needed'),
    );
    expect($needed())->toBe([[$first->id, true], [$second->id, true]]);
    $swaps = $this->getJson("/api/items/{$first->id}/swaps");
    $same = collect($swaps->json('candidates'))->firstWhere('exercise', 'floor-press');
    expect($same['difference'])->toContain('lighter than asked');
    $this->postJson("/api/items/{$first->id}/swaps", ['key' => $same['key']])->assertOk();
    expect($needed())->toBe([[$first->id, false], [$second->id, true]]);
});
