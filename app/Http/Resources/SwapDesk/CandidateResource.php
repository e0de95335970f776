<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** One ranked replacement. */
final readonly class CandidateResource extends Resource
{
    /**
     * @param  string  $key  Names it when it is chosen.
     * @param  array<string, mixed>  $setting  As it is offered, for moving it by hand.
     * @param  EquivalentResource|null  $equivalent  Null where kilograms mean nothing.
     * @param  string  $difference  In load, in words: "8 % lighter than asked"; empty where there is no common measure.
     * @param  string|null  $tempo  Slower than usual, in words; null for the usual one.
     * @param  bool  $isReached  False where no rewriting brings the effort that was prescribed.
     * @param  list<MatchPartResource>  $parts
     * @param  list<string>  $reasons
     * @param  list<string>  $lost
     * @param  list<string>  $changes
     * @param  list<string>  $cautions
     * @param  list<ControlResource>  $controls  What of its setting can be moved by hand.
     */
    public function __construct(
        public string $key,
        public string $exercise,
        public string $name,
        public string $words,
        public string $implement,
        public array $setting,
        public ?EquivalentResource $equivalent,
        public string $difference,
        public int $matchPercent,
        public array $parts,
        public int $reps,
        public int $repsLow,
        public int $repsHigh,
        public int $reserve,
        public ?string $tempo,
        public bool $isReached,
        public bool $byMuscles,
        public bool $isHold,
        public bool $perSide,
        public float $shapeDifference,
        public array $reasons,
        public array $lost,
        public array $changes,
        public array $cautions,
        public array $controls,
        public CurveResource $curve,
        public FigureResource $figure,
    ) {
    }
}
