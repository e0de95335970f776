<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Actions\Clients\AssessHealth;
use App\Casts\AsMoment;
use App\Enums\SwapScope;
use App\Models\Change;
use App\Models\Client;
use App\Models\Item;
use App\Models\PlannedSession;
use App\Models\Slot;
use App\Models\TrainingSession;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Change as CoreChange;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;

/** Puts a ranked candidate in the place of a prescribed exercise, and takes it back. */
final readonly class ChooseSwap
{
    public function __construct(
        private RankSwaps $rankSwaps,
        private Catalogue $catalogue,
        private ChangeItem $change,
        private AssessHealth $assess,
    ) {
    }

    /**
     * The same swap for this item, for every later day of the programme that asks for the same thing, and for the plan
     * behind them.
     *
     * @return int How many later days were changed; one that the shelf cannot serve this way stays as it is.
     */
    public function fromHereOn(Item $item, string $key): int
    {
        [$later, $slots] = [$this->later($item), $this->laterSlots($item)];

        return DB::transaction(function () use ($item, $key, $later, $slots): int {
            $batch = Str::uuid()->toString();
            $this->handle($item, $key, SwapScope::Programme, $batch);
            $changed = 0;
            $ranked = [];
            foreach ([...$later, ...$slots] as $target) {
                $prescribed = $target instanceof Slot ? $target->written : $target->prescribed;
                // Another count of repetitions may rank another way; the trainer sees it when the day comes.
                $asked = md5(serialize($prescribed->toArray()));
                $ranked[$asked] ??= [$this->candidate($item->client(), $this->prescription($prescribed, $item->client()), $key)];
                $candidate = $ranked[$asked][0];
                if ($candidate !== null) {
                    $this->lay(
                        $target,
                        $prescribed,
                        $candidate,
                        SwapScope::Programme,
                        $item->client(),
                        SwapScope::Programme->occasion(),
                        $batch,
                    );
                    $changed += $target instanceof Item ? 1 : 0;
                }
            }

            return $changed;
        });
    }

    /** Takes back what was put in here from here on, everywhere it was put, and nothing that came after it. */
    public function undoFromHereOn(Item $item): Item
    {
        $newest = $item->madeChanges->whereNull('undone_at')->where('scope', SwapScope::Programme)->last();
        if ($newest !== null) {
            $this->change->takeBackBatch($newest->batch, $newest->client_id);
        }

        return $item->refresh();
    }

    /** @return list<Item> Items of later days of the programme, not begun, for which the same was prescribed. */
    public function later(Item $item): array
    {
        $session = $item->block->session;
        $later = [];
        /** @var Collection<int, TrainingSession> $sessions */
        $sessions = TrainingSession::query()->with('blocks.items')
            ->whereNotNull('programme_id')->where('programme_id', $session->programme_id)
            ->where('starts_at', '>', AsMoment::stored($session->starts_at))->whereNull('started_at')->orderBy('starts_at')->get();
        foreach ($sessions as $other) {
            foreach ($other->items() as $one) {
                if ($one->prescribed->asksTheSameAs($item->prescribed)) {
                    $later[] = $one;
                }
            }
        }

        return $later;
    }

    /** How many later sessions a swap from here on would reach: days that were made, and planned ones that were not yet. */
    public function laterCount(Item $item): int
    {
        $planned = array_filter(
            $this->laterSlots($item),
            static fn (Slot $slot): bool => $slot->plannedBlock->plannedSession->sessions->isEmpty(),
        );

        return count($this->later($item)) + count($planned);
    }

    /** @return list<Slot> Slots of the plan after this day for which the same was written, unless their day has begun. */
    public function laterSlots(Item $item): array
    {
        $session = $item->block->session;
        $slots = [];
        $session->programme?->loadMissing(['weeks.plannedSessions.sessions', 'weeks.plannedSessions.blocks.slots']);
        foreach ($session->programme->weeks ?? [] as $week) {
            // Each knows where it belongs without asking the database again.
            $week->setRelation('programme', $session->programme);
            foreach ($week->plannedSessions as $planned) {
                $planned->setRelation('week', $week);
                /** @var PlannedSession $planned */
                $hasBegun = $planned->sessions->contains(static fn (TrainingSession $day): bool => $day->started_at !== null);
                $isPast = $planned->id !== $session->planned_session_id
                    && $planned->startsAt($session->zone)->lessThanOrEqualTo($session->starts_at);
                if ($hasBegun || $isPast) {
                    continue;
                }
                foreach ($planned->blocks as $block) {
                    foreach ($block->slots as $slot) {
                        if ($slot->written->asksTheSameAs($item->prescribed)) {
                            $slots[] = $slot->setRelation('plannedBlock', $block->setRelation('plannedSession', $planned));
                        }
                    }
                }
            }
        }

        return $slots;
    }

    public function handle(Item $item, string $key, SwapScope $scope = SwapScope::Today, ?string $batch = null): Item
    {
        $candidate = $this->candidate($item->client(), $item->prescription(), $key);
        if ($candidate === null) {
            throw ValidationException::withMessages([
                'key' => 'That swap is no longer on offer: the shelf has changed. Look at the list again.',
            ]);
        }

        return $this->put($item, $candidate, $scope, batch: $batch);
    }

    /**
     * Puts a candidate in the place of what is prescribed, whatever list it came from.
     *
     * @param  string|null  $occasion  What asked for it, where that was not the desk.
     * @param  string|null  $batch  Changes made at one go share it; null for one alone.
     *
     * @throws ValidationException If a health answer locks the programme.
     */
    public function put(
        Item $item,
        Candidate $candidate,
        SwapScope $scope = SwapScope::Today,
        ?string $occasion = null,
        ?string $batch = null,
    ): Item {
        $this->assess->refuseIfLocked($item->client(), 'lock');
        $this->lay(
            $item,
            $item->prescribed,
            $candidate,
            $scope,
            $item->client(),
            $occasion ?? $scope->occasion(),
            $batch ?? Str::uuid()->toString(),
        );

        return $item;
    }

    public function undo(Item $item): Item
    {
        $this->change->takeBack($item);

        return $item;
    }

    /** True where the swap in use holds for later days too. */
    public function isFromHereOn(Item $item): bool
    {
        $swap = $item->madeChanges->whereNull('undone_at')
            ->filter(static fn (Change $change): bool => $change->change->instead !== null && $change->change->onlySet === null)
            ->last();

        return $swap?->scope === SwapScope::Programme;
    }

    /** What was prescribed, in words, or null where nothing was swapped. */
    public function writtenInWords(Item $item): ?string
    {
        if (! $item->isSwapped()) {
            return null;
        }
        $exercise = $this->catalogue->exercise($item->prescribed->exercise);

        return $exercise->name.', '.($item->prescribed->words ?? SettingInWords::of($exercise, $item->prescribed->setting));
    }

    private function candidate(Client $client, Prescription $prescription, string $key): ?Candidate
    {
        foreach ($this->rankSwaps->of($client, $prescription)->candidates as $candidate) {
            if (RankSwaps::keyOf($candidate) === $key) {
                return $candidate;
            }
        }

        return null;
    }

    private function lay(
        Item|Slot $target,
        Assignment $prescribed,
        Candidate $candidate,
        SwapScope $scope,
        Client $client,
        string $occasion,
        string $batch,
    ): void {
        $instead = $this->instead($prescribed, $candidate);
        $onlySet = $scope === SwapScope::Set && $target instanceof Item ? min($target->nextSet(), $target->chosen->sets) : null;
        $this->change->handle($target, $client->id, CoreChange::swapFor($instead, $onlySet), $scope, $occasion, $instead->why, $batch);
    }

    /** What a candidate asks for in the place of what is prescribed. */
    public function instead(Assignment $prescribed, Candidate $candidate): Assignment
    {
        $rung = $candidate->rung;

        return Assignment::of(
            exercise: $rung->exercise->id,
            setting: $rung->setting,
            sets: $prescribed->sets,
            dose: $rung->exercise->isHold ? Dose::seconds(
                $candidate->reps,
                perSide: $candidate->sides() !== Sides::Both,
            ) : Dose::repetitions($candidate->reps, perSide: $candidate->sides() !== Sides::Both),
            reserve: $candidate->reserve,
            restSeconds: $candidate->restAfter($prescribed->restSeconds),
            sides: $candidate->sides(),
            words: $rung->words.($candidate->range === null ? '' : "; {$candidate->range}").$this->manners($candidate),
            tempo: $candidate->tempo,
            rangeRatio: $candidate->range === null ? null : $candidate->rangeRatio,
            why: implode(' ', [...$candidate->reasons, ...$candidate->changes]),
            manners: $candidate->execution->manners ?? [],
        );
    }

    /** "; hold for 2 s where it is hardest": what the client has to know beside the setting. */
    private function manners(Candidate $candidate): string
    {
        $usual = Execution::usualFor($candidate->rung->exercise);
        $said = $candidate->execution === null
            ? ''
            : (new Execution($usual->tempo, $candidate->execution->sides, $candidate->execution->manners))->inWords($usual);

        return $said === '' ? '' : "; {$said}";
    }

    private function prescription(Assignment $asked, Client $client): Prescription
    {
        return Prescription::of(
            $asked->exercise,
            $asked->setting,
            min(10, $asked->sets),
            $asked->dose->count(),
            $asked->reserve,
            $client->goal,
        );
    }
}
