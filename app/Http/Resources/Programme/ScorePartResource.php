<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** One part of what a week is worth. */
final readonly class ScorePartResource extends Resource
{
    public function __construct(public string $name, public float $points, public string $words)
    {
    }
}
