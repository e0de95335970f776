<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;

/** Changes in what shape exercises of a session are done together. */
final readonly class BlockEditor
{
    /** Numbers a kind begins with; ours, to be changed on the spot. */
    private const WORK_SECONDS = 40;

    private const BETWEEN_SECONDS = 20;

    private const ROUND_REST_SECONDS = 60;

    private const MOST_IN_SUPERSET = 3;

    /** Joins an exercise and the one after it: two are a superset, four a circuit. */
    public function grouped(WeekInHand $week, Edit $edit): EditedWeek
    {
        $blocks = $week->day($edit->weekday)->plan->blocks;
        [$at, $place] = $week->placeOf($edit->weekday, $edit->slot);
        $block = $blocks[$at];
        self::unlessFrame($block);
        $slot = $block->slots[$place];
        $isRound = $block->kind !== BlockKind::Straight;
        $partners = $isRound ? $block->slots : [$slot];
        // Of a block that goes round, what comes after the whole block joins it.
        $from = $isRound ? $at + 1 : $at;
        $next = $isRound ? null : $block->slots[$place + 1] ?? null;
        if ($next === null) {
            $following = $blocks[$isRound ? $from : $at + 1] ?? null;
            if ($following === null || $following->kind === BlockKind::CoolDown) {
                throw InvalidQuantity::because('slot', 'Nothing comes after it to join it with.');
            }
            $joined = $following->kind === BlockKind::Straight ? array_slice($following->slots, 0, 1) : $following->slots;
            $taken = $isRound ? $from : $at + 1;
            $blocks[$taken] = $following->withSlots(array_slice($following->slots, count($joined)));
        } else {
            $joined = [$next];
        }
        $slots = [...$partners, ...$joined];
        $made = self::shaped(
            count($slots) <= self::MOST_IN_SUPERSET ? BlockKind::Superset : BlockKind::Circuit,
            $slots,
            $isRound ? $block->rule->toArray() : [],
        );
        if ($isRound) {
            $blocks[$at] = $made;
        } else {
            $before = $block->withSlots(array_slice($block->slots, 0, $place));
            $after = $block->withSlots(array_slice($block->slots, $place + ($next === null ? 1 : 2)));
            array_splice($blocks, $at, 1, [$before, $made, $after]);
        }

        return new EditedWeek(
            $week->withBlocks($edit->weekday, array_values($blocks))->week(),
            sprintf('%s and %s done in turn', $slot->exercise->name, mb_strtolower($joined[0]->exercise->name)),
        );
    }

    /** Takes a block apart: its exercises stand alone, one after another. */
    public function ungrouped(WeekInHand $week, Edit $edit): EditedWeek
    {
        $blocks = $week->day($edit->weekday)->plan->blocks;
        [$at] = $week->placeOf($edit->weekday, $edit->slot);
        self::unlessFrame($blocks[$at]);
        $slots = $blocks[$at]->slots;
        if ($slots === []) {
            return new EditedWeek($week->week(), '');
        }
        $name = $blocks[$at]->name;
        $blocks[$at] = WeekInHand::alone($slots);

        return new EditedWeek($week->withBlocks($edit->weekday, array_values($blocks))->week(), "{$name} taken apart");
    }

    /**
     * Another kind for a whole block, or other numbers for the same.
     *
     * @throws InvalidQuantity If the kind does not go with so many exercises or with its numbers, naming what is wrong.
     */
    public function shapedAs(WeekInHand $week, Edit $edit, Brief $brief): EditedWeek
    {
        $blocks = $week->day($edit->weekday)->plan->blocks;
        $block = $blocks[$edit->block ?? 0] ?? throw InvalidQuantity::because('block', 'That block is not there any more.');
        $kind = $edit->shape ?? $block->kind;
        $slots = $block->slots;
        if ($kind === BlockKind::Hold) {
            $seconds = $brief->experience->holdSeconds();
            $slots = array_map(static fn (Slot $slot): Slot => $slot->assignment->dose->isTimed() ? $slot : $slot->asking(
                $slot->assignment->with(dose: Dose::asLongAsClean($seconds, $slot->assignment->dose->perSide)),
            ), $slots);
        }
        $rule = $edit->rule + ($kind === $block->kind ? $block->rule->toArray() : []);
        $blocks[$edit->block ?? 0] = self::shaped($kind, $slots, $rule, $kind === $block->kind ? $block->name : null);

        return new EditedWeek(
            $week->withBlocks($edit->weekday, array_values($blocks))->week(),
            sprintf('%s as %s', $block->name, $kind->label()),
        );
    }

    /**
     * @param  list<Slot>  $slots
     * @param  array<string, mixed>  $rule
     */
    private static function shaped(BlockKind $kind, array $slots, array $rule, ?string $name = null): Block
    {
        $sets = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $slots)]);
        $rest = max([0, ...array_map(static fn (Slot $slot): int => $slot->assignment->restSeconds, $slots)]);
        $said = static fn (string $key): mixed => $rule[$key] ?? null;
        $numbers = match ($kind) {
            BlockKind::Superset, BlockKind::Section => [
                'rounds' => $said('rounds'),
                'round_rest_s' => $said('round_rest_s') ?? $rest,
            ],
            BlockKind::Circuit => [
                'rounds' => $said('rounds') ?? $sets,
                'rest_s' => $said('rest_s') ?? 0,
                'round_rest_s' => $said('round_rest_s') ?? max(self::ROUND_REST_SECONDS, $rest),
            ],
            BlockKind::Intervals => [
                'rounds' => $said('rounds') ?? $sets,
                'work_s' => $said('work_s') ?? self::WORK_SECONDS,
                'rest_s' => $said('rest_s') ?? self::BETWEEN_SECONDS,
                'round_rest_s' => $said('round_rest_s') ?? self::ROUND_REST_SECONDS,
            ],
            BlockKind::Ladder => ['doses' => $said('doses') ?? [15, 12, 9, 6]],
            BlockKind::TwoPhase => ['phases' => $said('phases')],
            BlockKind::Menu => ['pick' => $said('pick') ?? 1, 'needs' => $said('needs')],
            BlockKind::Layered => ['rounds' => $said('rounds') ?? $sets],
            default => [],
        };
        $read = BlockRule::fromArray($kind, array_filter($numbers, static fn (mixed $value): bool => $value !== null));
        if ($kind->goesRound() && $read->rounds !== null) {
            $slots = array_map(static fn (Slot $slot): Slot => $slot->withSets($read->rounds), $slots);
        } elseif ($kind->goesRound() && $kind !== BlockKind::Ladder) {
            $slots = array_map(static fn (Slot $slot): Slot => $slot->withSets($sets), $slots);
        }

        return Block::of($kind, $name ?? match ($kind) {
            BlockKind::Straight => WeekInHand::WORK,
            BlockKind::Superset => '',
            default => ucfirst($kind->label()),
        }, $read, $slots);
    }

    /** @throws InvalidQuantity If it warms up or cools down. */
    private static function unlessFrame(Block $block): void
    {
        if ($block->kind === BlockKind::WarmUp || $block->kind === BlockKind::CoolDown) {
            throw InvalidQuantity::because('slot', 'Warm-up and cool-down are done one after another as they stand.');
        }
    }
}
