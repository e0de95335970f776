<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** What a client's limits and room leave of the catalogue. */
final readonly class LimitEffectsResource extends Resource
{
    /**
     * @param  list<LimitEffectResource>  $limits  Every limit that can be of this client.
     * @param  list<LimitEffectResource>  $room
     */
    public function __construct(
        public int $clientId,
        public int $left,
        public int $total,
        public array $limits,
        public array $room,
    ) {
    }
}
