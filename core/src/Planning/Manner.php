<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/**
 * A way of doing a movement that makes it harder without more load; any exercise it suits can be done so.
 *
 * What each takes off the repetitions to failure is a rule of thumb, ours, not a measurement; the first logged set corrects it.
 */
enum Manner: string
{
    /** Held for two seconds where it is hardest. */
    case HoldHard = 'hold-hard';

    /** Three small ones where it is hardest for one repetition. */
    case Pulses = 'pulses';

    /** Hands leave the floor at the bottom, so that nothing springs back. */
    case HandRelease = 'hand-release';

    /** Joints stay soft, and nothing rests at the top. */
    case NoLockOut = 'no-lock-out';

    /** What a control for it is called. */
    public function label(): string
    {
        return match ($this) {
            self::HoldHard => 'Hold at the hard point',
            self::Pulses => 'Pulses',
            self::HandRelease => 'Hand release',
            self::NoLockOut => 'No lock-out',
        };
    }

    /** What the client does. */
    public function inWords(): string
    {
        return match ($this) {
            self::HoldHard => 'hold for 2 s where it is hardest',
            self::Pulses => 'three small pulses where it is hardest for each repetition',
            self::HandRelease => 'lie down at the bottom and lift both hands for a moment',
            self::NoLockOut => 'stop just short of straight, no rest at the top',
        };
    }

    /** Share of the repetitions to failure that is left, above 0 to 1. */
    public function repetitionsLeft(): float
    {
        return match ($this) {
            self::HoldHard => 0.88,
            self::Pulses => 0.82,
            self::HandRelease => 0.90,
            self::NoLockOut => 0.85,
        };
    }

    /** Seconds that it adds to each repetition. */
    public function extraSeconds(): int
    {
        return match ($this) {
            self::HoldHard => 2,
            self::Pulses => 3,
            self::HandRelease => 1,
            self::NoLockOut => 0,
        };
    }
}
