<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;

/** Everything a client owns that can load a movement. */
final readonly class ShelfResource extends Resource
{
    /**
     * @param  list<ShelfItemResource>  $items
     * @param  string|null  $sharedWith  Whose shelf is used as well.
     * @param  list<LentResource>  $lentOut  What belongs here and stands on another shelf.
     * @param  list<LimitResource>  $limits
     */
    public function __construct(
        public int $clientId,
        public string $clientName,
        public ?string $sharedWith,
        public array $items,
        public array $lentOut,
        public array $limits,
    ) {
    }
}
