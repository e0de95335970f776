<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics\Internal;

/**
 * Joints from lengths and angles in the plane of the picture; angles are 0 pointing down and grow towards forward.
 *
 * @internal
 */
final class Linkage
{
    /**
     * @param  array{float, float}  $from
     * @return array{float, float}
     */
    public static function along(array $from, float $angle, float $lengthM, float $mirror): array
    {
        return [$from[0] + $mirror * $lengthM * sin($angle), $from[1] - $lengthM * cos($angle)];
    }

    /**
     * The target itself, or where a straight limb ends on the way to it: no limb grows.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return array{float, float}
     */
    public static function withinReach(array $from, array $to, float $limbM): array
    {
        $dx = $to[0] - $from[0];
        $dy = $to[1] - $from[1];
        $distance = sqrt($dx * $dx + $dy * $dy);
        if ($distance <= $limbM) {
            return $to;
        }

        return [$from[0] + $dx / $distance * $limbM, $from[1] + $dy / $distance * $limbM];
    }

    /**
     * The joint between two links from a fixed point to a target; a target out of reach straightens the limb.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  float  $outM  How far the target lies out of the picture's plane, metres.
     * @param  float  $flare  How far the joint turns out of the plane about the line to the target, radians.
     * @return array{float, float}
     */
    public static function twoLink(
        array $from,
        array $to,
        float $upperM,
        float $lowerM,
        float $bend,
        float $outM = 0.0,
        float $flare = 0.0,
    ): array {
        $dx = $to[0] - $from[0];
        $dy = $to[1] - $from[1];
        $inPlane = max(1e-6, sqrt($dx * $dx + $dy * $dy));
        $unitX = $dx / $inPlane;
        $unitY = $dy / $inPlane;
        $distance = sqrt($inPlane * $inPlane + $outM * $outM);
        $reach = max(abs($upperM - $lowerM), min($upperM + $lowerM, $distance));
        $along = ($upperM * $upperM - $lowerM * $lowerM + $reach * $reach) / (2 * $reach);
        $offset = sqrt(max(0.0, $upperM * $upperM - $along * $along));
        if ($flare === 0.0 && $outM === 0.0) {
            $aside = $offset * $bend;

            return [$from[0] + $along * $unitX - $aside * $unitY, $from[1] + $along * $unitY + $aside * $unitX];
        }
        $onLine = ($along * $inPlane - $offset * sin($flare) * $outM) / $distance;
        $aside = $offset * cos($flare) * $bend;

        return [$from[0] + $onLine * $unitX - $aside * $unitY, $from[1] + $onLine * $unitY + $aside * $unitX];
    }
}
