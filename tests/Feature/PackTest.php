<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->travelTo('2026-11-25 08:00:00');
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    Saltmarrow::thing($this->client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->session = Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-25 09:00'));
    $this->item = Saltmarrow::item($this->session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->tomorrow = Saltmarrow::session($this->client, CarbonImmutable::parse('2026-11-26 09:00'));
    $this->actingAs($this->trainer);
    $this->pack = fn (string $tag = '', array $has = []): array => $this->getJson('/api/pack?'.http_build_query([
        'tag' => $tag,
        'has' => implode(',', array_map(static fn (string $path): string => "{$path}~{$has[$path]}", array_keys($has))),
    ]))->assertOk()->json();
    $this->tagsOf = static fn (array $pack): array => array_column($pack['answers'], 'tag', 'path');
});

it('is all that two days of visits need, each as it would be answered alone', function (): void {
    $pack = ($this->pack)();
    expect($pack['isWhole'])->toBeTrue()->and(array_column($pack['answers'], 'path'))->toBe([
        'round', 'round?date=2026-11-26',
        "sessions/{$this->session->id}", "sessions/{$this->session->id}/alternatives",
        "sessions/{$this->tomorrow->id}", "sessions/{$this->tomorrow->id}/alternatives",
    ]);
    foreach ($pack['answers'] as $one) {
        expect($one['answer'])->toEqual($this->getJson("/api/{$one['path']}")->json());
    }
});

it('is empty while nothing changes, and holds only what has', function (): void {
    $first = ($this->pack)();
    expect(($this->pack)($first['tag'])['answers'])->toBe([]);
    $this->happened(Saltmarrow::event($this->session, 'started'))->assertOk();
    $this->logged($this->item, ['setNumber' => 1, 'reps' => 10, 'reserve' => 2, 'pain' => false]);
    $then = ($this->pack)($first['tag'], ($this->tagsOf)($first));
    expect($then['tag'])->not->toBe($first['tag'])
        ->and(array_column($then['answers'], 'path'))->toContain('round', "sessions/{$this->session->id}")
        ->not->toContain("sessions/{$this->tomorrow->id}/alternatives");
    $this->travelTo('2026-11-26 08:00:00');
    expect(($this->pack)($then['tag'])['answers'])->not->toBe([]);
});

it('leaves out what is done or cancelled, and knows nobody else’s', function (): void {
    $this->tomorrow->update(['cancelled_at' => CarbonImmutable::now()]);
    $this->session->update(['ended_at' => CarbonImmutable::now(), 'started_at' => CarbonImmutable::now()]);
    expect(array_column(($this->pack)()['answers'], 'path'))->toBe(['round', 'round?date=2026-11-26']);
    $this->actingAs(Saltmarrow::trainer('corvin@saltmarrow.example'));
    expect(($this->pack)()['answers'][0]['answer']['visits'])->toBe([]);
});

it('is pressed for whoever can take it so, and reads the same', function (): void {
    $plain = $this->getJson('/api/pack');
    $pressed = $this->get('/api/pack', ['Accept' => 'application/json', 'Accept-Encoding' => 'gzip'])->assertOk();
    expect($pressed->headers->get('Content-Encoding'))->toBe('gzip')
        ->and(gzdecode((string) $pressed->getContent()))->toBe($plain->getContent())
        ->and(strlen((string) $pressed->getContent()))->toBeLessThan(strlen((string) $plain->getContent()) / 4)
        ->and($plain->headers->get('Content-Encoding'))->toBeNull();
});
