<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What the whole body does over a week, finer than the groups that are asked for twice; planning contract, section 4b. */
enum Movement: string
{
    case PressForward = 'press forward';
    case PressOverhead = 'press overhead';
    case PullTowards = 'pull towards';
    case PullDown = 'pull down';
    case Squat = 'squat';
    case Hinge = 'hinge';
    case OneLeg = 'one leg at a time';
    case Bend = 'trunk against bending';
    case Turn = 'trunk against turning';
    case Lean = 'trunk against leaning';
    case Carry = 'carry';

    /** Only for who is planned any. */
    case Power = 'power';

    public static function of(string $pattern): ?self
    {
        return match ($pattern) {
            'horizontal-press', 'dip' => self::PressForward,
            'vertical-press' => self::PressOverhead,
            'horizontal-pull' => self::PullTowards,
            'vertical-pull', 'shoulder-extension' => self::PullDown,
            'squat' => self::Squat,
            'hinge', 'bridge' => self::Hinge,
            'single-leg' => self::OneLeg,
            'trunk', 'trunk-flexion', 'trunk-extension' => self::Bend,
            'trunk-rotation' => self::Turn,
            'trunk-side' => self::Lean,
            'carry' => self::Carry,
            'power' => self::Power,
            default => null,
        };
    }

    /** The group it belongs to; null for what helps but is asked of no week. */
    public function group(): ?PatternGroup
    {
        return match ($this) {
            self::PressForward => PatternGroup::Press,
            self::PullTowards, self::PullDown => PatternGroup::Pull,
            self::Squat, self::OneLeg => PatternGroup::Legs,
            self::Hinge => PatternGroup::Hinge,
            self::Bend, self::Turn, self::Lean => PatternGroup::Trunk,
            self::PressOverhead, self::Carry, self::Power => null,
        };
    }
}
