<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\Week;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\EditedWeek;
use NimbleShelf\Core\Editing\LaterWeeks;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;

/**
 * Lets the weeks after a change, and the visits ahead, take it over.
 *
 * While a week is edited its answers must be quick, so this waits until nobody edits, or until somebody reads what follows.
 */
final readonly class FollowProgramme
{
    public function __construct(
        private LaterWeeks $later,
        private ReadProgramme $read,
        private DescribeClient $describe,
        private WriteSessions $write,
        private Catalogue $catalogue,
    ) {
    }

    /**
     * @param  int|null  $except  Changes of this week may wait.
     * @return list<string> Dates of visits that keep what was changed for their day alone.
     */
    public function handle(Programme $programme, ?int $except = null): array
    {
        return DB::transaction(function () use ($programme, $except): array {
            /** @var Collection<int, ProgrammeEdit> $waiting */
            $waiting = $programme->edits()->where('is_followed', false)->whereNull('undone_at')->orderBy('id')->get();
            if ($waiting->isEmpty() || $waiting->every(static fn (ProgrammeEdit $edit): bool => $edit->week === $except)) {
                return [];
            }
            $touched = [];
            $brief = $this->read->brief($programme, $this->describe->situation($programme->client ?? abort(404)));
            foreach ($this->states($programme, $waiting) as [$edit, $before, $after]) {
                array_push($touched, ...$this->follow($programme, $edit, $before, $after, $brief));
            }
            // Visits follow once, however many changes there were.
            $kept = [];
            foreach (array_unique(array_column($touched, 'week')) as $number) {
                array_push($kept, ...$this->write->visitsOf($programme, (int) $number, $touched));
            }

            return array_values(array_unique($kept));
        });
    }

    /**
     * How the week stood before and after each change, reckoned back from how it stands now.
     *
     * @param  Collection<int, ProgrammeEdit>  $waiting  Of one week, the oldest first.
     * @return list<array{ProgrammeEdit, array<int, array<string, mixed>>, array<int, array<string, mixed>>}> Sessions by weekday.
     */
    private function states(Programme $programme, Collection $waiting): array
    {
        $states = $now = [];
        foreach ($waiting->reverse() as $edit) {
            $now[$edit->week] ??= $this->documents($programme, $edit->week);
            $before = $now[$edit->week];
            foreach ($edit->after as $document) {
                unset($before[$document['weekday']]);
            }
            foreach ($edit->before as $document) {
                $before[(int) $document['weekday']] = $document;
            }
            array_unshift($states, [$edit, $before, $now[$edit->week]]);
            $now[$edit->week] = $before;
        }

        return $states;
    }

    /** @return array<int, array<string, mixed>> By weekday. */
    private function documents(Programme $programme, int $number): array
    {
        /** @var Week $row */
        $row = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->firstOrFail();

        return SessionDocument::ofWeek($this->read->week($row, null), $row->plannedSessions->pluck('time', 'weekday')->all());
    }

    /**
     * @param  array<int, array<string, mixed>>  $before
     * @param  array<int, array<string, mixed>>  $after
     * @return list<array<string, mixed>> Sessions that are not what they were.
     */
    private function follow(Programme $programme, ProgrammeEdit $edit, array $before, array $after, Brief $brief): array
    {
        $old = $new = [];
        if ($edit->goes_on) {
            /** @var Collection<int, Week> $rows */
            $rows = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', '>', $edit->week)->get();
            $later = array_values($rows->map(fn (Week $row): PlannedWeek => $this->read->week($row, null))->all());
            $days = array_map(fn (array $document): PlannedDay => SessionDocument::read($document, $this->catalogue), $before);
            $isDeload = $programme->weeks()->where('number', $edit->week)->where('kind', 'deload')->exists();
            $edited = new EditedWeek(
                new PlannedWeek($edit->week, $isDeload, array_values(array_map(
                    // A session that was not touched is the very same.
                    fn (array $document): PlannedDay => $days[(int) array_search($document, $before, true)]
                        ?? SessionDocument::read($document, $this->catalogue),
                    $after,
                ))),
                $edit->words,
                $edit->anew,
                $edit->came_from,
            );
            $followed = $this->later->after(new PlannedWeek($edit->week, $isDeload, array_values($days)), $edited, $later, $brief);
            foreach ($later as $i => $week) {
                $times = $rows[$i]->plannedSessions->pluck('time', 'weekday')->all();
                $old += self::keyed($week->number, SessionDocument::ofWeek($week, $times));
                $new += self::keyed($week->number, SessionDocument::ofWeek($followed[$i], self::times($times, $edit, $after)));
            }
        }
        [$old, $new] = SessionDocument::differing($old, $new);
        if ($old !== [] || $new !== []) {
            $this->write->sessions($programme, $old, $new, $edit->came_from);
        }
        $touched = [...$edit->after, ...$new];
        $edit->update(['before' => [...$edit->before, ...$old], 'after' => [...$edit->after, ...$new], 'is_followed' => true]);

        return $touched;
    }

    /**
     * A session keeps its hour through the weeks, unless the change gave it another.
     *
     * @param  array<int, string>  $times  Of the later week.
     * @param  array<int, array<string, mixed>>  $after
     * @return array<int, string>
     */
    private static function times(array $times, ProgrammeEdit $edit, array $after): array
    {
        $before = array_column($edit->before, 'time', 'weekday');
        $new = [];
        foreach ($after as $weekday => $document) {
            $was = $edit->came_from[$weekday] ?? $weekday;
            $time = is_string($document['time']) ? $document['time'] : SessionDocument::USUAL_TIME;
            $isNew = isset($before[$was]) && $before[$was] !== $time;
            $new[$weekday] = $isNew ? $time : $times[$was] ?? $time;
        }

        return $new;
    }

    /**
     * @param  array<int, array<string, mixed>>  $documents
     * @return array<string, array<string, mixed>>
     */
    private static function keyed(int $week, array $documents): array
    {
        return array_combine(array_map(static fn (int $day): string => "{$week}/{$day}", array_keys($documents)), $documents);
    }
}
