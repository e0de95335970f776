<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\SwapDesk\ChooseSwap;
use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Floor\BlockResource;
use App\Http\Resources\Floor\ItemResource;
use App\Http\Resources\Floor\SessionResource;
use App\Http\Resources\Floor\SetLogResource;
use App\Http\Resources\Floor\StepResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Models\Block;
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
use NimbleShelf\Core\Planning\SetOrder;
use NimbleShelf\Core\Planning\Tempo;

/** Lays out a session for the Floor: settings in words, figures, cautions, what is still to be swapped. */
final readonly class ShowSession
{
    public function __construct(
        private DescribeClient $describe,
        private ShelfRungs $rungs,
        private ChooseSwap $chooseSwap,
        private Catalogue $catalogue,
        private ResistanceModel $model, private AssessHealth $assess)
    {
    }

    public function handle(TrainingSession $session): SessionResource
    {
        $session->loadMissing(['blocks.items.setLogs', 'programme.client.shelfItems', 'programme.client.home', 'programme.client.bodyMeasure']);
        $row = $session->programme->client;
        $situation = $this->describe->plainSituation($row);
        $layOut = [];
        $blocks = $session->blocks->map(function (Block $block) use ($situation, &$layOut): BlockResource {
            return new BlockResource(
                id: $block->id,
                kind: $block->kind,
                name: $block->name,
                items: array_values($block->items->map(function (Item $item) use ($situation, &$layOut): ItemResource {
                    $exercise = $this->catalogue->exercise($item->exercise);
                    $rung = $this->rungs->rungFor($exercise, $item->setting, $situation);
                    foreach ($item->left_out === null ? $rung->things ?? [] : [] as $thing) {
                        $layOut[] = $thing->name;
                    }

                    return $this->item($item, $rung, $situation);
                })->all()),
            );
        });

        return new SessionResource(
            id: $session->id,
            clientId: $row->id,
            clientName: $row->name,
            name: $session->name,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            state: $session->state(),
            locks: HealthLockResource::allOf($this->assess->locks($row)),
            layOut: array_values(array_unique($layOut)),
            blocks: array_values($blocks->all()),
            steps: $this->steps($session),
        );
    }

    /**
     * Items of a session whose setting the shelf does not allow as it stands.
     *
     * @return list<int> Their ids, in order.
     */
    public function itemsToSwap(TrainingSession $session): array
    {
        $row = $session->programme->client;
        $situation = $this->describe->plainSituation($row);
        $ids = [];
        foreach ($session->blocks as $block) {
            foreach ($block->items as $item) {
                if ($item->left_out === null && $this->rungs->problemsAsWritten($this->catalogue->exercise($item->exercise), $item->setting, $situation) !== []) {
                    $ids[] = $item->id;
                }
            }
        }

        return $ids;
    }

    /** @return list<StepResource> */
    private function steps(TrainingSession $session): array
    {
        $blocks = $session->blocks->map(fn (Block $block): array => [
            'kind' => $block->kind,
            'items' => array_values($block->items->map(fn (Item $item): array => [
                'id' => $item->id,
                'sets' => $item->left_out === null ? $item->sets : 0,
                'perSide' => $this->isPerSide($item),
                'restSeconds' => $item->rest_seconds,
            ])->all()),
        ]);

        return array_map(
            static fn (array $step): StepResource => new StepResource(...$step),
            SetOrder::of(array_values($blocks->all())),
        );
    }

    private function isPerSide(Item $item): bool
    {
        return $this->catalogue->exercise($item->exercise)->oneSideAtATime || $item->setting->limbs === 1;
    }

    private function item(Item $item, ?Rung $rung, Situation $situation): ItemResource
    {
        $exercise = $this->catalogue->exercise($item->exercise);
        $problems = $this->rungs->problemsAsWritten($exercise, $item->setting, $situation);
        $certainty = $rung->certainty ?? Certainty::Labelled;
        $words = $item->words ?? $rung->words ?? SettingInWords::of($exercise, $item->setting);

        return new ItemResource(
            id: $item->id,
            exercise: $exercise->id,
            name: $exercise->name,
            words: $words,
            sets: $item->sets,
            reps: $item->reps,
            reserve: $item->reserve,
            isHold: $exercise->isHold,
            perSide: $this->isPerSide($item),
            restSeconds: $item->rest_seconds,
            tempo: $item->tempo === null ? null : Tempo::of(...$item->tempo)->inWords(),
            leftOut: $item->left_out,
            servable: $item->left_out !== null || $problems === [],
            problems: $problems,
            swappedFrom: $this->chooseSwap->writtenInWords($item),
            swapWhy: $item->written['why'] ?? null,
            cues: CuesResource::of($exercise),
            cautions: Cautions::of($rung ?? new Rung($exercise, $item->setting, [], $certainty, $words, $exercise->setUpSeconds), $situation),
            equivalent: EquivalentResource::of($this->model->equivalent($exercise, $situation->client->body, $item->setting, School::Mean, $certainty), $this->catalogue),
            figure: FigureResource::of($this->model->rig($exercise, $situation->client->body, $item->setting), $exercise, $item->setting, $situation->client->body),
            setLogs: array_values($item->setLogs->map(SetLogResource::of(...))->all()),
        );
    }
}
