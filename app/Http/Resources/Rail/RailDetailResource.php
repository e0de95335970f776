<?php

declare(strict_types=1);

namespace App\Http\Resources\Rail;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** The figure and the curve of one rung, and of the reference lift at the same load. */
final readonly class RailDetailResource extends Resource
{
    /**
     * @param  string  $exercise  Its id.
     * @param  array<string, mixed>  $setting  What putting it into a session says back.
     * @param  string|null  $plate  What a scale under the hands would read; null where they bear no weight.
     */
    public function __construct(
        public string $key,
        public string $exercise,
        public array $setting,
        public EquivalentResource $equivalent,
        public FigureResource $figure,
        public CurveResource $curve,
        public CurveResource $referenceCurve,
        public ?string $plate,
    ) {
    }
}
