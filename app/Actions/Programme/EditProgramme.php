<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Enums\ProgrammeState;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\EditedWeek;
use NimbleShelf\Core\Editing\EditKind;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Exception\CoreException;

/**
 * Changes a week of a programme by hand and writes down how to undo it. The weeks after and the visits ahead follow later, before
 * anybody reads them: see `FollowProgramme`.
 */
final readonly class EditProgramme
{
    /** Changes that can be taken back, at most. */
    private const KEPT = 100;

    public function __construct(
        private WeekEditor $editor,
        private ReadProgramme $read,
        private DescribeClient $describe,
        private WriteSessions $write,
        private FollowProgramme $follow,
        private ShowWeek $show,
    ) {
    }

    /**
     * @param  int  $version  The one the change was made on.
     * @param  bool  $onwards  Whether the weeks after follow.
     * @param  string|null  $time  Of a visit that is given another, or added.
     * @param  string|null  $words  What is said of it; null for what it does.
     *
     * @throws HttpResponseException A 409 if somebody changed the programme meanwhile.
     */
    public function handle(
        Programme $programme,
        int $number,
        Edit $edit,
        int $version,
        bool $onwards = true,
        ?string $time = null,
        ?string $words = null,
    ): WeekSheetResource {
        return DB::transaction(function () use ($programme, $number, $edit, $version, $onwards, $time, $words): WeekSheetResource {
            $programme->refresh();
            $this->refuseIfStale($programme, $version);
            $this->refuseIfEnded($programme);
            // What waits to be taken over by other weeks comes first, where this is one of them.
            $this->follow->handle($programme, except: $number);
            $situation = $this->describe->situation($programme->client ?? abort(404));
            /** @var Week $row */
            $row = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->firstOrFail();
            $week = $this->read->week($row, $situation);
            $brief = $this->read->brief($programme, $situation);
            try {
                $edited = $this->editor->apply($week, $edit, $brief);
            } catch (CoreException $refused) {
                throw ValidationException::withMessages([$refused->field() => $refused->getMessage()]);
            }
            if ($words !== null) {
                $edited = new EditedWeek($edited->week, $words, $edited->anew, $edited->from);
            }
            $times = $row->plannedSessions->pluck('time', 'weekday')->all();
            $newTimes = self::timesAfter($times, $edited, $edit, $time);
            $before = SessionDocument::ofWeek($week, $times);
            $after = SessionDocument::ofWeek($edited->week, $newTimes);
            [$before, $after] = SessionDocument::differing($before, $after);
            // Nothing may change now and much later.
            if ($before !== [] || $after !== [] || in_array($edit->kind, [EditKind::Forward, EditKind::Together], true)) {
                $this->write->week($row->setRelation('programme', $programme), $before, $after, $edited->from);
                $this->keep($programme, $number, $edited, $before, $after, $onwards);
            }

            return $this->show->of($programme, $edited->week, $newTimes, $brief, $edited->words);
        });
    }

    /** Takes the last change back; nothing where there is none. */
    public function undo(Programme $programme, int $version): WeekSheetResource
    {
        return $this->turn($programme, $version, isBack: true);
    }

    /** Makes the change again that was taken back last. */
    public function redo(Programme $programme, int $version): WeekSheetResource
    {
        return $this->turn($programme, $version, isBack: false);
    }

    private function turn(Programme $programme, int $version, bool $isBack): WeekSheetResource
    {
        return DB::transaction(function () use ($programme, $version, $isBack): WeekSheetResource {
            $programme->refresh();
            $this->refuseIfStale($programme, $version);
            $this->refuseIfEnded($programme);
            $edit = $isBack ? $programme->lastEdit() : $programme->nextEdit();
            if ($edit === null) {
                throw ValidationException::withMessages(['undo' => $isBack ? 'There is nothing to undo.' : 'There is nothing to redo.']);
            }
            if (! $isBack) {
                // Made again, it is as new as when it was made.
                $this->follow->handle($programme);
            }
            [$from, $to] = $isBack ? [$edit->after, $edit->before] : [$edit->before, $edit->after];
            $kept = $this->write->handle($programme, $from, $to);
            $edit->update(['undone_at' => $isBack ? CarbonImmutable::now() : null]);
            $programme->update(['version' => $programme->version + 1]);

            return $this->show->handle($programme, $edit->week, ($isBack ? 'Undone: ' : 'Again: ').lcfirst($edit->words), $kept);
        });
    }

    private function refuseIfStale(Programme $programme, int $version): void
    {
        if ($programme->version === $version) {
            return;
        }

        throw new HttpResponseException(new JsonResponse([
            'message' => sprintf(
                'This programme was changed in another window%s. What you see now is how it stands; your change was not made.',
                $programme->lastEdit() === null ? '' : " ({$programme->lastEdit()->words})",
            ),
            'version' => $programme->version,
        ], 409));
    }

    private function refuseIfEnded(Programme $programme): void
    {
        if ($programme->standing() === ProgrammeState::Ended) {
            throw ValidationException::withMessages(['programme' => 'It has ended: what was done stays as it was.']);
        }
    }

    /**
     * @param  list<array<string, mixed>>  $before
     * @param  list<array<string, mixed>>  $after
     */
    private function keep(Programme $programme, int $number, EditedWeek $edited, array $before, array $after, bool $onwards): void
    {
        $programme->edits()->whereNotNull('undone_at')->delete();
        $programme->edits()->create([
            'week' => $number,
            'words' => $edited->words,
            'before' => $before,
            'after' => $after,
            'anew' => $edited->anew,
            'came_from' => $edited->from,
            'goes_on' => $onwards,
        ]);
        $oldest = ProgrammeEdit::query()->where('programme_id', $programme->id)->orderByDesc('id')->skip(self::KEPT)->value('id');
        if ($oldest !== null) {
            $programme->edits()->where('id', '<=', $oldest)->delete();
        }
        $programme->update(['version' => $programme->version + 1]);
    }

    /**
     * @param  array<int, string>  $times
     * @return array<int, string> By weekday.
     */
    private static function timesAfter(array $times, EditedWeek $edited, Edit $edit, ?string $time): array
    {
        $new = [];
        foreach ($edited->week->days as $day) {
            $weekday = $day->day->weekday;
            $new[$weekday] = $time !== null && $weekday === ($edit->to ?? $edit->weekday)
                ? $time
                : $times[$edited->from[$weekday] ?? $weekday] ?? $times[$edit->weekday] ?? SessionDocument::USUAL_TIME;
        }

        return $new;
    }
}
