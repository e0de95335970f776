<?php

declare(strict_types=1);

namespace App\Console\Output;

use NimbleShelf\Core\Programme\Check;
use NimbleShelf\Core\Programme\WeekScore;

/** Checks and score of weeks in the outside shape, whoever wrote the weeks. */
final class Judgement
{
    /**
     * @param  list<Check>  $checks
     * @return array{checks: list<array<string, mixed>>, score: array{total: float, parts: array<string, float>}}
     */
    public static function of(array $checks, ?WeekScore $score): array
    {
        return [
            'checks' => array_map(static fn (Check $check): array => array_filter([
                'id' => $check->id,
                'week' => $check->week,
                'session' => $check->weekday,
                'verdict' => $check->verdict->value,
                'value' => $check->value,
                'wanted' => $check->wanted,
                'words' => $check->words,
            ], static fn (mixed $value): bool => $value !== null), $checks),
            'score' => [
                'total' => round($score->total ?? 0.0, 4),
                'parts' => array_map(static fn (float $part): float => round($part, 4), $score->parts ?? []),
            ],
        ];
    }
}
