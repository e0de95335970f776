<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\SwapDesk\ChooseSwap;
use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Floor\BlockResource;
use App\Http\Resources\Floor\ItemResource;
use App\Http\Resources\Floor\SessionResource;
use App\Http\Resources\Floor\SetLogResource;
use App\Http\Resources\Floor\SkippedResource;
use App\Http\Resources\Floor\StepResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Models\Block;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\TrainingSession;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\ThingInUse;
use NimbleShelf\Core\Planning\Timeline;

/** Lays out a session for the Floor: settings in words, figures, cautions, what is still to be swapped. */
final readonly class ShowSession
{
    public function __construct(
        private DescribeClient $describe,
        private ShelfRungs $rungs,
        private DayPlan $dayPlan,
        private ChooseSwap $chooseSwap,
        private Catalogue $catalogue,
        private ResistanceModel $model,
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
            $layOut = [...$layOut, ...($item->left_out === null ? $rungs[$item->id]?->toLayOut() ?? [] : [])];
        }
        $timeline = Timeline::of(
            $this->dayPlan->of($session, $rungs),
            $situation->client->isSlowOnFeet(),
            resting: $situation->client->resting(),
        );

        return new SessionResource(
            id: $session->id,
            clientId: $session->client->id,
            clientName: $session->client->name,
            name: $session->name,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            takesMinutes: (int) ceil($timeline->likelySeconds() / 60),
            positionChanges: $timeline->positionChanges,
            state: $session->state(),
            locks: HealthLockResource::allOf($this->assess->locks($session->client)),
            layOut: array_values(array_unique($layOut)),
            clashes: array_values(array_unique(array_map(
                static fn (KitConflict $conflict): string => $conflict->inWords(),
                $timeline->conflicts,
            ))),
            blocks: array_values($session->blocks->map(fn (Block $block): BlockResource => new BlockResource(
                id: $block->id,
                kind: $block->kind->value,
                name: $block->name,
                items: array_values(
                    $block->items->map(fn (Item $item): ItemResource => $this->item($item, $rungs[$item->id], $situation))->all(),
                ),
            ))->all()),
            steps: array_map($this->step(...), $timeline->steps),
            skipped: $this->skipped($session),
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

    private function step(Step $step): StepResource
    {
        $names = static fn (ThingInUse $use): string => $use->name;

        return new StepResource(
            kind: $step->kind->value,
            seconds: (int) round($step->seconds),
            words: $step->words,
            itemId: $step->slot === null ? null : (int) $step->slot->thread,
            setNumber: $step->kind === StepKind::Work ? $step->round : null,
            side: $step->side,
            endsSet: $step->endsSet,
            pickUp: array_map($names, $step->pickUp),
            putDown: array_map($names, $step->putDown),
        );
    }

    /** @return list<SkippedResource> */
    private function skipped(TrainingSession $session): array
    {
        $skipped = FloorEvent::inForce($session->events)->where('kind', FloorEventKind::Skipped)->whereNotNull('item_id');

        return array_values($skipped->map(
            static fn (FloorEvent $event): SkippedResource => new SkippedResource(
                $event->key,
                (int) $event->item_id,
                (int) ($event->said['setNumber'] ?? 0),
                $event->said['side'] ?? null,
                AsMoment::said($event->at),
            ),
        )->all());
    }

    private function item(Item $item, ?Rung $rung, Situation $situation): ItemResource
    {
        $now = $item->now();
        $exercise = $this->catalogue->exercise($now->exercise);
        $problems = $this->rungs->problemsAsWritten($exercise, $now->setting, $situation);
        $certainty = $rung->certainty ?? Certainty::Labelled;
        $words = $now->words ?? $rung->words ?? SettingInWords::of($exercise, $now->setting);
        $body = $situation->client->body;

        return new ItemResource(
            id: $item->id,
            exercise: $exercise->id,
            name: $exercise->name,
            words: $words,
            setting: $now->setting->toArray(),
            certainty: $certainty->value,
            sets: $now->sets,
            reps: $now->dose->count(),
            reserve: $now->reserve,
            isHold: $exercise->isHold,
            lastToFailure: $now->lastToFailure,
            perSide: $now->sides === Sides::Each || $exercise->isOneSidedIn($now->setting),
            restSeconds: $now->restSeconds,
            tempo: $now->tempo?->inWords(),
            tempoParts: $now->tempo?->toArray(),
            rangeRatio: $now->rangeRatio,
            leftOut: $item->left_out,
            servable: $item->left_out !== null || $problems === [],
            problems: $problems,
            swappedFrom: $this->chooseSwap->writtenInWords($item),
            swapWhy: $now->why === '' ? null : $now->why,
            cues: CuesResource::of($exercise),
            cautions: Cautions::of(
                $rung ?? new Rung($exercise, $now->setting, [], $certainty, $words, $exercise->setUpSeconds),
                $situation,
            ),
            equivalent: EquivalentResource::of(
                $this->model->equivalent($exercise, $body, $now->setting, School::Mean, $certainty),
                $this->catalogue,
            ),
            figure: FigureResource::of($this->model->rig($exercise, $body, $now->setting), $exercise, $now->setting, $body),
            setLogs: array_values($item->setLogs->map(SetLogResource::of(...))->all()),
        );
    }
}
