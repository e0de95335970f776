<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What a week should hold: several movement patterns that do the same office. */
enum PatternGroup: string
{
    case Legs = 'legs';
    case Hinge = 'hinge';
    case Press = 'press';
    case Pull = 'pull';
    case Trunk = 'trunk';

    /** Null for what helps but is asked of no week. */
    public static function of(string $pattern): ?self
    {
        return match ($pattern) {
            'squat', 'single-leg' => self::Legs,
            'hinge', 'bridge' => self::Hinge,
            'horizontal-press', 'dip' => self::Press,
            'horizontal-pull', 'vertical-pull' => self::Pull,
            'trunk', 'trunk-flexion', 'trunk-extension', 'trunk-side', 'trunk-rotation' => self::Trunk,
            default => null,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Legs => 'legs, squat or single leg',
            self::Hinge => 'hinge or bridge',
            self::Press => 'a press forward or a dip',
            self::Pull => 'a pull',
            self::Trunk => 'trunk',
        };
    }
}
