<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Slot;

/** One exercise as somebody wrote it: what was understood, and what the shelf makes of it. */
final readonly class WrittenSlot
{
    /**
     * @param  string  $text  As it was written.
     * @param  Slot|null  $slot  Null where the exercise is not known or the shelf cannot do it.
     * @param  string|null  $problem  What is not understood, or what the shelf does not hold.
     * @param  PlanOption|null  $instead  What the shelf offers in its place.
     */
    public function __construct(public string $text, public ?Slot $slot, public ?string $problem = null, public ?PlanOption $instead = null)
    {
    }
}
