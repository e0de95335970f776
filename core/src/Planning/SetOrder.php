<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/**
 * The order in which the sets of a session are done, so that no set, round or side is forgotten.
 *
 * Straight blocks finish one exercise before the next; supersets and circuits go round, one set of each exercise.
 */
final class SetOrder
{
    private const ROUND_BY_ROUND = ['superset', 'circuit'];

    /**
     * @param  list<array{kind: string, items: list<array{id: int, sets: int, perSide: bool, restSeconds: int}>}>  $blocks
     * @return list<array{itemId: int, setNumber: int, side: 'left'|'right'|null, restSeconds: int}> Rest is what
     *                                                                                              follows the set; none between two sides.
     */
    public static function of(array $blocks): array
    {
        $steps = [];
        foreach ($blocks as $block) {
            foreach (self::setsOf($block) as [$item, $setNumber]) {
                foreach ($item['perSide'] ? ['left', 'right'] : [null] as $side) {
                    $steps[] = [
                        'itemId' => $item['id'],
                        'setNumber' => $setNumber,
                        'side' => $side,
                        'restSeconds' => $side === 'left' ? 0 : $item['restSeconds'],
                    ];
                }
            }
        }

        return $steps;
    }

    /**
     * @param  array{kind: string, items: list<array{id: int, sets: int, perSide: bool, restSeconds: int}>}  $block
     * @return list<array{array{id: int, sets: int, perSide: bool, restSeconds: int}, int}>
     */
    private static function setsOf(array $block): array
    {
        $sets = [];
        foreach ($block['items'] as $item) {
            for ($number = 1; $number <= $item['sets']; $number++) {
                $sets[] = [$item, $number];
            }
        }
        if (in_array($block['kind'], self::ROUND_BY_ROUND, true)) {
            // The sort is stable, so that within a round the exercises keep their order.
            usort($sets, static fn (array $one, array $other): int => $one[1] <=> $other[1]);
        }

        return $sets;
    }
}
