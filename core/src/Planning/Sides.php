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

    /** What it does to the rest and to how steady one stands. */
    public function effect(): string
    {
        return match ($this) {
            self::Both => 'Both sides work and rest together.',
            self::Alternating => 'Each side rests while the other works, so a little more goes; the trunk has more to keep steady, '
                .'and a set takes twice as long.',
            self::Each => 'One side works through, then the other: no rest in between, the trunk resists a turn, and a set takes '
                .'twice as long. Weaker side first.',
            self::SwapEachRound => 'One side this round, the other the next: each rests a whole round.',
            self::OwnSlots => 'Each side has a place of its own.',
        };
    }

    /** True where a count that is meant per side is done twice in one set. */
    public function countsTwice(): bool
    {
        return $this === self::Alternating || $this === self::Each;
    }
}
