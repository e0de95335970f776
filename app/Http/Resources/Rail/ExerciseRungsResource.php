<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;

/** What a client's shelf has for one exercise, lightest first. */
final readonly class ExerciseRungsResource extends Resource
{
    /**
     * @param  list<ExerciseRungResource>  $rungs
     * @param  string|null  $why  Why there is none; null where there are.
     */
    public function __construct(public string $exercise, public string $name, public array $rungs, public ?string $why)
    {
    }
}
