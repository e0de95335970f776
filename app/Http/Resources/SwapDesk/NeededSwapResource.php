<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;

/** An exercise of the session that is to be swapped, or was. */
final readonly class NeededSwapResource extends Resource
{
    /** @param  bool  $isOpen  True while the shelf does not allow it as it stands. */
    public function __construct(public int $itemId, public string $name, public bool $isOpen)
    {
    }
}
