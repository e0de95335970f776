<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Slot;

/** One week of a programme, to build or to recover. */
final readonly class PlannedWeek
{
    /** @param  list<PlannedDay>  $days  Those with work. */
    public function __construct(public int $number, public bool $isDeload, public array $days)
    {
    }

    /** @return list<Slot> Of all days, without what warms up and cools down. */
    public function work(): array
    {
        return array_merge(...[[], ...array_map(static fn (PlannedDay $day): array => $day->work(), $this->days)]);
    }
}
