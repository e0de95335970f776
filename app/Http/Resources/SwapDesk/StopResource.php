<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;

/** One of the values a control can take. */
final readonly class StopResource extends Resource
{
    public function __construct(public float $value, public string $label)
    {
    }
}
