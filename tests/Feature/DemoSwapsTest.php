<?php

declare(strict_types=1);

use App\Actions\Clients\DescribeClient;
use App\Models\Client;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\Demo;

/*
 * Every demo client against the whole catalogue: nothing is offered that their limits, their room or a check rule out.
 */

beforeEach(fn () => Demo::open());

afterEach(fn () => Demo::close());

/** @return list<Candidate> Everything offered to a client in place of one lift of each measured pattern. */
function everythingOffered(Client $client, Limit ...$more): array
{
    $describe = resolve(DescribeClient::class);
    $catalogue = resolve(Catalogue::class);
    $desk = SwapDesk::of($catalogue, resolve(ResistanceModel::class));
    $person = $describe->person($client)->with(...$more);
    $offered = [];
    foreach ($catalogue->patterns as $pattern) {
        if ($pattern->referenceExercise !== null) {
            $exercise = $catalogue->exercise($pattern->referenceExercise);
            $setting = $exercise->usesBodyWeight
                ? Setting::bodyWeight()
                : Setting::of($exercise->loads[0]['implements'][0] ?? 'dumbbell', 6.0, perHand: $pattern->referencePoint->isPerHand());
            $offered = [
                ...$offered,
                ...$desk->rank(
                    Prescription::of($exercise->id, $setting, 3, 10, 2, Goal::Health),
                    new Situation($person, $describe->shelf($client), $describe->home($client)),
                    limit: 200,
                )->candidates,
            ];
        }
    }

    return $offered;
}

it('offers nobody in Saltmarrow what a limit, a ceiling or the quiet forbids', function (): void {
    $describe = resolve(DescribeClient::class);
    foreach (Client::query()->get() as $client) {
        $person = $describe->person($client);
        $home = $describe->home($client);
        $offered = everythingOffered($client);
        expect(count($offered))->toBeGreaterThan(5, $client->name);
        foreach ($offered as $candidate) {
            expect(
                Cautions::against($candidate->rung->exercise, new Situation($person, [], $home)),
            )->toBe([], "{$client->name}: {$candidate->rung->exercise->name}");
            if ($home->ceilingM !== null) {
                expect($candidate->equivalent->curve->highestPointM + Home::HEADROOM_M)->toBeLessThanOrEqual($home->ceilingM);
            }
            foreach ($candidate->rung->things as $thing) {
                expect($thing->outOfService)->toBeNull()->and($thing->isSupport() ? $thing->supportProblem() : null)->toBeNull();
            }
        }
    }
});

it('never adds anything by a limit, for any client and any limit', function (): void {
    $key = static fn (Candidate $candidate): string => $candidate->rung->exercise->id.json_encode($candidate->rung->setting->toArray());
    foreach (Client::query()->whereIn('name', ['Orrin Kestlewick', 'Philippa Roe', 'Gideon Stroud'])->get() as $client) {
        $exercises = array_map(static fn (Candidate $candidate): string => $candidate->rung->exercise->id, everythingOffered($client));
        foreach (Limit::cases() as $limit) {
            foreach (everythingOffered($client, $limit) as $candidate) {
                // Neighbours compared by muscles alone come in where too few others are left.
                expect($candidate->byMuscles || in_array($candidate->rung->exercise->id, $exercises, true))->toBeTrue($key($candidate))
                    ->and($candidate->rung->exercise->limits[$limit->value]['effect'] ?? '')->not->toBe('exclude', $key($candidate));
            }
        }
    }
});

it('keeps the boat below its ceiling, the chair off the floor and the flat quiet', function (): void {
    $offered = static fn (string $name): array => array_map(
        static fn (Candidate $candidate): array => [
            $candidate->rung->exercise->position,
            $candidate->rung->exercise->impact,
            $candidate->rung->exercise->noise,
            $candidate->rung->exercise->has('overhead'),
        ],
        everythingOffered(Client::query()->where('name', $name)->firstOrFail()),
    );
    foreach ($offered('Orrin Kestlewick') as [$position, , , $overhead]) {
        expect($position === 'standing' && $overhead)->toBeFalse();
    }
    foreach ($offered('Hollis Varnham') as [$position]) {
        expect(in_array($position, ['lying', 'prone', 'side-lying', 'kneeling', 'floor-seated'], true))->toBeFalse();
    }
    foreach ($offered('Marisol Tangwynne') as [, $impact, $noise]) {
        expect($impact)->not->toBe('high')->and($noise)->not->toBe('loud');
    }
});
