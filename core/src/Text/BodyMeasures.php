<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Text;

use NimbleShelf\Core\Exception\InvalidQuantity;

/**
 * Height and body mass as people say them: 172, 172.5 cm, 1,72 m, 5 ft 8, 5'8", 72.5 kg, 160 lb, 11 st 4.
 * A comma and a point are the same. The foot, the inch, the pound and the stone are those of the international agreement of 1959.
 */
final class BodyMeasures
{
    private const CM_PER_INCH = 2.54;

    private const INCHES_PER_FOOT = 12;

    public const KG_PER_POUND = 0.453_592_37;

    private const POUNDS_PER_STONE = 14;

    /** A bare height below this is in metres: nobody is 2.6 cm tall. */
    private const BARE_METRES_BELOW = 3.0;

    private const NUMBER = '(\d+(?:\.\d+)?)';

    /**
     * @param  string  $field  Named in the refusal.
     * @return float Centimetres.
     *
     * @throws InvalidQuantity If it is no height.
     */
    public static function heightCm(string $said, string $field = 'height_cm'): float
    {
        $text = self::plain($said);
        if (preg_match('/^'.self::NUMBER.' ?(cm|m)?$/', $text, $at) === 1) {
            $number = (float) $at[1];
            $unit = $at[2] ?? ($number < self::BARE_METRES_BELOW ? 'm' : 'cm');

            return $unit === 'm' ? 100 * $number : $number;
        }
        if (preg_match("/^(\d+) ?(?:ft|feet|foot|')(?: ?".self::NUMBER.' ?(?:in|inches|inch|")?)?$/', $text, $at) === 1) {
            $inches = (float) ($at[2] ?? 0);
            if ($inches < self::INCHES_PER_FOOT) {
                return self::CM_PER_INCH * (self::INCHES_PER_FOOT * (int) $at[1] + $inches);
            }
        }

        throw InvalidQuantity::because($field, 'Height: as in 172, 1.72 m or 5 ft 8.');
    }

    /**
     * @param  string  $field  Named in the refusal.
     * @return float Kilograms.
     *
     * @throws InvalidQuantity If it is no mass.
     */
    public static function massKg(string $said, string $field = 'body_mass_kg'): float
    {
        $text = self::plain($said);
        if (preg_match('/^'.self::NUMBER.' ?(kg|kilos?|lbs?|pounds?)?$/', $text, $at) === 1) {
            return (float) $at[1] * (preg_match('/^(lb|pound)/', $at[2] ?? '') === 1 ? self::KG_PER_POUND : 1.0);
        }
        if (preg_match('/^'.self::NUMBER.' ?(?:st|stones?)(?: ?'.self::NUMBER.' ?(?:lbs?|pounds?)?)?$/', $text, $at) === 1) {
            $pounds = (float) ($at[2] ?? 0);
            if ($pounds < self::POUNDS_PER_STONE) {
                return self::KG_PER_POUND * (self::POUNDS_PER_STONE * (float) $at[1] + $pounds);
            }
        }

        throw InvalidQuantity::because($field, 'Body mass: as in 72.5, 160 lb or 11 st 4.');
    }

    private static function plain(string $said): string
    {
        $text = strtr(mb_strtolower(trim($said)), [',' => '.', '’' => "'", '′' => "'", '″' => '"', '”' => '"', "''" => '"']);

        return (string) preg_replace('/\s+/', ' ', $text);
    }
}
