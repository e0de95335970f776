<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\ShowSession;
use App\Enums\SessionState;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\ExclusionResource;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Http\Resources\SwapDesk\CandidateResource;
use App\Http\Resources\SwapDesk\ControlResource;
use App\Http\Resources\SwapDesk\MatchPartResource;
use App\Http\Resources\SwapDesk\NeededSwapResource;
use App\Http\Resources\SwapDesk\OpenerResource;
use App\Http\Resources\SwapDesk\PrescribedResource;
use App\Http\Resources\SwapDesk\SwapsResource;
use App\Models\Item;
use App\Support\KeptAnswers;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\MatchPart;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapResult;
use NimbleShelf\Core\Matching\SwapWords;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Shelf\Addition;

/** Puts ranked swaps into the shape the swap desk draws. */
final readonly class ShowSwaps
{
    private const OPENERS_SHOWN = 3;

    public function __construct(
        private RankSwaps $rankSwaps,
        private ChooseSwap $chooseSwap,
        private DescribeClient $describe,
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private AssessHealth $assess,
        private ShowSession $showSession,
        private KeptAnswers $kept,
    ) {
    }

    public function handle(Item $item): SwapsResource
    {
        $client = $item->client();
        $ranked = $this->ranked($item);
        $candidates = $ranked['candidates'];
        $now = $item->now();
        $inUse = $item->isSwapped() ? RankSwaps::keyOfSetting($now->exercise, $now->setting) : null;
        $chosen = in_array($inUse, array_column($candidates, 'key'), true) ? $inUse : null;

        return new SwapsResource(
            itemId: $item->id,
            sessionId: $item->block->session->id,
            sessionName: $item->block->session->name,
            clientId: $client->id,
            clientName: $client->name,
            prescribed: $ranked['prescribed'],
            candidates: $candidates,
            excluded: $ranked['excluded'],
            leftOut: $ranked['leftOut'],
            locks: HealthLockResource::allOf($this->assess->locks($client)),
            problems: $ranked['problems'],
            capacityKnown: $ranked['capacityKnown'],
            chosenKey: $chosen,
            swappedFrom: $this->chooseSwap->writtenInWords($item),
            isFromHereOn: $this->chooseSwap->isFromHereOn($item),
            isRunning: $item->block->session->state() === SessionState::Running,
            laterCount: $this->chooseSwap->laterCount($item),
            openers: $candidates === [] ? $this->openers($item) : [],
            needed: $this->needed($item),
        );
    }

    /**
     * What follows from client, shelf, room and prescription alone; it takes a moment, and is kept until one of them changes.
     *
     * @return array{
     *     prescribed: PrescribedResource, candidates: list<CandidateResource>, excluded: list<ExclusionResource>,
     *     leftOut: list<ExclusionResource>, problems: list<string>, capacityKnown: bool,
     * }
     */
    private function ranked(Item $item): array
    {
        $client = $item->client();
        $on = [$this->describe->situation($client), $item->prescription(), $item->prescribed->words, $client->trainer->weights()];

        return $this->kept->of('swaps', $on, function () use ($item, $client): array {
            $body = $this->describe->body($client);
            $result = $this->rankSwaps->handle($item);

            return [
                'prescribed' => $this->prescribed($item, $result, $body),
                'candidates' => array_map(
                    fn (Candidate $candidate): CandidateResource => $this->candidate($candidate, $body, $result->prescribed),
                    $result->candidates,
                ),
                'excluded' => array_map(ExclusionResource::of(...), $result->excluded),
                'leftOut' => array_map(ExclusionResource::of(...), $result->leftOut),
                'problems' => $result->problems,
                'capacityKnown' => $result->capacityKnown,
            ];
        }, $item->id);
    }

    /** @return list<NeededSwapResource> This one and those that the session still needs, in its order. */
    private function needed(Item $item): array
    {
        $session = $item->block->session;
        $open = $this->showSession->itemsToSwap($session);
        $needed = [];
        foreach ($session->items() as $one) {
            if ($one->id === $item->id || in_array($one->id, $open, true)) {
                $needed[] = new NeededSwapResource(
                    $one->id,
                    $this->catalogue->exercise($one->now()->exercise)->name,
                    in_array($one->id, $open, true),
                );
            }
        }

        return $needed;
    }

    /**
     * Single additions that would bring a swap, the best first; where there is none, a load with a place for it.
     *
     * @return list<OpenerResource>
     */
    private function openers(Item $item): array
    {
        $usual = Addition::usual();
        $openers = array_filter(array_map(fn (Addition $one): ?OpenerResource => $this->opener($item, [$one]), $usual));
        if ($openers === []) {
            // A place to hold on to or sit on, and something for it.
            foreach ($usual as $place) {
                foreach ($usual as $load) {
                    $goTogether = ($place->anchorM !== null && $load->thing?->isBand() === true)
                        || ($place->thing?->isSupport() === true && $load->thing?->isSupport() === false);
                    $openers[] = $goTogether ? $this->opener($item, [$load, $place]) : null;
                }
            }
            $openers = array_filter($openers);
        }
        usort($openers, static fn (OpenerResource $one, OpenerResource $two): int => $two->matchPercent <=> $one->matchPercent);

        return array_slice($openers, 0, self::OPENERS_SHOWN);
    }

    /** @param  non-empty-list<Addition>  $added */
    private function opener(Item $item, array $added): ?OpenerResource
    {
        $client = $item->client();
        $situation = array_reduce(
            $added,
            static fn (Situation $there, Addition $addition): Situation => $addition->to($there),
            $this->describe->situation($client),
        );
        $found = $this->rankSwaps->deskOf($client)->rank($item->prescription(), $situation)->candidates;

        return $found === [] ? null : new OpenerResource(
            how: $added[0]->how,
            words: implode(', and ', array_map(static fn (Addition $addition): string => $addition->words, $added)),
            pieces: count($added),
            swaps: count($found),
            best: "{$found[0]->rung->exercise->name}, {$found[0]->rung->words}",
            matchPercent: (int) round(100 * $found[0]->match),
        );
    }

    private function prescribed(Item $item, SwapResult $result, Body $body): PrescribedResource
    {
        $prescription = $result->prescription;
        $exercise = $this->catalogue->exercise($prescription->exercise);

        return new PrescribedResource(
            exercise: $exercise->id,
            name: $exercise->name,
            words: $item->prescribed->words ?? SettingInWords::of($exercise, $prescription->setting),
            sets: $prescription->sets,
            reps: $prescription->reps,
            reserve: $prescription->reserve,
            isHold: $exercise->isHold,
            goal: $prescription->goal->label(),
            equivalent: EquivalentResource::of($result->prescribed, $this->catalogue),
            curve: CurveResource::of($result->prescribed->curve, $result->prescribed),
            figure: FigureResource::of(
                $this->model->rig($exercise, $body, $prescription->setting),
                $exercise,
                $prescription->setting,
                $body,
            ),
        );
    }

    /** A candidate whose setting was moved by hand. */
    public function moved(Item $item, Candidate $candidate): CandidateResource
    {
        $body = $this->describe->body($item->client());
        $prescription = $item->prescription();

        return $this->candidate(
            $candidate,
            $body,
            $this->model->equivalent($this->catalogue->exercise($prescription->exercise), $body, $prescription->setting, School::Mean),
        );
    }

    private function candidate(Candidate $candidate, Body $body, Equivalent $prescribed): CandidateResource
    {
        $rung = $candidate->rung;

        return new CandidateResource(
            key: RankSwaps::keyOf($candidate),
            exercise: $rung->exercise->id,
            name: $rung->exercise->name,
            words: $rung->words,
            implement: $rung->setting->implement,
            setting: $rung->setting->toArray(),
            equivalent: EquivalentResource::of($candidate->equivalent, $this->catalogue),
            difference: SwapWords::difference($prescribed, $candidate->equivalent, $candidate->byMuscles),
            matchPercent: (int) round(100 * $candidate->match),
            parts: array_map(static fn (MatchPart $part): MatchPartResource => new MatchPartResource(
                name: $part->name,
                percent: (int) round(100 * $part->score),
                weightPercent: (int) round(100 * $part->weight),
            ), $candidate->parts),
            reps: $candidate->reps,
            repsLow: $candidate->repsLow,
            repsHigh: $candidate->repsHigh,
            reserve: $candidate->reserve,
            tempo: $candidate->tempo?->inWords(),
            isReached: $candidate->isReached,
            byMuscles: $candidate->byMuscles,
            isHold: $rung->exercise->isHold,
            perSide: $rung->isOneSided(),
            shapeDifference: round($candidate->equivalent->shapeDifference, 2),
            reasons: $candidate->reasons,
            lost: $candidate->lost,
            changes: $candidate->changes,
            cautions: $candidate->cautions,
            controls: array_map(
                ControlResource::of(...),
                [
                    ...LiveRung::controls($rung),
                    ...LiveRung::executionControls($rung, $candidate->execution ?? new Execution(
                        $candidate->tempo ?? Tempo::of(...$rung->exercise->tempo),
                        Execution::usualFor($rung->exercise)->sides,
                    )),
                ],
            ),
            curve: CurveResource::of($candidate->equivalent->curve, $candidate->equivalent),
            figure: FigureResource::of($this->model->rig($rung->exercise, $body, $rung->setting), $rung->exercise, $rung->setting, $body),
        );
    }
}
