<?php

declare(strict_types=1);

namespace App\Bench;

/** One reading of a scale. */
final readonly class GaugeReading
{
    /** @param  float|null  $forceN  Newtons; null where the scale cannot say. */
    private function __construct(public GaugeStatus $status, public ?float $forceN)
    {
    }

    public static function of(float $forceN): self
    {
        return new self(GaugeStatus::Ok, $forceN);
    }

    public static function none(GaugeStatus $why): self
    {
        return new self($why, null);
    }
}
