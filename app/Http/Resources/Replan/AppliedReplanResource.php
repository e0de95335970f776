<?php

declare(strict_types=1);

namespace App\Http\Resources\Replan;

use App\Http\Resources\Resource;

/** What was changed at one go, and how to take it back. */
final readonly class AppliedReplanResource extends Resource
{
    public function __construct(public string $batch, public int $changed)
    {
    }
}
