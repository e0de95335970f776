<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** The room a client trains in. */
final readonly class Home
{
    /** Room kept free above the highest point of a movement, metres; our estimate of a safe margin. */
    public const HEADROOM_M = 0.08;

    /** @param  list<array{id: string, heightM: float, kind: string}>  $anchors */
    private function __construct(
        public ?float $ceilingM,
        public string $floor,
        public bool $quiet,
        public array $anchors,
        public ?float $lengthM = null,
    ) {
    }

    /**
     * @param  float|null  $ceilingM  1.4 to 6 m; null where nothing is in the way.
     * @param  string  $floor  `smooth`, `carpet` or `rocking`.
     * @param  list<array{id: string, heightM: float, kind: string}>  $anchors
     * @param  float|null  $lengthM  Longest clear way, metres; null where it was not measured.
     *
     * @throws InvalidQuantity If the ceiling, the floor or the length makes no sense.
     */
    public static function of(
        ?float $ceilingM = null,
        string $floor = 'smooth',
        bool $quiet = false,
        array $anchors = [],
        ?float $lengthM = null,
    ): self {
        if ($ceilingM !== null && ($ceilingM < 1.4 || $ceilingM > 6.0)) {
            throw InvalidQuantity::notBetween('home.ceiling_cm', $ceilingM * 100, 140, 600, 'cm');
        }
        if (! in_array($floor, ['smooth', 'carpet', 'rocking'], true)) {
            throw InvalidQuantity::because('home.floor', sprintf('home.floor must be smooth, carpet or rocking; got %s.', $floor));
        }

        if ($lengthM !== null && ($lengthM < 0.5 || $lengthM > 50)) {
            throw InvalidQuantity::notBetween('home.length_m', $lengthM, 0.5, 50, 'm');
        }

        return new self($ceilingM, $floor, $quiet, $anchors, $lengthM);
    }

    /** The same room with one more place to anchor a band. */
    public function withAnchor(string $id, float $heightM): self
    {
        return new self(
            $this->ceilingM,
            $this->floor,
            $this->quiet,
            [...$this->anchors, ['id' => $id, 'heightM' => $heightM, 'kind' => 'rail']],
            $this->lengthM,
        );
    }
}
