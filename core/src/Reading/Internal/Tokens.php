<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Text\NumberWords;

/**
 * A line cut into words, numbers and marks, each with its place.
 *
 * @internal
 */
final readonly class Tokens
{
    private const PATTERN = '/(?<number>(?<![\d,])\d+,\d{1,2}(?=\s?(?:kgs?|kilos?|lbs?|min)\b)|\d+(?:\.\d+)?|½)'
        .'|(?<word>[wW]\/[oO]?(?![\p{L}])|[wW]\/(?=\p{L})|\p{L}[\p{L}\p{M}\'’]*)|(?<mark>([^\s\p{L}\d])\4*|\t)/u';

    private const MARKS = [
        '×' => 'x', '✕' => 'x', '✖' => 'x', '*' => 'x', '–' => '-', '—' => '-', '‐' => '-', '‑' => '-', '−' => '-', '•' => '-',
        '″' => '"', '”' => '"', '“' => '"', '’' => "'", '′' => "'", '·' => ',', ';' => ',', '|' => ',', "\t" => ',', '→' => '>',
        '\\' => '/', '[' => '(', ']' => ')',
        '{' => '(', '}' => ')', '~' => '', '_' => '',
    ];

    /**
     * @param  list<Token>  $all
     * @param  string  $said  All of them with one space between.
     * @param  list<int>  $places  Where each begins in `said`.
     */
    private function __construct(public array $all, public string $said, public array $places)
    {
    }

    /** @param  string  $line  Valid UTF-8, without a line break. */
    public static function of(string $line): self
    {
        $tokens = $places = [];
        $said = '';
        preg_match_all(self::PATTERN, $line, $found, PREG_SET_ORDER | PREG_OFFSET_CAPTURE | PREG_UNMATCHED_AS_NULL);
        foreach ($found as $match) {
            [$text, $from] = [(string) $match[0][0], (int) $match[0][1]];
            [$kind, $read] = match (true) {
                $match['number'][0] !== null => ['number', $text === '½' ? '0.5' : self::number($text)],
                $match['word'][0] !== null => self::word($text),
                default => self::mark($text),
            };
            if ($read === '') {
                continue;
            }
            $tokens[] = new Token($read, $kind, $from, $from + strlen($text));
            $places[] = strlen($said);
            $said .= "{$read} ";
        }

        return new self($tokens, rtrim($said), $places);
    }

    /** The token that begins at a place of `said`, or behind it. */
    public function at(int $place): int
    {
        $low = 0;
        $high = count($this->places);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($this->places[$middle] < $place) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }

    private static function number(string $text): string
    {
        $plain = str_replace(',', '.', $text);

        if (str_contains($plain, '.') || strlen($plain) <= 2) {
            return $plain;
        }
        // No number is longer than this.
        $short = ltrim(substr($plain, 0, 12), '0');

        return $short === '' ? '0' : $short;
    }

    /** @return array{string, string} */
    private static function word(string $text): array
    {
        $plain = str_replace(['’', "'", 'w/o', 'w/'], ['', '', 'without', 'w'], mb_strtolower($text));

        return isset(NumberWords::ALL[$plain]) ? ['number', (string) NumberWords::ALL[$plain]] : ['word', $plain];
    }

    /** @return array{string, string} */
    private static function mark(string $text): array
    {
        $one = mb_substr($text, 0, 1);
        $mark = self::MARKS[$one] ?? $one;
        // Two strokes are seconds, as one mark or as two.
        if ($mark === "'" && mb_strlen($text) === 2) {
            $mark = '"';
        }

        return [$mark === 'x' ? 'word' : 'mark', $mark];
    }
}
