<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** A set, or a side of it, that is set aside today. */
final readonly class SkippedResource extends Resource
{
    /** @param  string  $key  Of the event; taking it up again names it. */
    public function __construct(public string $key, public int $itemId, public int $setNumber, public ?string $side, public string $at)
    {
    }
}
