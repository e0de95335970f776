<?php

declare(strict_types=1);

use App\Enums\ProgrammeState;
use App\Models\Client;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\User;
use Database\Seeders\DemoDiary;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Str;
use NimbleShelf\Core\Planning\BlockKind;
use Tests\Support\Demo;

beforeEach(fn () => Demo::open());

afterEach(fn () => Demo::close());

function isaura(): User
{
    return User::query()->where('email', DemoSeeder::EMAIL)->firstOrFail();
}

it('fills Saltmarrow with clients whose every number is computed', function (): void {
    $this->actingAs(isaura());
    expect(isaura()->clients()->whereNull('kit_from_id')->count())->toBe(8)
        // And one who trains beside her household, and has only begun.
        ->and(isaura()->clients()->whereNotNull('kit_from_id')->pluck('name')->all())->toBe(['Rosalind Stroud'])
        ->and(SetLog::query()->where('whole_kg', '<=', 0)->where('reps', '<', 1)->count())->toBe(0);

    $round = $this->getJson('/api/round')->assertOk();
    expect(count($round->json('visits')))->toBeGreaterThanOrEqual(3)
        ->and(array_sum(array_column($round->json('visits'), 'swapsNeeded')))->toBeGreaterThan(0);
    foreach (isaura()->clients()->whereNull('kit_from_id')->get() as $client) {
        $ledger = $this->getJson("/api/clients/{$client->id}/ledger")->assertOk();
        expect(count($ledger->json('patterns')))->toBeGreaterThan(2, $client->name)
            ->and($ledger->json('patterns.0.history'))->not->toHaveCount(1);
        $this->getJson("/api/clients/{$client->id}/shelf-items")->assertOk();
    }
});

it('has a loose visit with every kind of block, and two who may train together', function (): void {
    $this->actingAs(isaura());
    $kinds = TrainingSession::query()->whereNull('programme_id')->get()
        ->flatMap(fn (TrainingSession $session) => $session->blocks->pluck('kind')->all())->unique()->values();
    expect($kinds->diff([])->count())->toBe(count(BlockKind::planned()));
    $tomorrow = $this->getJson('/api/round')->assertOk()->json('tomorrow');
    $together = collect($this->getJson("/api/round?date={$tomorrow}")->json('visits'))->pluck('together', 'clientName')->filter();
    expect($together->keys()->sort()->values()->all())->toBe(['Gideon Stroud', 'Rosalind Stroud']);
    // All of it is on the shelf: nothing of them needs a swap.
    foreach (TrainingSession::query()->whereNull('programme_id')->get() as $session) {
        $shown = $this->getJson("/api/sessions/{$session->id}")->assertOk();
        $items = collect($shown->json('blocks'))->flatMap(fn (array $block): array => $block['items']);
        expect($items->where('servable', false))->toHaveCount(0);
    }
});

it('has everybody in a programme that was planned, changed by hand and followed for twelve weeks', function (): void {
    $this->actingAs(isaura());
    foreach (isaura()->clients()->whereNull('kit_from_id')->get() as $client) {
        /** @var Programme $running */
        $running = $client->programmes()->where('state', ProgrammeState::Running)->firstOrFail();
        $words = ProgrammeEdit::query()->whereIn('programme_id', $client->programmes()->pluck('id'))->pluck('words');
        $byHand = $words->reject(fn (string $said): bool => Str::startsWith($said, 'After '));
        expect($running->style)->toHaveKey('score')
            ->and($byHand->count())->toBeGreaterThanOrEqual(2, "{$client->name} by hand")
            ->and($running->edits()->where('is_followed', false)->count())->toBe(0, $client->name);

        $done = TrainingSession::query()->where('client_id', $client->id)->whereNotNull('ended_at');
        $first = (clone $done)->min('starts_at');
        expect($done->count())->toBeGreaterThan(15, $client->name)
            ->and(abs($client->trainer->today()->diffInDays($first)))->toBeGreaterThan(DemoDiary::DAYS_BACK - 7);
        $missed = TrainingSession::query()->where('client_id', $client->id)
            ->whereNull('started_at')->where('starts_at', '<', $client->trainer->today())->count();
        expect($missed)->toBeGreaterThan(0, "{$client->name} misses a visit now and then");
        $this->getJson("/api/clients/{$client->id}/programmes")->assertOk()->assertJsonPath('shown.id', $running->id);
        $forecast = $this->getJson("/api/programmes/{$running->id}/forecast")->assertOk();
        expect($forecast->json('lifts'))->not->toBe([]);
    }
});

it('tells of a holiday, an injury, a new kettlebell and things that were given back', function (): void {
    $of = fn (string $name): Client => Client::query()->where('name', 'like', "{$name}%")->firstOrFail();
    $said = fn (Client $client): string => ProgrammeEdit::query()
        ->whereIn('programme_id', $client->programmes()->pluck('id'))->pluck('words')->implode(' | ');
    $days = fn (Client $client): array => TrainingSession::query()->where('client_id', $client->id)->whereNotNull('ended_at')
        ->orderBy('starts_at')->pluck('starts_at')->all();

    $gaps = [];
    $visits = $days($of('Philippa'));
    foreach (array_slice($visits, 1) as $i => $at) {
        $gaps[] = $visits[$i]->diffInDays($at);
    }
    expect(max($gaps))->toBeGreaterThan(14);

    $gideon = $of('Gideon');
    expect($gideon->setLogs()->where('pain', true)->count())->toBeGreaterThan(0)
        ->and($said($gideon))->toContain('swapped for')
        ->and($gideon->limits->all())->toBe([])
        ->and($of('Leonie')->shelfItems()->pluck('name')->all())->toContain('12 kg kettlebell')
        ->and($of('Marisol')->shelfItems()->withTrashed()->pluck('name')->all())->toContain('16 kg kettlebell')
        ->and($of('Marisol')->shelfItems()->pluck('name')->all())->not->toContain('16 kg kettlebell')
        ->and($said($of('Orrin')))->toContain('stopped for pain');
});

it('serves the page for every address that is not the API’s', function (string $path): void {
    $this->get($path)->assertOk()->assertSee('id="app"', false);
})->with(['/', '/sign-in', '/clients/1/shelf', '/swap/1', '/floor/1', '/catalogue/squat']);
