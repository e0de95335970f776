<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * Numbers of a phrase, read.
 *
 * @internal
 */
final class Figures
{
    private const METRES_PER_YARD = 0.9144;

    /** Below it two equal numbers with a stroke are one for each side, from there on either, and from the second on work and rest. */
    private const CLOCKED_FROM = [20, 30];

    /** A rest without a unit is in minutes up to this. */
    private const MINUTES_UP_TO = 5;

    public static function whole(string $digits): int
    {
        return (int) substr($digits, 0, 6);
    }

    public static function seconds(string $time, string $unit): int
    {
        if (str_contains($time, ':')) {
            [$minutes, $seconds] = explode(' : ', $time);

            return 60 * (int) $minutes + (int) $seconds;
        }

        return (int) round((float) $time * (str_starts_with($unit, 'm') || $unit === "'" ? 60 : 1));
    }

    public static function rest(string $time, string $unit): int
    {
        return $unit === '' && ! str_contains($time, ':') && (float) $time <= self::MINUTES_UP_TO
            ? (int) round(60 * (float) $time)
            : self::seconds($time, $unit);
    }

    public static function metres(string $length, string $unit): float
    {
        return round((float) $length * (str_starts_with($unit, 'y') ? self::METRES_PER_YARD : 1.0), 1);
    }

    /** Of a range of seconds its middle, to the next five. */
    public static function middle(int $low, int $high): int
    {
        return (int) (5 * round(($low + $high) / 10));
    }

    /** @return array{reps: int, most?: int} */
    public static function range(int $low, int $high): array
    {
        return $low === $high ? ['reps' => $low] : ['reps' => min($low, $high), 'most' => max($low, $high)];
    }

    /** @return list<int> */
    public static function listed(string $list): array
    {
        preg_match_all('/\d+/', $list, $found);

        return array_map(self::whole(...), $found[0]);
    }

    /**
     * Two numbers with a stroke between: work and rest by the clock, or so many for each side, or a set of each.
     *
     * @return array<string, int|bool|list<int>>|null Null where it may be either.
     */
    public static function stroke(int $one, int $other): ?array
    {
        return match (true) {
            $one === $other && $one < self::CLOCKED_FROM[0] => ['reps' => $one, 'perSide' => true],
            $one === $other && $one < self::CLOCKED_FROM[1] => null,
            $one % 5 === 0 && $other % 5 === 0 && $one >= 15 => ['work' => $one, 'between' => $other],
            default => ['doses' => [$one, $other]],
        };
    }

    public static function eitherOf(string $one, string $other, string $before): Node
    {
        return Node::either("{$before}{$one}/{$other}", ["{$before}{$one} each side", "{$before}{$one} s on {$other} s off"]);
    }

    /**
     * @param  array<int|string, string>  $found
     * @return list<string> Every second group that was found, from one on.
     */
    public static function every(array $found, int $from): array
    {
        $every = [];
        for ($i = $from; $i < count($found); $i += 2) {
            if (($found[$i] ?? '') !== '') {
                $every[] = $found[$i];
            }
        }

        return $every;
    }
}
