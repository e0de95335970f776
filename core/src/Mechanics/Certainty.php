<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** How a mass or a band's curve came to be known; one sigma as a fraction. Values: our engine contract, sections 5 and 7. */
enum Certainty: string
{
    case Weighed = 'weighed';
    case Labelled = 'labelled';
    case Filled = 'filled';
    case Guessed = 'guessed';
    case Measured = 'measured';
    case Rated = 'rated';
    case Unknown = 'unknown';

    /** One standard deviation, as a fraction of the value. */
    public function sigma(): float
    {
        return match ($this) {
            self::Weighed => 0.01,
            self::Labelled => 0.03,
            self::Filled, self::Measured => 0.05,
            self::Guessed => 0.15,
            self::Rated => 0.20,
            self::Unknown => 0.35,
        };
    }
}
