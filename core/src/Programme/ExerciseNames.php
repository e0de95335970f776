<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;

/** Finds the exercise that somebody means by a name as trainers scribble it: plural, without hyphens, by an alias, misspelt. */
final class ExerciseNames
{
    /** Words that say with what and not what. */
    private const KIT = [
        'band' => 'band', 'tube' => 'band', 'dumbbell' => 'dumbbell', 'db' => 'dumbbell', 'kettlebell' => 'kettlebell',
        'kb' => 'kettlebell', 'rucksack' => 'rucksack', 'backpack' => 'rucksack',
    ];

    /** What everybody calls otherwise. */
    private const WRITTEN = [
        'press up' => 'push up', 'pressup' => 'push up', 'pushup' => 'push up', 'situp' => 'sit up', 'rdl' => 'romanian deadlift',
    ];

    /** Of a family named alone, the one that is meant. */
    private const ALONE = [
        'row' => 'bent-over-row', 'curl' => 'biceps-curl', 'swing' => 'kettlebell-swing', 'lunge' => 'reverse-lunge',
        'raise' => 'lateral-raise',
        'press' => 'overhead-press', 'deadlift' => 'romanian-deadlift', 'bridge' => 'glute-bridge', 'carry' => 'farmer-carry',
        'pull down' => 'kneeling-pull-down', 'extension' => 'overhead-triceps-extension', 'step up' => 'step-up', 'dip' => 'chair-dip',
    ];

    /** So many letters may be wrong in a name of eight or more. */
    private const SLIPS = 2;

    /** @var array<string, list<Exercise>> */
    private array $byName = [];

    /** @var array<string, Exercise> */
    private readonly array $byId;

    public function __construct(Catalogue $catalogue)
    {
        $this->byId = $catalogue->exercises;
        foreach ($catalogue->exercises as $exercise) {
            foreach ([$exercise->name, str_replace('-', ' ', $exercise->id), ...$exercise->aliases] as $name) {
                $this->byName[self::plain($name)][] = $exercise;
            }
        }
    }

    /**
     * @return list<Exercise> Best first; empty where nothing sounds like it.
     */
    public function meant(string $text): array
    {
        $wanted = self::plain($text);
        if ($wanted === '') {
            return [];
        }
        $words = explode(' ', $wanted);
        $without = implode(' ', array_values(array_filter($words, static fn (string $word): bool => ! isset(self::KIT[$word]))));
        $found = $this->byName[$wanted] ?? $this->byName[$without] ?? [];
        if ($found === [] && $without !== '') {
            $found = $this->holding(explode(' ', $without));
        }
        if ($found === []) {
            $found = $this->soundingLike($wanted);
        }
        usort($found, static fn (Exercise $one, Exercise $two): int => self::plainness($one) <=> self::plainness($two));

        $alone = self::ALONE[$without] ?? null;
        $byId = [];
        foreach ($alone === null || ! isset($this->byId[$alone]) ? $found : [$this->byId[$alone], ...$found] as $exercise) {
            $byId[$exercise->id] = $exercise;
        }

        return array_values($byId);
    }

    /** The kind of thing a text asks for: `band`, `dumbbell`, `kettlebell`, `rucksack`; null where it names none. */
    public static function kitIn(string $text): ?string
    {
        foreach (explode(' ', self::plain($text)) as $word) {
            if (isset(self::KIT[$word])) {
                return self::KIT[$word];
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<string>  $words
     * @return list<Exercise> Those of whose names every word is one.
     */
    private function holding(array $words): array
    {
        $found = [];
        foreach ($this->byName as $name => $exercises) {
            if (array_diff($words, explode(' ', (string) $name)) === []) {
                array_push($found, ...$exercises);
            }
        }

        return $found;
    }

    /** @return list<Exercise> */
    private function soundingLike(string $wanted): array
    {
        if (strlen($wanted) < 4) {
            return [];
        }
        $found = [];
        $least = strlen($wanted) >= 8 ? self::SLIPS : 1;
        foreach ($this->byName as $name => $exercises) {
            // A slip is seldom in the first letter, and "bench" is no misspelt "French".
            if (! str_starts_with((string) $name, $wanted[0])) {
                continue;
            }
            $slips = levenshtein(substr((string) $name, 0, 255), substr($wanted, 0, 255));
            if ($slips < $least) {
                $found = [];
                $least = $slips;
            }
            if ($slips === $least) {
                array_push($found, ...$exercises);
            }
        }

        return $found;
    }

    /** @return array{int, int, int} The plain one is meant: no combination, little skill, a short name. */
    private static function plainness(Exercise $exercise): array
    {
        return [$exercise->reckonedAs === null ? 0 : 1, $exercise->skill, strlen($exercise->name)];
    }

    private static function plain(string $name): string
    {
        $name = (string) preg_replace('/[^a-z0-9 ]+/', ' ', str_replace('’', '', mb_strtolower($name)));
        $words = [];
        foreach (explode(' ', $name) as $word) {
            if ($word !== '' && ! in_array($word, ['the', 'a', 'an', 'with', 'of'], true)) {
                // "Lunges" is a lunge; "press" is no plural.
                $words[] = strlen($word) > 2 && str_ends_with($word, 's') && ! str_ends_with($word, 'ss') ? substr($word, 0, -1) : $word;
            }
        }
        $plain = implode(' ', $words);
        foreach (self::WRITTEN as $written => $meant) {
            $plain = (string) preg_replace("/\\b{$written}\\b/", $meant, $plain);
        }

        return $plain;
    }
}
