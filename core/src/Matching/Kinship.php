<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;

/** How one exercise stands to another that is to be replaced: how near, and whether their loads can be compared. */
final readonly class Kinship
{
    /** The last resort stands this near: the same main muscle in a movement of another kind. Our judgement. */
    private const MAIN_MUSCLE = 0.2;

    /** So much of an exercise's work a muscle does at the least, for the exercise to train it. Our judgement. */
    private const TRAINS = 0.25;

    /** Compared by muscles, two exercises must have this much of their work in common. Our judgement. */
    private const LEAST_SHARED = 0.12;

    /**
     * @param  float  $closeness  Of the movement patterns, above 0 to 1.
     * @param  bool  $byMuscles  True where the two are felt along different joints, so that only muscles compare.
     */
    private function __construct(public float $closeness, public bool $byMuscles)
    {
    }

    /** Null where the two have nothing to do with each other, or one is a hold and the other is not. */
    public static function between(Exercise $wanted, Exercise $exercise, Catalogue $catalogue): ?self
    {
        $closeness = $wanted->pattern === $exercise->pattern
            ? 1.0
            : $catalogue->pattern($wanted->pattern)->related[$exercise->pattern] ?? 0.0;

        return $closeness === 0.0 || $wanted->isHold !== $exercise->isHold
            ? null
            : self::of($closeness, $wanted, $exercise, $catalogue);
    }

    /** Null where the exercise does not train what the wanted one trains most. */
    public static function byMainMuscle(Exercise $wanted, Exercise $exercise, Catalogue $catalogue): ?self
    {
        $muscles = $wanted->mainMuscles;
        arsort($muscles);
        $main = array_key_first($muscles);
        if ($main === null
            || ($exercise->muscles()[$main] ?? 0.0) < self::TRAINS
            || $wanted->isHold !== $exercise->isHold
            // Loosening and stretching stand in for nothing but themselves.
            || ! $catalogue->pattern($exercise->pattern)->isMeasured()
            || ! $catalogue->pattern($wanted->pattern)->isMeasured()) {
            return null;
        }

        return self::of(self::MAIN_MUSCLE, $wanted, $exercise, $catalogue);
    }

    private static function of(float $closeness, Exercise $wanted, Exercise $exercise, Catalogue $catalogue): ?self
    {
        $byMuscles = $catalogue->pattern($wanted->pattern)->isMeasured()
            && ! $catalogue->reckoned($wanted)->effort->comparesWith($catalogue->reckoned($exercise)->effort);

        if ($byMuscles && MatchScore::muscleOverlap($wanted, $exercise) < self::LEAST_SHARED) {
            return null;
        }

        return new self(
            MatchScore::jumpsInstead($wanted, $exercise) ? $closeness * MatchScore::JUMPING : $closeness,
            $byMuscles,
        );
    }
}
