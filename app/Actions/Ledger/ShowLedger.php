<?php

declare(strict_types=1);

namespace App\Actions\Ledger;

use App\Actions\Clients\DescribeClient;
use App\Actions\Clients\ReckonStrength;
use App\Http\Resources\Ledger\CapacityPointResource;
use App\Http\Resources\Ledger\LedgerEntryResource;
use App\Http\Resources\Ledger\LedgerPatternResource;
use App\Http\Resources\Ledger\LedgerResource;
use App\Http\Resources\Ledger\LedgerRungResource;
use App\Http\Resources\Ledger\LedgerSwapResource;
use App\Http\Resources\Ledger\NextTargetResource;
use App\Models\Change;
use App\Models\Client;
use App\Models\SetLog;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungInUse;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\NextTarget;
use NimbleShelf\Core\Programme\Answer;

/** Reads what was done: capacity by pattern over time, and the next target on the shelf's own rungs. */
final readonly class ShowLedger
{
    private const NEWEST_ENTRIES = 120;

    private const NEWEST_SWAPS = 60;

    /** Minutes; what is asked for next time does not depend on them. */
    private const A_VISIT = 45;

    public function __construct(
        private DescribeClient $describe,
        private ReckonStrength $strength,
        private Answer $answer,
        private ShelfRungs $rungs,
        private Catalogue $catalogue,
    ) {
    }

    public function handle(Client $client): LedgerResource
    {
        /** @var Collection<int, SetLog> $sets */
        $sets = $client->setLogs()->orderByDesc('logged_at')->orderByDesc('id')->limit(self::NEWEST_ENTRIES)->get();
        $patterns = [];
        foreach ($this->strength->history($client) as $pattern => $history) {
            $ofPattern = $sets->where('pattern', $pattern)->values();
            if ($ofPattern->isNotEmpty()) {
                $patterns[] = $this->pattern($pattern, $history, $ofPattern, $client);
            }
        }

        return new LedgerResource(
            clientId: $client->id,
            clientName: $client->name,
            patterns: $patterns,
            entries: array_values($sets->map($this->entry(...))->all()),
            swaps: $this->swaps($client),
        );
    }

    /** @return list<LedgerSwapResource> */
    private function swaps(Client $client): array
    {
        /** @var Collection<int, Change> $changes */
        $changes = $client->madeChanges()->with('item.block.session')->whereNotNull('item_id')->limit(self::NEWEST_SWAPS)->get();

        return array_values($changes->map(static fn (Change $swap): LedgerSwapResource => new LedgerSwapResource(
            id: $swap->id,
            on: $swap->created_at->toIso8601String(),
            session: $swap->item === null ? '' : $swap->item->block->session->name,
            occasion: $swap->occasion,
            from: $swap->from_words,
            to: $swap->to_words,
            why: $swap->why,
            isUndone: $swap->undone_at !== null,
        ))->all());
    }

    /**
     * @param  non-empty-list<array{day: CarbonImmutable, capacity: Capacity, ownKg: float}>  $history
     * @param  Collection<int, SetLog>  $sets  Newest first.
     */
    private function pattern(string $pattern, array $history, Collection $sets, Client $client): LedgerPatternResource
    {
        $newest = $sets->firstOrFail();
        $exercise = $this->catalogue->exercise($newest->exercise);
        $rungs = $this->rungs->distinct($exercise, $this->describe->plainSituation($client));
        $hung = array_map(static fn (array $one): array => ['rung' => $one['rung'], 'wholeKg' => $one['equivalent']->wholeKg()], $rungs);
        $current = RungInUse::among($hung, $newest->exercise, $newest->setting, $newest->whole_kg);
        $target = $current === null ? null : $this->target($rungs, $current, $sets, $client);
        $last = $history[count($history) - 1];
        $today = $this->point(
            $client->trainer->now(),
            // What other patterns and the days since say of it as well: what plans and swaps go by.
            $this->describe->person($client)->capacities[$pattern] ?? $last['capacity'],
            $last['ownKg'],
        );
        $points = array_map(
            fn (array $state): CapacityPointResource => $this->point($state['day'], $state['capacity'], $state['ownKg']),
            $history,
        );

        return new LedgerPatternResource(
            pattern: $pattern,
            name: $this->catalogue->pattern($pattern)->name,
            unit: $this->catalogue->pattern($pattern)->unit,
            reference: $this->referenceOf($pattern),
            capacityKg: $today->kg,
            lowKg: $today->lowKg,
            highKg: $today->highKg,
            // It ends today, at the number above it.
            history: $last['day']->isSameDay($client->trainer->now()) ? [...array_slice($points, 0, -1), $today] : [...$points, $today],
            rungs: array_map(
                fn (int $i): LedgerRungResource => $this->rung($rungs[$i], $i === $current, $i === $target?->rung),
                array_keys($rungs),
            ),
            next: $target === null || $target->rung === null ? null : new NextTargetResource(
                step: $target->step,
                words: $exercise->name.', '.$rungs[$target->rung]['rung']->words,
                reps: $target->reps,
                why: $target->why,
            ),
        );
    }

    /** Name of the lift that kilograms are named in; empty where nothing is measured. */
    private function referenceOf(string $pattern): string
    {
        $reference = $this->catalogue->pattern($pattern)->referenceExercise;

        return $reference === null ? '' : $this->catalogue->exercise($reference)->name;
    }

    /**
     * @param  list<array{rung: Rung, equivalent: Equivalent}>  $rungs
     * @param  Collection<int, SetLog>  $sets
     */
    private function target(array $rungs, int $current, Collection $sets, Client $client): NextTarget
    {
        $newest = $sets->firstOrFail();
        $sameDay = $sets->filter(fn (SetLog $set): bool => $set->item_id === $newest->item_id);

        return $this->answer->after(
            exercise: $this->catalogue->exercise($newest->exercise),
            wholeKgs: array_map(static fn (array $usable): float => $usable['equivalent']->wholeKg(), $rungs),
            current: $current,
            reps: (int) $sameDay->min('reps'),
            reserve: (float) $sameDay->min('reserve'),
            pain: $sameDay->contains('pain', true),
            tempo: $newest->tempo,
            brief: $this->describe->brief($client, $this->describe->situation($client), self::A_VISIT),
        );
    }

    /** Rounded once, here. */
    private function point(CarbonImmutable $day, Capacity $capacity, float $ownKg): CapacityPointResource
    {
        return new CapacityPointResource(
            date: $day->toDateString(),
            kg: Equivalent::rounded($capacity->kg - $ownKg, $capacity->sdKg),
            lowKg: Equivalent::rounded($capacity->kg - Equivalent::LIKELY * $capacity->sdKg - $ownKg, $capacity->sdKg),
            highKg: Equivalent::rounded($capacity->kg + Equivalent::LIKELY * $capacity->sdKg - $ownKg, $capacity->sdKg),
        );
    }

    /** @param  array{rung: Rung, equivalent: Equivalent}  $usable */
    private function rung(array $usable, bool $current, bool $next): LedgerRungResource
    {
        $equivalent = $usable['equivalent'];
        $round = static fn (float $kg): float => Equivalent::rounded($kg, $equivalent->sdKg);

        return new LedgerRungResource(
            words: $usable['rung']->words,
            exercise: $usable['rung']->exercise->id,
            name: $usable['rung']->exercise->name,
            kg: $round($equivalent->kg),
            lowKg: $round($equivalent->likelyLowKg()),
            highKg: $round($equivalent->likelyHighKg()),
            label: $usable['rung']->things === [] ? 'body weight' : $usable['rung']->things[0]->name,
            current: $current,
            next: $next,
        );
    }

    private function entry(SetLog $set): LedgerEntryResource
    {
        $exercise = $this->catalogue->exercise($set->exercise);

        return new LedgerEntryResource(
            id: $set->id,
            loggedAt: $set->logged_at->toIso8601String(),
            exercise: $exercise->name,
            words: $set->words,
            pattern: $this->catalogue->pattern($set->pattern)->name,
            setNumber: $set->set_number,
            side: $set->side,
            reps: $set->reps,
            seconds: $set->seconds,
            isHold: $exercise->isHold,
            reserve: $set->reserve,
            pain: $set->pain,
            painNote: $set->pain_note,
            equivalent: $set->load_words,
        );
    }
}
