<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** One lift through the weeks. */
final readonly class ForecastLift
{
    /**
     * @param  string  $unit  "kg at the chest".
     * @param  list<ForecastPoint>  $points  One a week in which it stands.
     */
    public function __construct(
        public int $weekday,
        public string $thread,
        public string $name,
        public string $unit,
        public array $points,
    ) {
    }
}
