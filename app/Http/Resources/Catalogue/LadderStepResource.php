<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\EquivalentResource;

/** A ready neighbour of an exercise. */
final readonly class LadderStepResource extends Resource
{
    /**
     * @param  string  $kind  `easier`, `harder`, `seated`, `quiet`, `without kit`, `small space` or `this`.
     * @param  EquivalentResource|null  $equivalent  Of the bare exercise; null where it does not compare.
     */
    public function __construct(
        public string $kind,
        public string $exercise,
        public string $name,
        public ?EquivalentResource $equivalent,
    ) {
    }
}
