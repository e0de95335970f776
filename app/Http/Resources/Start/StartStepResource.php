<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Http\Resources\Resource;

/** One step of a test: what is done, with what, how often. */
final readonly class StartStepResource extends Resource
{
    public function __construct(public string $exercise, public string $name, public string $words, public string $dose)
    {
    }
}
