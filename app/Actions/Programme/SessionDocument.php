<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\TrainingDay;

/** A planned session written down whole, so that it can be put back as it was. */
final class SessionDocument
{
    /** Where nobody said another. */
    public const USUAL_TIME = '09:00';

    /**
     * @param  array<int, string>  $times  By weekday.
     * @return array<int, array<string, mixed>> By weekday.
     */
    public static function ofWeek(PlannedWeek $week, array $times): array
    {
        $documents = [];
        foreach ($week->days as $day) {
            $weekday = $day->day->weekday;
            $documents[$weekday] = self::of($week->number, $day, $times[$weekday] ?? self::USUAL_TIME);
        }

        return $documents;
    }

    /**
     * Of two lists those that are not in the other as they are.
     *
     * @param  array<int|string, array<string, mixed>>  $before
     * @param  array<int|string, array<string, mixed>>  $after  With the same keys.
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>}
     */
    public static function differing(array $before, array $after): array
    {
        foreach (array_keys($before) as $key) {
            if (isset($after[$key]) && $after[$key] === $before[$key]) {
                unset($before[$key], $after[$key]);
            }
        }

        return [array_values($before), array_values($after)];
    }

    /**
     * @return array{
     *     week: int, weekday: int, time: string, minutes: int, name: string,
     *     blocks: list<array{kind: string, name: string, rule: array<string, mixed>,
     *         slots: list<array{thread: string, assignment: array<string, mixed>}>}>
     * }
     */
    public static function of(int $week, PlannedDay $day, string $time): array
    {
        return [
            'week' => $week,
            'weekday' => $day->day->weekday,
            'time' => $time,
            'minutes' => $day->day->minutes,
            'name' => $day->plan->name,
            'blocks' => array_map(static fn (Block $block): array => [
                'kind' => $block->kind->value,
                'name' => $block->name,
                'rule' => $block->rule->toArray(),
                'slots' => array_map(static fn (Slot $slot): array => [
                    'thread' => $slot->thread,
                    'assignment' => $slot->assignment->toArray(),
                ], $block->slots),
            ], $day->plan->blocks),
        ];
    }

    /** @param  array<string, mixed>  $document */
    public static function read(array $document, Catalogue $catalogue): PlannedDay
    {
        /** @var array{weekday: int, minutes: int, name: string, blocks: list<array{kind: string, name: string,
         *     rule: array<string, mixed>, slots: list<array{thread: string, assignment: array<string, mixed>}>}>} $document */
        return new PlannedDay(
            TrainingDay::of($document['weekday'], $document['minutes']),
            new SessionPlan($document['name'], array_map(static function (array $block) use ($catalogue): Block {
                $kind = BlockKind::from($block['kind']);

                return Block::asItStands($kind, $block['name'], BlockRule::fromArray($kind, $block['rule']), array_map(
                    static function (array $slot) use ($catalogue): Slot {
                        $asked = Assignment::fromArray($slot['assignment']);

                        return new Slot($slot['thread'], $catalogue->exercise($asked->exercise), $asked);
                    },
                    $block['slots'],
                ));
            }, $document['blocks'])),
        );
    }
}
