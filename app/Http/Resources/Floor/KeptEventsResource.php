<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** What became of events that were sent. */
final readonly class KeptEventsResource extends Resource
{
    /**
     * @param  list<string>  $accepted  Keys; kept now or before.
     * @param  list<RefusedEventResource>  $refused
     */
    public function __construct(public array $accepted, public array $refused)
    {
    }
}
