<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Clients, shelves, rooms and wishes drawn from a seed, the same on every machine. */
final class RandomBriefs
{
    /** What homes own, as a shelf's entries. */
    private const THINGS = [
        ['kind' => 'dumbbell', 'name' => '3 kg dumbbell', 'count' => 2, 'mass_kg' => 3],
        ['kind' => 'dumbbell', 'name' => '8 kg dumbbell', 'count' => 2, 'mass_kg' => 8],
        ['kind' => 'dumbbell', 'name' => '14 kg dumbbell', 'count' => 1, 'mass_kg' => 14],
        ['kind' => 'kettlebell', 'name' => '12 kg bell', 'mass_kg' => 12],
        ['kind' => 'tube', 'name' => 'red tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20, 'handle_cm' => 12],
        ['kind' => 'mini-loop', 'name' => 'mini loop', 'rest_length_cm' => 30, 'a_n' => 30, 'b_n' => 20],
        ['kind' => 'object', 'name' => 'jug of water', 'count' => 2, 'mass_kg' => 5.2, 'grip' => 'handle', 'certainty' => 'filled'],
        ['kind' => 'object', 'name' => 'sack of flour', 'mass_kg' => 10, 'grip' => 'body'],
        ['kind' => 'rucksack', 'name' => 'rucksack', 'tare_kg' => 0.9, 'max_kg' => 16],
        ['kind' => 'chair', 'name' => 'kitchen chair', 'height_cm' => 46, 'mass_kg' => 6],
        ['kind' => 'towel', 'name' => 'towel'],
        ['kind' => 'step', 'name' => 'stair', 'height_cm' => 18, 'mass_kg' => 200],
    ];

    private const LIMITS = [
        Limit::SeatedOnly, Limit::NoFloor, Limit::NoKneeling, Limit::NoOverhead, Limit::WeakGrip, Limit::LowBoneDensity,
        Limit::Postnatal, Limit::Youth, Limit::HighBloodPressure, Limit::BackPain, Limit::LeftLegOut, Limit::RightArmOut,
        Limit::LatexAllergy, Limit::BalanceSupport,
    ];

    private const BODIES = [[1.58, 55.0], [1.72, 74.0], [1.88, 98.0]];

    private const KNOWN = [
        'squat' => 1.5, 'single-leg' => 1.7, 'hinge' => 1.4, 'horizontal-press' => 0.55, 'horizontal-pull' => 0.7, 'vertical-press' => 0.4,
        'elbow-flexion' => 0.25, 'bridge' => 1.6,
    ];

    /** @return array{Brief, string} The brief, and what it is in a few words. */
    public static function number(int $seed, int $weeks = 1): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        $pick = static fn (array $from): mixed => $from[$chance->getInt(0, count($from) - 1)];
        [$heightM, $massKg] = $pick(self::BODIES);
        $limits = [];
        foreach ($chance->shuffleArray(self::LIMITS) as $limit) {
            if (count($limits) < $chance->getInt(0, 4) - 1) {
                $limits[] = $limit;
            }
        }
        $things = array_slice($chance->shuffleArray(self::THINGS), 0, $chance->getInt(0, 7));
        $shelf = array_map(
            static fn (int $i, array $thing): Thing => Thing::fromArray(['id' => "t{$i}"] + $thing),
            array_keys($things),
            $things,
        );
        $days = array_map(
            static fn (int $weekday): TrainingDay => TrainingDay::of($weekday, 5 * $chance->getInt(3, 12)),
            array_slice($chance->shuffleArray([1, 2, 3, 4, 5, 6, 7]), 0, $chance->getInt(1, 4)),
        );
        $capacities = $chance->getInt(0, 1) === 0 ? [] : array_map(
            static fn (float $share): Capacity => Capacity::of($share * $massKg, 0.08 * $share * $massKg),
            self::KNOWN,
        );
        $goal = $pick(Goal::cases());
        $structure = $pick(Structure::cases());
        $brief = Brief::of(
            situation: new Situation(
                new Client(Body::of($heightM, $massKg), $limits, $capacities),
                $shelf,
                Home::of(
                    ceilingM: $pick([null, 2.4, 2.0]),
                    floor: $pick(['smooth', 'carpet', 'rocking']),
                    quiet: $chance->getInt(0, 2) === 0,
                    anchors: $chance->getInt(0, 1) === 0 ? [] : [['id' => 'door', 'heightM' => 2.0, 'kind' => 'door']],
                ),
            ),
            goal: $goal,
            experience: $pick(Experience::cases()),
            days: $days,
            weeks: $weeks,
            order: $pick(OrderSchool::cases()),
            structure: $structure,
        );

        return [$brief, sprintf('seed %d, %s, %s, %d things', $seed, $goal->value, $structure->value, count($things))];
    }
}
