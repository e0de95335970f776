<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Reading\Internal\LineReader;
use NimbleShelf\Core\Reading\Internal\Names;
use NimbleShelf\Core\Reading\Internal\NearNames;
use NimbleShelf\Core\Reading\Internal\ReadLine;
use NimbleShelf\Core\Reading\Internal\Table;

/**
 * Reads a session, or several days of them, as trainers scribble it: "goblet squat 3x10 12kg", "A1 floor press / A2 row 3x12",
 * "circuit, 3 rounds, 40/20: lunges, press-ups". Every word is used, asked about or shown as left alone; no word is ever
 * turned into an exercise it does not name.
 */
final class NoteReader
{
    /** A longer line is no line of a session, characters. */
    public const LONGEST_LINE = 2000;

    /** What lines that belong together say of all of them. */
    private const OF_THE_BLOCK = ['rounds', 'gap', 'roundRest', 'work', 'between', 'period', 'clock', 'phases'];

    private const WEEKDAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    private const DAY = '(?:mon(?:day)?|tue(?:s|sday)?|wed(?:s|nesday)?|thu(?:r|rs|rsday)?|fri(?:day)?|sat(?:urday)?|sun(?:day)?)';

    private readonly LineReader $lines;

    public function __construct(Catalogue $catalogue)
    {
        $names = new Names($catalogue);
        $this->lines = new LineReader($names, new NearNames($names));
    }

    public function read(string $text): Note
    {
        $days = [];
        $weekdays = [null];
        $name = '';
        $lines = [];
        foreach (self::linesOf($text) as [$line, $from]) {
            $day = self::day($line);
            if ($day !== null) {
                array_push($days, ...$this->daysOf($weekdays, $name, $lines));
                [$weekdays, $name, $taken] = $day;
                $lines = [];
                $from += mb_strlen(substr($line, 0, $taken));
                $line = substr($line, $taken);
            }
            $lines[] = trim($line) === '' ? null : [$line, $from];
        }
        array_push($days, ...$this->daysOf($weekdays, $name, $lines));

        // Headings that say only when, with nothing below, are no days.
        return new Note(array_values(array_filter($days, static fn (NotedDay $one): bool => $one->blocks !== [])));
    }

    /**
     * @param  list<int|null>  $weekdays
     * @param  list<array{string, int}|null>  $lines
     * @return list<NotedDay>
     */
    private function daysOf(array $weekdays, string $name, array $lines): array
    {
        $blocks = $this->blocks($lines);

        return array_map(static fn (?int $weekday): NotedDay => new NotedDay($weekday, $name, $blocks), $weekdays);
    }

    /** @return iterable<array{string, int}> Lines, and where each begins in characters; two days of one line apart. */
    private static function linesOf(string $text): iterable
    {
        $from = 0;
        foreach (explode("\n", str_replace("\r", "\n", str_replace("\r\n", "\n", mb_scrub($text)))) as $line) {
            $length = mb_strlen($line);
            if ($length > self::LONGEST_LINE) {
                yield [$line, $from];
            } else {
                $at = $from;
                foreach (self::parts('/(?<=\S)\s*[\/,;|]?\s+(?='.self::DAY.'\s*:)/i', $line) as $part) {
                    $place = mb_strpos($line, $part, $at - $from);
                    yield [$part, $from + (int) $place];
                    $at = $from + (int) $place + mb_strlen($part);
                }
            }
            $from += $length + 1;
        }
    }

    /** @return array{list<int|null>, string, int}|null Days, a name, and how many bytes of the line say so. */
    private static function day(string $line): ?array
    {
        if (strlen($line) > 4 * self::LONGEST_LINE) {
            return null;
        }
        $day = self::DAY;
        $end = '\s*(?:[:.)\-–—]+\s*|$)';
        if (preg_match("/^[\\s#*>-]*({$day}(?:\\s*(?:\\/|,|&|and|\\+)\\s*{$day})*)\\b{$end}/iu", $line, $found) === 1) {
            preg_match_all("/{$day}/i", $found[1], $names);
            $weekdays = array_map(static fn (string $one): int => self::WEEKDAYS[strtolower(substr($one, 0, 3))], $names[0]);

            return [array_values(array_unique($weekdays)), '', strlen($found[0])];
        }
        $called = '(?:day|session|workout|visit)\s+(?:[a-h]|\d{1,2}|one|two|three|four)';
        if (preg_match("/^[\\s#*>-]*({$called}\\b){$end}/iu", $line, $found) === 1) {
            return [[null], ucwords(strtolower(trim($found[1]))), strlen($found[0])];
        }

        return null;
    }

