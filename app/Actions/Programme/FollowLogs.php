<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Enums\ProgrammeState;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\AfterLogs;
use NimbleShelf\Core\Editing\LoggedSlot;
use NimbleShelf\Core\Editing\Mend;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Slot;

/**
 * After a session that is done the next week asks what fits what was logged, and the weeks after follow. It is a change like one
 * by hand: said in words, and it can be undone. Doing it twice changes nothing.
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
        $number = $planned->week->number + 1;
        $next = $programme->unbegunWeek($number);
        $logged = $this->logged($session, $planned->weekday);
        if ($next === null || $logged === []) {
            return;
        }
        $situation = $this->describe->situation($session->client);
        $brief = $this->read->brief($programme, $situation);
        $mends = $this->after->mends($this->read->week($next, $situation), $logged, $brief);
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
