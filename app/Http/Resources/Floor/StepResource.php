<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** One thing the Floor plays. */
final readonly class StepResource extends Resource
{
    /**
     * @param  string  $kind  `work`, `rest`, `change` or `announce`.
     * @param  int|null  $itemId  Whose work it is, or what is made ready for.
     * @param  int|null  $setNumber  Of work alone.
     * @param  string|null  $side  `left` or `right` where sides are done apart.
     * @param  bool  $endsSet  True where a set, or a side of it, is through and is logged.
     * @param  list<string>  $pickUp
     * @param  list<string>  $putDown
     */
    public function __construct(
        public string $kind,
        public int $seconds,
        public string $words,
        public ?int $itemId,
        public ?int $setNumber,
        public ?string $side,
        public bool $endsSet,
        public array $pickUp,
        public array $putDown,
    ) {
    }
}
