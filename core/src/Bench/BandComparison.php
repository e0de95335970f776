<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Bench;

use NimbleShelf\Core\Mechanics\Band;

/** A band against its own earlier tests: how much softer it has become, and what to do about it. */
final readonly class BandComparison
{
    /** Softer by more than this: look closely. Our judgement. */
    private const WATCH = 0.10;

    /** Softer than at the first test by more than this asks for replacement; engine contract, section 4. */
    private const RETIRE = 0.15;

    /** Stretches at which the two curves are compared: the middle of what a band is used at. */
    private const STRETCHES = [1.5, 1.75, 2.0, 2.25];

    /** @param  float  $softer  Mean loss of tension at the same stretch as a share, negative where it became stiffer. */
    private function __construct(public float $softer, public string $verdict, public string $words)
    {
    }

    /**
     * @param  Band  $first  As it was at its first test.
     * @param  Band  $before  At the last one before this.
     */
    public static function of(Band $first, Band $before, Band $now): self
    {
        $worn = self::softening($first, $now);
        if ($worn > self::RETIRE) {
            return new self(
                $worn,
                'retire',
                sprintf('%d %% softer than at its first test: replace it, and take it out of service now.', round(100 * $worn)),
            );
        }
        $softer = self::softening($before, $now);
        $percent = round(100 * abs($softer));

        return match (true) {
            $softer > self::WATCH => new self(
                $softer,
                'watch',
                sprintf('%d %% softer than last time: look for nicks and whitening, test again in a month.', $percent),
            ),
            $softer < -self::WATCH => new self(
                $softer,
                'doubt',
                sprintf('%d %% stiffer than last time: rubber does not harden that way. Check the length and the scale.', $percent),
            ),
            default => new self($softer, 'fine', sprintf('Within %d %% of the last test.', max(1, $percent))),
        };
    }

    /** Mean loss of tension at the same stretches, as a share. */
    private static function softening(Band $before, Band $now): float
    {
        $ratios = [];
        foreach (self::STRETCHES as $stretch) {
            $ratios[] = $now->forceAt($stretch * $now->restLengthM) / $before->forceAt($stretch * $before->restLengthM);
        }

        return 1 - array_sum($ratios) / count($ratios);
    }
}
