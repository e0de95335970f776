<?php

declare(strict_types=1);

namespace App\Actions\Replan;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\SwapDesk\ChangeItem;
use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\RankSwaps;
use App\Enums\Occasion;
use App\Enums\SessionState;
use App\Http\Resources\Replan\ReplanChangeResource;
use App\Http\Resources\Replan\ReplanResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\HealthLockResource;
use App\Models\Item;
use App\Models\TrainingSession;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\SessionTime;
use NimbleShelf\Core\Planning\ShorterSession;
use NimbleShelf\Core\Planning\Tempo;

/** Plans a session anew when something is missing, time is short or a part is sore: every change in one list. */
final readonly class ReplanSession
{
    public function __construct(private DescribeClient $describe, private RankSwaps $rankSwaps, private ShelfRungs $rungs, private ChooseSwap $chooseSwap, private ChangeItem $change, private Catalogue $catalogue, private AssessHealth $assess)
    {
    }

    /** @throws ValidationException If the session is over, or a missing thing is not on the shelf. */
    public function propose(Replan $replan): ReplanResource
    {
        $proposals = $this->proposals($replan);
        $items = $this->items($replan->session);
        $kept = [];
        foreach ($items as $item) {
            $kept[$item->id] = $proposals[$item->id]['sets'] ?? $item->sets;
        }
        $times = $this->times($items);

        return new ReplanResource(
            sessionId: $replan->session->id,
            sessionName: $replan->session->name,
            clientId: $replan->session->programme->client->id,
            clientName: $replan->session->programme->client->name,
            occasion: $replan->occasion,
            title: $this->title($replan),
            locks: HealthLockResource::allOf($this->assess->locks($replan->session->programme->client)),
            changes: array_map(fn (Item $item): ReplanChangeResource => $this->shown($item, $proposals[$item->id] ?? null), $items),
            minutesBefore: (int) ceil(array_sum(array_map(static fn (SessionTime $time): float => $time->secondsFor($time->sets), $times)) / 60),
            minutesAfter: (int) ceil(array_sum(array_map(static fn (SessionTime $time): float => $time->secondsFor($kept[$time->id]), $times)) / 60),
        );
    }

    /**
     * Makes the changes that were accepted.
     *
     * @param  list<int>  $accepted  Items.
     * @return string Names the changes together, for taking them back.
     *
     * @throws ValidationException As `propose()` does, or if nothing was accepted.
     */
    public function apply(Replan $replan, array $accepted): string
    {
        $proposals = array_intersect_key($this->proposals($replan), array_flip($accepted));
        if ($proposals === []) {
            throw ValidationException::withMessages(['accepted' => 'Nothing is chosen to change.']);
        }
        $batch = Str::uuid()->toString();
        $title = $this->title($replan);
        DB::transaction(function () use ($replan, $proposals, $batch, $title): void {
            foreach ($this->items($replan->session) as $item) {
                $proposal = $proposals[$item->id] ?? null;
                if ($proposal === null) {
                    continue;
                }
                if ($proposal['candidate'] !== null) {
                    $this->chooseSwap->put($item, $proposal['candidate'], occasion: $title, batch: $batch);
                } elseif ($proposal['sets'] === 0) {
                    $this->change->handle($item, ['left_out' => $proposal['why']], $title, $proposal['why'], $batch);
                } else {
                    $this->change->handle($item, ['sets' => $proposal['sets']], $title, $proposal['why'], $batch);
                }
            }
        });

        return $batch;
    }

    /** @return array<int, array{candidate: Candidate|null, sets: int, why: string}> By item; only what changes. */
    private function proposals(Replan $replan): array
    {
        if ($replan->session->state() === SessionState::Done) {
            throw ValidationException::withMessages(['occasion' => 'This session is over; there is nothing left to plan.']);
        }

        return match ($replan->occasion) {
            Occasion::LessTime => $this->shorter($replan),
            default => $this->swapped($replan),
        };
    }

    /** @return array<int, array{candidate: Candidate|null, sets: int, why: string}> */
    private function swapped(Replan $replan): array
    {
        $client = $replan->session->programme->client;
        $missing = array_column($this->missing($replan), 'id');
        $situation = $this->describe->situation($client)->without($missing);
        $desk = $this->rankSwaps->deskOf($client);
        $proposals = [];
        foreach ($this->items($replan->session) as $item) {
            $exercise = $this->catalogue->exercise($item->exercise);
            $problems = $replan->sore === null
                ? $this->rungs->problemsAsWritten($exercise, $item->setting, $situation)
                : array_filter([$replan->sore->against($exercise)], is_string(...));
            if ($problems === []) {
                continue;
            }
            $best = $desk->rank($item->prescription(), $situation, limit: 1, sore: $replan->sore)->candidates[0] ?? null;
            $why = implode(' ', $problems);
            $proposals[$item->id] = $best === null
                ? ['candidate' => null, 'sets' => 0, 'why' => $why.' Nothing here stands in for it; leave it out today.']
                : ['candidate' => $best, 'sets' => $item->sets, 'why' => $why];
        }

        return $proposals;
    }

    /** @return array<int, array{candidate: Candidate|null, sets: int, why: string}> */
    private function shorter(Replan $replan): array
    {
        $items = $this->items($replan->session);
        $cut = ShorterSession::of($this->times($items), $replan->minutes);
        $proposals = [];
        foreach ($items as $item) {
            $done = $this->setsDone($item);
            $sets = $cut->sets[$item->id] === 0 && $done === 0 ? 0 : $done + $cut->sets[$item->id];
            if ($sets < $item->sets) {
                $proposals[$item->id] = ['candidate' => null, 'sets' => $sets, 'why' => $sets === 0
                    ? sprintf('No time for it in %d minutes.', $replan->minutes)
                    : sprintf('%d sets instead of %d, to fit into %d minutes.', $sets, $item->sets, $replan->minutes)];
            }
        }

        return $proposals;
    }

    /**
     * @return list<Thing> What is missing.
     *
     * @throws ValidationException If one is not on this client's shelf.
     */
    private function missing(Replan $replan): array
    {
        $missing = array_values(array_filter(
            $this->describe->shelf($replan->session->programme->client),
            static fn (Thing $thing): bool => in_array((int) $thing->id, $replan->thingIds, true),
        ));
        if (count($missing) < count(array_unique($replan->thingIds))) {
            throw ValidationException::withMessages(['thingIds' => 'One of these is not on the shelf any more. Look again.']);
        }

        return $missing;
    }

    private function title(Replan $replan): string
    {
        return match ($replan->occasion) {
            Occasion::Missing => 'Missing: '.implode(', ', array_column($this->missing($replan), 'name')),
            Occasion::LessTime => "Only {$replan->minutes} minutes",
            Occasion::Sore => $replan->sore?->label() ?? 'Sore',
        };
    }

    /** @return list<Item> What is still to be done. */
    private function items(TrainingSession $session): array
    {
        $items = [];
        foreach ($session->blocks as $block) {
            foreach ($block->items as $item) {
                if ($item->left_out === null && $this->setsDone($item) < $item->sets) {
                    $items[] = $item;
                }
            }
        }

        return $items;
    }

    private function setsDone(Item $item): int
    {
        return $item->setLogs->unique('set_number')->count();
    }

    /**
     * @param  list<Item>  $items
     * @return list<SessionTime> Of the sets that are left.
     */
    private function times(array $items): array
    {
        return array_map(function (Item $item): SessionTime {
            $exercise = $this->catalogue->exercise($item->exercise);
            $sides = $exercise->oneSideAtATime || $item->setting->limbs === 1 ? 2 : 1;
            $tempo = $item->tempo === null ? $exercise->secondsPerRepetition() : Tempo::of(...$item->tempo)->secondsPerRepetition();

            return new SessionTime(
                id: $item->id,
                pattern: $exercise->pattern,
                isCompound: $exercise->effort->isCompound(),
                sets: $item->sets - $this->setsDone($item),
                setUpSeconds: $exercise->setUpSeconds,
                setSeconds: $sides * $item->reps * ($exercise->isHold ? 1 : $tempo),
                restSeconds: $item->rest_seconds,
            );
        }, $items);
    }

    /** @param  array{candidate: Candidate|null, sets: int, why: string}|null  $proposal */
    private function shown(Item $item, ?array $proposal): ReplanChangeResource
    {
        $exercise = $this->catalogue->exercise($item->exercise);
        $candidate = $proposal['candidate'] ?? null;
        $to = $candidate?->rung->exercise ?? $exercise;

        return new ReplanChangeResource(
            itemId: $item->id,
            kind: match (true) {
                $proposal === null => 'stays',
                $candidate !== null => 'swap',
                $proposal['sets'] === 0 => 'left-out',
                default => 'fewer-sets',
            },
            from: $this->change->inWords($item),
            why: $proposal['why'] ?? '',
            name: $to->name,
            words: $candidate->rung->words ?? '',
            sets: $proposal['sets'] ?? $item->sets,
            reps: $candidate->reps ?? $item->reps,
            repsLow: $candidate->repsLow ?? $item->reps,
            repsHigh: $candidate->repsHigh ?? $item->reps,
            reserve: $candidate->reserve ?? $item->reserve,
            tempo: $candidate?->tempo?->inWords(),
            isHold: $to->isHold,
            perSide: $to->oneSideAtATime || ($candidate?->rung->setting->limbs ?? $item->setting->limbs) === 1,
            matchPercent: $candidate === null ? null : (int) round(100 * $candidate->match),
            equivalent: $candidate === null ? null : EquivalentResource::of($candidate->equivalent, $this->catalogue),
            notes: $candidate === null ? [] : [...$candidate->changes, ...$candidate->lost],
            cautions: $candidate->cautions ?? [],
        );
    }
}
