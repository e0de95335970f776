<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

/** Furniture an exercise leans on: what may serve, what it carries, and whether the exercise needs it. */
final readonly class Support
{
    /**
     * @param  list<string>  $kinds  Kinds of things that may serve.
     * @param  string  $under  `hands`, `feet`, `seat`, `back` or `bar`.
     * @param  bool  $required  False where the floor does as well.
     * @param  float  $usualM  Height it is drawn with where no thing says otherwise, metres.
     * @param  float  $leastM  Lowest that serves, metres.
     * @param  float  $mostM  Highest that serves, metres.
     */
    public function __construct(
        public array $kinds,
        public string $under,
        public bool $required,
        public float $usualM,
        public float $leastM,
        public float $mostM,
    ) {
    }

    /** True where the height counts as a foot height of the setting. */
    public function isUnderFeet(): bool
    {
        return $this->under === 'feet';
    }
}
