<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\RankSwaps;
use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Floor\ItemResource;
use App\Http\Resources\Floor\SetLogResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;
use App\Models\Item;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;

/** One exercise of a day as the Floor shows it: setting in words, figure, cues, cautions, what was logged. */
final readonly class ShowItem
{
    public function __construct(
        private ShelfRungs $rungs,
        private ChooseSwap $chooseSwap,
        private Catalogue $catalogue,
        private ResistanceModel $model,
    ) {
    }

    /**
     * @param  Assignment  $now  What is done; another one where somebody asks how that would look.
     * @param  Rung|null  $rung  Null where the shelf has none for it.
     * @param  int|null  $bestSeconds  The longest hold of it so far.
     * @param  array{words: string, in: string}|null  $last  What was done of it last time, and in which setting.
     */
    public function handle(
        Item $item,
        Assignment $now,
        ?Rung $rung,
        Situation $situation,
        ?int $bestSeconds = null,
        ?array $last = null,
    ): ItemResource {
        $exercise = $this->catalogue->exercise($now->exercise);
        $problems = $this->rungs->problemsAsWritten($exercise, $now->setting, $situation);
        $certainty = $rung->certainty ?? Certainty::Labelled;
        // The words of the thing that is laid out: what was written may name one that stands here no more.
        $words = $rung->words ?? $now->words ?? SettingInWords::of($exercise, $now->setting);
        $body = $situation->client->body;

        return new ItemResource(
            id: $item->id,
            exercise: $exercise->id,
            name: $exercise->name,
            words: $words,
            rung: RankSwaps::keyOfSetting($exercise->id, $now->setting),
            setting: $now->setting->toArray(),
            certainty: $certainty->value,
            sets: $now->sets,
            reps: $now->dose->count(),
            dose: $situation->client->resting()->inWords($exercise, $now),
            secondsEach: (new Slot('', $exercise, $now))->secondsEach(),
            reserve: $now->reserve,
            isHold: $exercise->isHold,
            bestSeconds: $exercise->isHold ? $bestSeconds : null,
            lastToFailure: $now->lastToFailure,
            lastTime: $last === null ? null : $last['words'].($last['in'] === $words || $last['in'] === '' ? '' : " · {$last['in']}"),
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
