<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

use NimbleShelf\Core\Planning\RepetitionMaximum;

/**
 * What people usually can: published norms, and where none is at hand a trainer's rule, each with where it comes from.
 *
 * A: as printed by its source. B: published, quoted to about a tenth. C: a rule of thumb of trainers. Ours: an estimate of
 * our own. Where two disagree the middle is taken and the spread is wider.
 */
final class Norms
{
    /**
     * A. Push-ups to fatigue in one go, Canadian physical-activity appraisal (2003), people who came to be tested: lower edges
     * of fair, good, very good and excellent by the middle of each age class; men on the feet, women on the knees. The middle
     * person stands near the edge of fair and good.
     */
    public const PUSH_UPS = [
        Person::MALE => [
            17 => [18, 23, 29, 39], 25 => [17, 22, 29, 36], 35 => [12, 17, 22, 30], 45 => [10, 13, 17, 25], 55 => [7, 10, 13, 21],
            65 => [5, 8, 11, 18],
        ],
        Person::FEMALE => [
            17 => [12, 18, 25, 33], 25 => [10, 15, 21, 30], 35 => [8, 13, 20, 27], 45 => [5, 11, 15, 24], 55 => [2, 7, 11, 21],
            65 => [2, 5, 12, 17],
        ],
    ];

    /**
     * B. One repetition of a bench press on a machine as a share of body mass, middle person of each decade (norms of fitness
     * clinics); with one hand on the floor about 0.40 of it (C). For the same people push-ups say a third to two thirds more:
     * what is held in
     * the hands is taken from the middle of both.
     */
    public const BENCH = [
        Person::MALE => [25 => 1.06, 35 => 0.93, 45 => 0.84, 55 => 0.75, 65 => 0.68],
        Person::FEMALE => [25 => 0.65, 35 => 0.57, 45 => 0.52, 55 => 0.46, 65 => 0.45],
    ];

    public const ONE_HAND_OF_A_BENCH = 0.40;

    /**
     * A. Rises from a 43 cm chair in 30 s, middle half of people who live by themselves, Rikli & Jones (1999), by the middle of
     * each age class. Limited by the clock as much as by strength.
     */
    public const CHAIR_STANDS = [
        Person::MALE => [62 => [14, 19], 67 => [12, 18], 72 => [12, 17], 77 => [11, 17], 82 => [10, 15], 87 => [8, 14]],
        Person::FEMALE => [62 => [12, 17], 67 => [11, 16], 72 => [10, 15], 77 => [10, 15], 82 => [9, 14], 87 => [8, 13]],
    ];

    /** A. Curls in 30 s with `CURL_KG` in the hand, the same people. */
    public const ARM_CURLS = [
        Person::MALE => [62 => [16, 22], 67 => [15, 21], 72 => [14, 21], 77 => [13, 19], 82 => [13, 19], 87 => [11, 17]],
        Person::FEMALE => [62 => [13, 19], 67 => [12, 18], 72 => [12, 17], 77 => [11, 17], 82 => [10, 16], 87 => [10, 15]],
    ];

    public const CURL_KG = [Person::MALE => 3.6, Person::FEMALE => 2.3];

    /** Ours: what the people of the norms measured, metres, and weighed, kilograms; their source does not say. */
    public const MEASURED_ON = [Person::MALE => [1.77, 80.0], Person::FEMALE => [1.64, 66.0]];

    /** B. Strength grows with body mass to this power, not with mass itself. */
    public const SIZE = 0.67;

    /**
     * Ours, after "shares fall for heavy people" (B): arms gain nothing from what somebody weighs beyond this body-mass index,
     * kilograms a square metre. Legs carry it all day.
     */
    public const HEAVY_INDEX = 30.0;

    /**
     * C. Ordinary adults of thirty do 25 to 50 squats without a load; the middle of men and of women, who have 0.72 of their
     * strength in the legs at the same mass (B).
     */
    public const SQUATS = [Person::MALE => 38.0, Person::FEMALE => 30.0];

    /**
     * B and A. Strength of the legs by age, as a share of that at thirty: 0.7 % a year lost from 40 and 1.5 % from 65 (B), less
     * where the chair stands of those who live by themselves (A) show that they keep more. Straight lines between. Children by
     * what they lift for their size, ours.
     */
    public const LEGS_BY_AGE = [8 => 0.80, 14 => 0.92, 18 => 1.0, 40 => 1.0, 65 => 0.825, 75 => 0.74, 88 => 0.645, 100 => 0.52];

