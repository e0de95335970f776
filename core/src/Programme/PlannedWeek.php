<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** One week of a programme, to build or to recover. */
final readonly class PlannedWeek
{
    /** @param  list<PlannedDay>  $days  Those with work. */
    public function __construct(public int $number, public bool $isDeload, public array $days)
    {
    }
}
