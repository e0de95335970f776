<?php

declare(strict_types=1);

use App\Models\ShelfItem;
use Carbon\CarbonImmutable;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Support\Facades\Event;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->client = Saltmarrow::client(Saltmarrow::trainer());
    $this->actingAs($this->client->trainer);
    $this->path = "/api/clients/{$this->client->id}";
});

function thingId(string $name): int
{
    return (int) ShelfItem::query()->where('name', $name)->value('id');
}

it('reads a line without putting anything on the shelf', function (): void {
    $this->postJson("{$this->path}/shelf-lines", ['line' => '2 x 6 kg dumbbells'])->assertOk()
        ->assertJson([
            'kind' => 'dumbbell',
            'name' => '6 kg dumbbell',
            'count' => 2,
            'fields' => ['massKg' => '6'],
            'missing' => [],
            'unknown' => [],
        ]);
    $this->postJson("{$this->path}/shelf-lines", ['line' => ''])->assertOk()->assertJsonPath('kind', null);
    $this->postJson("{$this->path}/shelf-lines", ['line' => str_repeat('a', 300)])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('line');
    expect(ShelfItem::query()->count())->toBe(0);
});

it('puts on the shelf what a line said, and lets the form correct it', function (): void {
    $this->postJson(
        "{$this->path}/shelf-items",
        ['line' => '12 L bucket of sand with lid', 'kind' => 'object', 'name' => 'sand bucket', 'count' => 1, 'massKg' => 18.5],
    )
        ->assertCreated()
        ->assertJsonPath('massKg', 18.5)
        ->assertJsonPath('measures.sealed', true)
        ->assertJsonPath('certainty', 'filled, ±5 %');
    $this->postJson(
        "{$this->path}/shelf-items",
        ['line' => 'red tube 120 cm', 'kind' => 'tube', 'name' => 'red tube', 'count' => 1, 'restLengthCm' => 125],
    )
        ->assertCreated()->assertJsonPath('measures.rest_length_cm', 125)->assertJsonPath('certainty', 'unknown, ±35 %');
});

it('takes adjustable dumbbells by their plates and says how to change them', function (): void {
    $this->postJson(
        "{$this->path}/shelf-items",
        ['kind' => 'adjustable-dumbbell', 'name' => 'pair', 'count' => 2, 'handleKg' => 2, 'plates' => '8 x 1.25 + 4 x 2.5'],
    )
        ->assertCreated()
        ->assertJsonPath('facts', '2 to 12 kg each, 5 steps');
    $id = thingId('pair');
    $this->getJson("{$this->path}/shelf-items/{$id}/plates?from=0&to=3")
        ->assertOk()
        ->assertJsonPath('builds.3.loadKg', 9.5)
        ->assertJsonPath('change', 'At each end put on 1 × 2.5 kg + 1 × 1.25 kg.');
    $this->getJson("{$this->path}/shelf-items/{$id}/plates?from=4&to=4")->assertJsonPath('change', 'Nothing to change.');
    $this->postJson(
        "{$this->path}/shelf-items",
        ['kind' => 'adjustable-dumbbell', 'name' => 'other', 'count' => 2, 'handleKg' => 2, 'plates' => 'some'],
    )
        ->assertUnprocessable()
        ->assertJsonValidationErrors('plates');
});

it('finds the recipe for nine kilograms out of bottles and packs', function (): void {
    Saltmarrow::thing($this->client, 'object', 'bottle', 4, ['mass_kg' => 1.58, 'grip' => 'body']);
    Saltmarrow::thing($this->client, 'object', 'flour pack', 6, ['mass_kg' => 1.03, 'grip' => 'body']);
    Saltmarrow::thing($this->client, 'rucksack', 'rucksack', 1, ['tare_kg' => 0.9, 'max_kg' => 20]);
    Saltmarrow::thing($this->client, 'pourable', 'water can', 1, ['density_kg_per_l' => 1.0, 'max_l' => 5, 'container_kg' => 0.3]);
    $recipe = $this->postJson("{$this->path}/fills", ['targetKg' => 9, 'carrierId' => thingId('rucksack')])->assertOk()->json();
    $sum = $recipe['tareKg'] + array_sum(array_column($recipe['recipes'][0]['parts'], 'massKg'));
    expect($recipe['recipes'][0]['totalKg'])->toEqualWithDelta($sum, 1e-6)
        ->and($recipe['recipes'][0]['errorKg'])
        ->toBeLessThan(0.05)
        ->and($recipe['recipes'][0]['likelyKg'])
        ->toBeGreaterThan(0);
    $pair = $this->postJson("{$this->path}/fills", ['targetKg' => 3.1, 'pair' => true])->assertOk()->json('recipes');
    expect($pair)->toHaveCount(2)->and(abs($pair[0]['totalKg'] - $pair[1]['totalKg']))->toBeLessThan(0.1);
    $this->postJson("{$this->path}/fills", ['targetKg' => 0])->assertUnprocessable()->assertJsonValidationErrors('targetKg');
    $this->postJson("{$this->path}/fills", ['targetKg' => 9, 'carrierId' => thingId('bottle')])->assertNotFound();
});

