<?php

declare(strict_types=1);

namespace App\Enums;

/** How long a change holds. */
enum SwapScope: string
{
    case Set = 'set';
    case Today = 'today';
    case Programme = 'programme';

    /** What the swap history calls it. */
    public function occasion(): string
    {
        return match ($this) {
            self::Set => 'One set',
            self::Today => 'Swap desk',
            self::Programme => 'From here on',
        };
    }
}
