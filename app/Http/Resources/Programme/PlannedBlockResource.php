<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Exercises of a planned session that are done together. */
final readonly class PlannedBlockResource extends Resource
{
    /**
     * @param  string  $rule  "3 rounds, 40 s of work, 20 s of rest"; empty where the exercises say it all.
     * @param  list<PlannedItemResource>  $items
     */
    public function __construct(public string $kind, public string $name, public string $rule, public array $items)
    {
    }
}
