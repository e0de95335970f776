<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;

/** One setting of one exercise that a shelf allows, before it is known how heavy it is. */
final readonly class Rung
{
    /** @param  list<Thing>  $things What must be at hand. */
    public function __construct(
        public Exercise $exercise,
        public Setting $setting,
        public array $things,
        public Certainty $certainty,
        public string $words,
        public int $setUpSeconds,
    ) {
    }
}
