<?php

declare(strict_types=1);

namespace App\Enums;

/** What can be done with a programme as a whole. */
enum ProgrammeTurnKind: string
{
    case Started = 'started';
    case Stopped = 'stopped';
    case Paused = 'paused';
    case WentOn = 'went-on';
}
