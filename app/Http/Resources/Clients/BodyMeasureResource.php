<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Models\BodyMeasure;

/** Body measures of one day. */
final readonly class BodyMeasureResource extends Resource
{
    public function __construct(
        public string $measuredOn,
        public float $heightCm,
        public float $bodyMassKg,
    ) {
    }

    public static function of(BodyMeasure $measure): self
    {
        return new self($measure->measured_on->toDateString(), $measure->height_cm, $measure->body_mass_kg);
    }
}
