<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** What became of a change in the weeks after it. */
final readonly class FollowedResource extends Resource
{
    /** @param  list<string>  $keptVisits  Dates of visits that keep what was changed for their day alone. */
    public function __construct(public array $keptVisits)
    {
    }
}
