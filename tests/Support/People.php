<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Console\Input\BriefShape;
use App\Console\Input\Fields;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Strength\StrengthPrior;

/** People with what they own, as a trainer would enter them; nothing on record. */
final class People
{
    private const HOME = ['ceiling_cm' => 245, 'floor' => 'smooth'];

    private const CHAIR = ['id' => 'chair', 'kind' => 'chair', 'height_cm' => 45, 'mass_kg' => 6];

    private const TABLE = ['id' => 'table', 'kind' => 'table', 'height_cm' => 75, 'mass_kg' => 30];

    private const WALL = ['id' => 'wall', 'kind' => 'wall'];

    private const TUBE = ['id' => 'tube', 'kind' => 'tube', 'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20, 'source' => 'rated'];

    /** @return array<string, array<string, mixed>> By what they are in a few words. */
    public static function all(): array
    {
        $client = static fn (string $sex, int $born, int $cm, int $kg, string $experience, string ...$limits): array => [
            'sex' => $sex, 'birth_year' => $born, 'height_cm' => $cm, 'body_mass_kg' => $kg, 'experience' => $experience,
            'limits' => array_values($limits),
        ];
        $things = static fn (array ...$things): array => [...$things, self::WALL];
        $pair = static fn (float $kg): array => ['id' => "pair of {$kg}", 'kind' => 'dumbbell', 'count' => 2, 'mass_kg' => $kg];
        $one = static fn (float $kg): array => ['id' => "one of {$kg}", 'kind' => 'dumbbell', 'mass_kg' => $kg];
        $bell = static fn (float $kg): array => ['id' => "bell of {$kg}", 'kind' => 'kettlebell', 'mass_kg' => $kg];
        $bricks = ['id' => 'bricks', 'kind' => 'object', 'mass_kg' => 2.2, 'count' => 8, 'grip' => 'body', 'sealed' => true];
        $sack = ['id' => 'sack', 'kind' => 'rucksack', 'tare_kg' => 1.1, 'max_kg' => 25];
        $of = static fn (array $client, array $shelf, string $goal, int $days, int $minutes): array => [
            'client' => $client, 'shelf' => $shelf, 'home' => self::HOME, 'goal' => $goal, 'days' => $days, 'minutes' => $minutes,
            'weeks' => 1, 'start' => '2026-11-30',
        ];

        return [
            'strong, with a rucksack and bricks' => $of(
                $client('male', 1996, 184, 88, 'years'),
                $things($sack, $bricks, self::CHAIR, self::TABLE),
                'muscle',
                3,
                45,
            ),
            'new, with pairs of three and six' => $of(
                $client('female', 1990, 168, 66, 'new'),
                $things($pair(3), $pair(6), self::CHAIR),
                'beginner',
                2,
                40,
            ),
            'strong, with two bells' => $of($client('male', 1989, 180, 92, 'years'), $things($bell(16), $bell(24)), 'strength', 3, 45),
            'older, with one dumbbell' => $of(
                $client('female', 1959, 163, 70, 'new'),
                $things($one(4), self::CHAIR, self::TABLE),
                'older',
                2,
                30,
            ),
            'seated, with a bell and a tube' => $of(
                $client('male', 1970, 176, 80, 'some', 'seated-only'),
                $things($bell(12), self::TUBE, self::CHAIR),
                'health',
                2,
                40,
            ),
            'an arm that rests' => $of(
                $client('female', 1980, 170, 68, 'some', 'left-arm-out'),
                $things($pair(5), $bell(8), self::CHAIR),
                'health',
                3,
                30,
            ),
            'short visits' => $of($client('female', 1985, 165, 60, 'some'), $things($pair(5), $pair(8), self::CHAIR), 'muscle', 3, 20),
            'old, with little' => $of($client('male', 1945, 172, 76, 'new'), $things($pair(2), self::CHAIR), 'older', 2, 30),
            'young' => $of($client('male', 2012, 165, 55, 'new', 'youth'), $things($pair(4), self::TUBE), 'youth', 2, 40),
            'endurance, with a pair of fives' => $of(
                $client('female', 1994, 172, 64, 'some'),
                $things($pair(5), self::TUBE),
                'endurance',
                3,
                30,
            ),
            'no floor' => $of(
                $client('female', 1965, 160, 82, 'new', 'no-floor'),
                $things($pair(3), self::CHAIR, self::TABLE),
                'health',
                2,
                40,
            ),
            'no load overhead' => $of(
                $client('male', 1982, 178, 84, 'some', 'no-overhead'),
                $things($pair(10), $bell(16), self::TABLE),
                'muscle',
                3,
                45,
            ),
        ];
    }

    /**
     * @param  array<string, mixed>  $asked
     * @param  ResistanceModel|null  $model  Null for the one that all tests share.
     */
    public static function brief(array $asked, ?ResistanceModel $model = null): Brief
    {
        $prior = new StrengthPrior(Shipped::catalogue(), $model ?? Shipped::model());

        return (new BriefShape(Shipped::catalogue(), $prior))->read(new Fields($asked));
    }
}
