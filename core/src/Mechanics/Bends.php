<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** How far knees and hips bend in a movement: of both legs the most, degrees; 0 is straight. */
final readonly class Bends
{
    private const SAMPLES = 12;

    /**
     * @param  float  $knee  Between thigh and shank, the most on the way.
     * @param  float  $kneeMoves  By how much one knee bends and straightens.
     * @param  float  $hip  Between trunk and thigh, the most on the way.
     */
    private function __construct(public float $knee, public float $kneeMoves, public float $hip)
    {
    }

    public static function of(Rig $rig): self
    {
        $hip = $most = $moves = 0.0;
        $knees = [];
        for ($i = 0; $i <= self::SAMPLES; $i++) {
            $pose = $rig->poseAt($i / self::SAMPLES);
            foreach (['near', 'far'] as $side) {
                $knees[$side][] = self::bend($pose, "{$side}_hip", "{$side}_knee", "{$side}_ankle");
                $hip = max($hip, self::bend($pose, 'shoulder', 'hip', "{$side}_knee"));
            }
        }

        foreach ($knees as $bends) {
            $most = max($most, ...$bends);
            $moves = max($moves, max($bends) - min($bends));
        }

        return new self($most, $moves, $hip);
    }

    /** Angle by which the way over a joint is not straight. */
    private static function bend(Pose $pose, string $from, string $over, string $to): float
    {
        $one = $pose->direction($from, $over);
        $other = $pose->direction($over, $to);

        return rad2deg(abs(atan2(sin($other - $one), cos($other - $one))));
    }
}
