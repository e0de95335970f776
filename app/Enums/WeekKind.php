<?php

declare(strict_types=1);

namespace App\Enums;

enum WeekKind: string
{
    case Build = 'build';
    case Deload = 'deload';
}
