<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** The exercise as the programme wrote it. */
final readonly class PrescribedResource extends Resource
{
    /** @param  EquivalentResource|null  $equivalent  Null where kilograms mean nothing. */
    public function __construct(
        public string $exercise,
        public string $name,
        public string $words,
        public int $sets,
        public int $reps,
        public int $reserve,
        public bool $isHold,
        public string $goal,
        public ?EquivalentResource $equivalent,
        public CurveResource $curve,
        public FigureResource $figure,
    ) {
    }
}
