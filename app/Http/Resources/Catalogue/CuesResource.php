<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Catalogue\Exercise;

/** How to do an exercise, in words. */
final readonly class CuesResource extends Resource
{
    /**
     * @param  list<string>  $setUp
     * @param  list<string>  $movement  What to do to floor, wall or load.
     * @param  list<string>  $inward  Where it should be felt working.
     */
    public function __construct(
        public array $setUp,
        public array $movement,
        public array $inward,
        public string $breath,
        public string $feel,
    ) {
    }

    public static function of(Exercise $exercise): self
    {
        return new self(
            setUp: $exercise->cues['set_up'],
            movement: $exercise->cues['outward'],
            inward: $exercise->cues['inward'],
            breath: $exercise->cues['breath'],
            feel: $exercise->cues['feel'],
        );
    }
}
