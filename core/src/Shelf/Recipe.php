<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Kit\Contents;

/** What to put into a carrier, and what it weighs then. */
final readonly class Recipe
{
    /**
     * @param  float  $totalKg  Carrier included.
     * @param  float  $errorKg  How far from the target, never negative.
     * @param  float  $sdKg  One sigma of the total, from how sure each part is.
     * @param  list<array{id: string, count: int}>  $picks  Pieces, only those taken.
     * @param  list<array{id: string, litres: float}>  $pours  Contents, only those poured.
     * @param  int  $pieces  Things to put in: pieces and vessels together.
     */
    public function __construct(
        public float $totalKg,
        public float $errorKg,
        public float $sdKg,
        public array $picks,
        public array $pours,
        public int $pieces,
    ) {
    }
}
