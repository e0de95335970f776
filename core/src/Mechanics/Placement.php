<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** What the room and the setting do to a figure: heights of supports, which limbs work. Metres. */
final readonly class Placement
{
    /**
     * @param  float  $supportM  Height of what the hands or the seat rest on, above the floor.
     * @param  float  $footSupportM  Height of what the feet rest on, above the floor.
     * @param  bool  $farLimbRests  True when only the near arm works; the far one stays at the start.
     */
    public function __construct(
        public float $supportM = 0.0,
        public float $footSupportM = 0.0,
        public bool $farLimbRests = false,
    ) {
    }

    /** Distinguishes two placements in a cache. */
    public function key(): string
    {
        $limbs = $this->farLimbRests ? '1' : '0';

        // Most stand on the floor, and numbers are slow to write.
        return $this->supportM === 0.0 && $this->footSupportM === 0.0 ? $limbs : "{$this->supportM}|{$this->footSupportM}|{$limbs}";
    }
}
