<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\BlockResource;
use App\Http\Resources\CuesResource;
use App\Http\Resources\EquivalentResource;
use App\Http\Resources\FigureResource;
use App\Http\Resources\HealthLockResource;
use App\Http\Resources\ItemResource;
use App\Http\Resources\SessionResource;
use App\Http\Resources\SetLogResource;
use App\Http\Resources\StepResource;
use App\Models\Block;
use App\Models\Item;
use App\Models\TrainingSession;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Home;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\Thing;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\ResistanceModel;
use NimbleShelf\Core\Mechanics\School;
use NimbleShelf\Core\Planning\SetOrder;
use NimbleShelf\Core\Planning\Tempo;

/** Lays out a session for the Floor: settings in words, figures, cautions, what is still to be swapped. */
final readonly class ShowSession
{
    public function __construct(
        private DescribeClient $describe,
        private RankSwaps $rankSwaps,
        private ChooseSwap $chooseSwap,
        private Catalogue $catalogue,
        private ResistanceModel $model, private AssessHealth $assess)
    {
    }

    public function handle(TrainingSession $session): SessionResource
    {
        $session->loadMissing(['blocks.items.setLogs', 'programme.client.shelfItems', 'programme.client.home', 'programme.client.bodyMeasure']);
        $row = $session->programme->client;
        $client = $this->describe->withoutCapacities($row);
        $shelf = $this->describe->shelf($row);
        $home = $this->describe->home($row);
        $layOut = [];
        $blocks = $session->blocks->map(function (Block $block) use ($client, $shelf, $home, &$layOut): BlockResource {
            return new BlockResource(
                id: $block->id,
                kind: $block->kind,
                name: $block->name,
                items: array_values($block->items->map(function (Item $item) use ($client, $shelf, $home, &$layOut): ItemResource {
                    $exercise = $this->catalogue->exercise($item->exercise);
                    $rung = $this->rankSwaps->desk->rungs->rungFor($exercise, $item->setting, $client, $shelf, $home);
                    foreach ($item->left_out === null ? $rung->things ?? [] : [] as $thing) {
                        $layOut[] = $thing->name;
                    }

                    return $this->item($item, $rung, $client, $shelf, $home);
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
        $client = $this->describe->withoutCapacities($row);
        $shelf = $this->describe->shelf($row);
        $home = $this->describe->home($row);
        $ids = [];
        foreach ($session->blocks as $block) {
            foreach ($block->items as $item) {
                if ($item->left_out === null && $this->rankSwaps->desk->rungs->problemsAsWritten($this->catalogue->exercise($item->exercise), $item->setting, $client, $shelf, $home) !== []) {
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

    /** @param  list<Thing>  $shelf */
    private function item(Item $item, ?Rung $rung, Client $client, array $shelf, Home $home): ItemResource
    {
        $exercise = $this->catalogue->exercise($item->exercise);
        $problems = $this->rankSwaps->desk->rungs->problemsAsWritten($exercise, $item->setting, $client, $shelf, $home);
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
            cautions: Cautions::of($rung ?? new Rung($exercise, $item->setting, [], $certainty, $words, $exercise->setUpSeconds), $client, $home),
            equivalent: EquivalentResource::of($this->model->equivalent($exercise, $client->body, $item->setting, School::Mean, $certainty), $this->catalogue),
            figure: FigureResource::of($this->model->rig($exercise, $client->body, $item->setting), $exercise, $item->setting, $client->body),
            setLogs: array_values($item->setLogs->map(SetLogResource::of(...))->all()),
        );
    }
}
