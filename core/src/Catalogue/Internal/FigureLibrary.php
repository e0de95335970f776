<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue\Internal;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\Figure;

/**
 * The figures of a catalogue, each made when it is first asked for: most requests draw a few of hundreds.
 *
 * @internal
 */
final class FigureLibrary
{
    /** @var array<string, Figure> */
    private array $made = [];

    /** @param  array<string, array<string, mixed>>  $entries  By id, already checked against their schema. */
    public function __construct(private readonly array $entries)
    {
    }

    public function has(string $id): bool
    {
        return isset($this->entries[$id]);
    }

    /** @throws BrokenCatalogue If a keyframe or the plant is missing. */
    public function figure(string $id): Figure
    {
        return $this->made[$id] ??= Figure::fromArray($id, $this->entries[$id]);
    }
}