    /**
     * @param  list<array{string, int}|null>  $lines  Null for an empty one.
     * @return list<NotedBlock>
     */
    private function blocks(array $lines): array
    {
        $groups = [];
        $open = null;
        $isAfterGap = true;
        $stretches = false;
        $pending = null;
        $rows = Table::of(array_values(array_filter($lines)));
        $place = 0;
        foreach ($lines as $line) {
            if ($line === null) {
                $isAfterGap = true;
                $stretches = false;
                $open = null;

                continue;
            }
            [$text, $from] = $line;
            $row = $rows[$place++];
            if ($row === '') {
                continue;
            }
            if (mb_strlen($text) > self::LONGEST_LINE) {
                $pending = null;
                $groups[] = self::tooLong($text, $from);
                $open = null;

                continue;
            }
            $read = self::moved($this->lines->read($row ?? $text, $stretches), $row === null ? $from : null, $text, $from);
            $last = count($groups) - 1;
            $isHeading = $read->kind !== null || $read->title !== '' || str_ends_with(rtrim($text), ':');
            if ($read->isHead && $read->doubts === [] && $last >= 0 && ! $isAfterGap && ! $isHeading) {
                $groups = self::spokenOf($groups, $last, $read);
                $last = count($groups) - 1;
                $isAllHead = array_filter($groups[$last], static fn (ReadLine $one): bool => ! $one->isHead) === [];
                $open = $isAllHead ? $last : null;

                continue;
            }
            if ($pending !== null) {
                // A heading that says nothing else is the name of what comes next.
                $groups[] = [$pending, $read];
                $open = $read->isNumbered ? count($groups) - 1 : null;
                $pending = null;
            } elseif ($read->isHead && $read->kind === null && $read->all->isNothing() && $read->doubts === [] && $read->title !== '') {
                $pending = $read;
            } elseif ($read->isHead) {
                $stretches = $read->kind === BlockKind::CoolDown;
                $open = count($groups);
                $groups[] = [$read];
            } elseif ($open !== null && $this->belongs($groups[$open][0], $read)) {
                $groups[$open][] = $read;
            } else {
                $open = $read->isNumbered || ($read->kind !== null && $read->items === []) ? count($groups) : null;
                $groups[] = [$read];
            }
            $isAfterGap = false;
        }

        return array_values(array_filter(array_map(self::block(...), $groups)));
    }

    /** A heading's lines are those below it; "A2" belongs to "A1". */
    private function belongs(ReadLine $head, ReadLine $read): bool
    {
        if ($head->isNumbered) {
            return $read->isNumbered && $read->label === $head->label;
        }
        if (! $head->isHead) {
            return false;
        }
        if ($read->isNumbered) {
            return false;
        }

        return $read->kind === null && ($head->kind !== null || ! $head->all->isNothing());
    }

    /**
     * "3 rounds", "8 each side" on a line of its own: of the lines above that say no sets, or of the one before it.
     *
     * @param  list<list<ReadLine>>  $groups
     * @return list<list<ReadLine>>
     */
    private static function spokenOf(array $groups, int $last, ReadLine $read): array
    {
        if ($read->all->rounds !== null) {
            $first = $last;
            while ($first > 0 && self::saysNoSets($groups[$first]) && self::saysNoSets($groups[$first - 1])) {
                $first--;
            }
            if ($first < $last) {
                $head = $read;
                $together = array_merge([$head], ...array_slice($groups, $first, $last - $first + 1));

                return [...array_slice($groups, 0, $first), $together];
            }
        }
        $groups[$last][] = $read;

        return $groups;
    }

