<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Reading\Note;
use NimbleShelf\Core\Reading\NotedBlock;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\Said;

/** What was read of a note, in one line that can be compared: "circuit r3: squat 10 | plank 30s". */
final class NoteInShort
{
    public static function of(Note $note): string
    {
        $days = [];
        foreach ($note->days as $day) {
            $head = $note->namesDays() ? '['.($day->weekday ?? $day->name).'] ' : '';
            $days[] = $head.implode(' ; ', array_map(self::block(...), $day->blocks));
        }

        return implode(' ', $days);
    }

    private static function block(NotedBlock $block): string
    {
        $head = implode(' ', array_filter([$block->kind?->value, $block->isList ? 'list' : '', self::said($block->all)]));
        $asked = array_diff(
            array_map(static fn (Doubt $doubt): string => $doubt->text, $block->doubts),
            array_map(static fn (NotedItem $item): string => $item->written, $block->items),
        );

        return ($head === '' ? '' : "{$head}: ").implode(' | ', array_map(self::item(...), $block->items))
            .implode('', array_map(static fn (string $text): string => " ?“{$text}”", $asked));
    }

    private static function item(NotedItem $item): string
    {
        $said = self::said($item->said);

        $name = $item->meant->exercise() === null ? "?“{$item->written}”" : $item->meant->exercise()->id;

        return $name.($said === '' ? '' : " {$said}");
    }

    private static function said(Said $said): string
    {
        $count = match (true) {
            $said->reps !== null => $said->reps.($said->most === null ? '' : "-{$said->most}"),
            $said->bare !== null => (string) $said->bare,
            $said->isMax === true => 'max',
            $said->isClean === true => 'clean',
            $said->metres !== null => "{$said->metres}m",
            $said->doses !== null => implode('/', $said->doses),
            $said->seconds !== null => "{$said->seconds}s",
            default => '',
        };
        $tell = static fn (string $before, int|float|null $value, string $after = ''): string => $value === null
            ? ''
            : $before.$value.$after;

        return implode(' ', array_filter([
            $said->sets !== null && $count !== '' ? "{$said->sets}x{$count}" : $tell('', $said->sets, ' sets').$count,
            $said->loads === null ? '' : '@'.implode('/', $said->loads),
            $said->perSide === true ? 'each' : '',
            $said->isAlternating === true ? 'alternating' : '',
            $tell('@', $said->kg, 'kg'),
            $said->isBodyWeight === true ? 'bw' : '',
            $said->kit === null ? '' : "with:{$said->kit}",
            $tell('rir', $said->reserve),
            $said->toFailure === true ? 'failure' : '',
            $said->lastToFailure === true ? 'last-to-failure' : '',
            $said->tempo === null ? '' : 'tempo'.implode('', $said->tempo),
            $tell('down', $said->lower),
            $tell('pause', $said->pause),
            $tell('top', $said->top),
            $tell('hold', $said->hold),
            $tell('r', $said->rounds),
            $tell('on', $said->work).$tell('off', $said->between),
            $tell('rest', $said->rest),
            $tell('gap', $said->gap),
            $tell('round-rest', $said->roundRest),
            $said->phases === null ? '' : implode('+', $said->phases),
            $tell('every', $said->period),
            $tell('for', $said->clock),
            $tell('pick', $said->pick),
        ]));
    }
}
