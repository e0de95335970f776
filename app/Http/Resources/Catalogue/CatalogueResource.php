<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;

/** Every shipped exercise, and the trainer's own versions. */
final readonly class CatalogueResource extends Resource
{
    /**
     * @param  list<CatalogueEntryResource>  $exercises
     * @param  list<VariantResource>  $variants
     * @param  list<LimitResource>  $limits  All there are, for filtering.
     */
    public function __construct(
        public array $exercises,
        public array $variants,
        public array $limits,
    ) {
    }
}
