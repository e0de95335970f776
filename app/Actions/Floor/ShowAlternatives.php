<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\DescribeClient;
use App\Actions\Programme\ReadProgramme;
use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\RankSwaps;
use App\Http\Resources\Floor\AlternativeResource;
use App\Http\Resources\Floor\AlternativesResource;
use App\Http\Resources\Floor\ItemAlternativesResource;
use App\Http\Resources\Floor\StepResource;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Support\KeptAnswers;
use Closure;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\LeadingSides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlanOption;

/** Everything the Floor may swap to on the way, reckoned before it is needed: there may be no network then. */
final readonly class ShowAlternatives
{
    private const SWAPS = 5;

    public function __construct(
        private DescribeClient $describe,
        private ReadProgramme $read,
        private DayPlan $dayPlan,
        private ShowItem $showItem,
        private FindLeadingSides $leadingSides,
        private RankSwaps $rankSwaps,
        private ChooseSwap $chooseSwap,
        private WeekEditor $editor,
        private ShelfRungs $rungs,
        private Catalogue $catalogue,
        private KeptAnswers $kept,
    ) {
    }

    public function handle(TrainingSession $session): AlternativesResource
    {
        $situation = $this->describe->situation($session->client);
        $brief = $this->brief($session, $situation);
        $leading = $this->leadingSides->handle($session->client);
        $session->loadMissing(['blocks.items.setLogs', 'blocks.items.madeChanges']);
        $on = [$situation, $brief, $leading, $session->client->trainer->weights(), $session->blocks->toArray()];
        // It takes a moment, and the Floor asks for it at every opening: kept for as long as nothing of it changes.
        $reckon = fn (): array => $this->reckoned($session, $situation, $brief, $leading);
        $items = $this->kept->of('alternatives', $on, $reckon, $session->id);

        return new AlternativesResource($session->id, $items);
    }

    /** @return list<ItemAlternativesResource> */
    private function reckoned(TrainingSession $session, Situation $situation, Brief $brief, LeadingSides $leading): array
    {
        $rungs = $this->dayPlan->rungs($session, $situation);
        $plan = $this->dayPlan->of($session, $rungs);
        // The whole session with one slot done otherwise: the others may have to make way for its kit.
        $played = fn (Slot $slot): array => $this->dayPlan->timeline($plan->withSlot($slot), $situation, true, $leading)->steps;

        return array_map(
            fn (Item $item): ItemAlternativesResource => new ItemAlternativesResource(
                itemId: $item->id,
                rung: RankSwaps::keyOfSetting($item->now()->exercise, $item->now()->setting),
                own: $this->own($item, $played, $situation),
                easier: $this->step($item, 'easier', $played, $brief),
                harder: $this->step($item, 'harder', $played, $brief),
                swaps: $this->swaps($item, $played, $situation),
            ),
            $session->items(),
        );
    }

    /**
     * As it is now: what a change from it comes back to.
     *
     * @param  Closure(Slot): list<Step>  $played
     */
    private function own(Item $item, Closure $played, Situation $situation): ?AlternativeResource
    {
        $now = $item->now();
        $exercise = $this->catalogue->exercise($now->exercise);
        $rung = $this->rungs->rungFor($exercise, $now->setting, $situation, (string) $now->words);
        $isServed = $rung !== null && $this->rungs->problemsAsWritten($exercise, $now->setting, $situation) === [];

        return ! $isServed ? null : $this->shown($item, 'own', $now, $rung, [], ['As it was before.'], $played, $situation);
    }

    /**
     * The rung beside it; the count stays what it is where the exercise does.
     *
     * @param  Closure(Slot): list<Step>  $played
     */
    private function step(Item $item, string $way, Closure $played, Brief $brief): ?AlternativeResource
    {
        $now = $item->now();
        $exercise = $this->catalogue->exercise($now->exercise);
        $rung = $this->rungs->rungFor($exercise, $now->setting, $brief->situation, (string) $now->words);
        $option = $this->editor->next(new Slot('', $exercise, $now, $rung->things ?? []), $way === 'harder', $brief);
        if ($option === null) {
            return null;
        }

        return $this->shown($item, $way, $this->asked($now, $option), $option->rung, [], [$option->why], $played, $brief->situation);
    }

    private function asked(Assignment $now, PlanOption $option): Assignment
    {
        return $option->exercise->id === $now->exercise && $option->sides === $now->sides
            ? $now->with(setting: $option->rung->setting, words: $option->rung->words, why: $option->why)
            : $option->assignment($now->sets);
    }

    /**
     * @param  Closure(Slot): list<Step>  $played
     * @return list<AlternativeResource>
     */
    private function swaps(Item $item, Closure $played, Situation $situation): array
    {
        try {
            // One of them may be what is done now.
            $candidates = $this->rankSwaps->deskOf($item->client())->best($item->prescription(), $situation, self::SWAPS + 1);
        } catch (CoreException) {
            // What cannot be compared has no ranked swaps; leaving it out is always there.
            return [];
        }
        $now = $item->now();
        $others = array_filter($candidates, static fn (Candidate $one): bool => $one->rung->exercise->id !== $now->exercise
            || ! $one->rung->setting->sameAs($now->setting));

        return array_map(fn (Candidate $one): AlternativeResource => $this->shown(
            $item,
            'swap',
            $this->chooseSwap->instead($item->prescribed, $one)->withSets($item->chosen->sets),
            $one->rung,
            $one->lost,
            [...$one->reasons, ...$one->changes],
            $played,
            $situation,
        ), array_slice(array_values($others), 0, self::SWAPS));
    }

    /**
     * @param  list<string>  $lost
     * @param  list<string>  $reasons
     * @param  Closure(Slot): list<Step>  $played
     */
    private function shown(
        Item $item,
        string $way,
        Assignment $instead,
        Rung $rung,
        array $lost,
        array $reasons,
        Closure $played,
        Situation $situation,
    ): AlternativeResource {
        $slot = new Slot((string) $item->id, $rung->exercise, $instead, $rung->things);
        $own = array_filter($played($slot), static fn (Step $step): bool => $step->slot?->thread === $slot->thread
            && in_array($step->kind, [StepKind::Work, StepKind::Announce], true));

        return new AlternativeResource(
            key: RankSwaps::keyOfRung($rung),
            way: $way,
            reasons: array_values(array_filter($reasons, static fn (string $why): bool => $why !== '')),
            lost: $lost,
            instead: $instead->toArray(),
            item: $this->showItem->handle($item, $instead, $rung, $situation),
            steps: array_values(array_map(StepResource::of(...), $own)),
            loads: array_values(array_map(
                static fn (SorePart $part): string => $part->value,
                array_filter(SorePart::cases(), static fn (SorePart $part): bool => $part->against($rung->exercise) !== null),
            )),
        );
    }

    private function brief(TrainingSession $session, Situation $situation): Brief
    {
        return $session->programme === null
            ? $this->describe->brief($session->client, $situation, $session->minutes)
            : $this->read->brief($session->programme, $situation);
    }
}
