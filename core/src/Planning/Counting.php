<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** What tells that a stretch of work is through. */
enum Counting: string
{
    /** Somebody counts. */
    case Repetitions = 'repetitions';

    /** The clock runs down to nothing. */
    case Down = 'down';

    /** The clock counts up for as long as it stays clean; where the dose has a cap, up to it. */
    case Up = 'up';

    public static function of(Dose $dose): self
    {
        return match (true) {
            $dose->asLongAsClean => self::Up,
            $dose->isTimed() => self::Down,
            default => self::Repetitions,
        };
    }
}
