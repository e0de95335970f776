<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Casts\AsMoment;
use App\Enums\ProgrammeState;
use App\Models\Item;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\Week;
use Illuminate\Database\Eloquent\Builder;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\AfterLogs;
use NimbleShelf\Core\Editing\LoggedSlot;
use NimbleShelf\Core\Editing\Mend;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Slot;

/**
 * After a session that is done the next week asks what fits what was logged, and the weeks after follow; so do other days with
 * the same exercise, those of the same week first. It is a change like one by hand: said in words, and it can be undone. Doing
 * it twice changes nothing.
 */
final readonly class FollowLogs
{
    public function __construct(
        private AfterLogs $after,
        private EditProgramme $edit,
        private ReadProgramme $read,
        private DescribeClient $describe,
        private Catalogue $catalogue,
    ) {
    }

    public function handle(TrainingSession $session): void
    {
        $programme = $session->programme;
        $planned = $session->plannedSession;
        if ($programme === null || $planned === null || $session->ended_at === null || $programme->standing() !== ProgrammeState::Running) {
            return;
        }
        $logged = $this->logged($session, $planned->weekday);
        if ($logged === []) {
            return;
        }
        $situation = $this->describe->situation($session->client);
        $brief = $this->read->brief($programme, $situation);
        $number = $planned->week->number;
        $ahead = $this->ahead($session, $planned->week_id);
        /** @var Week $row */
        $row = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->firstOrFail();
        $this->change($programme, $number, $this->after->elsewhere($this->read->week($row, $situation), $logged, $ahead, $brief), $session);
        $next = $programme->unbegunWeek($number + 1);
        if ($next === null) {
            return;
        }
        $week = $this->read->week($next, $situation);
        // The days that are still to come in this week bring the later ones with them.
        $before = array_values(array_diff($next->plannedSessions->pluck('weekday')->all(), $ahead));
        $mends = [...$this->after->mends($week, $logged, $brief), ...$this->after->elsewhere($week, $logged, $before, $brief)];
        $this->change($programme, $number + 1, $mends, $session);
    }

    /** @return list<int> Weekdays of the visits of the same week that are still to come. */
    private function ahead(TrainingSession $session, int $weekId): array
    {
        /** @var list<int> $weekdays */
        $weekdays = PlannedSession::query()
            ->where('week_id', $weekId)
            ->whereHas('sessions', static function (Builder $visit) use ($session): void {
                $visit->whereNull('started_at')->where('starts_at', '>', AsMoment::stored($session->starts_at));
            })
            ->pluck('weekday')
            ->all();

        return $weekdays;
    }

    /** @param  list<Mend>  $mends */
    private function change(Programme $programme, int $number, array $mends, TrainingSession $session): void
    {
        if ($mends === []) {
            return;
        }
        $this->edit->handle(
            programme: $programme,
            number: $number,
            edit: Mend::together($mends),
            version: $programme->refresh()->version,
            words: sprintf('After %s, %s: %s', $session->name, $session->starts_at->format('j F'), implode(' ', array_map(
                static fn (Mend $mend): string => $mend->words,
                $mends,
            ))),
        );
    }

    /** @return list<LoggedSlot> */
    private function logged(TrainingSession $session, int $weekday): array
    {
        $logged = [];
        foreach ($session->items() as $item) {
            // A set that went on until it was no longer clean says nothing of what the others left.
            $isToTheEnd = static fn (SetLog $log): bool => $item->prescribed->lastToFailure
                && $log->set_number === $item->prescribed->sets;
            $isMeasured = fn (SetLog $log): bool => $log->reps !== null
                && ($log->reserve !== null || $this->catalogue->exercise($log->exercise)->isHold);
            $logs = $item->setLogs->reject($isToTheEnd)->filter($isMeasured);
            /** @var SetLog|null $last */
            $last = $logs->last();
            // Another exercise in its place says nothing of this one.
            if ($last === null || $last->exercise !== $item->prescribed->exercise) {
                continue;
            }
            $weakest = $logs->where('setting', $last->setting)->sortBy('reps')->first() ?? $last;
            $logged[] = new LoggedSlot(
                $weekday,
                new Slot($item->thread, $this->catalogue->exercise($last->exercise), $this->asDone($item, $last)),
                (int) $weakest->reps,
                (float) $weakest->reserve,
                $item->setLogs->contains('pain', true),
            );
        }

        return $logged;
    }

    private function asDone(Item $item, SetLog $last): Assignment
    {
        return $item->prescribed->with(setting: $last->setting, words: $last->words);
    }
}
