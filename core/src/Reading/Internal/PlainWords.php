<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * Words as names are compared by: in the singular, one way of writing each.
 *
 * @internal
 */
final class PlainWords
{
    private const ONE_SIDE = [
        '/\b(?:single|1|sl) legged\b|\b(?:single|1) leg\b|\bsl\b/' => '1leg',
        '/\b(?:single|1) (?:arm|hand)(?:ed)?\b|\bsa\b/' => '1arm',
    ];

    /**
     * @param  list<string>  $words
     * @return list<string> In the singular, one way of writing each.
     */
    public static function of(array $words): array
    {
        $plain = array_map(self::singular(...), $words);
        // Most names have nothing that is written in another way.
        static $telling = null;
        $telling ??= self::firstWords();
        if (array_intersect_key(array_flip($plain), $telling) === []) {
            return array_values(array_filter($plain, static fn (string $word): bool => $word !== ''));
        }
        $said = implode(' ', $plain);
        foreach (self::ONE_SIDE as $pattern => $written) {
            $said = (string) preg_replace($pattern, $written, $said);
        }
        static $pattern = null;
        $pattern ??= '/\b(?:'.implode('|', array_map(
            static fn (string $word): string => preg_quote($word, '/'),
            self::longestFirst(array_keys(TradeNames::WORDS)),
        )).')\b/';
        $said = (string) preg_replace_callback($pattern, static fn (array $found): string => TradeNames::WORDS[$found[0]], $said);

        return array_values(array_filter(explode(' ', $said), static fn (string $word): bool => $word !== ''));
    }

    /** @return array<array-key, true> Words with which something begins that is written in another way. */
    private static function firstWords(): array
    {
        $first = ['single' => true, '1' => true, 'sl' => true, 'sa' => true];
        foreach (array_keys(TradeNames::WORDS) as $said) {
            $first[explode(' ', $said)[0]] = true;
        }

        return $first;
    }

    /**
     * @param  list<string>  $words
     * @return list<string>
     */
    private static function longestFirst(array $words): array
    {
        usort($words, static fn (string $one, string $two): int => strlen($two) <=> strlen($one));

        return $words;
    }

    /** "Lunges" is a lunge and "crunches" a crunch; "press" is no plural. */
    public static function singular(string $word): string
    {
        return match (true) {
            strlen($word) <= 2 || isset(TradeNames::WORDS[$word]) => $word,
            ! str_ends_with($word, 's') || str_ends_with($word, 'ss') => $word,
            preg_match('/(?:ss|ch|sh|x)es$/', $word) === 1 => substr($word, 0, -2),
            default => substr($word, 0, -1),
        };
    }
}
