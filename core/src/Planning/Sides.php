<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** How the two sides of a movement share a set. */
enum Sides: string
{
    /** At once. */
    case Both = 'both';

    /** One after the other within the set, a repetition each. */
    case Alternating = 'alternating';

    /** All of one side, then all of the other; the weaker one first. */
    case Each = 'each';

    /** One side a round, the other the next. */
    case SwapEachRound = 'swap-each-round';

    /** A slot for each side; this slot is one of them. */
    case OwnSlots = 'own-slots';

    public function inWords(): string
    {
        return match ($this) {
            self::Both => 'both sides together',
            self::Alternating => 'sides alternating',
            self::Each => 'one side, then the other',
            self::SwapEachRound => 'a side each round',
            self::OwnSlots => 'this side',
        };
    }

    /** True where a count that is meant per side is done twice in one set. */
    public function countsTwice(): bool
    {
        return $this === self::Alternating || $this === self::Each;
    }
}
