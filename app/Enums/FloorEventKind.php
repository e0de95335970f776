<?php

declare(strict_types=1);

namespace App\Enums;

/** What happens on the Floor, as the device says it. */
enum FloorEventKind: string
{
    case Started = 'started';
    case Ended = 'ended';
    case Resumed = 'resumed';
    case SetDone = 'set-done';
    /** Takes back the set of another event. */
    case SetVoided = 'set-voided';
    case Skipped = 'skipped';
    /** Takes back the skipping of another event. */
    case TakenUp = 'taken-up';
    case Redone = 'redone';
    case Moved = 'moved';
    case Swapped = 'swapped';
    case RestLonger = 'rest-longer';
    case Paused = 'paused';
    case Pain = 'pain';

    /** True where it names another event by its key. */
    public function takesBack(): bool
    {
        return $this === self::SetVoided || $this === self::TakenUp;
    }
}
