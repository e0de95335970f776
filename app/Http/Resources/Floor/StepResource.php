<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** One set in the order of the session. */
final readonly class StepResource extends Resource
{
    /**
     * @param  string|null  $side  `left` or `right` where sides are done apart.
     * @param  int  $restSeconds  What follows the set.
     */
    public function __construct(
        public int $itemId,
        public int $setNumber,
        public ?string $side,
        public int $restSeconds,
    ) {
    }
}
