<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Models\Block;
use App\Models\Client;
use App\Models\Item;
use App\Models\PlannedSession;
use App\Models\Slot;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use LogicException;

/** Makes a day's session from a planned one: what happens to it later leaves the plan alone. */
final readonly class MakeDay
{
    /** @param  CarbonImmutable|null  $startsAt  Null for the day and time the plan says, in the trainer's zone. */
    public function handle(PlannedSession $planned, ?CarbonImmutable $startsAt = null): TrainingSession
    {
        $programme = $planned->week->programme;
        $client = $programme->client ?? throw new LogicException('A template has no days.');

        return DB::transaction(function () use ($planned, $client, $startsAt): TrainingSession {
            $zone = $client->trainer->zone();
            $session = $this->session($client, $planned, $startsAt ?? $planned->startsAt($zone), $zone);
            self::fill($session, $planned);

            return $session;
        });
    }

    /** A visit that nobody began becomes what the plan says now; it keeps its own place on the Round. */
    public function again(TrainingSession $session, PlannedSession $planned, CarbonImmutable $startsAt): void
    {
        DB::transaction(static function () use ($session, $planned, $startsAt): void {
            $session->update(['name' => $planned->name, 'minutes' => $planned->minutes, 'starts_at' => $startsAt]);
            $session->blocks()->delete();
            self::fill($session, $planned);
        });
    }

    private static function fill(TrainingSession $session, PlannedSession $planned): void
    {
        foreach ($planned->blocks as $plannedBlock) {
            /** @var Block $block */
            $block = $session->blocks()->create([
                'kind' => $plannedBlock->kind,
                'rule' => $plannedBlock->rule,
                'name' => $plannedBlock->name,
                'position' => $plannedBlock->position,
            ]);
            $now = CarbonImmutable::now();
            // As they are kept, all at once: a programme has hundreds of them.
            Item::query()->insert($plannedBlock->slots->map(static fn (Slot $slot): array => [
                'block_id' => $block->id,
                'slot_id' => $slot->id,
                'thread' => $slot->thread,
                'position' => $slot->position,
                'prescribed' => $slot->getAttributes()['assignment'],
                'chosen' => $slot->getAttributes()['assignment'],
                'created_at' => $now,
                'updated_at' => $now,
            ])->all());
        }
    }

    private function session(Client $client, PlannedSession $planned, CarbonImmutable $at, string $zone): TrainingSession
    {
        return TrainingSession::query()->create([
            'client_id' => $client->id,
            'programme_id' => $planned->week->programme_id,
            'planned_session_id' => $planned->id,
            'name' => $planned->name,
            'zone' => $zone,
            'starts_at' => $at,
            'minutes' => $planned->minutes,
        ]);
    }
}
