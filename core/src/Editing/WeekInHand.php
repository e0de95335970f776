<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\SessionName;
use NimbleShelf\Core\Programme\TrainingDay;

/** A week taken apart to be changed, and put together so that every block still is what its kind says. */
final readonly class WeekInHand
{
    /** What slots that stand alone are called together. */
    public const WORK = 'Work';

    private function __construct(private PlannedWeek $week)
    {
    }

    public static function of(PlannedWeek $week): self
    {
        return new self($week);
    }

    public function week(): PlannedWeek
    {
        return $this->week;
    }

    /** @throws InvalidQuantity If there is no session on it. */
    public function day(int $weekday, string $field = 'weekday'): PlannedDay
    {
        foreach ($this->week->days as $day) {
            if ($day->day->weekday === $weekday) {
                return $day;
            }
        }

        throw InvalidQuantity::because($field, 'There is no session on that day any more.');
    }

    public function has(int $weekday): bool
    {
        return in_array($weekday, array_map(static fn (PlannedDay $day): int => $day->day->weekday, $this->week->days), true);
    }

    /** @throws InvalidQuantity If it is not there. */
    public function slot(int $weekday, string $thread): Slot
    {
        [$block, $place] = $this->placeOf($weekday, $thread);

        return $this->day($weekday)->plan->blocks[$block]->slots[$place];
    }

    /**
     * @return array{int, int} Block and place.
     *
     * @throws InvalidQuantity If it is not there.
     */
    public function placeOf(int $weekday, string $thread): array
    {
        foreach ($this->day($weekday)->plan->blocks as $i => $block) {
            foreach ($block->slots as $place => $slot) {
                if ($slot->thread === $thread) {
                    return [$i, $place];
                }
            }
        }

        throw InvalidQuantity::because('slot', 'That exercise does not stand in this session any more.');
    }

    /** @param  list<Block>  $blocks */
    public function withBlocks(int $weekday, array $blocks): self
    {
        $day = $this->day($weekday);
        $tidy = self::tidied($blocks);
        $made = new PlannedDay($day->day, new SessionPlan($day->plan->name, $tidy));
        // A session called what it held is called what it holds; a name of the trainer's own stays.
        if ($day->plan->name === SessionName::of($day->work())) {
            $made = new PlannedDay($day->day, new SessionPlan(SessionName::of($made->work()), $tidy));
        }

        return $this->with($made);
    }

    public function withSlot(int $weekday, Slot $slot, ?string $insteadOf = null): self
    {
        [$block, $place] = $this->placeOf($weekday, $insteadOf ?? $slot->thread);
        $blocks = $this->day($weekday)->plan->blocks;
        $slots = $blocks[$block]->slots;
        $slots[$place] = $slot;
        $blocks[$block] = $blocks[$block]->withSlots(array_values($slots));

        return $this->withBlocks($weekday, array_values($blocks));
    }

    /**
     * @param  int|null  $block  Null for the end of the work.
     * @param  int|null  $place  Null for a block of its own before `block`.
     */
    public function withInserted(int $weekday, Slot $slot, ?int $block, ?int $place): self
    {
        $blocks = $this->day($weekday)->plan->blocks;
        $own = self::alone([$slot]);
        if ($block === null) {
            $last = count($blocks) - 1;
            $block = $last >= 0 && $blocks[$last]->kind === BlockKind::CoolDown ? $last : $last + 1;
            array_splice($blocks, $block, 0, [$own]);
        } elseif ($place === null || ! isset($blocks[$block])) {
            array_splice($blocks, min($block, count($blocks)), 0, [$own]);
        } else {
            $slots = $blocks[$block]->slots;
            array_splice($slots, min($place, count($slots)), 0, [self::inStepWith($blocks[$block], $slot)]);
            $blocks[$block] = $blocks[$block]->withSlots(array_values($slots));
        }

        return $this->withBlocks($weekday, array_values($blocks));
    }

    public function without(int $weekday, string $thread): self
    {
        return $this->withBlocks($weekday, $this->blocksWithout($weekday, $thread));
    }

    /** @return list<Block> Its block stays, even where nothing is left in it: places counted before still hold. */
    public function blocksWithout(int $weekday, string $thread): array
    {
        [$block, $place] = $this->placeOf($weekday, $thread);
        $blocks = $this->day($weekday)->plan->blocks;
        $slots = $blocks[$block]->slots;
        array_splice($slots, $place, 1);
        $blocks[$block] = $blocks[$block]->withSlots($slots);

        return array_values($blocks);
    }

    public function with(PlannedDay $day): self
    {
        $days = array_filter($this->week->days, static fn (PlannedDay $one): bool => $one->day->weekday !== $day->day->weekday);

        return self::ofDays($this->week, [...$days, $day]);
    }

    public function withoutDay(int $weekday): self
    {
        return self::ofDays(
            $this->week,
            array_filter($this->week->days, static fn (PlannedDay $one): bool => $one->day->weekday !== $weekday),
        );
    }

    public function onDay(int $weekday, TrainingDay $other): PlannedDay
    {
        return new PlannedDay($other, $this->day($weekday)->plan);
    }

    /** A thread that no slot of the week has. */
    public function freeThread(int $weekday, string $exercise): string
    {
        $taken = [];
        foreach ($this->week->days as $day) {
            foreach ($day->plan->slots() as $slot) {
                $taken[$slot->thread] = true;
            }
        }
        $thread = "{$weekday}.{$exercise}";
        for ($i = 2; isset($taken[$thread]); $i++) {
            $thread = "{$weekday}.{$exercise}.{$i}";
        }

        return $thread;
    }

    /** @param  non-empty-list<Slot>  $slots */
    public static function alone(array $slots): Block
    {
        return Block::asItStands(BlockKind::Straight, self::WORK, BlockRule::plain(), $slots);
    }

    /** What joins a round is done as often as the others. */
    private static function inStepWith(Block $block, Slot $slot): Slot
    {
        return $block->kind->goesRound() && $block->slots !== [] ? $slot->withSets($block->slots[0]->assignment->sets) : $slot;
    }

    /** @param  array<int, PlannedDay>  $days */
    private static function ofDays(PlannedWeek $week, array $days): self
    {
        usort($days, static fn (PlannedDay $one, PlannedDay $two): int => $one->day->weekday <=> $two->day->weekday);

        return new self(new PlannedWeek($week->number, $week->isDeload, $days));
    }

    /**
     * Nothing empty, no superset of one, what stands alone side by side in one block, supersets lettered in order.
     *
     * @param  list<Block>  $blocks
     * @return list<Block>
     */
    private static function tidied(array $blocks): array
    {
        $tidy = [];
        $supersets = 0;
        foreach ($blocks as $block) {
            if ($block->slots === []) {
                continue;
            }
            $block = self::fitting($block);
            $last = count($tidy) - 1;
            if ($last >= 0
                && $block->kind === BlockKind::Straight
                && $tidy[$last]->kind === BlockKind::Straight
                && $tidy[$last]->name === $block->name) {
                $tidy[$last] = $tidy[$last]->withSlots([...$tidy[$last]->slots, ...$block->slots]);

                continue;
            }
            if ($block->kind === BlockKind::Superset && preg_match('/^(Superset [A-Z]|)$/', $block->name) === 1) {
                $block = Block::asItStands($block->kind, 'Superset '.chr(65 + $supersets), $block->rule, $block->slots);
            }
            $supersets += $block->kind === BlockKind::Superset ? 1 : 0;
            $tidy[] = $block;
        }

        return array_values($tidy);
    }

    /** One that has lost or won too many slots for its kind becomes the kind that has so many. */
    private static function fitting(Block $block): Block
    {
        [$fewest, $most] = $block->kind->slots();
        $count = count($block->slots);
        if ($count >= $fewest && $count <= $most) {
            return $block;
        }
        $kind = match (true) {
            $count === 1 => BlockKind::Straight,
            $count <= 3 => BlockKind::Superset,
            $count <= 10 => BlockKind::Circuit,
            default => BlockKind::Straight,
        };
        $sets = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $block->slots)]);
        $rule = $kind === BlockKind::Straight ? BlockRule::plain() : BlockRule::fromArray($kind, array_filter([
            'rounds' => $kind === BlockKind::Circuit ? $sets : null,
            'rest_s' => $kind === BlockKind::Circuit ? $block->rule->restSeconds ?? 0 : null,
            'round_rest_s' => $block->rule->roundRestSeconds,
        ], static fn (?int $value): bool => $value !== null));
        $name = match ($kind) {
            BlockKind::Straight => self::WORK,
            BlockKind::Superset => '',
            default => ucfirst($kind->label()),
        };

        return Block::asItStands($kind, $name, $rule, $block->slots);
    }
}
