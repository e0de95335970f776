<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** One thing on the shelf. */
final readonly class ShelfItemResource extends Resource
{
    /**
     * @param  float|null  $massKg  Per piece.
     * @param  string  $facts  What is known of it, with units.
     * @param  float  $size  For the drawing: 0 to 1, by mass or length.
     * @param  list<string>  $serves  Patterns it can load.
     * @param  string  $condition  `sound`, `nicked`, `whitened`, `loose` or `cracked`.
     * @param  string|null  $inspectDueOn  When it is to be looked over again; null where that is not needed.
     * @param  int|null  $stretches  Repetitions logged with a band since its last test; null for other things.
     * @param  string|null  $testedOn  Day of a band's last test on the scale.
     * @param  bool  $wasMadeUp  True where the simulated scale once tested it: that is not believed.
     * @param  bool  $isShared  True where it belongs to another person of the household.
     * @param  array<string, mixed>  $measures  As entered.
     * @param  string|null  $lentBy  Whose it is, where it is only lent.
     * @param  string|null  $servesNothingBecause  Of a kind that no exercise is done with.
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $name,
        public int $count,
        public ?float $massKg,
        public string $facts,
        public string $certainty,
        public float $size,
        public array $serves,
        public ?string $outOfService,
        public string $condition,
        public ?string $inspectedOn,
        public ?string $inspectDueOn,
        public bool $isInspectionDue,
        public ?int $stretches,
        public ?string $testedOn,
        public bool $wasMadeUp,
        public bool $isRetestDue,
        public bool $isShared,
        public array $measures,
        public ?string $lentBy,
        public ?string $servesNothingBecause,
    ) {
    }
}
