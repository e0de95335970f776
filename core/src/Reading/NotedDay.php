<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

/** The blocks of one day of a note. */
final readonly class NotedDay
{
    /**
     * @param  int|null  $weekday  1 for Monday to 7; null where none is named.
     * @param  string  $name  "Day A" where it is called so; empty for a note of a single day.
     * @param  list<NotedBlock>  $blocks
     */
    public function __construct(public ?int $weekday, public string $name, public array $blocks)
    {
    }
}
