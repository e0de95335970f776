<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Clients\LimitRuleResource;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** One exercise whole, reckoned for one client and one load. */
final readonly class ExerciseResource extends Resource
{
    /**
     * @param  list<string>  $aliases
     * @param  list<MuscleShareResource>  $muscles  Main ones first.
     * @param  string|null  $reckonedAs  Name of the part whose curve counts, for combined movements.
     * @param  string  $side  `both`, `each` or `alternating`.
     * @param  list<string>  $kit
     * @param  list<FaultResource>  $faults
     * @param  list<string>  $cautions
     * @param  list<LimitRuleResource>  $limits
     * @param  list<CueSchoolResource>  $schools
     * @param  list<LadderStepResource>  $ladder
     * @param  list<string>  $implements  What can be chosen to load it.
     * @param  string  $forWhom  Whose body the sums use.
     * @param  EquivalentResource|null  $equivalent  Null where kilograms mean nothing.
     * @param  string|null  $problem  Why this load cannot be used as chosen.
     * @param  list<VariantResource>  $variants
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $aliases,
        public string $patternName,
        public array $muscles,
        public ?string $reckonedAs,
        public string $side,
        public string $position,
        public string $noise,
        public string $impact,
        public int $skill,
        public string $tempo,
        public int $setUpSeconds,
        public array $kit,
        public CuesResource $cues,
        public array $faults,
        public array $cautions,
        public array $limits,
        public array $schools,
        public array $ladder,
        public array $implements,
        public string $implement,
        public float $massKg,
        public string $words,
        public string $forWhom,
        public FigureResource $figure,
        public CurveResource $curve,
        public ?EquivalentResource $equivalent,
        public ?string $plate,
        public ?string $problem,
        public array $variants,
    ) {
    }
}
