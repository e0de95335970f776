<?php

declare(strict_types=1);

use App\Models\Client;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->actingAs($this->trainer);
});

const NEWCOMER = ['name' => 'Wilhelmina Ostrander', 'goal' => 'health', 'heightCm' => 166, 'bodyMassKg' => 70];

it('takes a new client with an empty shelf and a room', function (): void {
    $this->postJson('/api/clients', NEWCOMER + ['bornOn' => '1961-04-30', 'minutes' => 20, 'likes' => 'rowing'])
        ->assertCreated()
        ->assertJsonPath('name', 'Wilhelmina Ostrander')
        ->assertJsonPath('shelfCount', 0)
        ->assertJsonPath('likes', 'rowing')
        ->assertJsonPath('home.floor', 'smooth')
        ->assertJsonPath('locks.0', 'The health questions have not been asked.');
});

it('names what is wrong with a person, beside its field', function (array $entered, string $field): void {
    $this->postJson('/api/clients', [...NEWCOMER, ...$entered])->assertUnprocessable()->assertJsonValidationErrors($field);
    expect(Client::query()->count())->toBe(0);
})->with([
    [['name' => ''], 'name'], [['goal' => 'fame'], 'goal'], [['heightCm' => 16], 'heightCm'],
    [['bodyMassKg' => null], 'bodyMassKg'], [['bodyMassKg' => 900], 'bodyMassKg'],
    [['minutes' => 2], 'minutes'], [['daysPerWeek' => 9], 'daysPerWeek'], [['bornOn' => '2999-01-01'], 'bornOn'],
    [['guardian' => 'Ada'], 'guardianOn'], [['kitFromId' => 999], 'kitFromId'], [['experience' => 'lots'], 'experience'],
]);

it('changes a person and keeps the note encrypted', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $this->putJson("/api/clients/{$client->id}", ['name' => 'Orrin K.', 'goal' => 'strength', 'note' => 'left knee', 'daysPerWeek' => 3])
        ->assertOk()->assertJsonPath('note', 'left knee')->assertJsonPath('daysPerWeek', 3)->assertJsonPath('goalId', 'strength');
    expect(DB::table('clients')->value('note'))->not->toContain('knee');
});

it('keeps every measure with its day, and checks limbs', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $this->postJson("/api/clients/{$client->id}/measures", ['heightCm' => 178, 'bodyMassKg' => 82.5, 'limbsCm' => ['thigh' => 45]])
        ->assertOk()->assertJsonPath('bodyMassKg', 82.5)->assertJsonCount(2, 'measures')->assertJsonPath('limbsCm.thigh', 45);
    $this->postJson("/api/clients/{$client->id}/measures", ['heightCm' => 178, 'bodyMassKg' => 82.5, 'limbsCm' => ['thigh' => 12]])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('limbs.thigh_cm');
    $this->postJson("/api/clients/{$client->id}/measures", ['heightCm' => 178, 'bodyMassKg' => 5])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('bodyMassKg');
});

it('lets two people of a household share one kit, and nobody their own', function (): void {
    $owner = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($owner, 'kettlebell', '16 kg bell', 1, ['mass_kg' => 16]);
    $other = Saltmarrow::client($this->trainer);
    $this->putJson("/api/clients/{$other->id}", ['name' => 'Bryony', 'goal' => 'health', 'kitFromId' => $owner->id])
        ->assertOk()
        ->assertJsonPath('kitFromName', 'Orrin Kestlewick');
    $this->getJson("/api/clients/{$other->id}/shelf-items")
        ->assertJsonPath('items.0.name', '16 kg bell')
        ->assertJsonPath('items.0.isShared', true)
        ->assertJsonPath('sharedWith', 'Orrin Kestlewick');
    $this->putJson("/api/clients/{$other->id}", ['name' => 'Bryony', 'goal' => 'health', 'kitFromId' => $other->id])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('kitFromId');
});

it('never shares the kit of another trainer’s client', function (): void {
    $strange = Saltmarrow::client(Saltmarrow::trainer('corvin@saltmarrow.example'));
    $client = Saltmarrow::client($this->trainer);
    $this->putJson("/api/clients/{$client->id}", ['name' => 'Orrin', 'goal' => 'health', 'kitFromId' => $strange->id])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('kitFromId');
});

