<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;

/** One test of a first session, from light to heavier. */
final readonly class StartTestResource extends Resource
{
    /** @param  list<StartStepResource>  $steps */
    public function __construct(public string $name, public bool $isHold, public array $steps)
    {
    }
}
