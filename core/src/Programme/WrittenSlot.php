<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Reading\Said;

/** One exercise as somebody wrote it: what was understood, and what the shelf makes of it. */
final readonly class WrittenSlot
{
    /**
     * @param  string  $text  As it was written.
     * @param  Exercise|null  $exercise  Which one is meant; null where that is asked.
     * @param  Said  $said  What is said of it.
     * @param  Assignment|null  $asked  The dose, said and usual; null where the exercise is asked about or a number is out of range.
     * @param  Slot|null  $slot  Null where the exercise is not known or the shelf cannot do it.
     * @param  string|null  $problem  What is not understood, or what the shelf does not hold.
     * @param  PlanOption|null  $instead  What the shelf offers in its place.
     * @param  list<string>  $assumed  What was taken for granted: "3 sets, usual".
     */
    public function __construct(
        public string $text,
        public ?Exercise $exercise,
        public Said $said,
        public ?Assignment $asked,
        public ?Slot $slot,
        public ?string $problem = null,
        public ?PlanOption $instead = null,
        public array $assumed = [],
    ) {
    }
}