it('says what each limit switches off, and what is left once it is on', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $before = $this->getJson("/api/clients/{$client->id}/limits")->assertOk()->json();
    $off = collect($before['limits'])->firstWhere('id', 'no-floor')['off'];
    expect($before['left'])->toBe($before['total'])->and($off)->toContain('Floor press');
    $after = $this->putJson("/api/clients/{$client->id}/limits", ['limits' => ['no-floor']])->assertOk()->json();
    expect($after['left'])->toBe($before['total'] - count($off))
        ->and(collect($after['limits'])->firstWhere('id', 'no-floor')['source'])->toBe('trainer');
    $this->putJson("/api/clients/{$client->id}/limits", ['limits' => ['no-singing']])->assertUnprocessable();
});

it('keeps the room and says what it switches off', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $room = [
        'ceilingCm' => 188,
        'floor' => 'rocking',
        'quiet' => true,
        'quietHours' => '22:00 to 07:00',
        'pets' => true,
        'children' => false,
        'anchors' => [['heightCm' => 180, 'kind' => 'door']],
    ];
    $effects = $this->putJson("/api/clients/{$client->id}/home", $room)->assertOk()->json();
    expect(collect($effects['room'])->firstWhere('id', 'ceiling')['off'])->toContain('Overhead press')
        ->and(collect($effects['room'])->firstWhere('id', 'quiet')['isOn'])->toBeTrue()
        ->and($effects['left'])->toBeLessThan($effects['total']);
    $this->getJson("/api/clients/{$client->id}")->assertJsonPath('home.anchors.0.heightCm', 180)->assertJsonPath('home.pets', true);
    $this->putJson("/api/clients/{$client->id}/home", ['ceilingCm' => 20] + $room)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('ceilingCm');
    $this->putJson("/api/clients/{$client->id}/home", ['anchors' => [['kind' => 'door']]] + $room)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('anchors.0.heightCm');
});

