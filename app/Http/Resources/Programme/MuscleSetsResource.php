<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Hard sets of a muscle in a week, against the band that does it good. */
final readonly class MuscleSetsResource extends Resource
{
    public function __construct(public string $muscle, public float $sets, public float $low, public float $high)
    {
    }
}
