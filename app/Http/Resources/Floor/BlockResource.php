<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** Exercises that belong together. */
final readonly class BlockResource extends Resource
{
    /**
     * @param  list<ItemResource>  $items
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $name,
        public array $items,
    ) {
    }
}
