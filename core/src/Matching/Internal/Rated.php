<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Matching\KeptEffort;
use NimbleShelf\Core\Matching\MatchPart;
use NimbleShelf\Core\Matching\Rung;

/**
 * A rung with its rewriting and its match, before its spread is reckoned.
 *
 * @internal
 */
final readonly class Rated
{
    /**
     * @param  list<MatchPart>  $parts
     * @param  Asked  $asked  In whose measure it was rated.
     */
    public function __construct(
        public Rung $rung,
        public KeptEffort $kept,
        public array $parts,
        public float $match,
        public float $closeness,
        public Asked $asked,
    ) {
    }

    public function isBetterThan(self $other): bool
    {
        return $this->match > $other->match + 1e-12;
    }
}
