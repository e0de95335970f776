<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

/** How long somebody has trained with loads. */
enum Experience: string
{
    case None = 'new';
    case Some = 'some';
    case Years = 'years';

    public function label(): string
    {
        return match ($this) {
            self::None => 'new to it',
            self::Some => 'some experience',
            self::Years => 'years of training',
        };
    }

    /** Sets of one exercise in one session, fewest and most; beginners stay at three, as trainers do. */
    public function mostSets(): int
    {
        return $this === self::None ? 3 : 4;
    }

    /** Length of a hold to begin with, seconds; our choice, the first log corrects it. */
    public function holdSeconds(): int
    {
        return match ($this) {
            self::None => 20,
            self::Some => 30,
            self::Years => 40,
        };
    }
}
