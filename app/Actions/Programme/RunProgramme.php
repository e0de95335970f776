<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\AssessHealth;
use App\Actions\Floor\MakeDay;
use App\Casts\AsMoment;
use App\Enums\ProgrammeState;
use App\Enums\ProgrammeTurnKind;
use App\Enums\SessionState;
use App\Models\Client;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\ProgrammeTurn;
use App\Models\SetLog;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/**
 * Starts, stops and pauses programmes and lets them go on. What was begun or done stays; visits that go are kept out of
 * sight, so that each of the four is taken back whole.
 *
 * @phpstan-import-type Standing from ProgrammeTurn
 */
final readonly class RunProgramme
{
    public function __construct(private MakeDay $makeDay, private AssessHealth $health)
    {
    }

    /**
     * Runs a draft from its first day on.
     *
     * @param  CarbonImmutable|null  $endsOther  Last day of the one that runs now; null where none does.
     *
     * @throws ValidationException If it is no draft, something locks the client, or something runs and nobody said when it ends.
     */
    public function start(Client $client, Programme $draft, ?CarbonImmutable $endsOther): ProgrammeTurn
    {
        $this->health->refuseIfLocked($client, 'start');
        if ($draft->state !== ProgrammeState::Draft) {
            throw ValidationException::withMessages(['start' => 'Only a draft can be started; plan a new one.']);
        }

        return DB::transaction(function () use ($client, $draft, $endsOther): ProgrammeTurn {
            $this->settle($client);
            $others = $this->others($client, $draft);
            $today = $client->trainer->today();
            $first = $draft->firstDay($today);
            if ($others->isNotEmpty() && $endsOther === null) {
                throw ValidationException::withMessages([
                    'ends' => "{$others->firstOrFail()->name} runs. Say when it ends: only one programme runs at a time.",
                ]);
            }
            if ($endsOther !== null && $endsOther >= $first) {
                throw ValidationException::withMessages([
                    'ends' => 'What runs ends before the new programme begins: give an earlier last day, or let the new one begin later.',
                ]);
            }
            $before = [$draft, ...$others->all()];
            $kept = array_map(self::asItIs(...), $before);
            $gone = [];
            $isOver = true;
            foreach ($others as $other) {
                // One that waits for its day and never came to it is a draft again.
                $isWaiting = $other->state === ProgrammeState::Waiting;
                $last = $isWaiting ? $today->subDay() : $endsOther ?? $today;
                array_push($gone, ...$this->takeOff($other, $last->addDay()));
                $isOver = $isOver && ($isWaiting || $last < $today);
                $other->update($isWaiting
                    ? ['state' => ProgrammeState::Draft]
                    : ['ends_on' => $last, 'state' => $last < $today ? ProgrammeState::Ended : ProgrammeState::Running]);
            }
            $draft->update(['state' => $isOver ? ProgrammeState::Running : ProgrammeState::Waiting]);

            return $this->turn($draft, ProgrammeTurnKind::Started, $kept, $gone, $this->putOn($draft, $today));
        });
    }

    /**
     * The programme that runs, and its visits that would go if another began on a day.
     *
     * @return list<array{programme: Programme, visits: Collection<int, TrainingSession>}>
     */
    public function inTheWay(Client $client, Programme $draft): array
    {
        $today = $client->trainer->today();
        $first = $draft->firstDay($today);

        return array_values($this->others($client, $draft)->map(fn (Programme $other): array => [
            'programme' => $other,
            'visits' => $this->ahead($other, $other->standing() === ProgrammeState::Waiting ? $today : min($first, $today->addDay())),
        ])->all());
    }

    /** Its last day; visits after it go. */
    public function stop(Programme $programme, CarbonImmutable $lastDay): ProgrammeTurn
    {
        $this->refuseUnlessOnTheWay($programme, 'stopped');
        $client = $programme->client ?? abort(404);
        $today = $client->trainer->today();

        return DB::transaction(function () use ($programme, $client, $lastDay, $today): ProgrammeTurn {
            $this->settle($client);
            $programme->refresh();
            $kept = [self::asItIs($programme)];
            $gone = $this->takeOff($programme, max($lastDay->addDay(), $today));
            $isWaiting = $programme->state === ProgrammeState::Waiting;
            $programme->update($isWaiting
                ? ['state' => ProgrammeState::Draft]
                : ['ends_on' => $lastDay, 'state' => $lastDay < $today ? ProgrammeState::Ended : ProgrammeState::Running]);

            return $this->turn($programme, ProgrammeTurnKind::Stopped, $kept, $gone, []);
        });
    }

    /**
     * Nothing is done from one day to another. Weeks of which more than half falls away are done later, with all that
     * follow; of the others single visits go.
     *
     * @throws ValidationException If it does not run, or the days do not.
     */
    public function pause(Programme $programme, CarbonImmutable $from, CarbonImmutable $until): ProgrammeTurn
    {
        $this->refuseUnlessOnTheWay($programme, 'paused');
        $client = $programme->client ?? abort(404);
        $today = $client->trainer->today();
        if ($from < $today) {
            throw ValidationException::withMessages(['from' => 'Give a day from today on: what is past has been done or missed.']);
        }

        return DB::transaction(function () use ($programme, $client, $from, $until, $today): ProgrammeTurn {
            $this->settle($client);
            $programme->refresh();
            $kept = [self::asItIs($programme)];
            $gone = $this->takeOff($programme, $from);
            $pauses = Pauses::with($programme, $from, $until);
            $programme->update(['pauses' => $pauses]);
            $made = array_values(array_filter(
                $this->putOn($programme, $today),
                fn (int $id): bool => ! $this->fallsAway($id, $from, $until),
            ));

            return $this->turn($programme, ProgrammeTurnKind::Paused, $kept, $gone, $made);
        });
    }

    /**
     * Lets a stopped programme go on from the week it had come to, or ends a pause before its time.
     *
     * @throws ValidationException If it is neither, something locks the client, or another runs.
     */
    public function goOn(Programme $programme): ProgrammeTurn
    {
        $client = $programme->client ?? abort(404);
        $this->health->refuseIfLocked($client, 'programme');
        $today = $client->trainer->today();

        return DB::transaction(function () use ($programme, $client, $today): ProgrammeTurn {
            $this->settle($client);
            $programme->refresh();
            $isPaused = $programme->pausedNow() !== null;
            if (! $isPaused && $programme->state !== ProgrammeState::Ended && $programme->ends_on === null) {
                throw ValidationException::withMessages(['programme' => 'It runs: there is nothing to go on with.']);
            }
            $other = $this->others($client, $programme)->first();
            if ($other !== null) {
                throw ValidationException::withMessages([
                    'programme' => "{$other->name} runs. Stop it first: only one programme runs at a time.",
                ]);
            }
            $kept = [self::asItIs($programme)];
            $gone = $this->takeOff($programme, $today);
            if ($isPaused) {
                $programme->update(['pauses' => Pauses::endedOn($programme, $today)]);
            } else {
                $this->continueFrom($programme, $today);
            }

            return $this->turn($programme, ProgrammeTurnKind::WentOn, $kept, $gone, $this->putOn($programme, $today));
        });
    }

    /**
     * As it was before: states, days and every visit.
     *
     * Refused where it was taken back already, something came after it, or a visit it made has been begun.
     */
    public function takeBack(ProgrammeTurn $turn): void
    {
        DB::transaction(function () use ($turn): void {
            $turn->refresh();
            $isLast = ProgrammeTurn::query()->where('client_id', $turn->client_id)->whereNull('undone_at')->max('id') === $turn->id;
            if (! $isLast) {
                throw ValidationException::withMessages([
                    'turn' => 'Something has been started, stopped or paused since; take that back first.',
                ]);
            }
            /** @var Collection<int, TrainingSession> $made */
            $made = TrainingSession::query()->whereIn('id', $turn->made)->get();
            foreach ($made as $visit) {
                if ($visit->state() !== SessionState::Planned || self::hasSets($visit)) {
                    throw ValidationException::withMessages([
                        'turn' => "The visit of {$visit->starts_at->format('j F')} has been begun; what was done stays done. "
                            .'Stop the programme instead.',
                    ]);
                }
            }
            $made->each(static fn (TrainingSession $visit): ?bool => $visit->forceDelete());
            // What gives way first, so that never two of them run.
            foreach ([true, false] as $first) {
                foreach ($turn->before as $was) {
                    if (($was['state'] !== ProgrammeState::Running->value) === $first) {
                        Programme::query()->findOrFail($was['id'])->update([
                            'state' => $was['state'], 'starts_on' => $was['starts_on'],
                            'ends_on' => $was['ends_on'], 'pauses' => $was['pauses'],
                        ]);
                    }
                }
            }
            /** @var Collection<int, TrainingSession> $gone */
            $gone = TrainingSession::withTrashed()->whereIn('id', $turn->gone)->get();
            $gone->each(static fn (TrainingSession $visit): bool => $visit->restore());
            $turn->update(['undone_at' => CarbonImmutable::now()]);
        });
    }

    /** What the days have made true is written down: one that has had its last day has ended, one that waited runs. */
    private function settle(Client $client): void
    {
        /** @var Collection<int, Programme> $onTheWay */
        $onTheWay = $client->programmes()->whereIn('state', [ProgrammeState::Running, ProgrammeState::Waiting])->get();
        foreach ([ProgrammeState::Ended, ProgrammeState::Running] as $state) {
            foreach ($onTheWay as $programme) {
                if ($programme->standing() === $state && $programme->state !== $state) {
                    $programme->update(['state' => $state]);
                }
            }
        }
    }

    /** @return Collection<int, Programme> Those that run or wait for their day. */
    private function others(Client $client, Programme $but): Collection
    {
        /** @var Collection<int, Programme> $others */
        $others = $client->programmes()
            ->whereIn('state', [ProgrammeState::Running, ProgrammeState::Waiting])
            ->where('id', '!=', $but->id)
            ->orderBy('id')
            ->get();

        return $others->filter(static fn (Programme $one): bool => $one->isOnTheWay())->values();
    }

    private function refuseUnlessOnTheWay(Programme $programme, string $done): void
    {
        if (! $programme->isOnTheWay()) {
            throw ValidationException::withMessages(['programme' => "Only a programme that runs can be {$done}."]);
        }
    }

    /** @return Collection<int, TrainingSession> Visits from a day on that nobody has begun. */
    private function ahead(Programme $programme, CarbonImmutable $from): Collection
    {
        /** @var Collection<int, TrainingSession> $ahead */
        $ahead = $programme->sessions()
            ->whereNull('started_at')
            ->whereNotIn('id', SetLog::query()->whereNotNull('training_session_id')->select('training_session_id'))
            ->where('starts_at', '>=', AsMoment::stored(self::midnight($programme, $from)))
            ->orderBy('starts_at')
            ->get();

        return $ahead;
    }

    /** When a day begins where the trainer is. */
    private static function midnight(Programme $programme, CarbonImmutable $day): CarbonImmutable
    {
        return CarbonImmutable::parse($day->toDateString(), $programme->client?->trainer->zone() ?? 'UTC');
    }

    private static function hasSets(TrainingSession $visit): bool
    {
        return SetLog::query()->where('training_session_id', $visit->id)->exists();
    }

    /** @return list<int> The visits that went. */
    private function takeOff(Programme $programme, CarbonImmutable $from): array
    {
        return array_values($this->ahead($programme, $from)->map(static function (TrainingSession $visit): int {
            $visit->delete();

            return $visit->id;
        })->all());
    }

    /** @return list<int> The visits that were made: those of the plan that lie ahead and stand nowhere yet. */
    private function putOn(Programme $programme, CarbonImmutable $today): array
    {
        $zone = $programme->client?->trainer->zone() ?? 'UTC';
        $made = [];
        foreach ($programme->weeks()->with('plannedSessions.blocks.slots')->get() as $week) {
            $week->setRelation('programme', $programme);
            foreach ($week->plannedSessions as $session) {
                /** @var PlannedSession $session */
                $session->setRelation('week', $week);
                $at = $session->startsAt($zone);
                $isAhead = $at->toDateString() >= $today->toDateString() && $programme->hasDay($at);
                if ($isAhead && $session->sessions()->where('is_added', false)->doesntExist()) {
                    $made[] = $this->makeDay->handle($session)->id;
                }
            }
        }

        return $made;
    }

    private function fallsAway(int $visitId, CarbonImmutable $from, CarbonImmutable $until): bool
    {
        $visit = TrainingSession::query()->findOrFail($visitId);
        $day = $visit->starts_at->toDateString();
        if ($day < $from->toDateString() || $day > $until->toDateString()) {
            return false;
        }
        $visit->forceDelete();

        return true;
    }

    /** From the first week that was not done, this week where its days still lie ahead, else the next. */
    private function continueFrom(Programme $programme, CarbonImmutable $today): void
    {
        $lastWeek = (int) $programme->weeks()
            ->whereHas('plannedSessions.sessions', static fn ($sessions) => $sessions->whereNotNull('started_at'))
            ->max('number');
        $week = max(1, min((int) $programme->weeks()->max('number'), $lastWeek + 1));
        $start = CarbonImmutable::parse($programme->starts_on->toDateString());
        $begins = $start->addWeeks((int) floor($start->diffInWeeks(CarbonImmutable::parse($today->toDateString()), false)));
        if ($begins->toDateString() < $today->toDateString()) {
            $begins = $begins->addWeek();
        }
        $programme->update([
            'starts_on' => $begins->subWeeks($week - 1),
            'pauses' => [],
            'ends_on' => null,
            'state' => ProgrammeState::Running,
        ]);
    }

    /** @return Standing */
    private static function asItIs(Programme $programme): array
    {
        return [
            'id' => $programme->id,
            'state' => $programme->state->value,
            'starts_on' => $programme->starts_on->toDateString(),
            'ends_on' => $programme->ends_on?->toDateString(),
            'pauses' => $programme->pauses,
        ];
    }

    /**
     * @param  list<Standing>  $before
     * @param  list<int>  $gone
     * @param  list<int>  $made
     */
    private function turn(Programme $programme, ProgrammeTurnKind $kind, array $before, array $gone, array $made): ProgrammeTurn
    {
        return ProgrammeTurn::query()->create([
            'client_id' => $programme->client_id,
            'programme_id' => $programme->id,
            'kind' => $kind,
            'before' => $before,
            'gone' => $gone,
            'made' => $made,
        ]);
    }
}
