<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Something a programme can be planned by. */
final readonly class PlanChoiceResource extends Resource
{
    public function __construct(public string $id, public string $label)
    {
    }
}
