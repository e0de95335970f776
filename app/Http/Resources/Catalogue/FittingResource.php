<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;

/** What of the catalogue a client can do with their shelf, in their room, within their limits. */
final readonly class FittingResource extends Resource
{
    /** @param  list<string>  $exercises  By id. */
    public function __construct(public int $clientId, public string $clientName, public array $exercises)
    {
    }
}
