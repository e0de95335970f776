<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/** What furniture usually is, for what nobody has measured yet. */
final class Furniture
{
    /**
     * Usual heights, centimetres: ours, from what such furniture is made to (seats 43 to 47, sofas 40 to 44, tables 72 to 76,
     * one stair 17 to 19). Good to about 4 cm; what is done on it is seen before it is loaded.
     */
    private const USUAL_HEIGHT_CM = ['chair' => 45.0, 'stool' => 45.0, 'sofa' => 42.0, 'table' => 74.0, 'step' => 18.0];

    /** The usual height of a kind, centimetres; null of what has none. */
    public static function usualHeightCm(string $kind): ?float
    {
        return self::USUAL_HEIGHT_CM[$kind] ?? null;
    }
}
