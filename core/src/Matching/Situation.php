<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;

/** Who trains, with what, and where: all that decides what can be done. */
final readonly class Situation
{
    /** Names the seat that stands on no shelf. */
    public const OWN_SEAT = 'own-seat';

    public Home $home;

    /** @param  list<Thing>  $shelf */
    public function __construct(public Client $client, public array $shelf = [], ?Home $home = null)
    {
        $this->home = $home ?? Home::of();
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
