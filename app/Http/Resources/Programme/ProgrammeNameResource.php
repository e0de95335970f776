<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** A programme by its name. */
final readonly class ProgrammeNameResource extends Resource
{
    public function __construct(public int $id, public string $name, public string $state, public string $startsOn, public int $weeks)
    {
    }
}
