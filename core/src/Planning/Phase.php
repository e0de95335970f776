<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** One part of a two-phase set: a way of doing, and how long. */
final readonly class Phase
{
    /** @param  int  $seconds  1 to 600. */
    public function __construct(public Sides $sides, public int $seconds)
    {
    }
}
