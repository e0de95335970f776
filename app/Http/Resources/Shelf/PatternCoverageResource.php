<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** How far a shelf reaches in one pattern; loads are kilograms of its reference lift. */
final readonly class PatternCoverageResource extends Resource
{
    /**
     * @param  bool  $isBarely  True where there is one load and no other.
     * @param  float|null  $neededKg  What the client could lift once, as far as known: by their log, else by what people like them can.
     * @param  list<float>  $rungsKg  Every load that can be told apart, lightest first.
     * @param  list<CoverageGapResource>  $gaps
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $unit,
        public ?string $reference,
        public int $exercises,
        public bool $isBarely,
        public ?float $lowKg,
        public ?float $highKg,
        public ?float $neededKg,
        public array $rungsKg,
        public array $gaps,
    ) {
    }
}
