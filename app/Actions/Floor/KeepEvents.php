<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\AssessHealth;
use App\Actions\Programme\FollowLogs;
use App\Actions\Start\FollowStart;
use App\Enums\FloorEventKind;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Exception\CoreException;
use Throwable;

/**
 * The inbox of the Floor: keeps what a device says happened, once however often it is sent, in whatever order it comes.
 *
 * A set says what was really in the hand; nothing about it is looked up in the plan when it arrives.
 */
final readonly class KeepEvents
{
    public function __construct(
        private KeepSet $keepSet,
        private ChangeOnFloor $change,
        private AssessHealth $assess,
        private FollowLogs $follow,
        private FollowStart $followStart,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array{accepted: list<string>, refused: list<array{key: string, field: string, message: string}>}
     */
    public function handle(User $trainer, array $events): array
    {
        $accepted = $refused = [];
        foreach ($events as $event) {
            $key = is_string($event['key'] ?? null) ? $event['key'] : '';
            try {
                DB::transaction(fn () => $this->keep($trainer, $event));
                $accepted[] = $key;
            } catch (Throwable $wrong) {
                [$field, $message] = match (true) {
                    $wrong instanceof ValidationException => [
                        (string) array_key_first($wrong->errors()),
                        (string) Arr::first(Arr::flatten($wrong->errors())),
                    ],
                    $wrong instanceof CoreException => [$wrong->field(), $wrong->getMessage()],
                    default => throw $wrong,
                };
                $refused[] = ['key' => $key, 'field' => $field, 'message' => $message];
            }
        }

        $this->followed($accepted);

        return ['accepted' => $accepted, 'refused' => $refused];
    }

    /**
     * Sessions that are done by now rewrite what comes. What was logged is kept whatever becomes of that.
     *
     * @param  list<string>  $keys
     */
    private function followed(array $keys): void
    {
        /** @var Collection<int, TrainingSession> $done */
        $done = TrainingSession::query()
            ->whereHas('events', static fn (Builder $events) => $events->whereIn('key', $keys))
            ->whereNotNull('ended_at')
            ->get();
        foreach ($done as $session) {
            rescue(fn () => $session->is_start ? $this->followStart->handle($session->client) : $this->follow->handle($session));
        }
    }

    /**
     * @param  array<string, mixed>  $event
     *
     * @throws ValidationException If it is not this trainer's, says nothing that can be kept, or something locks the session.
     * @throws CoreException If what was in the hand is no such thing.
     */
    private function keep(User $trainer, array $event): void
    {
        $said = EventRules::read($event);
        $kind = FloorEventKind::from((string) $said['kind']);
        $client = $trainer->clients()->find($said['clientId'])
            ?? throw ValidationException::withMessages(['clientId' => 'This client is not one of yours.']);
        $at = CarbonImmutable::parse((string) $said['at']);
        // Session and exercise may have been taken off the plan since; what was done is kept all the same.
        $session = TrainingSession::query()->where('client_id', $client->id)->find($said['sessionId']);
        $item = $session === null
            ? null
            : Item::query()->whereRelation('block', 'training_session_id', $session->id)->find($said['itemId'] ?? 0);
        $facts = Arr::except($said, ['key', 'kind', 'clientId', 'at', 'zone', 'targetKey']);

        $known = FloorEvent::query()->where('key', $said['key'])->first();
        if ($known !== null) {
            $isTheSame = $known->kind === $kind && $known->client_id === $client->id && $known->said == $facts;
            throw_unless(
                $isTheSame,
                ValidationException::withMessages([
                    'key' => 'This key already stands for something else that happened; nothing was changed.',
                ]),
            );

            return;
        }
        if ($session?->started_at === null
            && in_array($kind, [FloorEventKind::Started, FloorEventKind::SetDone], true)
            && ! $this->wasBeforeTheLock($client, $at)) {
            $this->assess->refuseIfLocked($client, 'lock', $session);
        }
        FloorEvent::query()->create([
            'key' => $said['key'], 'client_id' => $client->id, 'training_session_id' => $session?->id,
            'item_id' => $item?->id, 'kind' => $kind,
            'target_key' => $said['targetKey'] ?? null, 'zone' => $said['zone'], 'at' => $at, 'said' => $facts,
        ]);
        $this->act($client, $session, $item, $said, $at);
        if ($session !== null) {
            $this->settle($session, $kind, $at);
        }
    }

    /**
     * What an event does beside being kept.
     *
     * @param  array<string, mixed>  $said
     */
    private function act(Client $client, ?TrainingSession $session, ?Item $item, array $said, CarbonImmutable $at): void
    {
        $target = is_string($said['targetKey'] ?? null) ? $said['targetKey'] : '';
        match (FloorEventKind::from((string) $said['kind'])) {
            FloorEventKind::SetDone => $this->keepSet->handle($client, $session, $item, $said, $at),
            FloorEventKind::SetVoided => $this->keepSet->takeBack($client, $target, $at),
            FloorEventKind::SetRated => $this->keepSet->rate($client, $target),
            FloorEventKind::Swapped, FloorEventKind::Added => $item === null ? null : $this->change->handle($item, $said),
            FloorEventKind::TakenUp => $this->change->takeBack($client, $target),
            default => null,
        };
    }

    /** When the session began and ended, by the device's clock and whatever the order of arrival. */
    private function settle(TrainingSession $session, FloorEventKind $kind, CarbonImmutable $at): void
    {
        if (in_array($kind, [FloorEventKind::Started, FloorEventKind::SetDone, FloorEventKind::Ended], true)
            && ($session->started_at === null || $at->lessThan($session->started_at))) {
            $session->started_at = $at;
            // It took place after all.
            $session->cancelled_at = null;
        }
        if ($kind === FloorEventKind::Ended || $kind === FloorEventKind::Resumed) {
            $last = $session->events->whereIn('kind', [FloorEventKind::Ended, FloorEventKind::Resumed])->last();
            $session->ended_at = $last?->kind === FloorEventKind::Ended ? $last->at : null;
        }
        $session->save();
    }

    /** A set done before the answer that locks was given is a fact, however late it comes. */
    private function wasBeforeTheLock(Client $client, CarbonImmutable $at): bool
    {
        return $client->screenings()->count() > 1 && $client->screening?->created_at?->greaterThan($at) === true;
    }
}
