<?php

declare(strict_types=1);

namespace App\Actions\Replan;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\DayPlan;
use App\Actions\SwapDesk\ChangeItem;
use App\Actions\SwapDesk\ChooseSwap;
use App\Actions\SwapDesk\RankSwaps;
use App\Enums\Occasion;
use App\Enums\SessionState;
use App\Enums\SwapScope;
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
use NimbleShelf\Core\Planning\Change;
use NimbleShelf\Core\Planning\ShorterSession;
use NimbleShelf\Core\Text\Plain;

/** Plans a session anew when something is missing, time is short or a part is sore: every change in one list. */
final readonly class ReplanSession
{
    public function __construct(
        private DescribeClient $describe,
        private RankSwaps $rankSwaps,
        private ShelfRungs $rungs,
        private DayPlan $dayPlan,
        private ChooseSwap $chooseSwap,
        private ChangeItem $change,
        private Catalogue $catalogue,
        private AssessHealth $assess,
    ) {
    }

    /** @throws ValidationException If the session is over, or a missing thing is not on the shelf. */
    public function propose(Replan $replan): ReplanResource
    {
        $proposals = $this->proposals($replan);
        $items = $this->items($replan->session);
        $kept = [];
        foreach ($items as $item) {
            $kept[$item->id] = max(0, ($proposals[$item->id]['sets'] ?? $item->chosen->sets) - $this->setsDone($item));
        }
        $situation = $this->describe->plainSituation($replan->session->client);
        $rungs = $this->dayPlan->rungs($replan->session, $situation);
        $minutes = fn (array $sets): int => (int) ceil(
            $this->dayPlan->timeline($this->dayPlan->of($replan->session, $rungs, $sets), $situation)->seconds() / 60,
        );

        return new ReplanResource(
            sessionId: $replan->session->id,
            sessionName: $replan->session->name,
            clientId: $replan->session->client->id,
            clientName: $replan->session->client->name,
            occasion: $replan->occasion,
            title: $this->title($replan),
            locks: HealthLockResource::allOf($this->assess->locks($replan->session->client)),
            changes: array_map(fn (Item $item): ReplanChangeResource => $this->shown($item, $proposals[$item->id] ?? null), $items),
            minutesBefore: $minutes($this->setsLeft($replan->session)),
            minutesAfter: $minutes($kept + $this->setsLeft($replan->session)),
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

                    continue;
                }
                $change = $proposal['sets'] === 0 ? Change::leaveOut($proposal['why']) : Change::toSets($proposal['sets']);
                $this->change->handle($item, $replan->session->client_id, $change, SwapScope::Today, $title, $proposal['why'], $batch);
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
        $client = $replan->session->client;
        $missing = array_column($this->missing($replan), 'id');
        $situation = $this->describe->situation($client)->without($missing);
        $desk = $this->rankSwaps->deskOf($client);
        $proposals = [];
        foreach ($this->items($replan->session) as $item) {
            $now = $item->now();
            $exercise = $this->catalogue->exercise($now->exercise);
            $problems = $replan->sore === null
                ? $this->rungs->problemsAsWritten($exercise, $now->setting, $situation)
                : array_filter([$replan->sore->against($exercise)], is_string(...));
            if ($problems === []) {
                continue;
            }
            $best = $desk->best($item->prescription(), $situation, 1, $replan->sore)[0] ?? null;
            $why = implode(' ', $problems);
            $proposals[$item->id] = $best === null
                ? ['candidate' => null, 'sets' => 0, 'why' => $why.' Nothing here can replace it; leave it out today.']
                : ['candidate' => $best, 'sets' => $item->chosen->sets, 'why' => $why];
        }

        return $proposals;
    }

    /** @return array<int, array{candidate: Candidate|null, sets: int, why: string}> */
    private function shorter(Replan $replan): array
    {
        $situation = $this->describe->plainSituation($replan->session->client);
        $plan = $this->dayPlan->of(
            $replan->session,
            $this->dayPlan->rungs($replan->session, $situation),
            $this->setsLeft($replan->session),
        );
        $cut = ShorterSession::of($plan, $replan->minutes, $situation->client->isSlowOnFeet(), $situation->client->resting());
        $proposals = [];
        foreach ($this->items($replan->session) as $item) {
            $sets = $this->setsDone($item) + ($cut->sets[$item->id] ?? 0);
            if ($sets < $item->chosen->sets) {
                $proposals[$item->id] = ['candidate' => null, 'sets' => $sets, 'why' => $sets === 0
                    ? sprintf('No time for it in %s.', Plain::count($replan->minutes, 'minute'))
                    : sprintf(
                        '%s instead of %d, to fit into %s.',
                        Plain::count($sets, 'set'),
                        $item->chosen->sets,
                        Plain::count($replan->minutes, 'minute'),
                    )];
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
            $this->describe->shelf($replan->session->client),
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
            Occasion::LessTime => 'Only '.Plain::count($replan->minutes, 'minute'),
            Occasion::Sore => $replan->sore?->label() ?? 'Sore',
        };
    }

    /** @return list<Item> What is still to be done. */
    private function items(TrainingSession $session): array
    {
        return array_values(
            array_filter(
                $session->items(),
                fn (Item $item): bool => $item->left_out === null && $this->setsDone($item) < $item->chosen->sets,
            ),
        );
    }

    private function setsDone(Item $item): int
    {
        return $item->setLogs->unique('set_number')->count();
    }

    /** @return array<int, int> By item: how many sets are left to do; none where it is left out or through. */
    private function setsLeft(TrainingSession $session): array
    {
        $left = [];
        foreach ($session->items() as $item) {
            $left[$item->id] = $item->left_out === null ? max(0, $item->chosen->sets - $this->setsDone($item)) : 0;
        }

        return $left;
    }

    /** @param  array{candidate: Candidate|null, sets: int, why: string}|null  $proposal */
    private function shown(Item $item, ?array $proposal): ReplanChangeResource
    {
        $now = $item->now();
        $exercise = $this->catalogue->exercise($now->exercise);
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
            from: $this->change->standingInWords($item),
            why: $proposal['why'] ?? '',
            name: $to->name,
            words: $candidate->rung->words ?? '',
            sets: $proposal['sets'] ?? $item->chosen->sets,
            reps: $candidate->reps ?? $now->dose->count(),
            repsLow: $candidate->repsLow ?? $now->dose->count(),
            repsHigh: $candidate->repsHigh ?? $now->dose->count(),
            reserve: $candidate->reserve ?? $now->reserve,
            tempo: $candidate?->tempo?->inWords(),
            isHold: $to->isHold,
            perSide: $to->isOneSidedIn($candidate->rung->setting ?? $now->setting),
            matchPercent: $candidate === null ? null : (int) round(100 * $candidate->match),
            equivalent: $candidate === null ? null : EquivalentResource::of($candidate->equivalent, $this->catalogue),
            notes: $candidate === null ? [] : [...$candidate->changes, ...$candidate->lost],
            cautions: $candidate->cautions ?? [],
        );
    }
}
