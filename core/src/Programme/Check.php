<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** One thing a good week is checked for, with its figure and what was wanted. */
final readonly class Check
{
    /**
     * @param  string  $id  Fixed, for scripts; planning contract, section 4.
     * @param  int|null  $weekday  The session it is about; null for the week.
     * @param  array<string, string>  $threads  Exercises in the way, each with what is said of it; empty where it is about all.
     * @param  string  $about  The pattern group or the muscle it is about, by id; empty for the others.
     * @param  bool  $isTooLittle  True where there is less than wanted: of a muscle, or of the first side of a balance.
     */
    public function __construct(
        public string $id,
        public int $week,
        public ?int $weekday,
        public Verdict $verdict,
        public string $value,
        public string $wanted,
        public string $words,
        public array $threads = [],
        public string $about = '',
        public bool $isTooLittle = false,
    ) {
    }
}
