<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Planning\Capacity;

/** Who trains, with what, and where: all that decides what can be done. */
final readonly class Situation
{
    /** Names the seat that stands on no shelf. */
    public const OWN_SEAT = 'own-seat';

    public Home $home;

    /**
     * @param  list<Thing>  $shelf
     * @param  self|null  $origin  Of several that differ in what the client can do, the first.
     */
    public function __construct(
        public Client $client,
        public array $shelf = [],
        ?Home $home = null,
        private ?self $origin = null,
    ) {
        $this->home = $home ?? Home::of();
    }

    /**
     * The same for who can do more, or less.
     *
     * @param  array<string, Capacity>  $capacities  By pattern.
     */
    public function knowing(array $capacities): self
    {
        return new self($this->client->knowing($capacities), $this->shelf, $this->home, $this->place());
    }

    /** One and the same for all that differ in capacities alone: what the place allows need not be found again for each. */
    public function place(): self
    {
        return $this->origin ?? $this;
    }

    public function with(Thing ...$things): self
    {
        return new self($this->client, array_values([...$this->shelf, ...$things]), $this->home);
    }

    /** Who only sits has something to sit on, whether or not the shelf says so. */
    public function withASeat(): self
    {
        $seats = array_filter($this->shelf, static fn (Thing $thing): bool => in_array($thing->kind, ['chair', 'sofa', 'stool'], true));

        return $seats !== [] || ! $this->client->has(Limit::SeatedOnly)
            ? $this
            : $this->with(Thing::fromArray([
                'id' => self::OWN_SEAT,
                'kind' => 'chair',
                'name' => 'own seat',
                'height_cm' => 45,
                'mass_kg' => 8,
            ]));
    }

    /** @param  list<string>  $ids  Of things that are not there. */
    public function without(array $ids): self
    {
        $left = array_filter($this->shelf, static fn (Thing $thing): bool => ! in_array($thing->id, $ids, true));

        return new self($this->client, array_values($left), $this->home);
    }

    /** The same with one more place to anchor a band. */
    public function withAnchor(string $id, float $heightM): self
    {
        return new self($this->client, $this->shelf, $this->home->withAnchor($id, $heightM));
    }
}
