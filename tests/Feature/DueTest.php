<?php

declare(strict_types=1);

use App\Models\Screening;
use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo('2026-10-19 08:00:00');
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
    $this->due = fn (): array => array_map(
        static fn (array $one): string => "{$one['kind']} {$one['on']}".($one['isOver'] ? ' over' : ''),
        $this->getJson('/api/due')->assertOk()->json(),
    );
});

it('is empty where nothing falls due', function (): void {
    expect(($this->due)())->toBe([]);
});

it('says when the health questions are due: never asked, soon, over', function (?string $answeredOn, array $due): void {
    Screening::query()->delete();
    if ($answeredOn !== null) {
        Saltmarrow::screening($this->client, [], CarbonImmutable::parse($answeredOn));
    }
    expect(($this->due)())->toBe($due);
})->with([
    'never' => [null, ['screening 2026-10-19']],
    'long ago' => ['2026-03-01', ['screening 2026-09-02 over']],
    'soon' => ['2026-05-02', ['screening 2026-11-03']],
    'later' => ['2026-06-02', []],
]);

it('asks at once what was not asked before', function (): void {
    $answers = Screening::query()->firstOrFail()->answers;
    unset($answers['pregnant']);
    Screening::query()->firstOrFail()->update(['answers' => $answers]);
    expect(($this->due)())->toBe(['screening 2026-10-19']);
    $this->client->update(['sex' => 'male']);
    expect(($this->due)())->toBe([]);
});

it('names bands and things to look over, and a clearance that runs out', function (): void {
    Saltmarrow::thing($this->client, 'tube', 'red tube', 1, ['rest_length_cm' => 120, 'a_n' => 60, 'b_n' => 20, 'source' => 'rated']);
    Saltmarrow::thing($this->client, 'chair', 'kitchen chair', 1, ['height_cm' => 45]);
    $this->client->clearances()->create([
        'given_on' => '2026-10-01', 'expires_on' => '2026-10-30', 'given_by' => 'Dr Ferris', 'allows' => 'walking', 'questions' => [],
        'lifts' => [],
    ]);
    expect(($this->due)())->toBe(['clearance 2026-10-30']);
    $this->travelTo('2026-10-26 08:00:00');
    expect(($this->due)())->toBe(['band 2026-10-26', 'clearance 2026-10-30']);
    $this->travelTo('2027-04-10 08:00:00');
    expect(($this->due)())->toContain('thing 2027-04-17', 'band 2026-10-26 over')->not->toContain('clearance 2026-10-30 over');
    $this->client->shelfItems()->update(['out_of_service' => 'nicked']);
    expect(implode(' ', ($this->due)()))->not->toContain('band')->not->toContain('thing');
});

it('says which programme ends, and for a while that it has', function (): void {
    $programme = $this->client->programmes()->create(['name' => 'On board', 'starts_on' => '2026-10-05', 'state' => 'running']);
    foreach (range(1, 4) as $number) {
        $programme->weeks()->create(['number' => $number, 'kind' => 'build']);
    }
    expect(($this->due)())->toBe(['programme 2026-11-01']);
    $this->travelTo('2026-11-10 08:00:00');
    expect(($this->due)())->toContain('programme 2026-11-01 over');
    $this->travelTo('2026-12-10 08:00:00');
    expect(($this->due)())->not->toContain('programme 2026-11-01 over');
});

it('leaves out who was put away and who is another trainer’s', function (): void {
    Screening::query()->delete();
    expect(($this->due)())->toHaveCount(1);
    $this->postJson("/api/clients/{$this->client->id}/archive");
    expect(($this->due)())->toBe([]);
    $this->postJson("/api/clients/{$this->client->id}/archive");
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    expect(($this->due)())->toBe([]);
});
