<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Enums\WeekKind;
use App\Models\PlannedBlock;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\Slot;
use App\Models\Week;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot as CoreSlot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/** Turns a programme's rows into what the core plans and judges. */
final readonly class ReadProgramme
{
    public function __construct(private Catalogue $catalogue, private ShelfRungs $rungs)
    {
    }

    /** @param  Situation|null  $situation  What things a slot uses comes from it; null where nobody asks. */
    public function week(Week $row, ?Situation $situation): PlannedWeek
    {
        $days = array_map(
            fn (PlannedSession $session): PlannedDay => $this->day($session, $situation),
            array_values($row->plannedSessions->all()),
        );
        usort($days, static fn (PlannedDay $one, PlannedDay $two): int => $one->day->weekday <=> $two->day->weekday);

        return new PlannedWeek($row->number, $row->kind === WeekKind::Deload, $days);
    }

    public function day(PlannedSession $session, ?Situation $situation): PlannedDay
    {
        $blocks = array_values($session->blocks->map(function (PlannedBlock $block) use ($situation): Block {
            $slots = $block->slots->map(fn (Slot $slot): CoreSlot => $this->slot($slot, $situation));
            try {
                $rule = BlockRule::fromArray($block->kind, $block->rule);
            } catch (CoreException) {
                // A rule that no longer reads is as good as none: the slots say the rest.
                $rule = BlockRule::plain();
            }

            return Block::asItStands($block->kind, $block->name, $rule, array_values($slots->all()));
        })->all());

        return new PlannedDay(TrainingDay::of($session->weekday, $session->minutes), new SessionPlan($session->name, $blocks));
    }

    /** What a programme was planned for, with the client as they are today. */
    public function brief(Programme $programme, Situation $situation): Brief
    {
        $style = $programme->style;
        $named = static fn (string $key): string => is_string($style[$key] ?? null) ? $style[$key] : '';
        $days = [];
        $weeks = $programme->weeks()->pluck('number', 'id');
        $sessions = DB::table('planned_sessions')->whereIn('week_id', $weeks->keys())->orderBy('week_id')->get(['weekday', 'minutes']);
        foreach ($sessions as $session) {
            /** @var object{weekday: int, minutes: int} $session */
            $days[$session->weekday] = TrainingDay::of($session->weekday, $session->minutes);
        }

        return Brief::of(
            situation: $situation,
            goal: $programme->goal,
            experience: Experience::tryFrom($named('experience')) ?? Experience::Some,
            days: $days === [] ? TrainingDay::spread(1, 45) : array_values($days),
            weeks: max(1, min(26, $weeks->count())),
            order: OrderSchool::tryFrom($named('order')) ?? OrderSchool::CompoundFirst,
            structure: Structure::tryFrom($named('structure')) ?? Structure::Straight,
            now: $programme->currentWeek(),
        );
    }

    private function slot(Slot $row, ?Situation $situation): CoreSlot
    {
        $asked = $row->assignment;
        $exercise = $this->catalogue->exercise($asked->exercise);
        $rung = $situation === null ? null : $this->rungs->rungFor($exercise, $asked->setting, $situation, (string) $asked->words);
        $words = $rung->words ?? $asked->words ?? SettingInWords::of($exercise, $asked->setting);

        return new CoreSlot($row->thread, $exercise, $asked->with(words: $words), $rung->things ?? []);
    }
}
