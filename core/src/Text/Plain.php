<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Text;

/** Numbers as they are said. */
final class Plain
{
    /**
     * Returns the number without trailing noughts: "2.5", "12".
     *
     * @param  int  $decimals  Most that are shown; the rest is rounded away, halves up.
     */
    public static function number(float $value, int $decimals = 2): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    private const SMALL = [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

    /** A small number as a word: "two"; from thirteen on in figures. */
    public static function small(int $count): string
    {
        return self::SMALL[$count] ?? (string) $count;
    }

    /**
     * "a, b and c".
     *
     * @param  list<string>  $parts
     */
    public static function listed(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts).' and '.$last;
    }

    /** "Buckets"; a name that ends in s stays as it is. */
    public static function plural(string $name): string
    {
        return str_ends_with($name, 's') ? $name : $name.'s';
    }

    /** "1 set", "3 sets". */
    public static function count(int $count, string $one, ?string $many = null): string
    {
        return sprintf('%d %s', $count, $count === 1 ? $one : $many ?? self::plural($one));
    }
}
