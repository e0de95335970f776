<?php

declare(strict_types=1);

use App\Actions\Clients\DescribeClient;
use App\Models\Client;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Strength\Strength;
use Tests\Support\Saltmarrow;

/*
 * What a client can do is reckoned from every logged set and kept from one request to the next: it must never be what it was.
 */

/** @return array<string, array{float, float}> */
function knownCapacities(Client $client): array
{
    return array_map(
        static fn (Capacity $capacity): array => [$capacity->kg, $capacity->sdKg],
        array_filter(
            resolve(DescribeClient::class)->person($client->refresh())->capacities,
            static fn (Capacity $capacity, string $of): bool => $capacity->isOnRecord() && in_array($of, Strength::patterns(), true),
            ARRAY_FILTER_USE_BOTH,
        ),
    );
}

it('knows at once of a set that is logged, of another, and of one that is taken back', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $session = Saltmarrow::session($client);
    $item = Saltmarrow::item($session, 'biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]);
    $this->actingAs($client->trainer);
    $this->freezeTime();
    expect(knownCapacities($client))->toBe([]);

    $this->happened(Saltmarrow::setDone($item, ['reps' => 8, 'reserve' => 0, 'setNumber' => 1]))->assertOk();
    $first = knownCapacities($client);
    expect($first)->toHaveCount(1)->and(knownCapacities($client))->toBe($first);

    $second = Saltmarrow::setDone($item, ['reps' => 14, 'reserve' => 3, 'setNumber' => 2]);
    $this->happened($second)->assertOk();
    $more = knownCapacities($client);
    expect(array_values($more)[0][0])->toBeGreaterThan(array_values($first)[0][0]);

    $this->happened(Saltmarrow::event($session, 'set-voided', ['targetKey' => $second['key']]))->assertOk();
    expect(knownCapacities($client))->toBe($first);
});

it('reads rises from a chair that were counted at a movement check as the test they are', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $squat = static fn (): Capacity => resolve(DescribeClient::class)->person($client->refresh())->capacities['squat'];
    $before = $squat();
    $client->movementChecks()->create(['checked_on' => now()->toDateString(), 'seen' => ['rises' => 7]]);
    $few = $squat();
    $client->movementChecks()->create(['checked_on' => now()->toDateString(), 'seen' => ['overhead' => 'low']]);

    expect($before->from)->toBe(Capacity::NORMS)->and($few->from)->toBe(Capacity::TESTS)
        ->and($few->kg)->toBeLessThan($before->kg)->and($few->logSd())->toBeLessThan($before->logSd())
        ->and($squat()->kg)->toEqualWithDelta($few->kg, 1e-9);
});

it('widens with the days, also where it was kept', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    $session = Saltmarrow::session($client);
    $item = Saltmarrow::item($session, 'split-squat', ['implement' => 'body-weight']);
    $this->actingAs($client->trainer);
    $this->happened(Saltmarrow::setDone($item, ['side' => 'left']))->assertOk();
    $now = array_values(knownCapacities($client))[0];
    $this->travel(20)->days();
    $later = array_values(knownCapacities($client))[0];
    expect($later[0])->toEqualWithDelta($now[0], 1e-6)->and($later[1])->toBeGreaterThan($now[1]);
    // After three weeks away a little is lost.
    $this->travel(40)->days();
    $away = array_values(knownCapacities($client))[0];
    expect($away[0])->toBeLessThan($later[0])->toBeGreaterThan(0.9 * $later[0])
        ->and($away[1] / $away[0])->toBeGreaterThan($later[1] / $later[0]);
});
