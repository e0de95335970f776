<?php

declare(strict_types=1);

namespace App\Bench;

/** What a scale says of itself. */
enum GaugeStatus: string
{
    case Ok = 'ok';
    case Overload = 'overload';
    case Unplugged = 'unplugged';

    /** What to do about it; empty where all is well. */
    public function advice(): string
    {
        return match ($this) {
            self::Ok => '',
            self::Overload => 'Overload: the scale takes 500 N. Ease the band off at once; nothing was taken down.',
            self::Unplugged => 'The scale does not answer. Plug it in again; the points taken so far are kept.',
        };
    }
}
