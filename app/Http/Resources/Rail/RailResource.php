<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\ExclusionResource;

/** Everything a client can use in one pattern, on one axis; loads are kilograms of its reference lift. */
final readonly class RailResource extends Resource
{
    /**
     * @param  list<RailPatternResource>  $patterns  The other rails.
     * @param  float|null  $windowLowKg  Between this and the next the goal's repetitions leave the goal's reserve;
     *     null where nothing is logged.
     * @param  list<RailRungResource>  $rungs  Lightest first.
     * @param  list<ExclusionResource>  $leftOut  Things and settings left out of exercises that can be used.
     * @param  list<ExclusionResource>  $unusable
     */
    public function __construct(
        public int $clientId,
        public string $pattern,
        public string $name,
        public string $unit,
        public string $reference,
        public string $goal,
        public array $patterns,
        public ?float $windowLowKg,
        public ?float $windowHighKg,
        public array $rungs,
        public array $unusable,
        public array $leftOut,
    ) {
    }
}
