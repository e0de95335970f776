<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

/**
 * A line while it is read: what of it is understood, what is not yet, and what was assumed.
 *
 * @internal
 */
final class LineReading
{
    /** The whole line in one way of writing, and what of it has not been understood yet. */
    public readonly string $line;

    public string $rest;

    /** @var list<array{text: string, means: string}> */
    public array $understood = [];

    /** @var list<string> */
    public array $assumed = [];

    public function __construct(string $line)
    {
        $text = LineText::of($line);
        $this->rest = $this->line = str_replace(' table salt ', ' salt ', $text->text);
        foreach ($text->guesses as $typed => $read) {
            $this->assumed[] = "“{$typed}” is read as {$read}.";
        }
    }

    /** @param  list<string>  $words */
    public function longestOf(array $words): ?string
    {
        $said = array_filter($words, $this->says(...));
        usort($said, static fn (string $one, string $two): int => strlen($two) <=> strlen($one));

        return $said[0] ?? null;
    }

    /**
     * The word that comes first in the line, or that holds the others: a box of books is a box.
     *
     * @param  list<string>  $words
     */
    public function firstOf(array $words): ?string
    {
        $said = array_values(array_filter($words, $this->says(...)));
        usort($said, fn (string $one, string $two): int => [$this->rank($one), strlen($two)] <=> [$this->rank($two), strlen($one)]);

        return $said[0] ?? null;
    }

    /** True where what the word names holds something. */
    public function isOf(string $word): bool
    {
        return str_contains($this->line, " {$word} of ");
    }

    private function rank(string $word): int
    {
        return $this->isOf($word) ? 0 : 1 + (int) strpos($this->line, " {$word}");
    }

    public function says(string $word): bool
    {
        return preg_match('/(?<=[ ,(])'.preg_quote($word, '/').'(?=[ ,.;):])/u', $this->rest) === 1;
    }

    /** @param  list<string>  $words */
    public function drops(array $words): void
    {
        foreach ($words as $word) {
            $this->rest = (string) preg_replace('/(?<=[ ,(])'.preg_quote($word, '/').'(?=[ ,.;):])/u', ' ', $this->rest);
        }
    }

    /**
     * @param  array<string, float>  $units
     * @param  callable(float): string  $inWords
     * @return list<float> In the first unit of the table.
     */
    public function quantities(array $units, callable $inWords): array
    {
        $names = array_map(static fn (string $name): string => preg_quote($name, '/'), array_keys($units));
        usort($names, static fn (string $one, string $two): int => strlen($two) <=> strlen($one));
        $values = [];
        while (preg_match('/(?<=[ (@])(\d+(?:\.\d+)?)[ -]?('.implode('|', $names).')(?=[ ,.;)+])/', $this->rest, $found) === 1) {
            $value = round((float) $found[1] * $units[$found[2]], 4);
            $values[] = $value;
            $this->drop($found[0], $inWords($value));
        }

        return $values;
    }

    /**
     * A number that stands without its unit.
     *
     * @return list<float>
     */
    public function bare(string $unit, string $inWords): array
    {
        if (preg_match('/(?<=[ (@-])(\d{1,3}(?:\.\d+)?)s?(?=[ ,.)])/', $this->rest, $found) !== 1) {
            return [];
        }
        $this->drop($found[0], "{$found[1]} {$unit}");
        $this->assumed[] = "{$found[1]} is taken as {$inWords}.";

        return [(float) $found[1]];
    }

    public function take(string $word, string $means): bool
    {
        if (preg_match('/(?<=[ ,(])'.preg_quote($word, '/').'(?=[ ,.;):])/u', $this->rest) !== 1) {
            return false;
        }
        $this->drop($word, $means, wholeWord: true);

        return true;
    }

    public function drop(string $text, string $means, bool $wholeWord = false): void
    {
        $this->understood[] = ['text' => trim($text, ' ,+'), 'means' => $means];
        $pattern = $wholeWord ? '/(?<=[ ,(])'.preg_quote($text, '/').'(?=[ ,.;):])/u' : '/'.preg_quote($text, '/').'/u';
        $this->rest = (string) preg_replace($pattern, ' ', $this->rest, 1);
    }

    /** What is amiss with the thing, in the line's own word: "cracked"; null where nothing is said. */
    public function damage(): ?string
    {
        $damage = array_values(array_filter(ShelfWords::DAMAGED, fn (string $word): bool => $this->take($word, 'out of service')));

        return $damage[0] ?? null;
    }

    /**
     * Words that were not understood and may matter. Where it is known what the thing is, the others only describe it.
     *
     * @return list<string>
     */
    public function leftOver(bool $isKnown): array
    {
        $words = preg_split('/[\s,;+()@.]+/', $this->rest, flags: PREG_SPLIT_NO_EMPTY);

        return array_values(array_filter($words === false ? [] : $words, static fn (string $word): bool => match (true) {
            preg_match('/\d/', $word) === 1 => true,
            default => ! $isKnown && ! in_array($word, ShelfWords::FILLER, true) && preg_match('/[a-z]/', $word) === 1,
        }));
    }
}
