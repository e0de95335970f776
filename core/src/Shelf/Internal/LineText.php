<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

use NimbleShelf\Core\Text\Spelling;

/**
 * What somebody typed, brought to one way of writing numbers, units and words, with spelling forgiven.
 *
 * @internal
 */
final readonly class LineText
{
    private const FRACTIONS = ['½' => 0.5, '¼' => 0.25, '¾' => 0.75, '⅓' => 0.3333, '⅔' => 0.6667];

    /** Words as short as this are not guessed at; from here on one letter may be wrong, and further on two. */
    private const GUESSED_FROM = 5;

    private const TWO_WRONG_FROM = 7;

    /**
     * @param  string  $text  In small letters, with a space before and after.
     * @param  array<string, string>  $guesses  Words as typed, and as they were read.
     */
    private function __construct(public string $text, public array $guesses)
    {
    }

    public static function of(string $line): self
    {
        $text = mb_strtolower($line);
        $text = strtr($text, ['×' => 'x', '✕' => 'x', '”' => '"', '″' => '"', '’' => "'", '–' => '-', '—' => ' - ']);
        foreach (self::FRACTIONS as $sign => $value) {
            $text = (string) preg_replace_callback(
                "/(\\d+)?\\s?{$sign}/u",
                static fn (array $found): string => (string) ((float) ($found[1] ?? 0) + $value),
                $text,
            );
        }
        // "2 1/2 kg", "1/2 kg"; and a comma between digits is a decimal point.
        $text = (string) preg_replace_callback(
            '/(?<![\d.])(?:(\d+) )?(\d)\/([2348])(?!\d)/',
            static fn (array $found): string => (string) ((float) $found[1] + (int) $found[2] / (int) $found[3]),
            $text,
        );
        $text = (string) preg_replace(
            [
                '/(\d),(\d)/', '/\b(\d)m(\d{2})\b/', '/(\d)x(?=\d)/', '/\bx(?=\d)/', '/(\d)x\b/', '/ - |[;:!?*]/', '/(?<=[a-z])-pack\b/',
                '/\b(\d+)-pack\b/', '/(?<=\d)(?=(?:kgs|kilos?|lbs?|pounds?|st|stone|litres?|liters?|ltrs?)\b)/', '/\s+/',
            ],
            ['$1.$2', '$1.$2 m', '$1 x ', 'x ', '$1 x', ' , ', ' pack', '$1 x pack', ' ', ' '],
            $text,
        );
        $text = ' '.trim($text).' ';

        return self::corrected($text, ShelfWords::namesAThing($text) ? self::TWO_WRONG_FROM : self::GUESSED_FROM);
    }

    /** Where some word says what it is, short ones are left as they are: "packed" is no packet. */
    private static function corrected(string $text, int $from): self
    {
        $guesses = [];
        $read = (string) preg_replace_callback(
            '/(?<![a-z\d\'-])[a-z]{'.$from.',}(?![a-z\'])/',
            static function (array $found) use (&$guesses): string {
                $guess = self::guess($found[0]);
                if ($guess === null) {
                    return $found[0];
                }
                $guesses[$found[0]] = $guess;

                return $guess;
            },
            $text,
        );

        // It helps only where a thing is named then.
        return ShelfWords::namesAThing($read) ? new self($read, $guesses) : new self($text, []);
    }

    /** The one word of ours that is nearest to a word nobody knows; null where it is known, or none is near enough. */
    private static function guess(string $word): ?string
    {
        $known = ShelfWords::known();
        if (isset($known[$word]) || isset(ShelfWords::EVERYDAY[$word])) {
            return null;
        }
        $within = strlen($word) >= self::TWO_WRONG_FROM ? 2 : 1;
        $nearest = [];
        foreach (array_keys($known) as $one) {
            if (strlen($one) >= self::GUESSED_FROM && $one[0] === $word[0]) {
                $far = Spelling::slips($word, $one);
                if ($far <= $within) {
                    $nearest[$one] = $far;
                }
            }
        }
        asort($nearest);

        return array_key_first($nearest);
    }
}
