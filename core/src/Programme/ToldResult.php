<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Strength\FitnessTest;

/** What somebody says a client can do, as it was understood. */
final readonly class ToldResult
{
    /**
     * @param  FitnessTest|null  $test  Where it is a test with norms of its own: half a minute of rises or curls.
     * @param  string  $words  The setting.
     * @param  int  $count  Repetitions, or seconds where it is timed.
     * @param  int|null  $reserve  Repetitions that would have been left; null where nobody said: then it is at least so much.
     */
    public function __construct(
        public Exercise $exercise,
        public ?FitnessTest $test,
        public Setting $setting,
        public string $words,
        public int $count,
        public bool $isTimed,
        public ?int $reserve,
    ) {
    }

    /** "10 repetitions, all there were". */
    public function inWords(): string
    {
        $count = $this->isTimed ? "{$this->count} s" : ($this->count === 1 ? '1 repetition' : "{$this->count} repetitions");

        return match (true) {
            $this->test?->isClocked() === true => "{$count} in 30 s",
            $this->reserve === null => "{$count} at least",
            $this->reserve === 0 => "{$count}, all there were",
            default => "{$count} with {$this->reserve} left",
        };
    }
}
