<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Programme\Brief;

/** How a programme was asked for, so that it can be asked for again. */
final readonly class PlanStyleResource extends Resource
{
    public function __construct(public string $goal, public string $experience, public string $order, public string $structure)
    {
    }

    public static function of(Brief $brief): self
    {
        return new self($brief->goal->value, $brief->experience->value, $brief->order->value, $brief->structure->value);
    }
}
