<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Bench;

use NimbleShelf\Core\Mechanics\Band;

/** A band against its own earlier test: how much softer it has become, and what to do about it. */
final readonly class BandComparison
{
    /** Softer by more than this: look closely; rubber that has lost a quarter is near its end. Our judgement. */
    private const WATCH = 0.10;

    private const RETIRE = 0.25;

    /** Stretches at which the two curves are compared: the middle of what a band is used at. */
    private const STRETCHES = [1.5, 1.75, 2.0, 2.25];

    /** @param  float  $softer  Mean loss of tension at the same stretch as a share, negative where it became stiffer. */
    private function __construct(public float $softer, public string $verdict, public string $words)
    {
    }

    public static function of(Band $before, Band $now): self
    {
        $ratios = [];
        foreach (self::STRETCHES as $stretch) {
            $ratios[] = $now->forceAt($stretch * $now->restLengthM) / $before->forceAt($stretch * $before->restLengthM);
        }
        $softer = 1 - array_sum($ratios) / count($ratios);
        $percent = round(100 * abs($softer));

        return match (true) {
            $softer > self::RETIRE => new self($softer, 'retire', sprintf('%d %% softer than last time: take it out of service.', $percent)),
            $softer > self::WATCH => new self($softer, 'watch', sprintf('%d %% softer than last time: look for nicks and whitening, test again in a month.', $percent)),
            $softer < -self::WATCH => new self($softer, 'doubt', sprintf('%d %% stiffer than last time: rubber does not harden that way. Check the length and the scale.', $percent)),
            default => new self($softer, 'fine', sprintf('Within %d %% of the last test.', max(1, $percent))),
        };
    }
}
