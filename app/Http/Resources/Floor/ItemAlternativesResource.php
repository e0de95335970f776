<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** What may take the place of one exercise today, ranked. */
final readonly class ItemAlternativesResource extends Resource
{
    /**
     * @param  AlternativeResource|null  $own  What the others were reckoned for, and the way back to it; null where the shelf
     *                                         does not serve it.
     * @param  string  $rung  Names what they were reckoned for.
     * @param  AlternativeResource|null  $easier  Null where the shelf has nothing easier.
     * @param  AlternativeResource|null  $harder  Null where the shelf has nothing harder.
     * @param  list<AlternativeResource>  $swaps  Best first.
     */
    public function __construct(
        public int $itemId,
        public string $rung,
        public ?AlternativeResource $own,
        public ?AlternativeResource $easier,
        public ?AlternativeResource $harder,
        public array $swaps,
    ) {
    }
}
