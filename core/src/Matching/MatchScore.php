<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\ResistanceCurve;

/** How well a rung stands in for what is prescribed: parts from 0 to 1, each with its weight. */
final readonly class MatchScore
{
    /** How much each part of a match counts; the order is the one trainers keep, the sizes are our judgement. */
    public const WEIGHTS = [
        'movement' => 0.30,
        'muscles' => 0.15,
        'effort' => 0.28,
        'limbs' => 0.08,
        'shape' => 0.09,
        'set-up' => 0.06,
        'liking' => 0.04,
    ];

    /** What is left of a match whose effort cannot be reached by any rewriting: it goes below everything that can. */
    public const OUT_OF_REACH = 0.5;

    /** What is left of a match whose load has no common measure with what is written: below a comparable one as good otherwise. */
    public const BY_MUSCLES = 0.6;

    /** What is left of a movement's closeness where feet leave the floor and were to stay on it: speed is not strength. */
    public const JUMPING = 0.5;

    /** The most that setting up a weight and a band together scores. */
    private const COMBINED = 0.2;

    /** One side at a time instead of both, or the other way round. */
    private const OTHER_LIMBS = 0.4;

    /** @var array<string, float> Share of each part, adding up to one. */
    private array $weights;

    /**
     * @param  array<string, float|int>  $weights  By part, in hundredths; what is left out counts as usual, and all
     *     are scaled to add up to one.
     *
     * @throws InvalidQuantity If one is negative, unknown, or all are zero.
     */
    public function __construct(array $weights = [])
    {
        foreach ($weights as $part => $weight) {
            if (! isset(self::WEIGHTS[$part])) {
                throw InvalidQuantity::because("weights.{$part}", "A match has no part called \"{$part}\".");
            }
            InvalidQuantity::unlessBetween("weights.{$part}", $weight, 0, 100, '');
        }
        $all = $weights + array_map(static fn (float $usual): float => 100 * $usual, self::WEIGHTS);
        $sum = array_sum($all);
        if ($sum <= 0) {
            throw InvalidQuantity::because('weights', 'Something must count: all weights are zero.');
        }
        $this->weights = array_map(static fn (float|int $weight): float => $weight / $sum, $all);
    }

    /**
     * @param  float  $closeness  Of the movement patterns, 0 to 1.
     * @param  float  $effortOff  How far the load is off, as the natural logarithm of a ratio: of repetitions, or of loads of a hold.
     * @return list<MatchPart> Its shape as if it were the same.
     */
    public function parts(
        Rung $rung,
        Exercise $wanted,
        Prescription $prescription,
        float $closeness,
        float $effortOff,
        Preferences $preferences,
    ): array {
        $exercise = $rung->exercise;
        $sameLimbs = $wanted->oneSideAtATime === $exercise->oneSideAtATime
            && ($rung->setting->limbs ?? 2) === ($prescription->setting->limbs ?? 2);
        $scores = [
            'movement' => $closeness,
            'muscles' => self::muscleOverlap($wanted, $exercise),
            'effort' => exp(-($exercise->isHold ? 2.0 : 1.3) * abs($effortOff)),
            'limbs' => $sameLimbs ? 1.0 : self::OTHER_LIMBS,
            'shape' => 1.0,
            // Two things at once are more to hold and to watch than their seconds say.
            'set-up' => min(
                $rung->setting->band !== null && $rung->setting->massKg > 0 ? self::COMBINED : 1.0,
                self::setUp($wanted, $exercise, $rung->setUpSeconds),
            ),
            'liking' => $preferences->scoreOf($rung),
        ];

        return array_map(
            fn (string $name, float $score): MatchPart => new MatchPart($name, $score, $this->weights[$name]),
            array_keys($scores),
            array_values($scores),
        );
    }

    /** How alike two lifts are in where they are hard, 0 to 1. */
    public static function shape(ResistanceCurve $curve, ResistanceCurve $prescribed): float
    {
        return exp(-1.5 * $curve->shapeDifferenceFrom($prescribed));
    }

    /** What no rung of an exercise can match more than, 0 to 1: for leaving out early what cannot come among the best. */
    public function most(Exercise $wanted, Exercise $exercise, Kinship $kinship, Preferences $preferences): float
    {
        $scores = [
            'movement' => $kinship->closeness,
            'muscles' => self::muscleOverlap($wanted, $exercise),
            'limbs' => $wanted->oneSideAtATime === $exercise->oneSideAtATime ? 1.0 : self::OTHER_LIMBS,
            // No rung is set up sooner than its exercise.
            'set-up' => self::setUp($wanted, $exercise, $exercise->setUpSeconds),
            'liking' => $preferences->mostOf($exercise),
        ];
        $most = 0.0;
        foreach ($this->weights as $part => $weight) {
            $most += $weight * ($scores[$part] ?? 1.0);
        }

        return $kinship->byMuscles ? $most * self::BY_MUSCLES : $most;
    }

    private static function setUp(Exercise $wanted, Exercise $exercise, int $seconds): float
    {
        return ($wanted->position === $exercise->position ? 0.6 : 0.2) + 0.4 * max(0.0, 1 - $seconds / 120);
    }

    /** @param  list<MatchPart>  $parts */
    public static function of(array $parts, bool $isReached): float
    {
        $match = 0.0;
        foreach ($parts as $part) {
            $match += $part->score * $part->weight;
        }

        return $isReached ? $match : $match * self::OUT_OF_REACH;
    }

    public static function jumpsInstead(Exercise $wanted, Exercise $exercise): bool
    {
        return $exercise->impact === 'high' && $wanted->impact !== 'high';
    }

    /** Share of the muscle work that two exercises have in common, 0 to 1. */
    public static function muscleOverlap(Exercise $one, Exercise $two): float
    {
        $theirs = $two->muscles();
        $common = 0.0;
        foreach ($one->muscles() as $muscle => $share) {
            $common += min($share, $theirs[$muscle] ?? 0.0);
        }

        return min(1.0, $common);
    }
}
