<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\ShelfItem;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\Body;

/** What really hangs on the stand-in scale: each thing's hidden truth, a little off its label, the same every time. */
final class StandInThings
{
    /** A label may be this far off, share. */
    private const BAND_OFF = 0.18;

    private const MASS_OFF = 0.06;

    /** The curve a band really has. */
    public static function band(ShelfItem $item): ?Band
    {
        $band = $item->toThing()->band;
        if ($band === null) {
            return null;
        }
        // A label knows one number; rubber has two, in about this mixture.
        $label = self::labelled($item, 'a_n') + self::labelled($item, 'b_n') / 2;

        return Band::of(
            $band->restLengthM,
            0.7 * $label * self::near($item, 'a', self::BAND_OFF),
            0.6 * $label * self::near($item, 'b', self::BAND_OFF),
        );
    }

    /** What pulls on the hook, newtons, with a band stretched to a length or a thing hanging free. */
    public static function pullN(ShelfItem $item, float $lengthM): float
    {
        $band = self::band($item);

        return $band === null
            ? $item->toThing()->massKg * self::near($item, 'mass', self::MASS_OFF) * Body::GRAVITY
            : $band->forceAt($lengthM);
    }

    public static function seed(ShelfItem $item): int
    {
        return crc32("scale {$item->id}");
    }

    private static function near(ShelfItem $item, string $what, float $off): float
    {
        return 1 + $off * (2 * (crc32("{$item->kind} {$item->name} {$what}") / 4294967295) - 1);
    }

    /** What the band was first taken for; a test does not change what it truly is. */
    private static function labelled(ShelfItem $item, string $name): float
    {
        $value = $item->measures["label_{$name}"] ?? $item->measures[$name] ?? 0.0;

        return is_numeric($value) ? (float) $value : 0.0;
    }
}