it('refuses a broom handle as a bar, with its sum and the figure', function (): void {
    $this->postJson("{$this->path}/shelf-items", ['kind' => 'pole', 'name' => 'broom', 'count' => 1, 'diameterMm' => 28])
        ->assertCreated()
        ->assertJsonPath('facts', '28 mm thick');
    $check = $this->postJson("{$this->path}/shelf-items/".thingId('broom').'/check', ['spanCm' => 80, 'barHeightCm' => 75])
        ->assertOk()
        ->assertJsonPath('verdict', 'do-not')
        ->json();
    expect($check['sum'])->toContain('MPa')
        ->and($check['usedPercent'])
        ->toBeGreaterThan(300)
        ->and($check['figure']['frames'])->not
        ->toBe([])
        ->and($check['loadKg'])
        ->toBeGreaterThan(20);
    $this->postJson("{$this->path}/shelf-items/".thingId('broom').'/check', ['barHeightCm' => 75])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('spanCm');
});

it('hangs from a pole only once a check has found it sound', function (): void {
    Saltmarrow::thing($this->client, 'pole', 'ash beam', 1, ['diameter_mm' => 70, 'material' => 'hardwood']);
    $serves = fn (): array => $this->getJson("{$this->path}/shelf-items")->json('items.0.serves');
    expect($serves())->toBe([]);
    $this->postJson("{$this->path}/shelf-items/".thingId('ash beam').'/check', ['spanCm' => 80])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('barHeightCm');
    $this->postJson("{$this->path}/shelf-items/".thingId('ash beam').'/check', ['spanCm' => 80, 'barHeightCm' => 80])
        ->assertOk()
        ->assertJsonPath('verdict', 'fine');
    expect($serves())->toContain('Horizontal pull');
    // A longer span bends it too far; nothing hangs from it then, until a later check.
    $this->postJson("{$this->path}/shelf-items/".thingId('ash beam').'/check', ['spanCm' => 300, 'barHeightCm' => 80])
        ->assertOk()
        ->assertJsonPath('verdict', 'do-not');
    expect($serves())->toBe([]);
});

it('leans on nothing that was checked and refused', function (): void {
    Saltmarrow::thing($this->client, 'chair', 'light chair', 1, ['height_cm' => 45, 'mass_kg' => 4]);
    $before = $this->getJson("{$this->path}/shelf-items")->json('items.0.serves');
    $this->postJson("{$this->path}/shelf-items/".thingId('light chair').'/check', ['depthCm' => 38])->assertJsonPath('verdict', 'do-not');
    expect($before)->toContain('Dip')->and($this->getJson("{$this->path}/shelf-items")->json('items.0.serves'))->toBe([]);
});

