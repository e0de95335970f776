<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/** What a vessel may hold. Densities, kg/L: our engine contract, section 5; loose goods settle, hence five per cent. */
enum Contents: string
{
    case Water = 'water';
    case DrySand = 'dry-sand';
    case Rice = 'rice';
    case Gravel = 'gravel';
    case Salt = 'table-salt';
    case Compost = 'potting-compost';
    case Sugar = 'sugar';
    case LaundryLiquid = 'laundry-liquid';

    public function kgPerL(): float
    {
        return match ($this) {
            self::Water => 1.00,
            self::DrySand => 1.60,
            self::Rice, self::Sugar => 0.85,
            self::Gravel => 1.50,
            self::Salt => 1.20,
            self::Compost => 0.40,
            self::LaundryLiquid => 1.03,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::DrySand => 'dry sand',
            self::Salt => 'table salt',
            self::Compost => 'potting compost',
            self::LaundryLiquid => 'laundry liquid',
            default => $this->value,
        };
    }
}
