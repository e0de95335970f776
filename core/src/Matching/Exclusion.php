<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;

/** An exercise that is not offered, and why. */
final readonly class Exclusion
{
    /**
     * @param  list<string>  $reasons
     * @param  bool  $related  True where it trains the same or a neighbouring pattern, so that someone might miss it.
     */
    public function __construct(public Exercise $exercise, public array $reasons, public bool $related)
    {
    }
}
