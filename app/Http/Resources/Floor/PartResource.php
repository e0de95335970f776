<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** A part of the body that may be sore. */
final readonly class PartResource extends Resource
{
    public function __construct(public string $id, public string $label)
    {
    }
}
