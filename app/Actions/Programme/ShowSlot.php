<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Programme\SessionDetailResource;
use App\Http\Resources\Programme\ShorterSelfResource;
use App\Http\Resources\Programme\SlotDetailResource;
use App\Http\Resources\Programme\SlotStepResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shared\SheetRowResource;
use App\Models\Programme;
use App\Models\Week;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Editing\Edit;
use NimbleShelf\Core\Editing\WeekEditor;
use NimbleShelf\Core\Editing\WeekInHand;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;

/** One exercise, or one session, of a planned week looked at closely. */
final readonly class ShowSlot
{
    private const SHORTER_MINUTES = [5, 10, 20];

    public function __construct(
        private ReadProgramme $read,
        private DescribeClient $describe,
        private WeekEditor $editor,
        private ShelfRungs $rungs,
        private ResistanceModel $model,
        private Catalogue $catalogue,
    ) {
    }

    public function slot(Programme $programme, int $number, int $weekday, string $thread): SlotDetailResource
    {
        [$week, $brief] = $this->week($programme, $number);
        $slot = $this->find($week, $weekday, $thread);
        $exercise = $slot->exercise;
        $setting = $slot->assignment->setting;
        $body = $brief->situation->client->body;
        $rung = $this->rungOf($slot, $brief->situation);
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured() && ! $exercise->isHold;
        try {
            $equivalent = $isMeasured
                ? $this->model->equivalent($exercise, $body, $setting, School::Mean, $rung->certainty)
                : null;
        } catch (CoreException) {
            // What the shelf no longer allows has no load to show; the check says why.
            $equivalent = null;
        }

        return new SlotDetailResource(
            thread: $thread,
            noFailure: $brief->whyNotToFailure(),
            exercise: $exercise->id,
            name: $exercise->name,
            figure: FigureResource::of($this->model->rig($exercise, $body, $setting), $exercise, $setting, $body),
            cues: CuesResource::of($exercise),
            cautions: Cautions::of($rung, $brief->situation),
            layOut: $rung->toLayOut($brief->situation->shelf),
            easier: SlotStepResource::of($this->editor->next($slot, isHarder: false, brief: $brief)),
            harder: SlotStepResource::of($this->editor->next($slot, isHarder: true, brief: $brief)),
            equivalent: $equivalent === null ? null : EquivalentResource::of($equivalent, $this->catalogue),
        );
    }

    public function session(Programme $programme, int $number, int $weekday): SessionDetailResource
    {
        [$week, $brief] = $this->week($programme, $number);
        try {
            $day = WeekInHand::of($week)->day($weekday);
        } catch (CoreException) {
            abort(404);
        }
        $layOut = [];
        foreach ($day->plan->slots() as $slot) {
            array_push($layOut, ...$this->rungOf($slot, $brief->situation)->toLayOut($brief->situation->shelf));
        }
        $steps = $day->timeline($brief)->steps;
        $minutes = static fn (StepKind $kind): int => (int) round(array_sum(array_map(
            static fn (Step $step): float => $step->kind === $kind ? $step->seconds : 0.0,
            $steps,
        )) / 60);

        return new SessionDetailResource(
            weekday: $weekday,
            layOut: array_values(array_unique($layOut)),
            rows: SheetRowResource::allOf($steps),
            shorter: array_map(
                fn (int $most): ShorterSelfResource => $this->shorter($week, $day, $most, $brief),
                array_values(array_filter(self::SHORTER_MINUTES, static fn (int $most): bool => $most < $day->day->minutes)),
            ),
            workMinutes: $minutes(StepKind::Work),
            restMinutes: $minutes(StepKind::Rest),
            changeMinutes: $minutes(StepKind::Change),
        );
    }

    private function shorter(PlannedWeek $week, PlannedDay $day, int $minutes, Brief $brief): ShorterSelfResource
    {
        // Five minutes leave no room for a frame: the first lift warms itself up with a lighter set.
        $bare = $minutes < 20 ? new PlannedDay($day->day, new SessionPlan($day->plan->name, array_values(array_filter(
            $day->plan->blocks,
            static fn ($block): bool => ! in_array($block->kind->value, ['warm-up', 'cool-down'], true),
        )))) : $day;
        $edit = Edit::fromArray(['kind' => 'shorter', 'weekday' => $day->day->weekday, 'minutes' => $minutes]);
        $cut = $this->editor->apply(WeekInHand::of($week)->with($bare)->week(), $edit, $brief)->week;
        $left = WeekInHand::of($cut)->day($day->day->weekday);

        return new ShorterSelfResource(
            minutes: $minutes,
            likelyMinutes: (int) ceil($left->likelyMinutes($brief)),
            stays: array_map(static fn (Slot $slot): string => "{$slot->assignment->inShort()} {$slot->exercise->name}", $left->work()),
        );
    }

    /** @return array{PlannedWeek, Brief} */
    private function week(Programme $programme, int $number): array
    {
        $situation = $this->describe->situation($programme->client ?? abort(404));
        /** @var Week $row */
        $row = $programme->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->firstOrFail();

        return [$this->read->week($row, $situation), $this->read->brief($programme, $situation)];
    }

    private function find(PlannedWeek $week, int $weekday, string $thread): Slot
    {
        try {
            return WeekInHand::of($week)->slot($weekday, $thread);
        } catch (CoreException) {
            abort(404);
        }
    }

    private function rungOf(Slot $slot, Situation $situation): Rung
    {
        $exercise = $slot->exercise;
        $setting = $slot->assignment->setting;

        return $this->rungs->rungFor($exercise, $setting, $situation, (string) $slot->assignment->words)
            ?? new Rung($exercise, $setting, [], Certainty::Labelled, (string) $slot->assignment->words, $exercise->setUpSeconds);
    }
}
