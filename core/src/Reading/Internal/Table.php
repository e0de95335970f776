<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * Rows pasted from a spreadsheet, said as a line: the exercise, then sets, repetitions, load and rest, or as the first row has it.
 *
 * @internal
 */
final class Table
{
    private const COLUMNS = [
        'name' => '/^(?:exercise|movement|name|move|lift)s?$/',
        'sets' => '/^(?:sets?|rounds?)$/',
        'reps' => '/^(?:reps?|repetitions?|dose|reps\/time|time)$/',
        'load' => '/^(?:load|weight|kg|load \(kg\)|weight \(kg\)|lbs?)$/', 'rest' => '/^(?:rest|rest \(s\)|pause|recovery)$/',
        'tempo' => '/^tempo$/', 'rpe' => '/^rpe$/', 'rir' => '/^rir$/', 'note' => '/^(?:notes?|comments?|cues?)$/',
    ];

    private const USUAL = ['name', 'sets', 'reps', 'load', 'rest'];

    /**
     * @param  list<array{string, int}>  $lines
     * @return list<string|null> The same said as a line; null for one that is no row, empty for the row of headings.
     */
    public static function of(array $lines): array
    {
        $columns = null;
        $rows = [];
        foreach ($lines as [$line]) {
            $cells = strlen($line) > 2000 ? [] : array_map(trim(...), explode("\t", trim($line, " \r")));
            if (count($cells) < 2) {
                $rows[] = null;
                $columns = null;

                continue;
            }
            $named = self::headings($cells);
            if ($named !== null) {
                $columns = $named;
                $rows[] = '';

                continue;
            }
            $rows[] = self::line($cells, $columns ?? self::USUAL, $columns === null);
        }

        return $rows;
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>|null
     */
    private static function headings(array $cells): ?array
    {
        $named = [];
        foreach ($cells as $cell) {
            $column = '';
            foreach (self::COLUMNS as $name => $pattern) {
                if (preg_match($pattern, mb_strtolower($cell)) === 1) {
                    $column = str_starts_with(mb_strtolower($cell), 'lb') ? 'lb' : $name;
                }
            }
            $named[] = $column;
        }

        return in_array('name', $named, true) && count(array_filter($named)) >= 2 ? $named : null;
    }

    /**
     * @param  list<string>  $cells
     * @param  list<string>  $columns
     * @param  bool  $isGuessed  True where no headings said what stands where: a cell with a unit says it itself.
     */
    private static function line(array $cells, array $columns, bool $isGuessed): string
    {
        $by = [];
        foreach ($cells as $i => $cell) {
            $column = $columns[$i] ?? 'note';
            $isRest = $column === 'rest' && preg_match('/^[\d.:]+\s*(?:s|secs?|seconds|min|mins|m|\'|")?$/i', $cell) === 1;
            if ($isGuessed && ! $isRest && $i > 0 && preg_match('/[a-z]/i', $cell) === 1) {
                $column = "own {$i}";
            }
            if ($cell !== '') {
                $by[$column] = $cell;
            }
        }
        $bare = static fn (string $cell, string $unit): string => preg_match('/^[\d.,]+$/', $cell) === 1 ? "{$cell}{$unit}" : $cell;
        $dose = match (true) {
            isset($by['sets'], $by['reps']) => "{$by['sets']} x {$by['reps']}",
            isset($by['sets']) => $isGuessed ? "{$by['sets']} x" : "{$by['sets']} sets",
            default => $by['reps'] ?? '',
        };
        $parts = [$by['name'] ?? '', $dose];
        foreach ($by as $column => $cell) {
            $parts[] = match ($column) {
                'load' => $bare($cell, ' kg'),
                'lb' => $bare($cell, ' lb'),
                'rest' => 'rest '.$bare($cell, ' s'),
                'tempo' => "tempo {$cell}",
                'rpe' => "rpe {$cell}",
                'rir' => "{$cell} rir",
                'note' => "({$cell})",
                'name', 'sets', 'reps' => '',
                default => str_starts_with($column, 'own') ? $cell : "({$cell})",
            };
        }

        return implode(' ', array_filter($parts, static fn (string $part): bool => $part !== ''));
    }
}
