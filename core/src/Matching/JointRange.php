<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\Bends;

/**
 * Keeps a joint within the bend that a clinician or the client allows, by how the figure moves in this very setting: a higher
 * seat or a lower step may be allowed where the usual one is not.
 */
final class JointRange
{
    /** What a figure's joint may be off, degrees; our estimate. */
    private const ABOUT = 6.0;

    /** A trunk that leans counts as hip that bends; sitting upright on a usual chair is within it; our estimate. */
    private const ABOUT_THE_HIP = 10.0;

    /** A knee that moves by less and carries nothing only rests there, and can rest otherwise. */
    private const RESTS = 15.0;

    private const RESTING = ['seated', 'lying', 'side-lying'];

    /** Bends that a limit allows at the most, degrees; the usual precaution after a hip replacement is 90. */
    private const KNEE = ['knee-bend-60' => 60.0, 'knee-bend-90' => 90.0];

    private const HIP = 90.0;

    /**
     * Why a movement is out, as "It bends the knee to about 129°"; null where it stays within.
     *
     * @param  Bends  $bends  As it is set up.
     */
    public static function against(Limit $limit, Exercise $exercise, Bends $bends): ?string
    {
        $mostKnee = self::KNEE[$limit->value] ?? null;
        if ($mostKnee !== null && $bends->knee > $mostKnee + self::ABOUT
            && ! self::rests($exercise, $bends)) {
            return sprintf('it bends the knee to about %.0f°', round($bends->knee));
        }

        return $limit === Limit::HipReplaced && $bends->hip > self::HIP + self::ABOUT_THE_HIP
            ? sprintf('it bends the hip to about %.0f°', round($bends->hip))
            : null;
    }

    /** True where the legs only lie or stand there while something else works. */
    public static function rests(Exercise $exercise, Bends $bends): bool
    {
        return in_array($exercise->position, self::RESTING, true)
            && $bends->kneeMoves < self::RESTS
            && ! $exercise->has('both-legs')
            && ! $exercise->has('one-leg');
    }

    /** The first reason of a client's limits, with the limit's name; null where there is none. */
    public static function problem(Exercise $exercise, Bends $bends, Client $client): ?string
    {
        foreach ($client->limits as $limit) {
            $why = self::against($limit, $exercise, $bends);
            if ($why !== null) {
                return "{$limit->label()}: {$why}.";
            }
        }

        return null;
    }

    /** True where any limit asks for it: nothing need be reckoned for the others. */
    public static function matters(Client $client): bool
    {
        return $client->has(Limit::HipReplaced) || $client->has(Limit::KneeTo60) || $client->has(Limit::KneeTo90);
    }
}
