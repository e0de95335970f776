<?php

declare(strict_types=1);

namespace App\Enums;

/** What may happen on the day that asks for another plan. */
enum Occasion: string
{
    case Missing = 'missing';
    case LessTime = 'less-time';
    case Sore = 'sore';
}
