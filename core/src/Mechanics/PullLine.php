<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/**
 * From where an anchored band pulls at a movement.
 *
 * The line of a movement is the way the band pulls on average where its anchor stands as the catalogue has it; another
 * anchor serves as far as the pull stays near to that line. Planning contract, section 4b.
 */
final class PullLine
{
    /** Degrees off the movement's own line beyond which it is another exercise. */
    public const MOST_OFF = 30.0;

    /**
     * @param  Rig  $rig  The figure as it is set up.
     * @param  float  $heightM  Of the body; the usual height of an anchor is a share of it.
     * @return float Degrees, 0 to 180; 0 where nothing is anchored.
     */
    public static function off(Rig $rig, BandSetup $setup, BandAttachment $attachment, float $heightM): float
    {
        if (! $setup->layout->needsAnchor() || $attachment->isBetweenLimbs) {
            return 0.0;
        }
        $usual = new BandSetup(
            $setup->band,
            $setup->layout,
            anchorHeightM: $attachment->heightShare * $heightM,
            anchorDistanceM: $attachment->distanceM,
        );
        [$one, $other] = [self::direction($rig, $setup, $attachment), self::direction($rig, $usual, $attachment)];
        $cosine = $one[0] * $other[0] + $one[1] * $other[1] + $one[2] * $other[2];

        return rad2deg(acos(max(-1.0, min(1.0, $cosine))));
    }

    /** @return array{float, float, float} The mean of start, middle and end, of length one: along, up, out of the picture. */
    private static function direction(Rig $rig, BandSetup $setup, BandAttachment $attachment): array
    {
        $sum = [0.0, 0.0, 0.0];
        $startHipX = $rig->poseAt(0.0)->x('hip');
        foreach ([0.0, 0.5, 1.0] as $u) {
            $pose = $rig->poseAt($u);
            $anchor = BandAnchor::of($rig, $pose, $setup, $attachment, 'near', $startHipX);
            $joint = $attachment->jointOn('near');
            $pull = [$anchor['x'] - $pose->x($joint), $anchor['y'] - $pose->y($joint), $anchor['across']];
            $long = max(1e-6, self::length($pull));
            foreach ($pull as $axis => $part) {
                $sum[$axis] += $part / $long;
            }
        }
        $long = max(1e-6, self::length($sum));

        return [$sum[0] / $long, $sum[1] / $long, $sum[2] / $long];
    }

    /** @param  array{float, float, float}  $vector */
    private static function length(array $vector): float
    {
        return sqrt($vector[0] ** 2 + $vector[1] ** 2 + $vector[2] ** 2);
    }
}
