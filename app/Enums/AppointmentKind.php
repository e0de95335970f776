<?php

declare(strict_types=1);

namespace App\Enums;

/** What stands on the Round without a session. */
enum AppointmentKind: string
{
    /** Measures, health questions, movement checks. */
    case Assessment = 'assessment';
    case Talk = 'talk';
    /** Time in which nobody is visited. */
    case Blocked = 'blocked';

    public function label(): string
    {
        return match ($this) {
            self::Assessment => 'Assessment',
            self::Talk => 'Talk',
            self::Blocked => 'Not free',
        };
    }
}
