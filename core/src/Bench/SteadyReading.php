<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Bench;

/** Whether the last readings of a scale stand still, and what they come to. */
final readonly class SteadyReading
{
    /** Readings looked at. */
    public const COUNT = 8;

    /** Steady within this much, newtons, or this share of the force, whichever is more. Our estimate of a hand's patience. */
    private const TOLERANCE_N = 0.8;

    private const TOLERANCE_SHARE = 0.012;

    private function __construct(public bool $isSteady, public float $meanN, public float $sdN)
    {
    }

    /** @param  list<float>  $readings  Newtons, oldest first. */
    public static function of(array $readings): self
    {
        $last = array_slice($readings, -self::COUNT);
        $count = count($last);
        if ($count === 0) {
            return new self(false, 0.0, 0.0);
        }
        $mean = array_sum($last) / $count;
        $sd = sqrt(array_sum(array_map(static fn (float $reading): float => ($reading - $mean) ** 2, $last)) / $count);
        $half = intdiv($count, 2);
        // Noise goes both ways, settling goes one way: the two halves must agree too.
        $trend = $half === 0 ? INF : abs(array_sum(array_slice($last, 0, $half)) / $half - array_sum(array_slice($last, -$half)) / $half);
        $tolerance = max(self::TOLERANCE_N, self::TOLERANCE_SHARE * abs($mean));

        return new self($count === self::COUNT && $sd <= $tolerance && $trend <= $tolerance, $mean, $sd);
    }
}
