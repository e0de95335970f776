<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** What training is for; each goal has a window of repetitions and of repetitions left in reserve. */
enum Goal: string
{
    case Strength = 'strength';
    case Muscle = 'muscle';
    case MuscleLight = 'muscle-light-loads';
    case Endurance = 'endurance';
    case Beginner = 'beginner';
    case Health = 'health';
    case Older = 'older';
    case Youth = 'youth';

    /** Keep what there is: fewer sets at the same loads. */
    case Keep = 'keep';

    /** @return array{int, int} Fewest and most repetitions of a set. */
    public function repetitions(): array
    {
        return match ($this) {
            self::Strength => [3, 6],
            self::Muscle, self::Keep => [6, 15],
            self::MuscleLight, self::Endurance => [15, 30],
            self::Beginner => [6, 10],
            self::Health, self::Older => [8, 12],
            self::Youth => [8, 15],
        };
    }

    /** What trainers ask for within the window where nothing else decides; our choice. */
    public function usualRepetitions(): int
    {
        return match ($this) {
            self::Strength => 5,
            self::Beginner => 8,
            self::Muscle, self::Keep, self::Health, self::Older, self::Youth => 10,
            self::MuscleLight, self::Endurance => 18,
        };
    }

    /** @return array{int, int} Fewest and most repetitions left in reserve. */
    public function reserve(): array
    {
        return match ($this) {
            self::Strength => [2, 3],
            self::Muscle, self::Keep => [1, 3],
            self::MuscleLight => [0, 2],
            self::Endurance, self::Health => [2, 4],
            self::Beginner, self::Older => [3, 4],
            self::Youth => [4, 6],
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Strength => 'Strength',
            self::Muscle => 'Muscle',
            self::MuscleLight => 'Muscle with light loads',
            self::Endurance => 'Endurance',
            self::Beginner => 'Beginner',
            self::Health => 'Health',
            self::Older => 'Older or low bone density',
            self::Youth => 'Youth, technique first',
            self::Keep => 'Keep what there is',
        };
    }
}
