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

    /** Hip to ankle: how a load weighs on a leg that stays nearly straight, in carries. */
    case LegReach = 'leg-reach';

    /** Hip and knee of one leg straightening together, radians: squats, lunges, step-ups. */
    case LegExtension = 'leg-extension';

    /** The same seen from the front: thighs point towards the eye and shanks away from it, so that both look short. */
    case LegExtensionFacing = 'leg-extension-facing';

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
        return $this->isReach() || $this === self::Hip || $this->isOfLegs();
    }

    /** True where hip and knee of a leg work as one. */
    public function isOfLegs(): bool
    {
        return $this === self::LegExtension || $this === self::LegExtensionFacing;
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
            // Straighter is more: minus the flexion of the hip and of the knee.
            self::LegExtension => $pose->direction('shoulder', 'hip') + $pose->direction("{$side}_knee", "{$side}_ankle")
                - 2 * $pose->direction("{$side}_hip", "{$side}_knee"),
            self::LegExtensionFacing => self::facing($pose, $side, $body),
            self::None => 0.0,
        };
    }

    /** Minus the angles between trunk and thigh and between thigh and shank, each with what it leans out of the picture. */
    private static function facing(Pose $pose, string $side, Body $body): float
    {
        $trunk = self::inSpace($pose, 'shoulder', 'hip', $body->lengths['trunk'], -1.0);
        $thigh = self::inSpace($pose, "{$side}_hip", "{$side}_knee", $body->lengths['thigh'], 1.0);
        $shank = self::inSpace($pose, "{$side}_knee", "{$side}_ankle", $body->lengths['shank'], -1.0);

        return -self::angleBetween($trunk, $thigh) - self::angleBetween($thigh, $shank);
    }

    /**
     * A segment as a unit vector; what it seems to lack in length points towards the eye (1) or away from it (-1).
     *
     * @return array{float, float, float}
     */
    private static function inSpace(Pose $pose, string $from, string $to, float $lengthM, float $towards): array
    {
        $x = ($pose->x($to) - $pose->x($from)) / $lengthM;
        $y = ($pose->y($to) - $pose->y($from)) / $lengthM;

        return [$x, $y, $towards * sqrt(max(0.0, 1 - $x * $x - $y * $y))];
    }

    /**
     * @param  array{float, float, float}  $one
     * @param  array{float, float, float}  $two
     */
    private static function angleBetween(array $one, array $two): float
    {
        return acos(max(-1.0, min(1.0, $one[0] * $two[0] + $one[1] * $two[1] + $one[2] * $two[2])));
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
            self::LegExtension, self::LegExtensionFacing => 'leg-extension',
            default => $this->value,
        };
    }
}
