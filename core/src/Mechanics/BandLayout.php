<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** How a band runs from the hand to what holds it. */
enum BandLayout: string
{
    case OneFoot = 'one-foot';
    case TwoFeet = 'two-feet';
    case AnchoredMiddle = 'anchored-middle';
    case AnchoredEnd = 'anchored-end';
    case Crossed = 'crossed';
    case RoundFeet = 'round-feet';
    case BehindBack = 'behind-back';

    public function needsAnchor(): bool
    {
        return $this === self::AnchoredMiddle || $this === self::AnchoredEnd;
    }

    public function usesStance(): bool
    {
        return $this === self::TwoFeet || $this === self::Crossed;
    }
}
