<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\MakeDay;
use App\Casts\AsMoment;
use App\Enums\ProgrammeState;
use App\Http\Resources\Programme\BreakResource;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Programme\AfterBreak;

/** Lets a programme go on after days without training: from the week that fits, with its visits on new days. */
final readonly class ResumeProgramme
{
    /** Fewer days are no break. */
    private const LEAST_DAYS = 7;

    public function __construct(
        private MakeDay $makeDay,
        private EditProgramme $edit,
        private ReadProgramme $read,
        private DescribeClient $describe,
        private WeekEditor $editor,
        private Catalogue $catalogue,
    ) {
    }

    /** Words are empty where nothing was missed. */
    public function show(Programme $programme): BreakResource
    {
        $today = $programme->client?->trainer->today() ?? abort(404);
        $starts = $programme->starts_on->toDateString();
        $none = new BreakResource('', 0, 1, $starts, $starts, false);
        $last = $this->lastDone($programme);
        if ($programme->standing() !== ProgrammeState::Running || $programme->pausedNow() !== null || $last === null) {
            return $none;
        }
        $days = (int) $last->starts_at->startOfDay()->diffInDays($today, true);
        $missed = TrainingSession::query()
            ->where('programme_id', $programme->id)
            ->whereNull('started_at')
            ->where('starts_at', '>', AsMoment::stored($last->starts_at))
            ->where('starts_at', '<', AsMoment::stored($today))
            ->count();
        if ($days < self::LEAST_DAYS || $missed === 0) {
            return $none;
        }
        $after = AfterBreak::of($days, $last->plannedSession->week->number ?? 1);
        $monday = $this->monday($programme, $after->week, $today);

        return new BreakResource(
            $after->words,
            $missed,
            $after->week,
            $starts,
            $monday->toDateString(),
            $after->isRungDown,
        );
    }

    /** Does what `show()` says; refused where nothing was missed. */
    public function handle(Programme $programme): BreakResource
    {
        return DB::transaction(function () use ($programme): BreakResource {
            $break = $this->show($programme);
            if ($break->words === '') {
                throw ValidationException::withMessages(['programme' => 'Nothing was missed: it goes on as planned.']);
            }
            $this->startsOn($programme, CarbonImmutable::parse($break->goesOnFrom)->subWeeks($break->week - 1));
            if ($break->isRungDown) {
                $this->rungDown($programme, $break);
            }

            return $this->show($programme->refresh());
        });
    }

    /** Its weeks begin on another day; visits ahead that nobody began move with them. */
    public function startsOn(Programme $programme, CarbonImmutable $day): void
    {
        $trainer = $programme->client->trainer ?? abort(404);
        $today = $trainer->today();
        DB::transaction(function () use ($programme, $day, $today, $trainer): void {
            $programme->update(['starts_on' => $day, 'version' => $programme->version + 1]);
            /** @var Collection<int, TrainingSession> $ahead */
            $ahead = TrainingSession::query()
                ->whereDoesntHave('events')
                ->where('programme_id', $programme->id)
                ->whereNull('started_at')
                ->where('starts_at', '>=', AsMoment::stored($today))
                ->get();
            $ahead->each(static fn (TrainingSession $visit): ?bool => $visit->delete());
            /** @var Collection<int, Week> $weeks */
            $weeks = $programme->weeks()->with('plannedSessions.blocks.slots')->get();
            foreach ($weeks as $week) {
                $week->setRelation('programme', $programme);
                foreach ($week->plannedSessions as $session) {
                    $session->setRelation('week', $week);
                    $at = $session->startsAt($trainer->zone());
                    if ($at >= $today && $programme->hasDay($at) && ! $this->isBegunAhead($session, $today)) {
                        $this->makeDay->handle($session);
                    }
                }
            }
        });
    }

    private function isBegunAhead(PlannedSession $session, CarbonImmutable $today): bool
    {
        return TrainingSession::query()
            ->where('planned_session_id', $session->id)
            ->where('starts_at', '>=', AsMoment::stored($today))
            ->exists();
    }

    /** This week where all of its days still lie ahead, else the next. */
    private function monday(Programme $programme, int $week, CarbonImmutable $today): CarbonImmutable
    {
        $monday = $today->startOfWeek(CarbonImmutable::MONDAY);
        $first = (int) $programme->weeks()->where('number', $week)->firstOrFail()->plannedSessions()->min('weekday');

        return $first >= $today->dayOfWeekIso ? $monday : $monday->addWeek();
    }

    private function lastDone(Programme $programme): ?TrainingSession
    {
        /** @var TrainingSession|null $last */
        $last = TrainingSession::query()
            ->whereIn('id', SetLog::query()->where('client_id', $programme->client_id)->select('training_session_id'))
            ->where('programme_id', $programme->id)
            ->whereNotNull('planned_session_id')
            ->orderByDesc('starts_at')
            ->first();

        return $last;
    }

    /** One rung down for each lift of many joints that has a lighter one. */
    private function rungDown(Programme $programme, BreakResource $break): void
    {
        $situation = $this->describe->situation($programme->client ?? abort(404));
        $brief = $this->read->brief($programme, $situation);
        /** @var Week $row */
        $row = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $break->week)->firstOrFail();
        $edits = [];
        foreach ($this->read->week($row, $situation)->days as $day) {
            foreach ($day->work() as $slot) {
                $isLift = $slot->exercise->effort->isCompound() && $this->catalogue->pattern($slot->exercise->pattern)->isMeasured();
                if ($isLift && $this->editor->next($slot, isHarder: false, brief: $brief) !== null) {
                    $edits[] = ['kind' => 'easier', 'weekday' => $day->day->weekday, 'slot' => $slot->thread];
                }
            }
        }
        if ($edits !== []) {
            $this->edit->handle(
                programme: $programme,
                number: $break->week,
                edit: Edit::fromArray(['kind' => 'together', 'edits' => $edits]),
                version: $programme->refresh()->version,
                words: 'One load down after the break: the first set of each lift says how it is.',
            );
        }
    }
}