it('keeps a trainer’s own thresholds and emergency number', function (): void {
    $this->getJson('/api/settings')
        ->assertOk()
        ->assertJson(['systolic' => 180, 'diastolic' => 110])
        ->assertJsonPath('weights.0', ['part' => 'movement', 'percent' => 30, 'usualPercent' => 30]);
    $this->putJson('/api/settings', ['systolic' => 160, 'diastolic' => 100, 'emergencyNumber' => '144'])
        ->assertOk()
        ->assertJsonPath('emergencyNumber', '144');
    $this->putJson('/api/settings', ['systolic' => 160, 'diastolic' => 165, 'emergencyNumber' => 'help'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors(['diastolic', 'emergencyNumber']);
});

it('ranks by the trainer’s own weights', function (): void {
    $client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($client, 'dumbbell', '4 kg dumbbell', 2, ['mass_kg' => 4]);
    Saltmarrow::thing($client, 'table', 'table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    $item = Saltmarrow::item(Saltmarrow::session($client), 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 14, 'per_hand' => true]);
    $settings = ['systolic' => 180, 'diastolic' => 110, 'emergencyNumber' => '112'];
    $usual = $this->getJson("/api/items/{$item->id}/swaps")->json('candidates');
    $only = ['movement' => 0, 'muscles' => 0, 'effort' => 100, 'limbs' => 0, 'shape' => 0, 'set-up' => 0, 'liking' => 0];
    $this->putJson('/api/settings', $settings + ['weights' => $only])->assertOk()->assertJsonPath('weights.2.percent', 100);
    $byEffort = $this->getJson("/api/items/{$item->id}/swaps")->json('candidates');
    expect($byEffort[0]['parts'][2])->toMatchArray(['name' => 'effort', 'weightPercent' => 100])
        ->and($byEffort[0]['matchPercent'])->toBe($byEffort[0]['parts'][2]['percent'])
        ->and(array_column($byEffort, 'key'))->not->toBe(array_column($usual, 'key'));
    $this->putJson('/api/settings', $settings + ['weights' => array_fill_keys(array_keys($only), 0)])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('weights');
    $this->putJson('/api/settings', $settings + ['weights' => ['luck' => 5]])->assertUnprocessable();
    $this->putJson('/api/settings', $settings + ['weights' => ['effort' => 500] + $only])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('weights.effort');
    $this->putJson('/api/settings', $settings)->assertOk()->assertJsonPath('weights.2.percent', 28);
    expect($this->getJson("/api/items/{$item->id}/swaps")->json('candidates'))->toBe($usual);
});

it('takes height and mass as people say them', function (string $height, string $mass, float $cm, float $kg): void {
    $made = $this->postJson('/api/clients', ['heightCm' => $height, 'bodyMassKg' => $mass] + NEWCOMER)->assertCreated();
    expect((float) $made->json('heightCm'))->toBe($cm)->and((float) $made->json('bodyMassKg'))->toBe($kg);
})->with([
    ['1,72 m', '72,5', 172, 72.5], ['5 ft 8', '160 lb', 172.72, 72.57], ["5'8\"", '11 st 4', 172.72, 71.67], ['172 cm', '72 kg', 172, 72],
]);

it('says how a measure is written, where it is none', function (): void {
    $this->postJson('/api/clients', ['heightCm' => '5 ft 14', 'bodyMassKg' => 'heavy'] + NEWCOMER)->assertUnprocessable()
        ->assertJsonPath('errors.heightCm.0', 'Height: as in 172, 1.72 m or 5 ft 8.')
        ->assertJsonPath('errors.bodyMassKg.0', 'Body mass: as in 72.5, 160 lb or 11 st 4.');
});

it('keeps whom to call, encrypted', function (): void {
    $contacts = [
        'telephone' => '+49 (0)40 555-0101', 'email' => 'wilhelmina@saltmarrow.example', 'emergencyContact' => 'Bo, next door, 555 0102',
        'doctor' => 'Dr Ferris, 555 0103', 'sex' => 'female',
    ];
    $client = $this->postJson('/api/clients', NEWCOMER + $contacts)->assertCreated();
    foreach ($contacts as $field => $said) {
        $client->assertJsonPath($field, $said);
    }
    $kept = (array) DB::table('clients')->first(['telephone', 'email', 'emergency_contact', 'doctor']);
    expect(implode(' ', $kept))->not->toContain('555')->not->toContain('wilhelmina');
    $this->postJson('/api/clients', NEWCOMER + ['telephone' => 'ask Bo'])->assertUnprocessable()->assertJsonValidationErrors('telephone');
    $this->postJson('/api/clients', NEWCOMER + ['email' => 'nowhere'])->assertUnprocessable()->assertJsonValidationErrors('email');
    $this->postJson('/api/clients', NEWCOMER + ['sex' => 'yes'])->assertUnprocessable()->assertJsonValidationErrors('sex');
});

it('gives every home a wall unless told otherwise', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $walls = fn (): array => array_column($this->getJson("/api/clients/{$client->id}/rungs/push-up")->json('rungs'), 'words');
    $room = ['floor' => 'smooth', 'quiet' => false, 'pets' => false, 'children' => false, 'anchors' => []];
    expect(implode(' ', $walls()))->toContain('ands on the wall');
    $this->putJson("/api/clients/{$client->id}/home", $room + ['hasWall' => false])->assertOk();
    expect(implode(' ', $walls()))->not->toContain('wall');
    // The wall of the home stands on no shelf; one with a name of its own takes its place.
    Saltmarrow::thing($client, 'wall', 'hall wall');
    expect(implode(' ', $walls()))->toContain('ands on the wall');
    $this->getJson("/api/clients/{$client->id}/shelf-items")->assertJsonCount(1, 'items');
});

it('offers no limit that cannot be', function (): void {
    $client = Saltmarrow::client($this->trainer);
    $offered = fn (): array => array_column($this->getJson("/api/clients/{$client->id}/limits")->json('limits'), 'id');
    expect($offered())->toContain('pregnant', 'postnatal', 'youth');
    $client->update(['sex' => 'male', 'born_on' => '1980-01-01']);
    expect($offered())->not->toContain('pregnant')->not->toContain('postnatal')->not->toContain('youth')->toContain('no-jumps');
    // What was set once is shown, so that it can be taken back.
    $client->update(['limits' => ['pregnant']]);
    expect($offered())->toContain('pregnant');
});
