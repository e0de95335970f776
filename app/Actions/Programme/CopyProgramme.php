<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Enums\ProgrammeState;
use App\Models\Client;
use App\Models\Programme;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Copies a session, a week or a whole programme: to another client as a draft to look through, or into a template. */
final readonly class CopyProgramme
{
    public function __construct(private ReadProgramme $read, private WriteSessions $write)
    {
    }

    /**
     * @param  Client|null  $for  Null for a template of the trainer's own.
     * @param  int|null  $number  The week; null for all.
     * @param  int|null  $weekday  The session of that week; null for all.
     *
     * @throws ValidationException If there is nothing there to copy.
     */
    public function handle(Programme $programme, ?Client $for, ?int $number, ?int $weekday, string $name): Programme
    {
        /** @var Collection<int, Week> $rows */
        $rows = $programme->weeks()->with('plannedSessions.blocks.slots')->get();
        $rows = $rows->filter(static fn (Week $row): bool => $number === null || $row->number === $number)->values();
        if ($rows->isEmpty()) {
            throw ValidationException::withMessages(['week' => 'There is no such week.']);
        }

        return DB::transaction(function () use ($programme, $for, $rows, $weekday, $name): Programme {
            $copy = new Programme([
                'name' => $name === '' ? $programme->name : $name,
                'goal' => $programme->goal,
                'state' => ProgrammeState::Draft,
                'starts_on' => $this->nextMonday($programme, $for),
                'days' => $programme->days,
                // Loads were chosen for somebody else until they have been looked through.
                'style' => array_diff_key($programme->style, ['score' => 0, 'held_back' => 0])
                    + ['copied' => $for !== null && $for->id !== $programme->client_id],
            ]);
            $copy->user_id = $programme->user_id;
            $copy->client_id = $for?->id;
            $copy->save();
            foreach ($rows as $i => $row) {
                /** @var Week $week */
                $week = $copy->weeks()->create(['number' => $i + 1, 'kind' => $rows->count() === 1 ? 'build' : $row->kind]);
                $week->setRelation('programme', $copy);
                $times = $row->plannedSessions->pluck('time', 'weekday')->all();
                $documents = array_map(
                    static fn (array $document): array => ['week' => $week->number] + $document,
                    array_filter(
                        SessionDocument::ofWeek($this->read->week($row, null), $times),
                        static fn (array $document): bool => $weekday === null || $document['weekday'] === $weekday,
                    ),
                );
                if ($documents === []) {
                    throw ValidationException::withMessages(['weekday' => 'There is no session on that day.']);
                }
                $this->write->week($week, [], array_values($documents), []);
            }

            return $copy->refresh();
        });
    }

    private function nextMonday(Programme $programme, ?Client $for): CarbonImmutable
    {
        $today = ($for ?? $programme->client)?->trainer->today() ?? CarbonImmutable::now()->startOfDay();

        return $today->isMonday() ? $today : $today->next(CarbonImmutable::MONDAY);
    }
}