it('reckons what a vessel or a pack weighs', function (): void {
    $this->postJson('/api/household-mass', ['contents' => 'dry-sand', 'litres' => 10, 'containerKg' => 0.5])
        ->assertOk()
        ->assertJson(['massKg' => 16.5, 'sdKg' => 0.825, 'certainty' => 'filled']);
    $this->postJson('/api/household-mass', ['netKg' => 2])->assertOk()->assertJsonPath('massKg', 2.06);
    $this->postJson('/api/household-mass', ['contents' => 'lead'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors(['contents', 'litres']);
});

it('checks an edge by its moment, and refuses castors without a sum', function (): void {
    Saltmarrow::thing($this->client, 'chair', 'light chair', 1, ['height_cm' => 45, 'mass_kg' => 4]);
    Saltmarrow::thing($this->client, 'chair', 'office chair', 1, ['height_cm' => 45, 'mass_kg' => 12, 'castors' => true]);
    Saltmarrow::thing($this->client, 'chair', 'unweighed', 1, ['height_cm' => 45]);
    Saltmarrow::thing($this->client, 'mat', 'mat');
    $check = $this->postJson("{$this->path}/shelf-items/".thingId('light chair').'/check', ['depthCm' => 38])
        ->assertOk()
        ->assertJsonPath('exercise', 'Chair dip')
        ->json();
    expect($check['verdict'])->toBe('do-not')->and($check['sum'])->toContain('N·m');
    $this->postJson("{$this->path}/shelf-items/".thingId('office chair').'/check', ['depthCm' => 40])
        ->assertOk()
        ->assertJsonPath('verdict', 'do-not')
        ->assertJsonPath('usedPercent', null);
    $this->postJson("{$this->path}/shelf-items/".thingId('unweighed').'/check', ['depthCm' => 40])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('massKg');
    $this->postJson("{$this->path}/shelf-items/".thingId('light chair').'/check', ['depthCm' => 40, 'exercise' => 'squat'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('exercise');
    $this->postJson("{$this->path}/shelf-items/".thingId('mat').'/check', [])->assertNotFound();
});

it('takes a nicked band out of service and says when the rest is due', function (): void {
    Saltmarrow::thing($this->client, 'tube', 'red tube', 1, ['rest_length_cm' => 120, 'a_n' => 20, 'b_n' => 20]);
    $id = thingId('red tube');
    $this->putJson("{$this->path}/shelf-items/{$id}/inspection", ['condition' => 'sound'])
        ->assertOk()
        ->assertJsonPath('isInspectionDue', false)
        ->assertJsonPath('outOfService', null)
        ->assertJsonPath('isRetestDue', true);
    $this->travelTo(CarbonImmutable::today()->addDays(9));
    $this->getJson("{$this->path}/shelf-items")->assertJsonPath('items.0.isInspectionDue', true);
    $this->putJson("{$this->path}/shelf-items/{$id}/inspection", ['condition' => 'nicked'])
        ->assertOk()
        ->assertJsonPath('outOfService', 'nicks in the rubber')
        ->assertJsonPath('serves', []);
    $this->putJson("{$this->path}/shelf-items/{$id}/inspection", ['condition' => 'tired'])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('condition');
});

it('counts how often a band was stretched', function (): void {
    Saltmarrow::thing($this->client, 'tube', 'red tube', 1, ['rest_length_cm' => 150, 'a_n' => 20, 'b_n' => 20]);
    $item = Saltmarrow::item(
        Saltmarrow::session($this->client),
        'biceps-curl',
        ['implement' => 'tube', 'band' => ['rest_length_cm' => 150, 'a_n' => 20, 'b_n' => 20, 'layout' => 'two-feet', 'stance_cm' => 30]],
    );
    $this->logged($item, ['setNumber' => 1, 'reps' => 12, 'reserve' => 2, 'pain' => false]);
    $this->getJson("{$this->path}/shelf-items")->assertJsonPath('items.0.stretches', 12);
});

it('keeps what a shelf covers until the shelf, the room or the person changes', function (): void {
    $covered = fn (): int => collect($this->getJson("{$this->path}/coverage")->assertOk()->json('patterns'))->sum('exercises');
    $reckoned = 0;
    Event::listen(KeyWritten::class, function (KeyWritten $written) use (&$reckoned): void {
        $reckoned += str_starts_with($written->key, 'coverage.') ? 1 : 0;
    });
    $before = $covered();
    expect($covered())->toBe($before)->and($reckoned)->toBe(1);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    expect($covered())->toBeGreaterThan($before)->and($reckoned)->toBe(2);
    $this->putJson("/api/clients/{$this->client->id}/limits", ['limits' => ['no-jumps']])->assertOk();
    $covered();
    expect($reckoned)->toBe(3);
});

it('names the missing pull and what would bring it', function (): void {
    $coverage = $this->getJson("{$this->path}/coverage")->assertOk()->json();
    $tried = array_map(
        fn (int $place): array => $this->getJson("{$this->path}/coverage/additions/{$place}")->assertOk()->json(),
        range(0, $coverage['additions'] - 1),
    );
    $additions = array_values(array_filter(array_column($tried, 'gain')));
    $this->getJson("{$this->path}/coverage/additions/{$coverage['additions']}")->assertNotFound();
    $pull = collect($coverage['patterns'])->firstWhere('id', 'horizontal-pull');
    expect($coverage['missing'])->toContain($pull['name'])->and($pull['exercises'])->toBe(0)
        ->and($additions)->not->toBe([])
        ->and(collect($additions)->pluck('opened')->flatten())->toContain($pull['name']);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    expect($this->getJson("{$this->path}/coverage")->json('missing'))->not->toContain($pull['name']);
});
