<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** When the client is trained next. */
final readonly class NextVisitResource extends Resource
{
    public function __construct(public string $startsAt, public string $name)
    {
    }
}
