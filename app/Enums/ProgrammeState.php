<?php

declare(strict_types=1);

namespace App\Enums;

/** A client has one running programme at most, and any number of the others. */
enum ProgrammeState: string
{
    case Draft = 'draft';
    /** Started, and its first day is still to come while another one runs. */
    case Waiting = 'waiting';
    case Running = 'running';
    case Ended = 'ended';
}
