<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Programme\PlanOption;

/** A step to another rung. */
final readonly class SlotStepResource extends Resource
{
    /** @param  string  $dose  What would be asked of it: "8 repetitions". */
    public function __construct(public string $name, public string $words, public string $dose)
    {
    }

    public static function of(?PlanOption $option): ?self
    {
        return $option === null ? null : new self($option->exercise->name, $option->rung->words, $option->dose->inWords());
    }
}
