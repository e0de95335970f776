<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Http\Resources\Floor\BlockResource;
use App\Http\Resources\Floor\FloorFactResource;
use App\Http\Resources\Floor\ItemResource;
use App\Http\Resources\Floor\NextVisitResource;
use App\Http\Resources\Floor\PartResource;
use App\Http\Resources\Floor\SessionResource;
use App\Http\Resources\Floor\SheddingResource;
use App\Http\Resources\Floor\StepResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Http\Resources\Shared\SheetRowResource;
use App\Models\Block;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\ShorterSession;

/** Lays out a session for the Floor: settings in words, figures, cautions, what is still to be swapped. */
final readonly class ShowSession
{
    private const SHOWN_ELSEWHERE = [
        FloorEventKind::SetDone, FloorEventKind::SetVoided, FloorEventKind::SetRated, FloorEventKind::TakenUp,
    ];

    public function __construct(
        private DescribeClient $describe,
        private ShelfRungs $rungs,
        private DayPlan $dayPlan,
        private ShowItem $showItem,
        private FindLeadingSides $leadingSides,
        private FindLastTimes $lastTimes,
        private Catalogue $catalogue,
        private AssessHealth $assess,
    ) {
    }

    public function handle(TrainingSession $session): SessionResource
    {
        $session->loadMissing([
            'blocks.items.setLogs',
            'blocks.items.madeChanges',
            'client.shelfItems',
            'client.home',
            'client.bodyMeasure',
        ]);
        $situation = $this->describe->plainSituation($session->client);
        $rungs = $this->dayPlan->rungs($session, $situation);
        $layOut = [];
        foreach ($session->items() as $item) {
            $layOut = [...$layOut, ...($item->left_out === null ? $rungs[$item->id]?->toLayOut($situation->shelf) ?? [] : [])];
        }
        $plan = $this->dayPlan->of($session, $rungs);
        $leading = $this->leadingSides->handle($session->client);
        $timeline = $this->dayPlan->timeline($plan, $situation);
        $steps = $this->dayPlan->timeline($plan, $situation, everyPick: true, leading: $leading)->steps;
        $trainer = $session->client->trainer;
        $asksPressure = $situation->client->has(Limit::HighBloodPressure);
        $best = $this->bestHolds($session);
        $last = $this->lastTimes->handle($session, array_values(array_unique(array_map(
            static fn (Item $item): string => $item->now()->exercise,
            $session->items(),
        ))));

        return new SessionResource(
            id: $session->id,
            clientId: $session->client->id,
            clientName: $session->client->name,
            name: $session->name,
            isStart: $session->is_start,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            takesMinutes: (int) ceil($timeline->likelySeconds() / 60),
            positionChanges: $timeline->positionChanges,
            state: $session->state(),
            locks: HealthLockResource::allOf([
                ...$this->assess->locks($session->client),
                ...$this->assess->readinessLocks($session),
            ]),
            layOut: array_values(array_unique($layOut)),
            clashes: array_values(array_unique(array_map(
                static fn (KitConflict $conflict): string => $conflict->inWords(),
                $timeline->conflicts,
            ))),
            blocks: array_values($session->blocks->map(fn (Block $block): BlockResource => $this->block(
                $block,
                ...$block->items->map(fn (Item $item): ItemResource => $this->showItem->handle(
                    $item,
                    $item->now(),
                    $rungs[$item->id],
                    $situation,
                    $best[$item->now()->exercise] ?? null,
                    $last[$item->now()->exercise] ?? null,
                ))->all(),
            ))->all()),
            steps: array_map(StepResource::of(...), $steps),
            rows: SheetRowResource::allOf($steps),
            facts: $this->facts($session),
            shedding: array_map(
                static fn (array $one): SheddingResource => new SheddingResource((int) $one['thread'], $one['sets']),
                ShorterSession::shedding($plan),
            ),
            next: $this->next($session),
            parts: array_map(
                static fn (SorePart $part): PartResource => new PartResource($part->value, $part->label()),
                SorePart::cases(),
            ),
            asksPressure: $asksPressure,
            stopSystolic: (int) $trainer->setting('systolic'),
            stopDiastolic: (int) $trainer->setting('diastolic'),
            emergencyNumber: (string) $trainer->setting('emergency_number'),
            startedAt: $session->started_at === null ? null : AsMoment::said($session->started_at),
            endedAt: $session->ended_at === null ? null : AsMoment::said($session->ended_at),
        );
    }

    /**
     * Items of a session whose setting the shelf does not allow as it stands.
     *
     * @return list<int> Their ids, in order.
     */
    public function itemsToSwap(TrainingSession $session): array
    {
        $situation = $this->describe->plainSituation($session->client);
        $open = array_filter($session->items(), function (Item $item) use ($situation): bool {
            $now = $item->now();

            return $item->left_out === null
                && $this->rungs->problemsAsWritten($this->catalogue->exercise($now->exercise), $now->setting, $situation) !== [];
        });

        return array_values(array_map(static fn (Item $item): int => $item->id, $open));
    }

    /** @return list<FloorFactResource> */
    private function facts(TrainingSession $session): array
    {
        $standing = FloorEvent::inForce($session->events)
            ->reject(static fn (FloorEvent $event): bool => in_array($event->kind, self::SHOWN_ELSEWHERE, true));

        return array_values($standing->map(FloorFactResource::of(...))->all());
    }

    /** @return array<string, int> By exercise: the longest hold before this session, seconds. */
    private function bestHolds(TrainingSession $session): array
    {
        $holds = array_filter(
            array_map(static fn (Item $item): string => $item->now()->exercise, $session->items()),
            fn (string $exercise): bool => $this->catalogue->exercise($exercise)->isHold,
        );
        /** @var array<string, int> $best */
        $best = SetLog::query()
            ->where('client_id', $session->client_id)
            ->where('training_session_id', '!=', $session->id)
            ->whereNull('voided_at')
            ->whereIn('exercise', $holds)
            ->groupBy('exercise')
            ->selectRaw('exercise, max(reps) as longest')
            ->pluck('longest', 'exercise')
            ->map(static fn (mixed $longest): int => is_numeric($longest) ? (int) $longest : 0)
            ->all();

        return $best;
    }

    private function next(TrainingSession $session): ?NextVisitResource
    {
        $next = TrainingSession::query()
            ->where('client_id', $session->client_id)
            ->where('starts_at', '>', AsMoment::stored($session->starts_at))
            ->whereNull('started_at')
            ->whereNull('cancelled_at')
            ->orderBy('starts_at')
            ->first();

        return $next === null ? null : new NextVisitResource($next->starts_at->toIso8601String(), $next->name);
    }

    private function block(Block $block, ItemResource ...$items): BlockResource
    {
        $rule = $this->dayPlan->rule($block);

        return new BlockResource(
            id: $block->id,
            kind: $block->kind->value,
            label: $block->kind->label(),
            name: $block->name,
            ruleWords: $block->kind === BlockKind::Ramp ? 'heavier step by step, until they say enough' : $rule->inWords(),
            goesRound: $block->kind->goesRound(),
            byClock: $block->kind === BlockKind::Intervals,
            isFrame: $block->kind->isFrame(),
            pick: $block->kind === BlockKind::Menu ? $rule->pick : null,
            needs: $rule->needs,
            items: array_values($items),
        );
    }
}
