<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** The one coordinate along which a movement is felt; resistance is the slope of energy along it. */
enum Effort: string
{
    case Elbow = 'elbow-angle';
    case Shoulder = 'shoulder-angle';

    /** The raised arm opening from pointing ahead to pointing aside, seen from the front. */
    case ShoulderAcross = 'shoulder-across-angle';

    /** The forearm turning about an upper arm that points at the eye. */
    case ShoulderRotation = 'shoulder-rotation-angle';
    case Hip = 'hip-angle';
    case Knee = 'knee-angle';
    case Ankle = 'ankle-angle';
    case ArmReach = 'arm-reach';
    case ArmReachToWrist = 'wrist-reach';
    case LegReach = 'leg-reach';

    /** No coordinate: stretches, loosening up, and work against a turn that a plane does not show. */
    case None = 'none';

    /** Unit of the resistance, per working limb; empty where there is none. */
    public function unit(): string
    {
        return match (true) {
            $this === self::None => '',
            $this->isReach() => 'N',
            default => 'N·m',
        };
    }

    public function isReach(): bool
    {
        return match ($this) {
            self::ArmReach, self::ArmReachToWrist, self::LegReach => true,
            default => false,
        };
    }

    /** True where several joints share the work: presses, rows, squats, hinges. */
    public function isCompound(): bool
    {
        return $this->isReach() || $this === self::Hip;
    }

    /** True where arms do the work, so that one arm can do it alone. */
    public function isOfArms(): bool
    {
        return match ($this) {
            self::Elbow, self::Shoulder, self::ShoulderAcross, self::ShoulderRotation, self::ArmReach, self::ArmReachToWrist => true,
            default => false,
        };
    }

    /** Two coordinates compare when resistance along them is the same kind of thing at the same limb. */
    public function comparesWith(self $other): bool
    {
        return $this !== self::None && $this->family() === $other->family();
    }

    /**
     * Where a pose stands along this coordinate, radians or metres.
     *
     * @param  string  $side  `near` or `far`.
     */
    public function of(Pose $pose, string $side, Body $body): float
    {
        return match ($this) {
            self::Elbow => $pose->direction("{$side}_elbow", "{$side}_wrist") - $pose->direction("{$side}_shoulder", "{$side}_elbow"),
            self::Shoulder => $pose->direction("{$side}_shoulder", "{$side}_elbow") - $pose->direction('shoulder', 'hip'),
            self::ShoulderAcross => asin(
                max(
                    -1.0,
                    min(
                        1.0,
                        ($side === 'near' ? 1 : -1)
                            * ($pose->x("{$side}_elbow") - $pose->x("{$side}_shoulder")) / $body->lengths['upper_arm'],
                    ),
                ),
            ),
            self::ShoulderRotation => $pose->direction("{$side}_elbow", "{$side}_wrist"),
            self::Hip => $pose->direction("{$side}_hip", "{$side}_knee") - $pose->direction('shoulder', 'hip'),
            self::Knee => $pose->direction("{$side}_knee", "{$side}_ankle") - $pose->direction("{$side}_hip", "{$side}_knee"),
            self::Ankle => $pose->direction("{$side}_ankle", "{$side}_ball") - $pose->direction("{$side}_knee", "{$side}_ankle"),
            self::ArmReach => $pose->distance("{$side}_shoulder", "{$side}_grip"),
            self::ArmReachToWrist => $pose->distance("{$side}_shoulder", "{$side}_wrist"),
            self::LegReach => $pose->distance("{$side}_hip", "{$side}_ankle"),
            self::None => 0.0,
        };
    }

    /** Returns the way from one value to the next, the short way round for angles. */
    public function step(float $from, float $to): float
    {
        $step = $to - $from;
        if ($this->isReach()) {
            return $step;
        }

        return $step - 2 * M_PI * round($step / (2 * M_PI));
    }

    private function family(): string
    {
        return match ($this) {
            self::ArmReach, self::ArmReachToWrist => 'arm-reach',
            // The same joint opening, seen from another side.
            self::Shoulder, self::ShoulderAcross => 'shoulder-angle',
            default => $this->value,
        };
    }
}
