<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** Other ways for every exercise of a session, fetched before they are needed. */
final readonly class AlternativesResource extends Resource
{
    /** @param  list<ItemAlternativesResource>  $items */
    public function __construct(public int $sessionId, public array $items)
    {
    }
}
