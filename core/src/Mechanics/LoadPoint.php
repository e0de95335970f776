<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** Where a load hangs on the body. */
enum LoadPoint: string
{
    case Hands = 'hands';
    case Ankles = 'ankles';

    /** One thing in both hands. */
    case Goblet = 'goblet';

    /** One thing in the near hand, or on that shoulder. */
    case OneSide = 'one-side';
    case Shoulders = 'shoulders';
    case Back = 'back';
    case Front = 'front';
    case Hips = 'hips';
    case Knees = 'knees';

    /** In each hand, on a rope over a pulley above and a little ahead: the yardstick for pulling down. */
    case Pulley = 'pulley';

    /** How far behind (negative) or in front of the trunk a load sits, fraction of height; our estimate for a packed bag. */
    private const DEPTH = 0.07;

    /** Where the pulley hangs, fractions of height: ahead of the figure's origin, and above the floor. Our choice. */
    private const PULLEY = [0.12, 1.25];

    /** A load on each limb is named per limb. */
    public function isPerLimb(): bool
    {
        return $this->isPerHand() || $this === self::Ankles;
    }

    /** A load in each hand is named per hand. */
    public function isPerHand(): bool
    {
        return $this === self::Hands || $this === self::Pulley;
    }

    /** Returns the height, metres, of a load here; for both limbs the mean of the two. */
    public function heightIn(Pose $pose, Body $body): float
    {
        return match ($this) {
            self::Hands, self::Goblet => ($pose->y('near_grip') + $pose->y('far_grip')) / 2,
            self::Ankles => ($pose->y('near_ankle') + $pose->y('far_ankle')) / 2,
            self::OneSide => $pose->y('near_grip'),
            self::Shoulders => $pose->y('shoulder'),
            self::Back => $this->onTrunk($pose, -self::DEPTH * $body->heightM),
            self::Front => $this->onTrunk($pose, self::DEPTH * $body->heightM),
            self::Hips => $pose->y('hip'),
            self::Knees => ($pose->y('near_knee') + $pose->y('far_knee')) / 2,
            self::Pulley => ($this->ropeM($pose, $body, 'near') + $this->ropeM($pose, $body, 'far')) / 2,
        };
    }

    /** Rope between a hand and the pulley, metres; the load rises as it grows. */
    private function ropeM(Pose $pose, Body $body, string $side): float
    {
        return hypot(
            $pose->x("{$side}_grip") - self::PULLEY[0] * $body->heightM,
            $pose->y("{$side}_grip") - self::PULLEY[1] * $body->heightM,
        );
    }

    private function onTrunk(Pose $pose, float $forwardM): float
    {
        $hip = $pose->y('hip');

        // The forward normal of the trunk has the vertical part sin(trunk) turned by a right angle.
        return $hip + 0.75 * ($pose->y('shoulder') - $hip) - sin($pose->direction('hip', 'shoulder')) * $forwardM;
    }
}
