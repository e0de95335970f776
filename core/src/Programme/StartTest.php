<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Slot;

/** One test of a first session: the same movement from light to heavier, or a hold, until somebody says that it is enough. */
final readonly class StartTest
{
    /**
     * @param  non-empty-list<Slot>  $steps  Lightest first; each is one set, and is done only where the one before was easy.
     * @param  float  $likelySteps  How many of them are likely to be done.
     */
    public function __construct(public string $name, public string $pattern, public array $steps, public float $likelySteps)
    {
    }

    public function isHold(): bool
    {
        return $this->steps[0]->exercise->isHold;
    }
}
