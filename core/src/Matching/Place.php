<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Kit\Thing;

/**
 * Where an exercise is done: on the floor, or leaning on a thing of the shelf.
 *
 * @internal
 */
final readonly class Place
{
    /** Seconds to set furniture where it is needed; our estimate. */
    private const SET_UP_SECONDS = 10;

    private function __construct(
        public ?Thing $thing,
        public float $supportM,
        public float $footM,
        public string $words,
    ) {
    }

    public static function onTheFloor(): self
    {
        return new self(null, 0.0, 0.0, '');
    }

    /** @param  bool  $underFeet  True where the height counts as a foot height. */
    public static function on(Thing $thing, float $heightM, bool $underFeet, string $words): self
    {
        return new self($thing, $underFeet ? 0.0 : $heightM, $underFeet ? $heightM : 0.0, $words);
    }

    /** The same rung, done here. */
    public function with(Rung $rung): Rung
    {
        if ($this->thing === null) {
            return $rung;
        }

        return new Rung(
            $rung->exercise,
            $rung->setting->withHeights(supportHeightM: $this->supportM, footHeightM: $this->footM),
            [...$rung->things, $this->thing],
            $rung->certainty,
            $rung->things === [] ? ucfirst($this->words) : "{$rung->words}; {$this->words}",
            $rung->setUpSeconds + self::SET_UP_SECONDS,
            bare: $rung,
            place: $this,
            packing: $rung->packing,
        );
    }

    /** Height of whatever is leaned or stood on, centimetres; 0 on the floor. */
    public function heightCm(): float
    {
        return round(100 * max($this->supportM, $this->footM));
    }

    /** For a choice among places: "kitchen table, 75 cm". */
    public function label(): string
    {
        return $this->thing === null ? 'the floor' : sprintf('%s, %.0f cm', $this->thing->name, $this->heightCm());
    }
}
