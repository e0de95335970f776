<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Bench;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;

/** What somebody read off a scale of their own and typed: one reading, or several of the same pull. */
final readonly class TypedReadings
{
    /** Of the same pull; more say nothing more. */
    public const MOST = 8;

    /** Hanging scales for luggage and fish end well below it, newtons. */
    public const MOST_N = 2000.0;

    /**
     * @param  float  $meanN  Newtons.
     * @param  float  $sdN  One sigma of one reading, newtons: what the readings differ by, and the last digit of the scale.
     */
    private function __construct(public float $meanN, public float $sdN, public int $count)
    {
    }

    /**
     * Reads "12.4", "12,4 12,6 12,4" or "121; 123". A last digit stands for all that would be rounded to it, evenly: its
     * standard deviation is the digit by the square root of twelve (JCGM 100:2008, 4.3.7).
     *
     * @param  string  $unit  `N`, or `kg` where the scale shows a mass.
     *
     * @throws InvalidQuantity If they are no readings, naming `readings`.
     */
    public static function of(string $typed, string $unit): self
    {
        $words = preg_split('/[\s;]+/', trim($typed), flags: PREG_SPLIT_NO_EMPTY);
        $words = $words === false ? [] : $words;
        $perUnit = match ($unit) {
            'N' => 1.0,
            'kg' => Body::GRAVITY,
            default => throw InvalidQuantity::because('unit', 'A scale shows newtons (N) or kilograms (kg).'),
        };
        if ($words === [] || count($words) > self::MOST) {
            throw InvalidQuantity::because('readings', sprintf(
                'What does the scale show? One reading, or up to %d of the same pull with a space between them.',
                self::MOST,
            ));
        }
        $newtons = [];
        $digit = 1.0;
        foreach ($words as $word) {
            if (preg_match('/^\d{1,4}(?:[.,](\d{1,3}))?$/', $word, $parts) !== 1) {
                throw InvalidQuantity::because('readings', sprintf('"%s" is no reading of a scale, as 12.4 is.', $word));
            }
            $newtons[] = $perUnit * (float) str_replace(',', '.', $word);
            $digit = min($digit, 10 ** -strlen($parts[1] ?? ''));
        }
        if (min($newtons) <= 0 || max($newtons) > self::MOST_N) {
            throw InvalidQuantity::because('readings', sprintf(
                'More than nothing and no more than %.0f %s.',
                self::MOST_N / $perUnit,
                $unit,
            ));
        }
        $count = count($newtons);
        $mean = array_sum($newtons) / $count;
        $spread = $count < 2 ? 0.0
            : array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $newtons)) / ($count - 1);

        return new self($mean, sqrt($spread + ($perUnit * $digit) ** 2 / 12), $count);
    }
}
