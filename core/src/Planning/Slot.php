<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;

/** One place for one exercise in a session. */
final readonly class Slot
{
    /**
     * @param  string  $thread  Names the slot through the weeks.
     * @param  list<Thing>  $things  Of the shelf that it uses; empty where none is known.
     */
    public function __construct(public string $thread, public Exercise $exercise, public Assignment $assignment, public array $things = [])
    {
    }

    public function withSets(int $sets): self
    {
        return $this->asking($this->assignment->withSets($sets));
    }

    /** The same place, exercise and things with another dose, rest or manner of doing. */
    public function asking(Assignment $assignment): self
    {
        return new self($this->thread, $this->exercise, $assignment, $this->things);
    }

    public function named(string $thread): self
    {
        return new self($thread, $this->exercise, $this->assignment, $this->things);
    }

    /** Seconds one repetition takes at the tempo that is asked for, with what makes it harder. */
    public function secondsEach(): float
    {
        $extra = array_sum(array_map(static fn (Manner $manner): int => $manner->extraSeconds(), $this->assignment->manners));

        return (float) (($this->assignment->tempo?->secondsPerRepetition() ?? $this->exercise->secondsPerRepetition()) + $extra);
    }

    /** True where it is done down on the floor: getting there and up again costs time, breath, and for some it is a risk. */
    public function isOnFloor(): bool
    {
        return Internal\ChangeOver::isOnFloor($this);
    }
}
