<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What can be expected of a client at one load and tempo. */
final readonly class ExpectedEffort
{
    /**
     * @param  float  $toFailure  Repetitions to failure: of who takes care and has nothing of the pattern on record, what one of
     *     the weaker third would do.
     * @param  float  $sure  Repetitions that may be asked at the most: of who takes care, what nine in ten like them could do.
     */
    public function __construct(public float $toFailure, public float $sure)
    {
    }

    /** Most repetitions that leave so many. */
    public function repetitions(float $reserve): int
    {
        return (int) floor(min($this->toFailure - $reserve, $this->sure) + 1e-9);
    }
}
