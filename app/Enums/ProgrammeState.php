<?php

declare(strict_types=1);

namespace App\Enums;

/** A client has one running programme at most, and any number of the others. */
enum ProgrammeState: string
{
    case Draft = 'draft';
    case Running = 'running';
    case Ended = 'ended';
}
