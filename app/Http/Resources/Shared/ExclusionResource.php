<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Matching\Exclusion;

/** What is not offered, and why. */
final readonly class ExclusionResource extends Resource
{
    /**
     * @param  list<string>  $reasons
     */
    public function __construct(
        public string $exercise,
        public string $name,
        public array $reasons,
        public bool $related,
    ) {
    }

    public static function of(Exclusion $exclusion): self
    {
        return new self(
            exercise: $exclusion->exercise->id,
            name: $exclusion->exercise->name,
            reasons: $exclusion->reasons,
            related: $exclusion->related,
        );
    }
}
