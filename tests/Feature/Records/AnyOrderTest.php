<?php

declare(strict_types=1);

use App\Models\Item;
use App\Models\SetLog;
use NimbleShelf\Core\Planning\Assignment;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Support\Saltmarrow;

/*
 * A trainer taps, swaps, shortens and takes back as it comes, on a network that delivers late, twice and out of order.
 * Whatever the sequence, the sets that stand are those the device saw, and undoing everything restores the plan.
 */

it('keeps what the device saw, and gives the plan back when everything is undone', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    $client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    Saltmarrow::thing($client, 'table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 25]);
    $this->actingAs($client->trainer);
    $session = Saltmarrow::session($client);
    foreach (['floor-press' => 12, 'biceps-curl' => 10, 'squat' => 0] as $exercise => $kg) {
        Saltmarrow::item(
            $session,
            $exercise,
            $kg > 0 ? ['implement' => 'dumbbell', 'mass_kg' => $kg, 'per_hand' => true] : ['implement' => 'body-weight'],
        );
    }
    $later = $session->programme?->sessions()->create(['name' => 'Later', 'starts_at' => now()->addDays(3), 'minutes' => 30]);
    Saltmarrow::item($later, 'floor-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true]);
    $this->happened(Saltmarrow::event($session, 'started'))->assertOk();
    $items = static fn (): array => array_map(static fn (Item $item): Item => $item->fresh(), [...$session->items(), ...$later->items()]);
    $plan = array_map(static fn (Item $item): Assignment => $item->prescribed, $items());

    /**
     * @var array<string, array{exercise: string, reps: int, set: int, side: string|null}> $seen What the device saw
     *     and has not taken back.
     */
    $seen = [];
    $sent = $waiting = $batches = [];
    $path = "/api/sessions/{$session->id}/replans";
    for ($turn = 0; $turn < 14; $turn++) {
        $item = $items()[$random->getInt(0, 2)];
        switch ($random->getInt(0, 7)) {
            case 0:
            case 1:
            case 2:
                $set = Saltmarrow::setDone($item, ['setNumber' => min(3, $item->nextSet()), 'reps' => $random->getInt(3, 15)]);
                $seen[$set['key']] = [
                    'exercise' => $set['exercise'],
                    'reps' => $set['reps'],
                    'set' => $set['setNumber'],
                    'side' => $set['side'],
                ];
                $waiting[] = $set;
                break;
            case 3:
                if ($seen !== []) {
                    $key = array_keys($seen)[$random->getInt(0, count($seen) - 1)];
                    unset($seen[$key]);
                    $waiting[] = Saltmarrow::event($session, 'set-voided', ['targetKey' => $key]);
                }
                break;
            case 4:
                $waiting[] = Saltmarrow::event($session, 'skipped', ['itemId' => $item->id, 'setNumber' => min(3, $item->nextSet())]);
                break;
            case 5:
                $candidates = $this->getJson("/api/items/{$item->id}/swaps")->assertOk()->json('candidates');
                $scope = ['set', 'today', 'programme'][$random->getInt(0, 2)];
                $this->postJson(
                    "/api/items/{$item->id}/swaps",
                    ['key' => $candidates[$random->getInt(0, min(3, count($candidates) - 1))]['key'], 'scope' => $scope],
                )->assertOk();
                break;
            case 6:
                $what = $random->getInt(0, 1) === 0
                    ? ['occasion' => 'less-time', 'minutes' => $random->getInt(5, 12)]
                    : ['occasion' => 'missing', 'thingIds' => [$client->shelfItems()->where('kind', 'dumbbell')->value('id')]];
                $changes = collect($this->postJson($path, $what)->assertOk()->json('changes'))->where('kind', '!=', 'stays')
                    ->pluck('itemId')
                    ->all();
                if ($changes !== []) {
                    $batches[] = $this->putJson($path, $what + ['accepted' => $changes])->assertOk()->json('batch');
                }
                break;
            case 7:
                if ($batches !== []) {
                    $this->deleteJson("{$path}/".array_pop($batches))->assertOk();
                } else {
                    $this->deleteJson("/api/items/{$item->id}/swaps".($random->getInt(0, 1) === 0 ? '?scope=programme' : ''))->assertOk();
                }
        }
        // Now and then something arrives: late, out of order, some of it again.
        if ($random->getInt(0, 1) === 0 && $waiting !== []) {
            $waiting = $random->shuffleArray($waiting);
            $now = array_splice($waiting, 0, $random->getInt(1, count($waiting)));
            $again = $sent === [] ? [] : [$sent[$random->getInt(0, count($sent) - 1)]];
            $this->happened(...$now, ...$again)->assertOk();
            $sent = [...$sent, ...$now];
        }
    }
    $this->happened(...$random->shuffleArray([...$waiting, ...$sent, Saltmarrow::event($session, 'ended')]))->assertOk();

    $stored = SetLog::query()->whereNull('voided_at')
        ->get()
        ->mapWithKeys(
            static fn (SetLog $log): array => [
                $log->key => ['exercise' => $log->exercise, 'reps' => $log->reps, 'set' => $log->set_number, 'side' => $log->side],
            ],
        )
        ->all();
    ksort($stored);
    ksort($seen);
    expect($stored)->toEqual($seen);

    $this->happened(Saltmarrow::event($session, 'resumed', ['at' => now()->addMinute()->toIso8601String()]))->assertOk();
    foreach ($items() as $item) {
        $this->deleteJson("/api/items/{$item->id}/swaps")->assertOk();
    }
    expect(array_map(static fn (Item $item): Assignment => $item->chosen, $items()))->toEqual($plan)
        ->and(array_filter(array_map(static fn (Item $item): ?string => $item->left_out, $items())))->toBe([]);
})->with(range(1, 24));
