<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Reading\Meant;
use NimbleShelf\Core\Text\Spelling;

/**
 * Finds what is meant where no name stands as it is written: words in another order, run together or misspelt.
 *
 * @internal
 */
final readonly class NearNames
{
    /** Shorter words are not guessed at; from here on one letter may be wrong, further on two. */
    private const GUESSED_FROM = 4;

    private const TWO_WRONG_FROM = 8;

    /** Ways of putting letters right that are looked at. */
    private const TRIED = 12;

    public function __construct(private Names $names)
    {
    }

    /**
     * Where no name stands as it is written: the words in another order, one of them misspelt; or the three that come nearest.
     *
     * @param  list<string>  $texts  Tokens, marks among them.
     */
    public function meant(array $texts): Meant
    {
        $kit = null;
        $words = [];
        foreach ($texts as $text) {
            if ($this->names->kit($text) !== null) {
                $kit ??= $this->names->kit($text);
            }
            if (preg_match('/^[\p{L}\d]/u', $text) === 1 && ! isset(Names::SKIPPED[$text])) {
                $words[] = $text;
            }
        }
        $words = PlainWords::of($words);
        if ($words === []) {
            return new Meant([], false, $kit);
        }
        $bare = array_values(array_filter($words, fn (string $word): bool => $this->names->kit($word) === null));
        $partly = null;
        foreach ([$words, $bare] as $tried) {
            [$found, $isWhole] = $tried === [] ? [[], false] : $this->names->called($tried);
            if ($found !== []) {
                $one = $this->one($tried, $found, $isWhole, $kit, '');
                if ($one->isSure) {
                    return $one;
                }
                $partly ??= $one;
            }
        }

        return $partly
            ?? $this->runTogether($bare, $kit)
            ?? $this->misspelt($bare, $kit)
            ?? new Meant($this->names->nearest($words), false, $kit);
    }

    /**
     * @param  list<string>  $words
     * @param  non-empty-list<Exercise>  $found
     * @param  bool  $isWhole  True where no word of the name is missing.
     */
    private function one(array $words, array $found, bool $isWhole, ?string $kit, string $assumed): Meant
    {
        $name = implode(' ', $words);
        $family = TradeNames::FAMILIES[$name] ?? null;
        $found = $family === null ? $this->names->sorted($found) : [$this->names->exercise($family)];

        // A name of which a word is missing may be another's: it is asked.
        return new Meant(
            array_slice($found, 0, Names::NEAREST),
            $family !== null || ($isWhole && ! isset(TradeNames::ASKED[$name])),
            $kit,
            $assumed === '' && $family !== null ? "{$name} as {$found[0]->nameInASentence()}" : $assumed,
        );
    }

    /**
     * "Sideplank": two words of a name written as one.
     *
     * @param  list<string>  $words
     */
    private function runTogether(array $words, ?string $kit): ?Meant
    {
        $apart = [];
        foreach ($words as $word) {
            $cut = null;
            for ($i = 3; $i <= strlen($word) - 2 && ! $this->names->hasWord($word); $i++) {
                $cut = $this->names->hasWord(substr($word, 0, $i)) && $this->names->hasWord(substr($word, $i)) ? $i : $cut;
            }
            array_push($apart, ...($cut === null ? [$word] : [substr($word, 0, $cut), substr($word, $cut)]));
        }
        [$found, $isWhole] = count($apart) > count($words) ? $this->names->called($apart) : [[], false];

        return $isWhole && $found !== [] ? $this->one($apart, $found, true, $kit, '') : null;
    }

    /**
     * One way of putting letters right that makes a whole name, and no second one as near.
     *
     * @param  list<string>  $words
     */
    private function misspelt(array $words, ?string $kit): ?Meant
    {
        $ways = [[0, [], []]];
        foreach ($words as $word) {
            $next = [];
            foreach ($ways as [$slips, $tried, $assumed]) {
                $guesses = $this->guesses($word);
                foreach ($guesses === [] ? [$word => 0] : $guesses as $guess => $far) {
                    $said = $far === 0 ? [] : ["“{$word}” as {$guess}"];
                    $next[] = [$slips + $far, [...$tried, (string) $guess], [...$assumed, ...$said]];
                }
            }
            $ways = array_slice($next, 0, self::TRIED);
        }
        usort($ways, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $best = null;
        foreach ($ways as [$slips, $tried, $assumed]) {
            if ($slips === 0 || ($best !== null && $slips > $best[0])) {
                continue;
            }
            [$found, $isWhole] = $this->names->called($tried);
            if ($found === [] || ! $isWhole) {
                continue;
            }
            if ($best !== null) {
                return null;
            }
            $best = [$slips, $this->one($tried, $found, true, $kit, implode(', ', $assumed))];
        }

        return $best[1] ?? null;
    }

    /** @return array<string, int> Words of ours that a word may be, and how many letters are wrong then. */
    private function guesses(string $word): array
    {
        $length = strlen($word);
        if ($length < self::GUESSED_FROM || $length > 30 || $this->names->hasWord($word) || in_array($word, TradeNames::CUES, true)
            || in_array($word, TradeNames::FILLERS, true)) {
            return [];
        }
        $within = $length >= self::TWO_WRONG_FROM ? 2 : 1;
        $nearest = [];
        foreach ($this->names->words() as $one) {
            if (strlen($one) >= self::GUESSED_FROM && $one[0] === $word[0] && abs(strlen($one) - $length) <= $within + 1) {
                $far = min(Spelling::slips($word, $one), Spelling::slips($word, "{$one}s"));
                if ($far <= $within) {
                    $nearest[$one] = $far;
                }
            }
        }
        asort($nearest);

        return $nearest;
    }
}
