<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Enums\ProgrammeState;
use App\Http\Resources\Programme\ReviewEntryResource;
use App\Http\Resources\Programme\ReviewResource;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;
use App\Models\Week;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\Refit;
use NimbleShelf\Core\Editing\RefitEntry;
use NimbleShelf\Core\Programme\PlannedWeek;

/** What of a programme no longer stands once the shelf, the room or a limit has changed, mended in one list. */
final readonly class ReviewProgramme
{
    public function __construct(
        private Refit $refit,
        private ReadProgramme $read,
        private DescribeClient $describe,
        private EditProgramme $edit,
    ) {
    }

    public function handle(Programme $programme): ReviewResource
    {
        $week = $programme->currentWeek();

        return new ReviewResource(
            programmeId: $programme->id,
            programme: $programme->name,
            state: $programme->state->value,
            version: $programme->version,
            week: $week,
            isCopy: $this->isForeign($programme),
            entries: $programme->standing() === ProgrammeState::Ended ? [] : array_map(
                ReviewEntryResource::of(...),
                $this->entries($programme, $week),
            ),
        );
    }

    /**
     * Mends what was accepted, as one change that can be undone.
     *
     * @param  list<string>  $accepted  Keys of entries.
     *
     * @throws ValidationException If nothing of it is left to be mended.
     */
    public function apply(Programme $programme, array $accepted, int $version): WeekSheetResource
    {
        $week = $programme->currentWeek();
        $edits = [];
        foreach ($this->entries($programme, $week) as $entry) {
            if (in_array($entry->key(), $accepted, true)) {
                $edits[] = $entry->edit()->toArray();
            }
        }
        if ($edits === []) {
            throw ValidationException::withMessages(['accepted' => 'Nothing is chosen to be mended.']);
        }
        $sheet = $this->edit->handle($programme, $week, Edit::fromArray(['kind' => 'together', 'edits' => $edits]), $version);
        if ($this->isForeign($programme)) {
            // Once looked through it is this client's own.
            $programme->refresh()->update(['style' => ['copied' => false] + $programme->style]);
        }

        return $sheet;
    }

    /** @return list<RefitEntry> */
    private function entries(Programme $programme, int $week): array
    {
        $client = $programme->client;
        if ($client === null) {
            return [];
        }
        $situation = $this->describe->situation($client);
        /** @var Collection<int, Week> $rows */
        $rows = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', '>=', $week)->get();
        $weeks = array_values($rows->map(fn (Week $row): PlannedWeek => $this->read->week($row, null))->all());

        return $weeks === [] ? [] : $this->refit->entries(
            $weeks,
            $this->read->brief($programme, $situation),
            $this->isForeign($programme),
        );
    }

    /** True while it was made for somebody else and nobody has looked it through. */
    private function isForeign(Programme $programme): bool
    {
        return ($programme->style['copied'] ?? false) === true;
    }
}
