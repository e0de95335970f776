<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning\Internal;

use NimbleShelf\Core\Planning\Slot;

/**
 * One set of one slot as its block has it: what is done in it, and the rest that follows.
 *
 * @internal
 */
final readonly class Turn
{
    /**
     * @param  int  $round  Which set or round, from 1.
     * @param  list<Part>  $parts  One after the other, without a rest between.
     * @param  float  $restSeconds  After it.
     * @param  string  $announce  Said before it; empty where nothing is.
     */
    public function __construct(
        public Slot $slot,
        public int $round,
        public array $parts,
        public float $restSeconds,
        public string $announce = '',
    ) {
    }

    /** Seconds of its work. */
    public function seconds(): float
    {
        return (float) array_sum(array_map(static fn (Part $part): float => $part->seconds, $this->parts));
    }

    /** The same with another rest after it. */
    public function resting(float $seconds): self
    {
        return new self($this->slot, $this->round, $this->parts, $seconds, $this->announce);
    }
}
