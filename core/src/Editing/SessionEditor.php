<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\ShorterSession;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\FrameFinder;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\SessionName;
use NimbleShelf\Core\Programme\SessionReader;
use NimbleShelf\Core\Programme\SlotOrder;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Text\Plain;

/** Changes a whole session: its order, length, frame, name and day. */
final readonly class SessionEditor
{
    private const USUAL_MINUTES = 45;

    public function __construct(private FrameFinder $frames, private SessionReader $reader)
    {
    }

    /**
     * A line, or several, as trainers scribble them, read into blocks at the end of the work.
     *
     * @throws InvalidQuantity If a line says nothing that can be done here.
     */
    public function written(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $day = $week->day($edit->weekday);
        $blocks = $day->plan->blocks;
        $said = $anew = [];
        foreach ($this->reader->read($edit->text, $brief) as $line) {
            $problem = null;
            foreach ($line->slots as $slot) {
                $problem ??= $slot->slot === null ? $slot->problem : null;
            }
            if ($line->doubts !== []) {
                throw InvalidQuantity::because('text', $line->doubts[0]->question());
            }
            if ($line->block === null || $problem !== null) {
                throw InvalidQuantity::because('text', $problem ?? $line->refused[0] ?? "\"{$line->text}\" is not understood.");
            }
            $slots = [];
            foreach ($line->block->slots as $slot) {
                // Threads given so far are taken, also those of this very line.
                $thread = $week->freeThread($edit->weekday, $slot->exercise->id);
                while (in_array($thread, $anew, true)) {
                    $thread .= '.b';
                }
                $anew[] = $thread;
                $slots[] = $slot->named($thread);
                $said[] = $slot->exercise->name;
            }
            $made = $line->block->withSlots($slots);
            $at = match ($made->kind) {
                BlockKind::WarmUp => 0,
                BlockKind::CoolDown => count($blocks),
                default => self::endOfWork($blocks),
            };
            array_splice($blocks, $at, 0, [$made]);
        }

        return new EditedWeek($week->withBlocks($edit->weekday, array_values($blocks))->week(), Plain::listed($said).' written', $anew);
    }

    /** Blocks and what stands alone, in the order the school keeps; within a round the order stays. */
    public function ordered(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $day = $week->day($edit->weekday);
        $units = $before = $after = [];
        foreach ($day->plan->blocks as $block) {
            if ($block->kind === BlockKind::WarmUp) {
                $before[] = $block;
            } elseif ($block->kind === BlockKind::CoolDown) {
                $after[] = $block;
            } elseif ($block->kind === BlockKind::Straight) {
                foreach ($block->slots as $slot) {
                    $units[] = $block->withSlots([$slot]);
                }
            } else {
                $units[] = $block->withSlots(SlotOrder::of($block->slots, $brief->order, $brief->isCareful()));
            }
        }
        $first = array_map(static fn (Block $unit): Slot => $unit->slots[0], $units);
        $order = array_map(static fn (Slot $slot): string => $slot->thread, SlotOrder::of($first, $brief->order, $brief->isCareful()));
        usort($units, static fn (Block $one, Block $two): int => array_search($one->slots[0]->thread, $order, true)
            <=> array_search($two->slots[0]->thread, $order, true));

        return new EditedWeek(
            $week->withBlocks($edit->weekday, [...$before, ...$units, ...$after])->week(),
            "{$day->day->label()} in order: {$brief->order->label()}",
        );
    }

    /** Cut to its minutes, or to fewer: fewer sets before fewer exercises, small movements before large ones. */
    public function shorter(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $day = $week->day($edit->weekday);
        $minutes = $edit->minutes ?? $day->day->minutes;
        $frame = array_values(array_filter($day->plan->blocks, self::isFrame(...)));
        $work = array_values(array_filter($day->plan->blocks, static fn (Block $block): bool => ! self::isFrame($block)));
        // What is likely counts, not what is promised: the frame takes its part first.
        $aim = $minutes;
        do {
            $around = (new PlannedDay($day->day, new SessionPlan('', $frame)))->likelyMinutes($brief);
            $cut = ShorterSession::of(
                new SessionPlan('', $work),
                max(5.0, $aim - $around),
                $brief->isSlowOnFeet(),
                $brief->situation->client->resting(),
            );
            $blocks = $day->plan->withSets($cut->sets)->blocks;
            $changed = $week->withBlocks($edit->weekday, $blocks);
            $aim--;
        } while ($changed->day($edit->weekday)->likelyMinutes($brief) > $minutes && $aim >= 5);
        $anew = [];
        foreach ($cut->sets as $thread => $sets) {
            if ($sets > 0 && $sets !== $week->slot($edit->weekday, (string) $thread)->assignment->sets) {
                $anew[] = (string) $thread;
            }
        }

        return new EditedWeek($changed->week(), sprintf('%s cut to %d minutes', $day->day->label(), $minutes), $anew);
    }

    /** Warm-up and cool-down chosen for what stands there now. */
    public function framed(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $day = $week->day($edit->weekday);
        $work = $day->work();
        $inside = array_values(array_filter($day->plan->blocks, static fn (Block $block): bool => ! self::isFrame($block)));
        $minutes = $day->day->minutes;
        $frames = [
            $this->frames->warmUp($work, $minutes, $brief->situation, "{$edit->weekday}.warm-up"),
            $this->frames->coolDown($work, $minutes, $brief->situation, "{$edit->weekday}.cool-down"),
        ];

        return new EditedWeek(
            $week->withBlocks($edit->weekday, [
                ...($frames[0] === null ? [] : [$frames[0]]),
                ...$inside,
                ...($frames[1] === null ? [] : [$frames[1]]),
            ])->week(),
            "Warm-up and cool-down for {$day->day->label()}",
        );
    }

    /** Null for a name that says what it holds. */
    public function renamed(WeekInHand $week, Edit $edit): EditedWeek
    {
        $day = $week->day($edit->weekday);
        $name = $edit->name === '=' ? SessionName::of($day->work()) : $edit->name;

        return new EditedWeek(
            $week->with(new PlannedDay($day->day, new SessionPlan($name, $day->plan->blocks)))->week(),
            "{$day->day->label()} called \"{$name}\"",
        );
    }

    /** To another day; where one stands there already, the two change places. */
    public function onAnotherDay(WeekInHand $week, Edit $edit): EditedWeek
    {
        $to = $edit->to ?? $edit->weekday;
        $day = $week->day($edit->weekday);
        $moved = $week->onDay($edit->weekday, TrainingDay::of($to, $day->day->minutes));
        $from = [$to => $edit->weekday];
        $without = $week->withoutDay($edit->weekday);
        if ($week->has($to) && $to !== $edit->weekday) {
            $other = $week->day($to)->day;
            $without = $without->withoutDay($to)->with($week->onDay($to, TrainingDay::of($edit->weekday, $other->minutes)));
            $from[$edit->weekday] = $to;
        }

        return new EditedWeek(
            $without->with($moved)->week(),
            "{$day->day->label()} moved to {$moved->day->label()}",
            [],
            $from,
        );
    }

    public function givenMinutes(WeekInHand $week, Edit $edit): EditedWeek
    {
        $day = $week->day($edit->weekday)->day;
        $minutes = $edit->minutes ?? $day->minutes;

        return new EditedWeek(
            $week->with($week->onDay($edit->weekday, TrainingDay::of($edit->weekday, $minutes)))->week(),
            sprintf('%s: %d minutes', $day->label(), $minutes),
        );
    }

    /** @throws InvalidQuantity If a session stands there already. */
    public function copied(WeekInHand $week, Edit $edit): EditedWeek
    {
        $to = $edit->to ?? $edit->weekday;
        self::unlessTaken($week, $to, 'to');
        $day = $week->day($edit->weekday);
        $under = static fn (Slot $slot): string => preg_match('/^\d\./', $slot->thread) === 1
            ? $to.substr($slot->thread, 1)
            : "{$to}.{$slot->thread}";
        $plan = new SessionPlan($day->plan->name, array_map(static fn (Block $block): Block => $block->withSlots(array_map(
            static fn (Slot $slot): Slot => $slot->named($under($slot)),
            $block->slots,
        )), $day->plan->blocks));
        $made = new PlannedDay(TrainingDay::of($to, $day->day->minutes), $plan);

        return new EditedWeek(
            $week->with($made)->week(),
            "{$day->day->label()} copied to {$made->day->label()}",
            array_map(static fn (Slot $slot): string => $slot->thread, $plan->slots()),
        );
    }

    public function removed(WeekInHand $week, Edit $edit): EditedWeek
    {
        return new EditedWeek($week->withoutDay($edit->weekday)->week(), "{$week->day($edit->weekday)->day->label()} taken out");
    }

    /** @throws InvalidQuantity If a session stands there already. */
    public function added(WeekInHand $week, Edit $edit): EditedWeek
    {
        self::unlessTaken($week, $edit->weekday, 'weekday');
        $day = TrainingDay::of($edit->weekday, $edit->minutes ?? self::USUAL_MINUTES);

        return new EditedWeek($week->with(new PlannedDay($day, new SessionPlan(SessionName::of([]), [])))->week(), "{$day->label()} added");
    }

    private static function unlessTaken(WeekInHand $week, int $weekday, string $field): void
    {
        if ($week->has($weekday)) {
            throw InvalidQuantity::because($field, "{$week->day($weekday)->day->label()} has a session already.");
        }
    }

    /** @param  list<Block>  $blocks */
    private static function endOfWork(array $blocks): int
    {
        $last = count($blocks) - 1;

        return $last >= 0 && $blocks[$last]->kind === BlockKind::CoolDown ? $last : $last + 1;
    }

    private static function isFrame(Block $block): bool
    {
        return $block->kind === BlockKind::WarmUp || $block->kind === BlockKind::CoolDown;
    }
}
