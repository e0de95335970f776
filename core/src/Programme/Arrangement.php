<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Timeline;

/** Lays the chosen exercises of one day out as a session: in order, in blocks that nothing has to be in twice, with a frame. */
final readonly class Arrangement
{
    private const CIRCUIT_REST_SECONDS = 15;

    private const ROUND_REST_SECONDS = 90;

    private const WORK_SECONDS = 40;

    private const BETWEEN_SECONDS = 20;

    /** Of a mixed session, so many first exercises stand alone. */
    private const ALONE = 2;

    private const MOST_IN_CIRCUIT = 8;

    public function __construct(private FrameFinder $frames)
    {
    }

    /**
     * @param  list<Slot>  $slots  In any order.
     */
    public function session(array $slots, TrainingDay $day, Brief $brief): SessionPlan
    {
        $ordered = SlotOrder::of($slots, $brief->order, $brief->isCareful());
        $under = (string) $day->weekday;
        $warmUp = $this->frames->warmUp($ordered, $day->minutes, $brief->situation, "{$under}.warm-up");
        $before = $warmUp === null ? [] : [$warmUp];
        $coolDown = $this->frames->coolDown($ordered, $day->minutes, $brief->situation, "{$under}.cool-down");

        return new SessionPlan(
            SessionName::of($ordered),
            [...$before, ...$this->work($ordered, $brief, $before), ...($coolDown === null ? [] : [$coolDown])],
        );
    }

    /**
     * @param  list<Slot>  $slots  In order.
     * @param  list<Block>  $before  What was set up before.
     * @return list<Block>
     */
    private function work(array $slots, Brief $brief, array $before): array
    {
        $first = self::straight(array_slice($slots, 0, self::ALONE));

        return match ($brief->structure) {
            Structure::Straight => self::straight($slots),
            Structure::Superset => self::supersets($slots, $brief, $before),
            Structure::Mixed => [...$first, ...self::supersets(array_slice($slots, self::ALONE), $brief, [...$before, ...$first])],
            Structure::Circuit => self::circuits($slots, $brief, BlockKind::Circuit, $before),
            Structure::Intervals => self::circuits($slots, $brief, BlockKind::Intervals, $before),
        };
    }

    /**
     * @param  list<Slot>  $slots
     * @return list<Block>
     */
    private static function straight(array $slots): array
    {
        return $slots === [] ? [] : [Block::of(BlockKind::Straight, 'Work', BlockRule::plain(), $slots)];
    }

    /**
     * Each with the next that trains other muscles, is done as often, and needs nothing the first has set up otherwise.
     *
     * @param  list<Slot>  $slots
     * @param  list<Block>  $before
     * @return list<Block>
     */
    private static function supersets(array $slots, Brief $brief, array $before): array
    {
        $blocks = $alone = [];
        while ($slots !== []) {
            $slot = array_shift($slots);
            $partner = null;
            foreach ($slots as $i => $other) {
                if ($other->assignment->sets === $slot->assignment->sets
                    && array_intersect_key($slot->exercise->mainMuscles, $other->exercise->mainMuscles) === []) {
                    $pair = self::pair([$slot, $other], count($blocks));
                    if (self::isFreeOfConflicts($pair, [...$before, ...$blocks, ...self::straight($alone)], $brief)) {
                        $partner = $pair;
                        array_splice($slots, $i, 1);

                        break;
                    }
                }
            }
            if ($partner === null) {
                $alone[] = $slot;

                continue;
            }
            // What could not be paired keeps its place in the order.
            $blocks = [...$blocks, ...self::straight($alone), $partner];
            $alone = [];
        }

        return [...$blocks, ...self::straight($alone)];
    }

    /** @param  list<Slot>  $slots */
    private static function pair(array $slots, int $number): Block
    {
        $rest = max([0, ...array_map(static fn (Slot $slot): int => $slot->assignment->restSeconds, $slots)]);

        $rule = BlockRule::fromArray(BlockKind::Superset, ['round_rest_s' => $rest]);

        return Block::of(BlockKind::Superset, 'Superset '.chr(65 + $number), $rule, $slots);
    }

    /**
     * One round after another of all that nothing keeps apart; the rest in straight sets before it.
     *
     * @param  list<Slot>  $slots
     * @param  list<Block>  $before
     * @return list<Block>
     */
    private static function circuits(array $slots, Brief $brief, BlockKind $kind, array $before): array
    {
        $round = $alone = [];
        foreach ($slots as $slot) {
            if (count($round) < self::MOST_IN_CIRCUIT
                && self::isFreeOfConflicts(self::round([...$round, $slot], $kind), [...$before, ...self::straight($alone)], $brief)) {
                $round[] = $slot;
            } else {
                $alone[] = $slot;
            }
        }
        $alone = self::straight($alone);
        // What stands alone may have been left in another set-up than the round began with.
        $goes = count($round) >= $kind->slots()[0]
            && count($round) > 1
            && self::isFreeOfConflicts(self::round($round, $kind), [...$before, ...$alone], $brief);

        return $goes ? [...$alone, self::round($round, $kind)] : self::straight($slots);
    }

    /** @param  list<Slot>  $slots */
    private static function round(array $slots, BlockKind $kind): Block
    {
        $rounds = max([1, ...array_map(static fn (Slot $slot): int => $slot->assignment->sets, $slots)]);
        $rule = $kind === BlockKind::Circuit
            ? ['rest_s' => self::CIRCUIT_REST_SECONDS]
            : ['work_s' => self::WORK_SECONDS, 'rest_s' => self::BETWEEN_SECONDS];
        $rule += ['rounds' => $rounds, 'round_rest_s' => self::ROUND_REST_SECONDS];

        return Block::asItStands($kind, ucfirst($kind->label()), BlockRule::fromArray($kind, $rule), $slots);
    }

    /** @param  list<Block>  $before  What is set up before it stays as it was left. */
    private static function isFreeOfConflicts(Block $block, array $before, Brief $brief): bool
    {
        $timeline = Timeline::of(
            new SessionPlan('', [...$before, $block]),
            $brief->isSlowOnFeet(),
            resting: $brief->situation->client->resting(),
        );

        return array_filter($timeline->conflicts, static fn (KitConflict $conflict): bool => ! $conflict->fits()) === [];
    }
}
