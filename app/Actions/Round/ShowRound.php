<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\DayPlan;
use App\Actions\Floor\ShowSession;
use App\Casts\AsMoment;
use App\Enums\SessionState;
use App\Http\Resources\Round\AppointmentResource;
use App\Http\Resources\Round\RoundResource;
use App\Http\Resources\Round\TogetherWithResource;
use App\Http\Resources\Round\VisitResource;
use App\Http\Resources\Round\WeekDayResource;
use App\Http\Resources\Shared\LimitResource;
use App\Models\Appointment;
use App\Models\Block;
use App\Models\Client;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Planning\Step;

/** The visits of one day in order, with the week around it. */
final readonly class ShowRound
{
    private const PAIN_STAYS_OPEN_DAYS = 14;

    public function __construct(
        private ShowSession $showSession,
        private Catalogue $catalogue,
        private DescribeClient $describe,
        private AssessHealth $assess,
        private DayPlan $dayPlan,
        private BeforeVisit $before,
    ) {
    }

    public function handle(User $trainer, CarbonImmutable $day): RoundResource
    {
        /** @var Collection<int, TrainingSession> $sessions */
        $sessions = $this->visitsOf($trainer)
            ->with(['blocks.items.setLogs', 'blocks.items.madeChanges', 'client.shelfItems', 'client.home', 'client.bodyMeasure'])
            ->whereBetween('starts_at', $this->bounds($day))
            ->orderBy('starts_at')->get();
        $appointments = $this->appointmentsOf($trainer, $day);
        $monday = $day->startOfWeek(CarbonImmutable::MONDAY);
        $week = [];
        for ($i = 0; $i < 7; $i++) {
            $date = $monday->addDays($i);
            $week[] = new WeekDayResource(
                date: $date->toDateString(),
                visits: $this->standing($trainer)->whereBetween('starts_at', $this->bounds($date))->count()
                    + $this->appointments($trainer)->whereNotNull('client_id')->whereBetween('starts_at', $this->bounds($date))->count(),
                isToday: $date->isSameDay($trainer->now()),
            );
        }
        $later = $this->bounds($day)[1];
        $next = array_filter([
            $this->standing($trainer)->where('starts_at', '>', $later)->orderBy('starts_at')->first()?->starts_at,
            $this->appointments($trainer)->where('starts_at', '>', $later)->orderBy('starts_at')->first()?->starts_at,
        ]);

        return new RoundResource(
            date: $day->toDateString(),
            tomorrow: $day->addDay()->toDateString(),
            visits: array_values($sessions->map(
                fn (TrainingSession $session): VisitResource => $this->visit($session, $sessions, $appointments),
            )->all()),
            appointments: array_values($appointments->map(fn (Appointment $one): AppointmentResource => AppointmentResource::of(
                $one,
                $this->atTheSameTime($one, $sessions, $appointments),
            ))->all()),
            week: $week,
            nextDate: $next === [] ? null : min($next)->toDateString(),
        );
    }

    /**
     * Of clients who are visited: whoever was put away has none until they are brought back.
     *
     * @return Builder<TrainingSession>
     */
    private function visitsOf(User $trainer): Builder
    {
        return TrainingSession::ofTrainer($trainer)->whereRelation('client', 'archived_at', null);
    }

    /** @return Builder<TrainingSession> Those that are not cancelled. */
    private function standing(User $trainer): Builder
    {
        $standing = $this->visitsOf($trainer);
        $standing->whereNull('cancelled_at');

        return $standing;
    }

    /** @return Builder<Appointment> Of clients who are visited, and of nobody. */
    private function appointments(User $trainer): Builder
    {
        $away = Client::query()->where('user_id', $trainer->id)->whereNotNull('archived_at')->select('id');

        return Appointment::query()->where('user_id', $trainer->id)
            ->where(static fn ($whose) => $whose->whereNull('client_id')->orWhereNotIn('client_id', $away));
    }

    /** @return Collection<int, Appointment> */
    private function appointmentsOf(User $trainer, CarbonImmutable $day): Collection
    {
        /** @var Collection<int, Appointment> $ofDay */
        $ofDay = $this->appointments($trainer)->with('client')->whereBetween('starts_at', $this->bounds($day))->orderBy('starts_at')->get();

        return $ofDay;
    }

    /**
     * What else is at the time of an appointment: a visit, or another one.
     *
     * @param  Collection<int, TrainingSession>  $sessions
     * @param  Collection<int, Appointment>  $appointments
     * @return list<string> "Orrin Kestlewick, 09:00".
     */
    private function atTheSameTime(Appointment $one, Collection $sessions, Collection $appointments): array
    {
        $visits = $sessions->filter(static fn (TrainingSession $session): bool => $session->cancelled_at === null
            && $session->starts_at->lessThan($one->endsAt())
            && $one->starts_at->lessThan($session->starts_at->addMinutes($session->minutes)));
        $others = $appointments->filter(static fn (Appointment $other): bool => $other->id !== $one->id
            && $other->starts_at->lessThan($one->endsAt()) && $one->starts_at->lessThan($other->endsAt()));

        return [
            ...array_values($visits->map(
                static fn (TrainingSession $session): string => "{$session->client->name}, {$session->starts_at->format('H:i')}",
            )->all()),
            ...array_values($others->map($this->named(...))->all()),
        ];
    }

    private function named(Appointment $one): string
    {
        return implode(', ', array_filter([$one->client->name ?? '', $one->kind->label(), $one->starts_at->format('H:i')]));
    }

    /** @return array{string, string} First and last moment of a day in its zone, as they are stored. */
    private function bounds(CarbonImmutable $day): array
    {
        return [AsMoment::stored($day->startOfDay()), AsMoment::stored($day->endOfDay())];
    }

    /**
     * Visits at the same time, with this one: nobody is in two homes at once.
     *
     * @param  Collection<int, TrainingSession>  $ofDay
     * @return Collection<int, TrainingSession>
     */
    private function overlapping(TrainingSession $session, Collection $ofDay): Collection
    {
        $ends = static fn (TrainingSession $one): CarbonImmutable => $one->starts_at->addMinutes($one->minutes);

        return $ofDay->filter(static fn (TrainingSession $one): bool => $one->id !== $session->id
            && $one->cancelled_at === null && $session->cancelled_at === null
            && $one->starts_at->lessThan($ends($session)) && $session->starts_at->lessThan($ends($one)));
    }

    /** As the Floor counts them: each side that is done apart is one. */
    private function setsOf(TrainingSession $session): int
    {
        $timeline = $this->dayPlan->timeline(
            $this->dayPlan->of($session, []),
            $this->describe->plainSituation($session->client),
            everyPick: true,
        );

        return count(array_filter($timeline->steps, static fn (Step $step): bool => $step->endsSet));
    }

    /** Somebody who shares the kit, and so trains in the same room. */
    private function sharesKit(TrainingSession $one, TrainingSession $other): bool
    {
        return $one->client->kit_from_id === $other->client_id || $other->client->kit_from_id === $one->client_id;
    }

    /**
     * @param  Collection<int, TrainingSession>  $ofDay
     * @param  Collection<int, Appointment>  $appointments
     */
    private function visit(TrainingSession $session, Collection $ofDay, Collection $appointments): VisitResource
    {
        $client = $session->client;
        [$sharing, $elsewhere] = $this->overlapping($session, $ofDay)
            ->partition(fn (TrainingSession $one): bool => $this->sharesKit($one, $session));
        /** @var TrainingSession|null $together */
        $together = $sharing->first();
        $items = collect($session->items());
        // What warms up and cools down goes without saying.
        $work = $session->blocks
            ->reject(static fn (Block $block): bool => $block->kind->isFrame())
            ->flatMap(static fn (Block $block): Collection => $block->items);
        $toSwap = $this->showSession->itemsToSwap($session);
        /** @var SetLog|null $last */
        $last = $client->setLogs()
            ->where('logged_at', '<', AsMoment::stored($session->starts_at->startOfDay()))
            ->orderByDesc('logged_at')
            ->first();
        /** @var Collection<int, SetLog> $pain */
        $pain = $client->setLogs()
            ->where('pain', true)
            ->where('logged_at', '>=', AsMoment::stored(CarbonImmutable::now()->subDays(self::PAIN_STAYS_OPEN_DAYS)))
            ->orderByDesc('logged_at')
            ->get();

        return new VisitResource(
            sessionId: $session->id,
            clientId: $client->id,
            clientName: $client->name,
            trade: $client->trade,
            place: $client->place,
            sessionName: $session->name,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            state: $session->state(),
            exercises: array_values(
                $work->whereNull('left_out')
                    ->map(fn (Item $item): string => $this->catalogue->exercise($item->now()->exercise)->name)
                    ->all(),
            ),
            swapsNeeded: count($toSwap),
            firstSwapItemId: $toSwap[0] ?? null,
            setsLogged: (int) $items->sum(fn (Item $item): int => $item->setLogs->count()),
            setsPlanned: $this->setsOf($session),
            limits: LimitResource::allOf($this->describe->limits($client)),
            bring: $this->before->bring($session, $toSwap),
            changes: $session->state() === SessionState::Done ? [] : $this->before->changes($client, $last?->logged_at),
            lastNote: $this->before->lastNote($session),
            painNotes: array_values(
                $pain->map(
                    fn (SetLog $set): string => sprintf(
                        '%s, %s%s',
                        $this->catalogue->exercise($set->exercise)->name,
                        $set->logged_at->format('j M'),
                        $set->pain_note === '' ? '' : ': '.$set->pain_note,
                    ),
                )
                    ->unique()
                    ->all(),
            ),
            locks: array_column($this->assess->locks($client), 'why'),
            daysSinceLast: $last === null ? null : (int) $last->logged_at->setTimezone($session->zone)
                ->startOfDay()
                ->diffInDays($session->starts_at->startOfDay()),
            together: $together === null ? null : new TogetherWithResource($together->id, $together->client->name),
            overlaps: [
                ...array_values($elsewhere->map(
                    static fn (TrainingSession $one): string => "{$one->client->name}, {$one->starts_at->format('H:i')}",
                )->all()),
                ...array_values($appointments->filter(static fn (Appointment $one): bool => $session->cancelled_at === null
                    && $one->starts_at->lessThan($session->starts_at->addMinutes($session->minutes))
                    && $session->starts_at->lessThan($one->endsAt()))->map($this->named(...))->all()),
            ],
            movedFrom: $session->moved_from?->toIso8601String(),
            isAdded: $session->is_added,
            isCancelled: $session->cancelled_at !== null,
            why: $session->why,
        );
    }
}
