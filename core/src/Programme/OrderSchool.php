<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** In what order the exercises of a session stand; schools differ, power always comes first and trunk last. */
enum OrderSchool: string
{
    case CompoundFirst = 'compound-first';
    case LargeToSmall = 'large-to-small';
    case LegsFirst = 'legs-first';
    case Alternate = 'alternate';
    case Opposites = 'opposites';

    public function label(): string
    {
        return match ($this) {
            self::CompoundFirst => 'many joints before one',
            self::LargeToSmall => 'large muscles before small',
            self::LegsFirst => 'legs first, then arms',
            self::Alternate => 'upper and lower body in turn',
            self::Opposites => 'opposites paired',
        };
    }
}
