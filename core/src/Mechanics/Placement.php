<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** What the room and the setting do to a figure: heights of supports, stance, which limbs work. Metres. */
final readonly class Placement
{
    /**
     * @param  float  $supportM  Height of what the hands or the seat rest on, above the floor.
     * @param  float  $footSupportM  Height of what the feet rest on, above the floor.
     * @param  float|null  $stanceM  Distance between the feet; null leaves them below the hips.
     * @param  bool  $farLimbRests  True when only the near arm works; the far one stays at the start.
     */
    public function __construct(
        public float $supportM = 0.0,
        public float $footSupportM = 0.0,
        public ?float $stanceM = null,
        public bool $farLimbRests = false,
    ) {
    }

    /** For figures whose pose does not depend on where the feet stand. */
    public function withoutStance(): self
    {
        return $this->stanceM === null ? $this : new self($this->supportM, $this->footSupportM, null, $this->farLimbRests);
    }

    /** Distinguishes two placements in a cache. */
    public function key(): string
    {
        return "{$this->supportM}|{$this->footSupportM}|{$this->stanceM}|".($this->farLimbRests ? '1' : '0');
    }
}
