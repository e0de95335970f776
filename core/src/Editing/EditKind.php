<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

/** What can be done to a week that is planned. */
enum EditKind: string
{
    case Add = 'add';
    case Write = 'write';
    case Remove = 'remove';
    case Move = 'move';
    case Shift = 'shift';
    case Copy = 'copy';
    case Group = 'group';
    case Ungroup = 'ungroup';
    case Shape = 'shape';
    case Ask = 'ask';
    case Swap = 'swap';
    case Easier = 'easier';
    case Harder = 'harder';
    case StandIn = 'stand-in';
    case Fill = 'fill';
    case Forward = 'forward';
    case Hold = 'hold';
    case Order = 'order';
    case Shorter = 'shorter';
    case Frame = 'frame';
    case Rename = 'rename';
    case Day = 'day';
    case Visit = 'visit';
    case CopySession = 'copy-session';
    case RemoveSession = 'remove-session';
    case AddSession = 'add-session';
    case Together = 'together';

    /** @return list<string> The fields it cannot do without. */
    public function needs(): array
    {
        return match ($this) {
            self::Add => ['weekday', 'exercise'],
            self::Write => ['weekday', 'text'],
            self::Remove,
            self::Group,
            self::Ungroup,
            self::Easier,
            self::Harder,
            self::StandIn,
            self::Forward,
            self::Hold => ['weekday', 'slot'],
            self::Move, self::Copy => ['weekday', 'slot', 'to'],
            self::Shift => ['weekday', 'slot', 'by'],
            self::Shape => ['weekday', 'block', 'shape'],
            self::Ask => ['weekday', 'slot', 'ask'],
            self::Swap => ['weekday', 'slot', 'exercise'],
            self::Fill => ['weekday', 'group'],
            self::Rename => ['weekday', 'name'],
            self::Day, self::CopySession => ['weekday', 'to'],
            self::Order, self::Shorter, self::Frame, self::Visit, self::RemoveSession, self::AddSession => ['weekday'],
            self::Together => ['edits'],
        };
    }
}
