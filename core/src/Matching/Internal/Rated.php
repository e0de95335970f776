<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Matching\KeptEffort;
use NimbleShelf\Core\Matching\MatchPart;
use NimbleShelf\Core\Matching\MatchScore;
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
    private function __construct(
        public Rung $rung,
        public KeptEffort $kept,
        public array $parts,
        public float $match,
        public float $closeness,
        public Asked $asked,
    ) {
    }

    /** @param  list<MatchPart>  $parts */
    public static function of(Rung $rung, KeptEffort $kept, array $parts, float $closeness, Asked $asked): self
    {
        $match = MatchScore::of($parts, $kept->isReached) * ($asked->byMuscles ? MatchScore::BY_MUSCLES : 1.0);

        return new self($rung, $kept, $parts, $match, $closeness, $asked);
    }

    /** @param  float  $shape  How alike it is in where it is hard, 0 to 1. */
    public function withShape(float $shape): self
    {
        $parts = array_map(
            static fn (MatchPart $part): MatchPart => $part->name === 'shape' ? new MatchPart('shape', $shape, $part->weight) : $part,
            $this->parts,
        );

        return self::of($this->rung, $this->kept, $parts, $this->closeness, $this->asked);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->match > $other->match + 1e-12;
    }
}
