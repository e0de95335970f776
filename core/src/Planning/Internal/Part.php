<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning\Internal;

use NimbleShelf\Core\Planning\Counting;

/**
 * A stretch of work without a break.
 *
 * @internal
 */
final readonly class Part
{
    /**
     * @param  'left'|'right'|null  $side
     * @param  'repetitions'|'seconds'  $unit
     * @param  string  $words  How it is done: "sides alternating, 10 repetitions per side".
     * @param  string  $announce  Said before it; empty where nothing is.
     * @param  bool  $endsSet  True where a set, or a side of it, is through.
     */
    public function __construct(
        public float $seconds,
        public int $dose,
        public string $unit,
        public string $words,
        public ?string $side = null,
        public string $announce = '',
        public bool $endsSet = true,
        public Counting $counting = Counting::Down,
    ) {
    }
}