    /** @param  list<ReadLine>  $group */
    private static function saysNoSets(array $group): bool
    {
        $line = $group[0];

        return count($group) === 1 && count($line->items) === 1 && $line->kind === null && ! $line->isNumbered
            && $line->all->isNothing() && ! $line->items[0]->said->says('sets');
    }

    /** @param  list<ReadLine>  $group */
    private static function block(array $group): ?NotedBlock
    {
        $kind = null;
        $label = $title = '';
        $all = Said::nothing();
        $items = $doubts = $left = [];
        $isList = false;
        $doing = array_values(array_filter($group, static fn (ReadLine $line): bool => $line->items !== []));
        foreach ($group as $i => $line) {
            $kind ??= $line->kind;
            $label = $label === '' ? $line->label : $label;
            $title = $title === '' ? $line->title : $title;
            $own = $line->all;
            if ($line->items !== [] && count($doing) > 1) {
                // What a line says of all of its own exercises stays with them.
                foreach ($line->items as $item) {
                    $items[] = $item->saying($item->said->over($own->without(...self::OF_THE_BLOCK)));
                }
                $all = $all->and($own->only(...self::OF_THE_BLOCK));
            } else {
                array_push($items, ...$line->items);
                $all = $i === 0 ? $own : ($line->items === [] ? $own->and($all) : $all->and($own));
            }
            array_push($doubts, ...$line->doubts);
            array_push($left, ...$line->left);
            $isList = $isList || $line->isList;
        }
        if ($items === [] && $doubts === [] && $left === [] && $all->isNothing()) {
            return null;
        }
        if ($items === [] && $doubts === [] && $all->counts()) {
            // "Chest 3 x 10": so many of what?
            $doubts[] = new Doubt($group[0]->text, $group[0]->from, $group[0]->from + mb_strlen($group[0]->text));
        }
        $isNumbered = $group[0]->isNumbered && count($items) > 1;

        return new NotedBlock(
            implode("\n", array_map(static fn (ReadLine $line): string => $line->text, $group)),
            $kind ?? ($isNumbered ? BlockKind::Section : null),
            $label,
            $title,
            $all,
            array_map(static fn (NotedItem $item): NotedItem => $item->saying($item->said->settled($all->counts())), $items),
            $doubts,
            $left,
            $isList || (count($doing) > 1 && $kind === null && ! $isNumbered && $all->only('rounds', 'clock', 'period')->isNothing()),
        );
    }

    /** @return list<ReadLine> */
    private static function tooLong(string $text, int $from): array
    {
        $shown = mb_substr($text, 0, 40).'…';
        $doubt = new Doubt($shown, $from, $from + mb_strlen($text));

        return [new ReadLine($shown, '', false, true, null, '', Said::nothing(), [], [$doubt], [], false, $from)];
    }

    /** The line's places as places of the note; of a row of a table the whole row. */
    private static function moved(ReadLine $line, ?int $by, string $text, int $from): ReadLine
    {
        $whole = static fn (NotedItem $item): NotedItem => new NotedItem(
            $item->written,
            $from,
            $from + mb_strlen($text),
            $item->meant,
            $item->said,
        );

        return new ReadLine(
            trim($text),
            $line->label,
            $line->isNumbered,
            $line->isHead,
            $line->kind,
            $line->title,
            $line->all,
            array_map(static fn (NotedItem $item): NotedItem => $by === null ? $whole($item) : $item->movedBy($by), $line->items),
            array_map(static fn (Doubt $doubt): Doubt => $by === null
                ? new Doubt($doubt->text, $from, $from + mb_strlen($text), $doubt->nearest, $doubt->choices)
                : $doubt->movedBy($by), $line->doubts),
            $line->left,
            $line->isList,
            $from + mb_strlen($text) - mb_strlen(ltrim($text)),
        );
    }

    /** @return list<string> */
    private static function parts(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return $parts === false ? [$text] : $parts;
    }
}
