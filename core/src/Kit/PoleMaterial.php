<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/** What a pole is made of. Bending strengths of wood and cane: engine contract, section 6; steel: yield of S235, EN 10025-2. */
enum PoleMaterial: string
{
    case Softwood = 'softwood';
    case Hardwood = 'hardwood';
    case Bamboo = 'bamboo';
    case SteelTube = 'steel-tube';

    /** Megapascals. */
    public function strengthMPa(): float
    {
        return match ($this) {
            self::Softwood => 40.0,
            self::Hardwood => 65.0,
            self::Bamboo => 80.0,
            self::SteelTube => 235.0,
        };
    }
}
