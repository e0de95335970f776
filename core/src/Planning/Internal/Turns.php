<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning\Internal;

use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Counting;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\LeadingSides;
use NimbleShelf\Core\Planning\Phase;
use NimbleShelf\Core\Planning\RestingLimbs;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;

/**
 * The turns of a block in the order of its kind, so that no set, round or side is forgotten.
 *
 * @internal
 */
final readonly class Turns
{
    private function __construct(private Block $block, private LeadingSides $leading, private RestingLimbs $resting)
    {
    }

    /**
     * @param  bool  $everyPick  True for all that a menu offers.
     * @return list<Turn>
     */
    public static function of(Block $block, LeadingSides $leading, RestingLimbs $resting, bool $everyPick = false): array
    {
        $turns = new self($block, $leading, $resting);

        return match ($block->kind) {
            BlockKind::Superset, BlockKind::Circuit, BlockKind::Section => $turns->rounds(),
            BlockKind::Intervals => $turns->intervals(),
            BlockKind::Ladder => $turns->ladder(),
            BlockKind::TwoPhase => $turns->twoPhase(),
            BlockKind::Layered => $turns->layered(),
            BlockKind::Menu => $turns->menu($everyPick),
            default => $turns->straight($block->slots),
        };
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<Turn>
     */
    private function straight(array $slots, string $announce = ''): array
    {
        $turns = [];
        foreach ($slots as $slot) {
            for ($set = 1; $set <= $slot->assignment->sets; $set++) {
                $turns[] = new Turn(
                    $slot,
                    $set,
                    $this->parts($slot, $slot->assignment->dose, $set),
                    $slot->assignment->restSeconds,
                    $turns === [] ? $announce : '',
                );
            }
        }

        return $turns;
    }

    /** @return list<Turn> One set of each slot, rest between them as the rule says, then the rest of the round. */
    private function rounds(): array
    {
        $turns = [];
        for ($round = 1; $round <= $this->block->rounds(); $round++) {
            $slots = $this->slotsIn($round);
            foreach ($slots as $i => $slot) {
                $turns[] = new Turn($slot, $round, $this->parts($slot, $slot->assignment->dose, $round), $this->restAfter($i, $slots));
            }
        }

        return $turns;
    }

    /** @return list<Turn> */
    private function intervals(): array
    {
        $rule = $this->block->rule;
        $turns = [];
        for ($round = 1; $round <= $this->block->rounds(); $round++) {
            $slots = $this->slotsIn($round);
            foreach ($slots as $i => $slot) {
                $isLast = $i === count($slots) - 1 && $round < $this->block->rounds();
                $turns[] = new Turn(
                    $slot,
                    $round,
                    $this->byTheClock($slot, $rule->workSeconds ?? 0, $round),
                    ($rule->restSeconds ?? 0) + ($isLast ? $rule->roundRestSeconds ?? 0 : 0),
                );
            }
        }

        return $turns;
    }

    /** @return list<Turn> */
    private function ladder(): array
    {
        $turns = [];
        foreach (array_slice($this->block->rule->doses, 0, $this->block->rounds()) as $i => $count) {
            $slots = $this->slotsIn($i + 1);
            foreach ($slots as $j => $slot) {
                $dose = $slot->assignment->dose->to($count);
                $announce = $j > 0 ? '' : sprintf('Round %d of %d: %s each', $i + 1, $this->block->rounds(), $dose->inWords());
                $turns[] = new Turn($slot, $i + 1, $this->parts($slot, $dose, $i + 1), $this->restAfter($j, $slots), $announce);
            }
        }

        return $turns;
    }

    /** @return list<Turn> Unless the rule names its phases, half the time alternating and half with both. */
    private function twoPhase(): array
    {
        $turns = [];
        foreach ($this->block->slots as $slot) {
            $total = (int) round($slot->assignment->dose->workSeconds($slot->secondsEach()));
            $phases = $this->block->rule->phases !== []
                ? $this->block->rule->phases
                : [new Phase(Sides::Alternating, intdiv($total, 2)), new Phase(Sides::Both, $total - intdiv($total, 2))];
            $parts = [];
            foreach ($phases as $i => $phase) {
                $words = "{$phase->seconds} s {$phase->sides->inWords()}";
                $parts[] = new Part(
                    $phase->seconds,
                    $phase->seconds,
                    'seconds',
                    $words,
                    announce: $i === 0 ? '' : "Now {$phase->sides->inWords()}",
                    endsSet: $i === count($phases) - 1,
                );
            }
            for ($set = 1; $set <= $slot->assignment->sets; $set++) {
                $turns[] = new Turn($slot, $set, $parts, $slot->assignment->restSeconds);
            }
        }

        return $turns;
    }

    /** @return list<Turn> The movement, then a layer more at a time; the rest comes when all are through. */
    private function layered(): array
    {
        $turns = [];
        for ($round = 1; $round <= $this->block->rounds(); $round++) {
            $slots = $this->slotsIn($round);
            foreach ($slots as $i => $slot) {
                $isLast = $i === count($slots) - 1;
                $turns[] = new Turn(
                    $slot,
                    $round,
                    $this->parts($slot, $slot->assignment->dose, $round),
                    $isLast ? $this->roundRest($slots) : 0.0,
                    $i === 0 ? '' : "Add {$slot->exercise->name}, or stay with what you have",
                );
            }
        }

        return $turns;
    }

    /** @return list<Turn> Until the client has picked, the first ones stand for the picks. */
    private function menu(bool $everyPick): array
    {
        $pick = min($this->block->rule->pick ?? 1, count($this->block->slots));
        $names = implode(', ', array_map(static fn (Slot $slot): string => $slot->exercise->name, $this->block->slots));
        $needs = $this->block->rule->needs === [] ? '' : ' ('.implode(', ', $this->block->rule->needs).')';

        return $this->straight(
            $everyPick ? $this->block->slots : array_slice($this->block->slots, 0, $pick),
            sprintf('Choose %d of %d%s: %s', $pick, count($this->block->slots), $needs, $names),
        );
    }

    /** @return list<Slot> Slots that have a set in this round. */
    private function slotsIn(int $round): array
    {
        return array_values(array_filter($this->block->slots, static fn (Slot $slot): bool => $round <= $slot->assignment->sets));
    }

    /** @param  list<Slot>  $slots  Of this round. */
    private function restAfter(int $place, array $slots): float
    {
        return $place === count($slots) - 1 ? $this->roundRest($slots) : (float) ($this->block->rule->restSeconds ?? 0);
    }

    /** @param  list<Slot>  $slots  Of this round; where the rule is silent the last one says how long the rest is. */
    private function roundRest(array $slots): float
    {
        return (float) ($this->block->rule->roundRestSeconds ?? $slots[count($slots) - 1]->assignment->restSeconds);
    }

    /** @return list<Part> */
    private function parts(Slot $slot, Dose $dose, int $round): array
    {
        $sides = $slot->assignment->sides;
        $only = $this->resting->onlySideOf($slot->exercise);
        if ($only !== null && $sides !== Sides::Both) {
            $own = $dose->onOneSide();
            $words = $own->inWords().self::toTheEnd($slot, $round);

            return [new Part(
                $own->workSeconds($slot->secondsEach()),
                $own->count(),
                $own->unit(),
                $words,
                $only,
                counting: Counting::of($own),
            )];
        }
        // What is meant in total is shared out between the sides.
        $count = ! $dose->perSide && $sides === Sides::Each ? max(1, (int) ceil($dose->count() / 2)) : $dose->count();
        $oneSide = $dose->to($count)->workSeconds($slot->secondsEach());
        $words = ($dose->asLongAsClean ? $dose->inWords() : $dose->to($count)->inWords()).self::toTheEnd($slot, $round);
        $isBothInTurn = $sides === Sides::Alternating;
        $times = $isBothInTurn && $dose->perSide ? 2 : 1;
        $work = [
            'seconds' => $times * $oneSide,
            'dose' => $times * $count,
            'unit' => $dose->unit(),
            'words' => $isBothInTurn ? "{$words}, {$sides->inWords()}" : $words,
            'counting' => Counting::of($dose),
        ];

        return match ($sides) {
            Sides::Both, Sides::OwnSlots, Sides::Alternating => [new Part(...$work)],
            Sides::Each => [new Part(...$work, side: $this->first($slot)), new Part(...$work, side: $this->second($slot))],
            Sides::SwapEachRound => [new Part(...$work, side: $round % 2 === 1 ? $this->first($slot) : $this->second($slot))],
        };
    }

    /** What is said of a last set that goes to failure. */
    private static function toTheEnd(Slot $slot, int $round): string
    {
        $isLast = $slot->assignment->lastToFailure && $round === $slot->assignment->sets;

        return $isLast ? ' or more, until the next one would not be clean' : '';
    }

    /** @return list<Part> */
    private function byTheClock(Slot $slot, int $seconds, int $round): array
    {
        $words = "{$seconds} s";
        $only = $this->resting->onlySideOf($slot->exercise);
        if ($only !== null && $slot->assignment->sides !== Sides::Both) {
            return [new Part($seconds, $seconds, 'seconds', $words, $only)];
        }
        $first = intdiv($seconds, 2);

        return match ($slot->assignment->sides) {
            Sides::Each => [
                new Part($first, $first, 'seconds', "{$words}, changing sides at half time", $this->first($slot)),
                new Part(
                    $seconds - $first,
                    $seconds - $first,
                    'seconds',
                    "{$words}, changing sides at half time",
                    $this->second($slot),
                    announce: 'Half time: the other side',
                ),
            ],
            Sides::SwapEachRound => [
                new Part($seconds, $seconds, 'seconds', $words, $round % 2 === 1 ? $this->first($slot) : $this->second($slot)),
            ],
            Sides::Alternating => [new Part($seconds, $seconds, 'seconds', "{$words}, sides alternating")],
            default => [new Part($seconds, $seconds, 'seconds', $words)],
        };
    }

    /** @return 'left'|'right' */
    private function first(Slot $slot): string
    {
        return $this->leading->first($slot->exercise);
    }

    /** @return 'left'|'right' */
    private function second(Slot $slot): string
    {
        return $this->first($slot) === 'left' ? 'right' : 'left';
    }
}
