<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

/**
 * How the strength of one person in one pattern goes together with that in another, for sex, age and mass alike.
 *
 * Each pattern hangs on a few shared factors and a part of its own; the squares of its loadings add up to at most one, and two
 * patterns go together by the sum of the products of their loadings. Set so as to give the published correlations (B in
 * `Norms`): two presses 0.8, press and pull 0.7, arm and leg 0.5, squat and hinge 0.75, two small muscles 0.4 to 0.5, trunk
 * and anything 0.3 to 0.4. Which patterns share a group follows the catalogue's related patterns.
 */
final class Kin
{
    private const MAIN_ARM = ['whole' => 0.707, 'upper' => 0.447];

    private const MAIN_LEG = ['whole' => 0.707, 'lower' => 0.5];

    private const SMALL_ARM = ['whole' => 0.566, 'upper' => 0.358];

    private const SMALL_LEG = ['whole' => 0.566, 'lower' => 0.36];

    private const TRUNK = ['whole' => 0.5, 'trunk' => 0.5];

    private const LOADINGS = [
        'horizontal-press' => self::MAIN_ARM + ['press' => 0.316], 'vertical-press' => self::MAIN_ARM + ['press' => 0.316],
        'dip' => self::MAIN_ARM + ['press' => 0.316], 'horizontal-pull' => self::MAIN_ARM + ['pull' => 0.316],
        'vertical-pull' => self::MAIN_ARM + ['pull' => 0.316],
        'fly' => self::SMALL_ARM + ['press' => 0.3], 'elbow-extension' => self::SMALL_ARM + ['press' => 0.2],
        'elbow-flexion' => self::SMALL_ARM + ['pull' => 0.2], 'shoulder-extension' => self::SMALL_ARM + ['pull' => 0.25],
        'rear-shoulder' => self::SMALL_ARM + ['pull' => 0.2], 'shoulder-raise' => self::SMALL_ARM + ['press' => 0.2],
        'shoulder-rotation' => self::SMALL_ARM,
        'squat' => self::MAIN_LEG + ['knee' => 0.316], 'single-leg' => self::MAIN_LEG + ['knee' => 0.316],
        'hinge' => self::MAIN_LEG + ['hip' => 0.316], 'bridge' => self::MAIN_LEG + ['hip' => 0.316],
        'power' => self::MAIN_LEG + ['hip' => 0.316], 'carry' => self::MAIN_LEG,
        'hip-extension' => self::SMALL_LEG + ['hip' => 0.25], 'knee-flexion' => self::SMALL_LEG + ['hip' => 0.25],
        'knee-extension' => self::SMALL_LEG + ['knee' => 0.25], 'calf' => self::SMALL_LEG, 'hip-abduction' => self::SMALL_LEG,
        'hip-flexion' => self::SMALL_LEG,
        'trunk' => self::TRUNK, 'trunk-flexion' => self::TRUNK, 'trunk-extension' => self::TRUNK, 'trunk-side' => self::TRUNK,
    ];

    /** @return list<string> Every pattern of which a strength is kept. */
    public static function patterns(): array
    {
        return array_keys(self::LOADINGS);
    }

    /** How far two patterns go together, 0 to 1; 1 for one with itself. */
    public static function correlation(string $one, string $other): float
    {
        /** @var array<string, array<string, float>> $known */
        static $known = [];

        return $known[$one][$other] ??= self::sum($one, $other);
    }

    private static function sum(string $one, string $other): float
    {
        if ($one === $other) {
            return 1.0;
        }
        $sum = 0.0;
        foreach (self::LOADINGS[$one] ?? [] as $factor => $loading) {
            $sum += $loading * (self::LOADINGS[$other][$factor] ?? 0.0);
        }

        return $sum;
    }
}
