<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Enums\ProgrammeState;
use App\Enums\WeekKind;
use App\Http\Resources\Programme\ProgrammeResource;
use App\Models\Client;
use App\Models\PlannedBlock;
use App\Models\PlannedSession;
use App\Models\Programme;
use App\Models\Slot as SlotRow;
use App\Models\Week;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Editing\EditedWeek;
use NimbleShelf\Core\Editing\LaterWeeks;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Planner;
use NimbleShelf\Core\Programme\ProgrammePlan;
use NimbleShelf\Core\Programme\Progression;
use NimbleShelf\Core\Programme\SessionName;
use NimbleShelf\Core\Programme\SessionReader;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\WeekChecks;
use NimbleShelf\Core\Programme\WrittenBlock;
use NimbleShelf\Core\Programme\WrittenDay;

/** Plans a programme for a client from what there is today, and keeps it where that is wanted. */
final readonly class PlanProgramme
{
    public function __construct(
        private Planner $planner,
        private SessionReader $reader,
        private WeekChecks $checks,
        private LaterWeeks $later,
        private DescribeClient $describe,
        private ShowProgramme $show,
    ) {
    }

    public function propose(Client $client, Wish $wish): ProgrammeResource
    {
        [$plan, $written] = $this->plan($client, $wish);

        return $this->show->proposed($client, $wish, $plan, $written);
    }

    /** Keeps what `propose()` shows, as a draft. */
    public function keep(Client $client, Wish $wish): Programme
    {
        [$plan, $written] = $this->plan($client, $wish);
        $this->refuseUnread($written);

        return DB::transaction(function () use ($client, $wish, $plan): Programme {
            /** @var Programme $programme */
            $programme = $client->programmes()->create([
                'name' => $wish->name(),
                'goal' => $wish->goal,
                'state' => ProgrammeState::Draft,
                'starts_on' => $wish->startsOn,
                'days' => array_map(static fn ($day): array => [
                    'weekday' => $day->weekday,
                    'time' => $wish->times[$day->weekday],
                    'minutes' => $day->minutes,
                ], $wish->days),
                'style' => [
                    'order' => $wish->order->value,
                    'structure' => $wish->structure->value,
                    'experience' => $wish->experience->value,
                    'score' => $plan->score->parts ?? null,
                    'held_back' => $plan->heldBack,
                ],
            ]);
            $this->weeks($programme, $wish, $plan);

            return $programme;
        });
    }

    /** @throws ValidationException If it runs or has run. */
    public function discard(Programme $draft): void
    {
        if ($draft->state !== ProgrammeState::Draft) {
            throw ValidationException::withMessages(['programme' => 'Only a draft can be thrown away; what runs is ended by another.']);
        }
        $draft->delete();
    }

    /** @return array{ProgrammePlan, list<WrittenBlock>} What was planned, or what the lines say. */
    private function plan(Client $client, Wish $wish): array
    {
        try {
            $brief = $wish->briefFor($this->describe->situation($client));

            return $wish->text === null ? [$this->planner->plan($brief), []] : $this->written($wish->text, $brief);
        } catch (InvalidQuantity $refused) {
            throw ValidationException::withMessages([$refused->field() => $refused->getMessage()]);
        }
    }

    /**
     * The same session on each of the days, carried forward through the weeks like one that was planned.
     *
     * @return array{ProgrammePlan, list<WrittenBlock>}
     */
    private function written(string $text, Brief $brief): array
    {
        $read = $this->reader->days($text, $brief);
        $days = [];
        foreach ($brief->days as $place => $day) {
            $blocks = self::blocksOf($read, $day, $place);
            $own = array_map(static fn (Block $block): Block => $block->withSlots(array_map(
                static fn (Slot $slot): Slot => $slot->named("{$day->weekday}.{$slot->thread}"),
                $block->slots,
            )), $blocks);
            if ($own !== []) {
                $work = (new PlannedDay($day, new SessionPlan('', $own)))->work();
                $days[] = new PlannedDay($day, new SessionPlan(SessionName::of($work), $own));
            }
        }
        $written = array_merge(...[[], ...array_map(static fn (WrittenDay $one): array => $one->blocks, $read)]);
        $first = new PlannedWeek(1, false, $days);
        $later = array_map(static fn (int $number): PlannedWeek => new PlannedWeek(
            $number,
            Progression::isDeload($number) && $brief->goal !== Goal::Keep,
            [],
        ), $brief->weeks > 1 ? range(2, $brief->weeks) : []);
        $threads = array_merge(...[[], ...array_map(static fn (PlannedDay $day): array => array_map(
            static fn (Slot $slot): string => $slot->thread,
            $day->work(),
        ), $days)]);
        $weeks = [$first, ...$this->later->after($first, new EditedWeek($first, '', $threads), $later, $brief)];
        $checks = array_merge(...array_map(fn (PlannedWeek $week): array => $this->checks->of($week, $brief), $weeks));

        return [new ProgrammePlan($weeks, $days === [] ? [] : $checks, null, [], [], []), $written];
    }

    /**
     * What stands on a day: what is written for that weekday, or the days in turn where they have names, or the same on all.
     *
     * @param  list<WrittenDay>  $read
     * @return list<Block>
     */
    private static function blocksOf(array $read, TrainingDay $day, int $place): array
    {
        $named = array_values(array_filter($read, static fn (WrittenDay $one): bool => $one->weekday !== null));
        $ofTheDay = array_filter($named, static fn (WrittenDay $one): bool => $one->weekday === $day->weekday);
        $inTurn = array_values(array_filter($read, static fn (WrittenDay $one): bool => $one->weekday === null));
        $those = $named !== [] ? $ofTheDay : ($inTurn === [] ? [] : [$inTurn[$place % count($inTurn)]]);
        $written = array_merge(...[[], ...array_map(static fn (WrittenDay $one): array => $one->blocks, array_values($those))]);

        return array_values(array_filter(array_map(static fn (WrittenBlock $line): ?Block => $line->block, $written)));
    }

    /**
     * @param  list<WrittenBlock>  $written
     *
     * @throws ValidationException If something is asked, or a line says nothing that can be done.
     */
    private function refuseUnread(array $written): void
    {
        foreach ($written as $line) {
            if ($line->doubts !== []) {
                throw ValidationException::withMessages(['text' => $line->doubts[0]->question()]);
            }
            foreach ($line->slots as $slot) {
                if ($slot->slot === null) {
                    throw ValidationException::withMessages(['text' => $slot->problem ?? "\"{$slot->text}\" cannot be done here."]);
                }
            }
            if ($line->block === null && $line->slots !== []) {
                throw ValidationException::withMessages(['text' => $line->refused[0] ?? "\"{$line->text}\" cannot be done here."]);
            }
        }
    }

    private function weeks(Programme $programme, Wish $wish, ProgrammePlan $plan): void
    {
        foreach ($plan->weeks as $week) {
            /** @var Week $row */
            $row = $programme->weeks()->create([
                'number' => $week->number,
                'kind' => $week->isDeload ? WeekKind::Deload : WeekKind::Build,
            ]);
            foreach ($week->days as $day) {
                /** @var PlannedSession $session */
                $session = $row->plannedSessions()->create([
                    'name' => $day->plan->name,
                    'weekday' => $day->day->weekday,
                    'time' => $wish->times[$day->day->weekday],
                    'minutes' => $day->day->minutes,
                ]);
                foreach ($day->plan->blocks as $position => $block) {
                    /** @var PlannedBlock $made */
                    $made = $session->blocks()->create([
                        'kind' => $block->kind,
                        'rule' => $block->rule->toArray(),
                        'name' => $block->name,
                        'position' => $position + 1,
                    ]);
                    $now = CarbonImmutable::now();
                    SlotRow::query()->insert(array_map(static function (int $place, Slot $slot) use ($made, $plan, $week, $now): array {
                        $row = new SlotRow(['thread' => $slot->thread, 'position' => $place + 1]);
                        $row->assignment = self::withWhy($slot, $plan->steps[$slot->thread][$week->number - 1] ?? '');
                        $kept = $row->getAttributes();

                        return $kept + [
                            'planned_block_id' => $made->id,
                            'written' => $kept['assignment'],
                            'created_at' => $now,
                            'updated_at' => $now,
                        ];
                    }, array_keys($block->slots), $block->slots));
                }
            }
        }
    }

    private static function withWhy(Slot $slot, string $why): Assignment
    {
        return $why === '' ? $slot->assignment : $slot->assignment->with(why: $why);
    }
}
