<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Equivalence\Equivalent;

/** One rung hung on a rail: how heavy it is for a client, and what they can do with it. */
final readonly class RailRung
{
    /**
     * @param  array{reps: int, low: int, high: int}|null  $predicted  Repetitions at the goal's reserve, with their
     *     range; null without a capacity.
     * @param  list<string>  $cautions
     */
    public function __construct(
        public Rung $rung,
        public Equivalent $equivalent,
        public ?array $predicted,
        public bool $isInWindow,
        public array $cautions,
    ) {
    }
}
