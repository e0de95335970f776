<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** What is given up next as time runs short: so many sets are left of one exercise. */
final readonly class SheddingResource extends Resource
{
    public function __construct(public int $itemId, public int $sets)
    {
    }
}
