<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Actions\Floor\MakeDay;
use App\Enums\SessionState;
use App\Http\Resources\Round\VisitChoiceResource;
use App\Models\Client;
use App\Models\PlannedSession;
use App\Models\TrainingSession;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;

/**
 * Puts visits where they can be made: moved, added, cancelled, each with why, and each taken back. What has been begun
 * stays where it was done, and no plan is changed by it.
 */
final readonly class PlaceVisits
{
    /** Weeks of a programme whose sessions can be done once more: the one that is done, and the one after it. */
    private const WEEKS_OFFERED = 2;

    public function __construct(private MakeDay $makeDay)
    {
    }

    /** @throws ValidationException If it has been begun. */
    public function move(TrainingSession $visit, CarbonImmutable $to, string $why): void
    {
        $this->refuseIfBegun($visit, 'date', 'moved');
        $first = $visit->moved_from ?? $visit->starts_at;
        $visit->update([
            'starts_at' => $to,
            // Back where the plan has it, it has not been moved.
            'moved_from' => $visit->is_added || $first->equalTo($to) ? null : $first,
            'why' => $why,
        ]);
    }

    /** @throws ValidationException If it has been begun. */
    public function cancel(TrainingSession $visit, string $why): void
    {
        $this->refuseIfBegun($visit, 'why', 'cancelled');
        $visit->update(['cancelled_at' => CarbonImmutable::now(), 'why' => $why]);
    }

    public function bringBack(TrainingSession $visit): void
    {
        $visit->update(['cancelled_at' => null, 'why' => '']);
    }

    /** One session of the plan, done a time more. */
    public function add(PlannedSession $planned, CarbonImmutable $at): TrainingSession
    {
        $visit = $this->makeDay->handle($planned, $at);
        $visit->update(['is_added' => true]);

        return $visit;
    }

    /** @throws ValidationException If the plan put it there, or it has been begun. */
    public function remove(TrainingSession $visit): void
    {
        $this->refuseIfBegun($visit, 'visit', 'removed');
        if (! $visit->is_added) {
            throw ValidationException::withMessages([
                'visit' => 'This visit is part of the programme: cancel it instead, and say why.',
            ]);
        }
        $visit->delete();
    }

    /** @return list<VisitChoiceResource> What a visit more could be. */
    public function offered(Client $client): array
    {
        $running = $client->runningProgramme();
        $now = $running?->currentWeek() ?? 0;
        $offered = [];
        /** @var Collection<int, Week> $weeks */
        $weeks = $running?->weeks()->whereBetween('number', [$now, $now + self::WEEKS_OFFERED - 1])->get() ?? new Collection;
        foreach ($weeks as $week) {
            foreach ($week->plannedSessions as $planned) {
                /** @var PlannedSession $planned */
                $offered[] = new VisitChoiceResource(
                    plannedSessionId: $planned->id,
                    programmeId: $week->programme_id,
                    version: $running->version ?? 1,
                    name: $planned->name,
                    week: $week->number,
                    weekday: $planned->weekday,
                    time: $planned->time,
                    minutes: $planned->minutes,
                );
            }
        }

        return $offered;
    }

    /** @throws ValidationException If it runs or is over. */
    private function refuseIfBegun(TrainingSession $visit, string $field, string $done): void
    {
        if ($visit->state() !== SessionState::Planned) {
            throw ValidationException::withMessages([
                $field => "This session has been begun: it stands where it was done, and is not {$done}.",
            ]);
        }
    }
}
