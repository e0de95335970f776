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

    /** The foot near the far end, nearly the whole length to one hand. */
    case OneEnd = 'one-end';
    case UnderSeat = 'under-seat';
    case HandToHand = 'hand-to-hand';
    case UnderKnee = 'under-knee';
    case RoundKnees = 'round-knees';

    /** From the ankle that moves to the middle of the foot that stands. */
    case AnkleToFoot = 'ankle-to-foot';

    public function needsAnchor(): bool
    {
        return $this === self::AnchoredMiddle || $this === self::AnchoredEnd;
    }

    /** True where the band runs from one limb to the other; what it is called then says only which. */
    public function isBetweenLimbs(): bool
    {
        return $this === self::HandToHand || $this === self::RoundKnees;
    }

    /** True for the same way by another name: from limb to limb was once called anchored in the middle, and old records say so. */
    public function isLike(self $other): bool
    {
        return $this === $other
            || ($this->isBetweenLimbs() && $other === self::AnchoredMiddle)
            || ($other->isBetweenLimbs() && $this === self::AnchoredMiddle);
    }

    /** True where a foot holds it for one arm alone. */
    public function servesOneArm(): bool
    {
        return $this === self::OneFoot || $this === self::OneEnd;
    }

    /** True where a loop no longer than a forearm will do. */
    public function takesMiniLoop(): bool
    {
        return $this->isBetweenLimbs() || $this === self::UnderKnee || $this === self::AnkleToFoot;
    }

    public function usesStance(): bool
    {
        return $this === self::TwoFeet || $this === self::Crossed;
    }
}
