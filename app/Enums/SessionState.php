<?php

declare(strict_types=1);

namespace App\Enums;

enum SessionState: string
{
    case Planned = 'planned';
    case Running = 'running';
    case Done = 'done';
}
