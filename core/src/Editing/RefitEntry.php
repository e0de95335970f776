<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\PlanOption;

/** One exercise of a programme that no longer stands, and what would stand in its place. */
final readonly class RefitEntry
{
    /**
     * @param  list<int>  $weeks  In which it does not stand, by number.
     * @param  PlanOption|null  $option  What would take its place; null where nothing does, or where it need not be replaced.
     * @param  bool  $goesOn  True where it stands now and only what it was to become does not: then it is reckoned forward anew.
     */
    public function __construct(
        public int $weekday,
        public Slot $slot,
        public string $why,
        public array $weeks,
        public ?PlanOption $option,
        public bool $goesOn,
    ) {
    }

    public function key(): string
    {
        return "{$this->weekday}/{$this->slot->thread}";
    }

    /** What makes it stand again; taking it out where nothing takes its place. */
    public function edit(): Edit
    {
        $at = ['weekday' => $this->weekday, 'slot' => $this->slot->thread];

        return Edit::fromArray(match (true) {
            $this->goesOn => ['kind' => 'forward'] + $at,
            $this->option === null => ['kind' => 'remove'] + $at,
            default => [
                'kind' => 'swap',
                'exercise' => $this->option->exercise->id,
                'setting' => $this->option->rung->setting->toArray(),
            ] + $at,
        });
    }
}
