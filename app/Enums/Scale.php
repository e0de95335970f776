<?php

declare(strict_types=1);

namespace App\Enums;

/** Where a reading comes from. */
enum Scale: string
{
    /** The trainer's, read and typed. */
    case Own = 'own';
    /** The one that is simulated here: it makes its readings up, for practice and for the demo. */
    case Simulated = 'simulated';
}
