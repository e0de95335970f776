<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** A day of the week on which there is time to train. */
final readonly class TrainingDay
{
    private function __construct(public int $weekday, public int $minutes)
    {
    }

    /**
     * @param  int  $weekday  1 for Monday to 7.
     * @param  int  $minutes  10 to 180.
     *
     * @throws InvalidQuantity If one is out of range.
     */
    public static function of(int $weekday, int $minutes): self
    {
        InvalidQuantity::unlessBetween('weekday', $weekday, 1, 7, '');
        InvalidQuantity::unlessBetween('minutes', $minutes, 10, 180, 'min');

        return new self($weekday, $minutes);
    }

    /**
     * So many days spread over a week, Monday first: two are Monday and Thursday.
     *
     * @return list<self>
     *
     * @throws InvalidQuantity If the number or the minutes are out of range.
     */
    public static function spread(int $number, int $minutes): array
    {
        InvalidQuantity::unlessBetween('days', $number, 1, 7, 'days');

        return array_map(static fn (int $weekday): self => self::of($weekday, $minutes), match ($number) {
            1 => [1],
            2 => [1, 4],
            3 => [1, 3, 5],
            4 => [1, 2, 4, 5],
            5 => [1, 2, 3, 5, 6],
            6 => [1, 2, 3, 4, 5, 6],
            default => [1, 2, 3, 4, 5, 6, 7],
        });
    }

    /** Nights between two days of any week, the shorter way round. */
    public function nightsFrom(self $other): int
    {
        $apart = abs($this->weekday - $other->weekday);

        return min($apart, 7 - $apart);
    }

    public function label(): string
    {
        return ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][$this->weekday - 1];
    }
}
