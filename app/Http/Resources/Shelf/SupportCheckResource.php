<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\FigureResource;

/** What a check of a support comes to. */
final readonly class SupportCheckResource extends Resource
{
    /**
     * @param  string  $verdict  `fine`, `brace` or `do-not`.
     * @param  float|null  $usedPercent  Of what is allowed; null where it is refused outright.
     * @param  float  $loadKg  What the exercise puts on it at its hardest, for this client.
     */
    public function __construct(
        public int $itemId,
        public string $itemName,
        public string $exercise,
        public string $verdict,
        public ?float $usedPercent,
        public float $loadKg,
        public ?float $heightCm,
        public string $sum,
        public string $words,
        public FigureResource $figure,
    ) {
    }
}