    /** B. The share of strength of the arms that is lost in a year from 65, and from 75. */
    public const ARMS_LOSE = [65 => 0.015, 75 => 0.025];

    /** Ours, after "boys and girls differ little before 12" (B): strength of the arms for their size, as a share of that at 17. */
    public const ARMS_OF_CHILDREN = [8 => 0.72, 12 => 0.80, 17 => 1.0];

    /**
     * How the norms stand for somebody else than those who came to be tested. Arms: who never lifted has 0.7 of it on machines, a
     * class lower in push-ups, about 0.9 (B, A; between them here), years of training 1.2 to 1.3 (B). Legs carry everybody
     * every day: whole loads, body and
     * all, differ less (ours, so that who never trained still does some twenty squats, C).
     */
    public const TRAINED = [
        'new' => ['arms' => 0.80, 'legs' => 0.88],
        'some' => ['arms' => 1.0, 'legs' => 1.0],
        'years' => ['arms' => 1.25, 'legs' => 1.18],
    ];

    /**
     * C, ranges by their middle. One repetition with one hand beside the floor press of that hand, kilograms in the hand.
     * Turning the shoulder: ours.
     */
    public const BESIDE_THE_PRESS = [
        'horizontal-pull' => 1.05, 'vertical-press' => 0.60, 'vertical-pull' => 1.0,
        'fly' => 0.50, 'shoulder-extension' => 0.55, 'elbow-flexion' => 0.46, 'elbow-extension' => 0.385, 'shoulder-raise' => 0.225,
        'rear-shoulder' => 0.225, 'shoulder-rotation' => 0.16,
    ];

    /** Ours: a dip beside the press, whole, so that who does some twenty push-ups dips about fifteen times off a chair. */
    public const DIP = 1.22;

    /**
     * Whole loads, body and all, beside that of the squat on two legs. Split squat: between 8 to 20 without a load and 0.7 to 0.9 of
     * the floor press per hand (C both); hinge: 1.3 to 1.6 of the floor press per hand (C), about body mass in both hands for who
     * is in the middle; bridge: so that a man does 6 to 15 on one leg (C); calf: body mass and half again for ten (C); power and
     * carry: ours, a bell of 16 to 24 kg swung fifteen times; the single joints of the leg: ours.
     */
    public const BESIDE_THE_SQUAT = [
        'squat' => 1.0, 'single-leg' => 0.46, 'hinge' => 0.55, 'bridge' => 0.85, 'calf' => 1.36, 'power' => 0.55, 'carry' => 0.68,
        'hip-extension' => 0.12, 'knee-flexion' => 0.15, 'knee-extension' => 0.22, 'hip-abduction' => 0.08, 'hip-flexion' => 0.085,
    ];

    /**
     * Repetitions of the reference lift of the trunk without a load, ordinary adults of thirty: a forearm plank of 45 to 90 s
     * (C), read at three seconds a repetition; the others ours.
     */
    public const TRUNK = ['trunk' => 22.0, 'trunk-flexion' => 25.0, 'trunk-extension' => 20.0, 'trunk-side' => 40.0];

    /** Seconds of a hold that count as one repetition to failure: our rule of thumb. */
    public const HOLD_SECONDS = 3.0;

    /** Middle number of push-ups of the people of the norm, men on the feet, women on the knees, 15 to 69 years. */
    public static function pushUps(string $sex, float $ageYears): float
    {
        return self::between(array_map(static fn (array $edges): int => $edges[1], self::PUSH_UPS[$sex]), $ageYears);
    }

    /** How many times a load can be lifted once what can be lifted so often: the inverse of the median of the formulas. */
    public static function beyond(float $repetitions): float
    {
        return 1 / RepetitionMaximum::loadFor(1.0, $repetitions);
    }

    /**
     * Straight lines between the points of a table; its ends beyond them.
     *
     * @param  non-empty-array<int, float|int>  $table
     */
    public static function between(array $table, float $at): float
    {
        $before = null;
        foreach ($table as $x => $y) {
            if ($at <= $x) {
                return $before === null ? (float) $y : $before[1] + ($y - $before[1]) * ($at - $before[0]) / ($x - $before[0]);
            }
            $before = [$x, $y];
        }

        return (float) $before[1];
    }
}
