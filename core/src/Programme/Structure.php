<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** In what shape the work of a session is laid out. */
enum Structure: string
{
    case Straight = 'straight';
    case Superset = 'superset';
    case Circuit = 'circuit';
    case Intervals = 'intervals';
    case Mixed = 'mixed';

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'straight sets',
            self::Superset => 'supersets',
            self::Circuit => 'circuits',
            self::Intervals => 'timed intervals',
            self::Mixed => 'straight sets, then supersets',
        };
    }
}
