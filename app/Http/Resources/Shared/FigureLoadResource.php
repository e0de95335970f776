<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;

/** What a figure carries, and where. */
final readonly class FigureLoadResource extends Resource
{
    /**
     * @param  string  $point  `hands`, `goblet`, `back`, `hips`, … where a mass is; `band` where there is a band alone; or `none`.
     * @param  float  $kg  For the size of the drawing.
     */
    public function __construct(
        public string $implement,
        public string $point,
        public float $kg,
        public bool $bothHands,
    ) {
    }
}
