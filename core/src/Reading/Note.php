<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

/** What somebody wrote of a session, or of several days. */
final readonly class Note
{
    /** @param  list<NotedDay>  $days  One without a name where none is named. */
    public function __construct(public array $days)
    {
    }

    /** True where it says which blocks stand on which day. */
    public function namesDays(): bool
    {
        return count($this->days) > 1 || ($this->days[0]->name ?? '') !== '' || ($this->days[0]->weekday ?? null) !== null;
    }

    /** @return list<NotedBlock> Of all of its days. */
    public function blocks(): array
    {
        return array_merge(...[[], ...array_map(static fn (NotedDay $day): array => $day->blocks, $this->days)]);
    }

    /** @return list<Doubt> */
    public function doubts(): array
    {
        return array_merge(...[[], ...array_map(static fn (NotedBlock $block): array => $block->doubts, $this->blocks())]);
    }
}
