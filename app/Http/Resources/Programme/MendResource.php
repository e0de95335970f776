<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** A change that would answer a check. */
final readonly class MendResource extends Resource
{
    /**
     * @param  string  $words  What its button says.
     * @param  array<string, mixed>  $edit  What is sent to make it.
     */
    public function __construct(public string $words, public array $edit)
    {
    }
}
