<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Floor\MakeDay;
use App\Casts\AsMoment;
use App\Models\Change;
use App\Models\PlannedBlock;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\Slot;
use App\Models\TrainingSession;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Planning\Assignment;

/** Puts sessions of a programme in place of those that stand there; visits ahead follow. What was begun or done stays. */
final readonly class WriteSessions
{
    public function __construct(private MakeDay $makeDay)
    {
    }

    /**
     * Sessions and the visits ahead.
     *
     * @param  list<array<string, mixed>>  $before  As `SessionDocument` writes them: what stands there now.
     * @param  list<array<string, mixed>>  $after  What is to stand there.
     * @param  array<int, int>  $from  By weekday: the weekday a session comes from, where that is another.
     * @return list<string> Visits that keep what was changed for their day alone, by date.
     */
    public function handle(Programme $programme, array $before, array $after, array $from = []): array
    {
        $this->sessions($programme, $before, $after, $from);
        $kept = [];
        foreach (array_unique(array_column($after, 'week')) as $number) {
            array_push($kept, ...$this->visitsOf($programme, (int) $number, $after));
        }

        return array_values(array_unique($kept));
    }

    /**
     * Sessions alone; visits of one that is taken out go with it, the others follow by `visitsOf()`.
     *
     * @param  list<array<string, mixed>>  $before
     * @param  list<array<string, mixed>>  $after
     * @param  array<int, int>  $from
     */
    public function sessions(Programme $programme, array $before, array $after, array $from = []): void
    {
        $numbers = array_unique([...array_column($before, 'week'), ...array_column($after, 'week')]);
        /** @var Collection<int, Week> $weeks */
        $weeks = $programme->weeks()->with('plannedSessions.blocks.slots')->whereIn('number', $numbers)->get();
        foreach ($weeks as $week) {
            $week->setRelation('programme', $programme);
            $ofWeek = static fn (array $documents): array => array_values(array_filter(
                $documents,
                static fn (array $one): bool => $one['week'] === $week->number,
            ));
            $this->week($week, $ofWeek($before), $ofWeek($after), $from);
        }
    }

    /**
     * Visits ahead of some sessions of a week become what the plan says now.
     *
     * @param  list<array<string, mixed>>  $sessions
     * @return list<string> Dates of visits that keep what was changed for their day alone.
     */
    public function visitsOf(Programme $programme, int $number, array $sessions): array
    {
        if (! $programme->isOnTheWay()) {
            return [];
        }
        $weekdays = array_column(array_filter($sessions, static fn (array $one): bool => $one['week'] === $number), 'weekday');
        /** @var Week $week */
        $week = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->firstOrFail();
        $week->setRelation('programme', $programme);
        $kept = [];
        foreach ($week->plannedSessions->whereIn('weekday', $weekdays) as $row) {
            array_push($kept, ...$this->visits($week, $row));
        }

        return $kept;
    }

    /**
     * Sessions of one week alone; visits of one that is taken out go with it, the others follow by `visitsOf()`.
     *
     * @param  list<array<string, mixed>>  $before
     * @param  list<array<string, mixed>>  $after
     * @param  array<int, int>  $from
     */
    public function week(Week $week, array $before, array $after, array $from): void
    {
        $touched = array_column($before, 'weekday');
        /** @var array<int, PlannedSession> $rows */
        $rows = $week->plannedSessions->whereIn('weekday', $touched)->keyBy('weekday')->all();
        /** @var array<string, Slot> $slots */
        $slots = [];
        foreach ($rows as $weekday => $row) {
            foreach ($row->blocks as $block) {
                foreach ($block->slots as $slot) {
                    $slots["{$weekday}/{$slot->thread}"] = $slot;
                }
            }
        }
        $stale = [];
        $wanted = array_map(static fn (array $document): int => $from[$document['weekday']] ?? $document['weekday'], $after);
        foreach ($after as $document) {
            $was = $from[$document['weekday']] ?? $document['weekday'];
            // One that nobody else wants is moved rather than made anew: what was done on it stays with it.
            $was = isset($rows[$was]) ? $was : array_values(array_diff(array_keys($rows), $wanted))[0] ?? $was;
            $row = $rows[$was] ?? null;
            unset($rows[$was]);
            $facts = [
                'name' => $document['name'],
                'weekday' => $document['weekday'],
                'time' => $document['time'],
                'minutes' => $document['minutes'],
            ];
            if ($row === null) {
                /** @var PlannedSession $row */
                $row = $week->plannedSessions()->create($facts);
            } else {
                $row->update($facts);
            }
            array_push($stale, ...$this->blocks($row, (int) $was, $document, $slots));
        }
        Slot::query()->whereIn('id', array_map(static fn (Slot $slot): int => $slot->id, array_values($slots)))->delete();
        PlannedBlock::query()->whereIn('id', $stale)->delete();
        $today = $week->programme->client?->trainer->today() ?? CarbonImmutable::now()->startOfDay();
        foreach ($rows as $gone) {
            $this->visitsAhead($gone, $today)->each(static fn (TrainingSession $visit): ?bool => $visit->delete());
            $gone->delete();
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, Slot>  $slots  Of the week, by weekday and thread; those that found a place are taken out.
     * @return list<int> Blocks that are left over.
     */
    private function blocks(PlannedSession $row, int $was, array $document, array &$slots): array
    {
        $blocks = $row->blocks->all();
        /**
         * @var list<array{kind: string, name: string, rule: array<string, mixed>,
         *     slots: list<array{thread: string, assignment: array<string, mixed>}>}> $wanted
         */
        $wanted = $document['blocks'];
        foreach ($wanted as $position => $block) {
            $facts = [
                'kind' => $block['kind'],
                'rule' => $block['rule'],
                'name' => $block['name'],
                'position' => $position + 1,
            ];
            /** @var PlannedBlock $made */
            $made = $blocks[$position] ?? $row->blocks()->create($facts);
            unset($blocks[$position]);
            $made->update($facts);
            foreach ($block['slots'] as $place => $slot) {
                $this->slot($made, $place + 1, $slot, $was, $slots);
            }
        }
        $row->unsetRelation('blocks');

        return array_values(array_map(static fn (PlannedBlock $block): int => $block->id, $blocks));
    }

    /**
     * @param  array{thread: string, assignment: array<string, mixed>}  $wanted
     * @param  array<string, Slot>  $slots
     */
    private function slot(PlannedBlock $block, int $position, array $wanted, int $was, array &$slots): void
    {
        $key = "{$was}/{$wanted['thread']}";
        if (! isset($slots[$key])) {
            // It may come from another day of the week.
            foreach (array_keys($slots) as $other) {
                $key = str_ends_with($other, "/{$wanted['thread']}") ? $other : $key;
            }
        }
        $row = $slots[$key] ?? null;
        unset($slots[$key]);
        $asked = Assignment::fromArray($wanted['assignment']);
        if ($row === null) {
            $block->slots()->create([
                'thread' => $wanted['thread'],
                'position' => $position,
                'written' => $asked,
                'assignment' => $asked,
            ]);

            return;
        }
        $row->forceFill(['planned_block_id' => $block->id, 'position' => $position]);
        if ($row->assignment->with(words: $asked->words)->toArray() !== $asked->toArray()) {
            // What is written by hand takes the place of what was changed from here on.
            Change::query()->where('slot_id', $row->id)->whereNull('undone_at')->update(['undone_at' => CarbonImmutable::now()]);
            $row->fill(['written' => $asked, 'assignment' => $asked]);
        }
        $row->save();
    }

    /**
     * Visits ahead become what the plan says now, unless something was changed for their day.
     *
     * @return list<string> Dates of those that stay.
     */
    private function visits(Week $week, PlannedSession $row): array
    {
        $row->setRelation('week', $week);
        $client = $week->programme->client;
        if ($client === null) {
            return [];
        }
        $today = $client->trainer->today();
        $ahead = $this->visitsAhead($row, $today);
        $startsAt = $row->startsAt($client->trainer->zone());
        if ($ahead->isEmpty()) {
            if ($startsAt >= $today && $week->programme->hasDay($startsAt) && $row->sessions()->doesntExist()) {
                $this->makeDay->handle($row);
            }

            return [];
        }
        $kept = [];
        foreach ($ahead as $visit) {
            if (Change::query()->whereIn('item_id', array_column($visit->items(), 'id'))->whereNull('undone_at')->exists()) {
                $kept[] = $visit->starts_at->toDateString();

                continue;
            }
            // A visit that was moved or added by hand stays where it was put; the plan's own keeps its hour within its day.
            $stays = $visit->moved_from !== null || $visit->is_added || $startsAt->isSameDay($visit->starts_at);
            $this->makeDay->again($visit, $row, $stays ? $visit->starts_at : $startsAt);
        }

        return $kept;
    }

    /** @return Collection<int, TrainingSession> Neither begun nor logged nor cancelled, from today on. */
    private function visitsAhead(PlannedSession $row, CarbonImmutable $today): Collection
    {
        /** @var Collection<int, TrainingSession> $ahead */
        $ahead = TrainingSession::query()
            ->whereDoesntHave('events')
            ->where('planned_session_id', $row->id)
            ->whereNull('started_at')
            ->whereNull('cancelled_at')
            ->where('starts_at', '>=', AsMoment::stored($today))
            ->get();

        return $ahead;
    }
}
