<?php

declare(strict_types=1);

namespace App\Enums;

/** What happens on the Floor, as the device says it. */
enum FloorEventKind: string
{
    /** How somebody comes to the session: sleep, soreness, pressure, anything new. */
    case Readiness = 'readiness';
    case Started = 'started';
    case Ended = 'ended';
    case Resumed = 'resumed';
    /** The work of a set, or of a side of it, begins. */
    case SetBegun = 'set-begun';
    case SetDone = 'set-done';
    /** How hard the set of another event was, where that was said after it. */
    case SetRated = 'set-rated';
    /** Takes back the set of another event. */
    case SetVoided = 'set-voided';
    case Skipped = 'skipped';
    /** Takes back what another event did: a skip, a move, a swap, a set that was added. */
    case TakenUp = 'taken-up';
    /** A set that was done is asked for once more; what was done stays done. */
    case Redone = 'redone';
    /** A set is done before its turn, or at the end of its round. */
    case Moved = 'moved';
    case Swapped = 'swapped';
    /** One set more of an exercise than was planned. */
    case Added = 'added';
    /** What the client chose of a menu. */
    case Picked = 'picked';
    case RestLonger = 'rest-longer';
    case Paused = 'paused';
    case WentOn = 'went-on';
    case Pain = 'pain';
    case Note = 'note';
    /** How hard the whole session was. */
    case SessionRated = 'session-rated';

    /** True where it names another event by its key, and undoes it. */
    public function takesBack(): bool
    {
        return $this === self::SetVoided || $this === self::TakenUp;
    }

    /** True where it names another event by its key. */
    public function hasTarget(): bool
    {
        return $this->takesBack() || $this === self::SetRated;
    }

    /** True where it speaks of one set. */
    public function isOfOneSet(): bool
    {
        return in_array($this, [self::SetBegun, self::SetDone, self::Skipped, self::Redone, self::Moved, self::Pain], true);
    }

    /** True where it speaks of one exercise of the session. */
    public function isOfOneItem(): bool
    {
        return $this->isOfOneSet() || $this === self::Swapped || $this === self::Added;
    }
}
