<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\BriefShape;
use App\Console\Input\Fields;
use App\Console\Output\Judgement;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\ProgrammePlan;

final class PlanCommand extends JsonCommand
{
    protected $signature = 'nimble:plan';

    protected $description = 'Plans a programme for a client, a shelf and a home, and proves it';

    public function __construct(private readonly BriefShape $briefs, private readonly Planner $planner)
    {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $brief = $this->briefs->read($asked);
        $plan = $this->planner->plan($brief);

        return [
            'weeks' => array_map(fn (PlannedWeek $week): array => [
                'number' => $week->number,
                'kind' => $week->isDeload ? 'deload' : 'build',
                'sessions' => array_map(fn (PlannedDay $day): array => $this->session($day, $week, $plan, $brief), $week->days),
            ], $plan->weeks),
            ...Judgement::of($plan->checks, $plan->score),
            'held_back' => $plan->heldBack,
        ];
    }

    /** @return array<string, mixed> */
    private function session(PlannedDay $day, PlannedWeek $week, ProgrammePlan $plan, Brief $brief): array
    {
        $timeline = $day->timeline($brief);

        return [
            'weekday' => $day->day->weekday,
            'name' => $day->plan->name,
            'minutes' => $day->day->minutes,
            'likely_minutes' => round($timeline->likelySeconds($brief->paceFactor) / 60, 1),
            'position_changes' => $timeline->positionChanges,
            'blocks' => array_map(fn (Block $block): array => [
                'kind' => $block->kind->value,
                'name' => $block->name,
            ] + $block->rule->toArray() + [
                'items' => array_map(fn (Slot $slot): array => $this->item($slot, $block, $week, $plan), $block->slots),
            ], $day->plan->blocks),
        ];
    }

    /** @return array<string, mixed> */
    private function item(Slot $slot, Block $block, PlannedWeek $week, ProgrammePlan $plan): array
    {
        $asked = $slot->assignment;
        // In intervals the clock decides, not the count.
        $seconds = $block->rule->workSeconds ?? ($asked->dose->isTimed() ? $asked->dose->count() : null);
        $equivalent = $plan->equivalents["{$slot->thread}/{$week->number}"] ?? null;
        $step = $plan->steps[$slot->thread][$week->number - 1] ?? null;

        return array_filter([
            'thread' => $slot->thread,
            'exercise' => $asked->exercise,
            'setting' => $asked->setting->toArray(),
            'words' => $asked->words,
            'things' => array_values(array_filter(
                array_map(static fn (Thing $thing): string => $thing->id, $slot->things),
                static fn (string $id): bool => $id !== Situation::OWN_SEAT,
            )),
            'sets' => $asked->sets,
            'reps' => $seconds === null ? $asked->dose->count() : null,
            'seconds' => $seconds,
            'per_side' => $asked->dose->perSide,
            'sides' => $asked->sides->value,
            'reserve' => $asked->reserve,
            'tempo' => $asked->tempo?->toArray(),
            'rest_seconds' => $asked->restSeconds,
        ], static fn (mixed $value): bool => $value !== null) + [
            'equivalent_kg' => $equivalent === null ? null : round($equivalent, 3),
            'why' => $step ?? 'It frames the session.',
        ];
    }
}
