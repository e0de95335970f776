<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

use NimbleShelf\Core\Catalogue\Internal\FigureLibrary;
use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Exception\UnknownExercise;
use NimbleShelf\Core\Mechanics\Figure;
use NimbleShelf\Core\Mechanics\LoadPoint;

/** The exercises, figures and patterns the product ships. */
final readonly class Catalogue
{
    /** Maps that are replaced whole. */
    private const WHOLE = ['muscles', 'support', 'band', 'plant', 'turn', 'hold'];

    /** @var array<string, string> What an exercise is called now, by what it was called while a way of doing it had a name of its own. */
    private array $formerIds;

    /**
     * @param  array<string, Exercise>  $exercises
     * @param  array<string, Pattern>  $patterns
     * @param  array<string, CueSchool>  $schools
     */
    private function __construct(
        public array $exercises,
        private FigureLibrary $figures,
        public array $patterns,
        public array $schools,
    ) {
        $former = [];
        foreach ($exercises as $exercise) {
            $former += array_fill_keys($exercise->formerly, $exercise->id);
        }
        $this->formerIds = $former;
    }

    /**
     * Resolves families: an entry says only what differs from its family's `shared` part.
     *
     * @param  list<array<string, mixed>>  $families  Decoded files of `catalogue/exercises`.
     * @param  list<array<string, mixed>>  $figureFiles  Decoded files of `catalogue/figures`.
     * @param  array<string, mixed>  $patterns  Decoded `catalogue/patterns.json`.
     * @param  array<string, mixed>  $limitRules  Decoded `catalogue/limits.json`.
     * @param  array<string, mixed>  $schools  Decoded `catalogue/schools.json`.
     *
     * @throws BrokenCatalogue If an entry names a figure, a pattern or a cue school that does not exist.
     */
    public static function fromArrays(array $families, array $figureFiles, array $patterns, array $limitRules, array $schools): self
    {
        $rules = LimitRules::fromArray($limitRules);
        $resolvedSchools = CueSchool::allFrom($schools);
        $figures = new FigureLibrary(array_merge(...array_map(
            static fn (array $file): array => self::resolved($file, 'figures'),
            array_values($figureFiles),
        )));
        $resolvedPatterns = [];
        foreach ($patterns as $id => $data) {
            /** @var array{name: string, reference: string|null, at?: string, unit?: string, related?: array<string, float>} $data */
            $resolvedPatterns[$id] = new Pattern(
                id: $id,
                name: $data['name'],
                referenceExercise: $data['reference'],
                referencePoint: LoadPoint::from($data['at'] ?? 'hands'),
                unit: $data['unit'] ?? '',
                related: $data['related'] ?? [],
            );
        }
        $exercises = [];
        foreach ($families as $file) {
            foreach (self::resolved($file, 'exercises') as $id => $data) {
                $pattern = $patterns[is_string($data['pattern'] ?? null) ? $data['pattern'] : ''] ?? null;
                $usual = is_array($pattern) ? $pattern['role'] ?? null : null;
                $exercise = Exercise::fromArray($data + ['role' => $usual ?? Role::Builder->value], $rules);
                if (! $figures->has($exercise->figureId)) {
                    throw BrokenCatalogue::inExercise($id, sprintf('there is no figure "%s".', $exercise->figureId));
                }
                if (! isset($resolvedPatterns[$exercise->pattern])) {
                    throw BrokenCatalogue::inExercise($id, sprintf('there is no pattern "%s".', $exercise->pattern));
                }
                foreach (array_diff($exercise->schools, array_keys($resolvedSchools)) as $unknown) {
                    throw BrokenCatalogue::inExercise($id, sprintf('there is no cue school "%s".', $unknown));
                }
                $exercises[$id] = $exercise;
            }
        }

        return new self($exercises, $figures, $resolvedPatterns, $resolvedSchools);
    }

    /**
     * The entries of a family file, each laid over the family's shared part, or over the earlier entry it is `like`.
     *
     * @param  array<string, mixed>  $file
     * @return array<string, array<string, mixed>>
     */
    public static function resolved(array $file, string $key): array
    {
        /** @var array<string, mixed> $shared */
        $shared = $file['shared'] ?? [];
        /** @var array<string, array<string, mixed>> $entries */
        $entries = $file[$key] ?? [];
        $resolved = [];
        foreach ($entries as $id => $entry) {
            $under = $shared;
            if (isset($entry['like'])) {
                $like = is_string($entry['like']) ? $entry['like'] : '';
                $under = $resolved[$like]
                    ?? throw BrokenCatalogue::inExercise($id, sprintf('it is like "%s", which does not stand before it.', $like));
            }
            unset($entry['like'], $under['id'], $under['formerly']);
            $resolved[$id] = ['id' => $id] + self::laidOver($under, $entry);
        }

        return $resolved;
    }

    /**
     * By its id, or by one it had before.
     *
     * @throws UnknownExercise
     */
    public function exercise(string $id): Exercise
    {
        return $this->exercises[$id] ?? $this->exercises[$this->formerIds[$id] ?? ''] ?? throw UnknownExercise::withId($id);
    }

    /** The exercise whose resistance counts: itself, or the part that limits a combined movement. */
    public function reckoned(Exercise $exercise): Exercise
    {
        return $exercise->reckonedAs === null ? $exercise : $this->exercise($exercise->reckonedAs);
    }

    /** @throws BrokenCatalogue If the figure lacks a keyframe or its plant. */
    public function figureOf(Exercise $exercise): Figure
    {
        return $this->figures->figure($exercise->figureId);
    }

    public function pattern(string $id): Pattern
    {
        return $this->patterns[$id];
    }

    /**
     * Maps are laid over each other key by key; lists, plain values and what only makes sense whole are replaced.
     *
     * @param  array<string, mixed>  $under
     * @param  array<string, mixed>  $over
     * @return array<string, mixed>
     */
    private static function laidOver(array $under, array $over): array
    {
        foreach ($over as $key => $value) {
            $below = $under[$key] ?? null;
            if (! in_array($key, self::WHOLE, true)
                && is_array($value)
                && is_array($below)
                && ! array_is_list($value)
                && ! array_is_list($below)) {
                /** @var array<string, mixed> $value */
                /** @var array<string, mixed> $below */
                $under[$key] = self::laidOver($below, $value);
            } else {
                $under[$key] = $value;
            }
        }

        return $under;
    }
}
