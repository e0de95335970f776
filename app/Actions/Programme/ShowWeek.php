<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Programme\MuscleSetsResource;
use App\Http\Resources\Programme\PlanChoiceResource;
use App\Http\Resources\Programme\SheetBlockResource;
use App\Http\Resources\Programme\SheetSessionResource;
use App\Http\Resources\Programme\SheetSlotResource;
use App\Http\Resources\Programme\WeekCheckResource;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;
use App\Models\Week;
use NimbleShelf\Core\Editing\Mends;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\RestingLimbs;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\Check;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\WeekChecks;

/** One week of a programme as the editor shows it, judged anew. */
final readonly class ShowWeek
{
    public function __construct(
        private ReadProgramme $read,
        private WeekChecks $checks,
        private DescribeClient $describe,
        private FollowProgramme $follow,
    ) {
    }

    /** @param  list<string>  $keptVisits */
    public function handle(Programme $programme, int $number, string $said = '', array $keptVisits = []): WeekSheetResource
    {
        $this->follow->handle($programme, except: $number);
        /** @var Week $row */
        $row = $programme->weeks()->where('number', $number)->with('plannedSessions.blocks.slots')->firstOrFail();
        $situation = $this->describe->situation($programme->client ?? abort(404));
        $times = [];
        foreach ($row->plannedSessions as $session) {
            $times[$session->weekday] = $session->time;
        }

        $brief = $this->read->brief($programme, $situation);

        return $this->of($programme, $this->read->week($row, $situation), $times, $brief, $said, $keptVisits);
    }

    /**
     * @param  array<int, string>  $times  By weekday.
     * @param  list<string>  $keptVisits
     */
    public function of(
        Programme $programme,
        PlannedWeek $week,
        array $times,
        Brief $brief,
        string $said = '',
        array $keptVisits = [],
    ): WeekSheetResource {
        $last = $programme->lastEdit();

        return new WeekSheetResource(
            programmeId: $programme->id,
            clientId: (int) $programme->client_id,
            programme: $programme->name,
            state: $programme->standing()->value,
            version: $programme->version,
            number: $week->number,
            weeks: $brief->weeks,
            kind: $week->isDeload ? 'deload' : 'build',
            startsOn: $programme->weekStartsOn($week->number)->toDateString(),
            sessions: array_map(
                fn (PlannedDay $day): SheetSessionResource => $this->session($day, $times[$day->day->weekday] ?? '', $brief),
                $week->days,
            ),
            checks: array_map(
                static fn (Check $check): WeekCheckResource => WeekCheckResource::of($check, Mends::of($check, $week, $brief)),
                $this->checks->of($week, $brief),
            ),
            muscles: MuscleSetsResource::allOf($this->checks->hardSets($week, $brief), $brief),
            shapes: array_map(
                static fn (BlockKind $kind): PlanChoiceResource => new PlanChoiceResource($kind->value, ucfirst($kind->label())),
                BlockKind::planned(),
            ),
            undo: $last?->words,
            redo: $programme->nextEdit()?->words,
            undoWeek: $last?->week,
            said: $said,
            keptVisits: $keptVisits,
        );
    }

    private function session(PlannedDay $day, string $time, Brief $brief): SheetSessionResource
    {
        $timeline = $day->timeline($brief);

        return new SheetSessionResource(
            weekday: $day->day->weekday,
            day: $day->day->label(),
            time: $time,
            name: $day->plan->name,
            minutes: $day->day->minutes,
            promisedMinutes: (int) ceil($timeline->seconds() / 60),
            likelyMinutes: (int) ceil($timeline->likelySeconds($brief->paceFactor) / 60),
            positionChanges: $timeline->positionChanges,
            kitChanges: count(array_filter(
                $timeline->steps,
                static fn (Step $step): bool => $step->kind === StepKind::Change && ($step->pickUp !== [] || $step->putDown !== []),
            )),
            blocks: array_map(
                static fn (Block $block): SheetBlockResource => self::block($block, $brief->situation->client->resting()),
                $day->plan->blocks,
            ),
        );
    }

    private static function block(Block $block, RestingLimbs $resting): SheetBlockResource
    {
        $count = count($block->slots);

        return new SheetBlockResource(
            kind: $block->kind->value,
            label: ucfirst($block->kind->label()),
            name: $block->name,
            rule: $block->rule->inWords(),
            numbers: $block->rule->toArray(),
            shapes: array_values(array_map(
                static fn (BlockKind $kind): string => $kind->value,
                array_filter(
                    BlockKind::planned(),
                    static fn (BlockKind $kind): bool => $count >= $kind->slots()[0] && $count <= $kind->slots()[1],
                ),
            )),
            slots: array_map(static fn (Slot $slot): SheetSlotResource => self::slot($slot, $resting), $block->slots),
        );
    }

    private static function slot(Slot $slot, RestingLimbs $resting): SheetSlotResource
    {
        $asked = $slot->assignment;
        $dose = $asked->dose;

        return new SheetSlotResource(
            thread: $slot->thread,
            exercise: $slot->exercise->id,
            name: $slot->exercise->name,
            words: $asked->words,
            sets: $asked->sets,
            dose: $resting->inWords($slot->exercise, $asked),
            short: $asked->inShort(),
            reps: $dose->fewest,
            repsMost: $dose->most,
            seconds: $dose->seconds,
            asLongAsClean: $dose->asLongAsClean,
            perSide: $dose->perSide,
            sides: $asked->sides->value,
            sidesThere: array_map(
                static fn (Sides $sides): PlanChoiceResource => new PlanChoiceResource($sides->value, ucfirst($sides->inWords())),
                Execution::sidesFor($slot->exercise),
            ),
            reserve: $asked->reserve,
            restSeconds: $asked->restSeconds,
            isHeld: $asked->isHeld,
            lastToFailure: $asked->lastToFailure,
            tempo: $asked->tempo?->toArray(),
            usualTempo: Tempo::of(...$slot->exercise->tempo)->toArray(),
            means: $dose->means,
            factor: $dose->factor,
            why: $asked->why,
            things: array_map(static fn (Thing $thing): string => $thing->name, $slot->things),
        );
    }
}
