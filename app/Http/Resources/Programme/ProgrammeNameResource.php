<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Models\Programme;

/** A programme by its name. */
final readonly class ProgrammeNameResource extends Resource
{
    public function __construct(public int $id, public string $name, public string $state, public string $startsOn, public int $weeks)
    {
    }

    public static function of(Programme $one): self
    {
        return new self($one->id, $one->name, $one->standing()->value, $one->starts_on->toDateString(), $one->weeks->count());
    }
}
