<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;

/** One setting of one exercise that a shelf allows, before it is known how heavy it is. */
final readonly class Rung
{
    /**
     * @param  list<Thing>  $things  What must be at hand.
     * @param  self|null  $bare  The same without the furniture it is done on; null where there is none.
     * @param  Packing|null  $packing  What else its carrier can be made to weigh; null without one.
     * @param  list<Place>  $places  Where else it can be done, this place among them; empty where nothing is to choose.
     */
    public function __construct(
        public Exercise $exercise,
        public Setting $setting,
        public array $things,
        public Certainty $certainty,
        public string $words,
        public int $setUpSeconds,
        public ?self $bare = null,
        public ?Place $place = null,
        public array $places = [],
        public ?Packing $packing = null,
    ) {
    }

    public function isOneSided(): bool
    {
        return $this->exercise->isOneSidedIn($this->setting);
    }

    /**
     * What to have at hand; of a carrier with what goes into it, and what the exercise needs beside its load.
     *
     * @param  list<Thing>  $shelf  For the names of what is needed beside it: which towel, which wall.
     * @return list<string>
     */
    public function toLayOut(array $shelf = []): array
    {
        $recipe = $this->packing?->near($this->setting->massKg);
        $said = [];
        foreach ($this->things as $thing) {
            if ($recipe === null || ! $this->packing->takes($recipe, $thing)) {
                $said[] = $recipe !== null && $thing->id === $this->packing->carrier->id ? $this->packing->laidOut($recipe) : $thing->name;
            }
        }
        $kinds = array_map(static fn (Thing $thing): string => $thing->kind, $this->things);
        foreach (array_diff(array_intersect($this->exercise->needs, Thing::KINDS), $kinds) as $kind) {
            $own = array_filter($shelf, static fn (Thing $thing): bool => $thing->kind === $kind && $thing->outOfService === null);
            $said[] = array_values($own)[0]->name ?? $kind;
        }

        return [...$said, ...$this->exercise->layOut];
    }

    /** @param  list<Place>  $places */
    public function movableTo(array $places): self
    {
        return count($places) < 2
            ? $this
            : new self(
                $this->exercise,
                $this->setting,
                $this->things,
                $this->certainty,
                $this->words,
                $this->setUpSeconds,
                $this->bare,
                $this->place,
                $places,
                $this->packing,
            );
    }

    /** Tells the rigs of one band apart but for the stance; empty for what has no stance to choose. */
    public function rigWithoutStance(): string
    {
        $band = $this->setting->band;

        return $band === null || $band->stanceM === null ? '' : implode('|', [
            ...array_map(static fn (Thing $thing): string => $thing->id, $this->things),
            $band->layout->value,
            $this->setting->massKg,
            $this->setting->limbs ?? 2,
        ]);
    }
}
