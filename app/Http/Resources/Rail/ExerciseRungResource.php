<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;

/** One rung of one exercise, to be put into a session. */
final readonly class ExerciseRungResource extends Resource
{
    /**
     * @param  array<string, mixed>  $setting  As it is sent.
     * @param  float|null  $kg  Of the reference lift; null where nothing is measured.
     */
    public function __construct(public string $words, public array $setting, public ?float $kg)
    {
    }
}
