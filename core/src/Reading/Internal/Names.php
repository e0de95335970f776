<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Reading\Meant;

/**
 * What exercises are called, as a tree of words: by the catalogue, its aliases and the trade.
 *
 * @internal
 */
final class Names
{
    /** Between the words of a name, and part of none. */
    public const SKIPPED = ['the' => 1, 'a' => 1, 'an' => 1, 'of' => 1, 'with' => 1, 'w' => 1, 'on' => 1, 'your' => 1];

    /** Said in the middle of a name, it is how the sides take turns. */
    public const TURNS = ['alternating' => 1, 'alt' => 1, 'alternate' => 1];

    public const NEAREST = 3;

    /** @var array<string, mixed> Words one after another; under an empty word the exercises that are called so. */
    private array $tree = [];

    /** @var array<string, list<string>> Words of each name that an exercise goes by. */
    private array $wordsOf = [];

    /** @var array<string, true> */
    private array $known = [];

    /** @var array<string, int> In how many names a word stands. */
    private array $inNames = [];

    /** @var array<string, Exercise> */
    private readonly array $byId;

    /** @var array<string, string> */
    private array $kit;

    public function __construct(Catalogue $catalogue)
    {
        $this->byId = $catalogue->exercises;
        $this->kit = array_filter(TradeNames::KIT, static fn (string $said): bool => ! str_contains($said, ' '), ARRAY_FILTER_USE_KEY);
        foreach ($catalogue->exercises as $exercise) {
            foreach ([$exercise->name, str_replace('-', ' ', $exercise->id), ...$exercise->aliases] as $name) {
                $this->add($name, $exercise->id, false);
            }
        }
        foreach (TradeNames::NAMES as $name => $id) {
            $this->add($name, $id, true);
        }
        foreach (TradeNames::FAMILIES as $name => $id) {
            $this->add($name, $id, true);
        }
        foreach (array_keys(TradeNames::ASKED) as $name) {
            $this->add($name, '', true);
        }
    }

    /**
     * The longest name that begins at a token.
     *
     * @return array{int, Meant}|null How many tokens it takes, and what it means.
     */
    public function at(Tokens $tokens, int $at): ?array
    {
        $best = null;
        $this->walk($tokens->all, $at, $at, $this->tree, [], null, false, $best);
        if ($best === null) {
            return null;
        }
        [$end, , $words, $kit, $ids] = $best;

        return [$end - $at, $this->meaning($words, $ids, $kit)];
    }

    /** True where the word is part of some exercise's name: it tells one from another. */
    public function tells(string $word): bool
    {
        foreach (PlainWords::of([$word]) as $plain) {
            if (isset($this->known[$plain])) {
                return true;
            }
        }

        return false;
    }

    public function exercise(string $id): Exercise
    {
        return $this->byId[$id];
    }

    /** True where it is a word of some name, as names are compared by. */
    public function hasWord(string $plain): bool
    {
        return isset($this->known[$plain]);
    }

    /** @return list<string> Every word of every name. */
    public function words(): array
    {
        return array_map(strval(...), array_keys($this->known));
    }

    /** @return array<string, list<string>> Exercises by the words they are called. */
    public function all(): array
    {
        return $this->wordsOf;
    }

    /** The kind of thing a word names; null for any other word. */
    public function kit(string $word): ?string
    {
        return $this->kit[$word] ?? null;
    }

    /**
     * @param  list<string>  $words
     * @return array{list<Exercise>, bool} Those of whose name every word is one; and whether it has no other.
     */
    public function called(array $words): array
    {
        $exact = $holding = [];
        foreach ($this->wordsOf as $name => $ids) {
            $parts = explode(' ', (string) $name);
            if (array_diff($words, $parts) === []) {
                if (count($parts) === count($words)) {
                    array_push($exact, ...$ids);
                }
                array_push($holding, ...$ids);
            }
        }

        return $exact === [] ? [$this->those($holding), false] : [$this->those($exact), true];
    }

    /**
     * @param  list<string>  $words
     * @return list<Exercise> The three whose names have most in common with it, by words and by letters.
     */
    public function nearest(array $words): array
    {
        $said = substr(implode(' ', $words), 0, 60);
        $weight = fn (string $word): float => 1 / (1 + ($this->inNames[$word] ?? 0));
        $near = [];
        foreach ($this->wordsOf as $name => $ids) {
            $parts = explode(' ', (string) $name);
            $shared = array_sum(array_map($weight, array_intersect($words, $parts)));
            $all = array_sum(array_map($weight, array_unique([...$words, ...$parts])));
            similar_text($said, (string) $name, $percent);
            foreach ($ids as $id) {
                // Letters decide where no word is shared, and between those that share as much.
                $near[$id] = max($near[$id] ?? 0.0, sqrt($shared / $all) + $percent / 200);
            }
        }
        arsort($near);

        return $this->those(array_slice(array_map(strval(...), array_keys($near)), 0, self::NEAREST));
    }

    /**
     * @param  list<Exercise>  $exercises
     * @return list<Exercise> The plain one is meant: no combination, little skill, a short name.
     */
    public function sorted(array $exercises): array
    {
        usort($exercises, static fn (Exercise $one, Exercise $two): int => self::plainness($one) <=> self::plainness($two));

        return $exercises;
    }

    /**
     * @param  list<Token>  $tokens
     * @param  array<string, mixed>  $node
     * @param  list<string>  $words
     * @param  bool  $ends  True where the word before belongs to the name.
     * @param  array{int, int, list<string>, string|null, list<string>}|null  $best  Its end, how many words are its own, and what they are.
     */
    private function walk(array $tokens, int $start, int $at, array $node, array $words, ?string $kit, bool $ends, ?array &$best): void
    {
        if ($ends && isset($node['']) && ($best === null || $at > $best[0] || ($at === $best[0] && count($words) > $best[1]))) {
            /** @var list<string> $ids */
            $ids = $node[''];
            $best = [$at, count($words), $words, $kit, $ids];
        }
        $token = $tokens[$at] ?? null;
        if ($token === null || $at - $start > 12) {
            return;
        }
        $text = $token->text;
        if ($token->isMark()) {
            // "push-up", "1-arm row": a stroke joins; nothing else does.
            if ($text === '-' && $words !== []) {
                $this->walk($tokens, $start, $at + 1, $node, $words, $kit, false, $best);
            } elseif ($text === '&' && isset($node['and']) && is_array($node['and'])) {
                /** @var array<string, mixed> $joined */
                $joined = $node['and'];
                $this->walk($tokens, $start, $at + 1, $joined, [...$words, 'and'], $kit, false, $best);
            }

            return;
        }
        foreach ($this->readings($tokens, $at) as [$taken, $plain]) {
            $next = $node;
            foreach ($plain as $word) {
                $next = is_array($next[$word] ?? null) ? $next[$word] : null;
                if ($next === null) {
                    break;
                }
            }
            if ($next !== null) {
                /** @var array<string, mixed> $next */
                $this->walk($tokens, $start, $at + $taken, $next, [...$words, ...$plain], $kit, true, $best);
            }
        }
        if (isset($this->kit[$text])) {
            $this->walk($tokens, $start, $at + 1, $node, $words, $kit ?? $this->kit[$text], false, $best);
        } elseif ($at > $start && isset((self::SKIPPED + self::TURNS)[$text])) {
            $this->walk($tokens, $start, $at + 1, $node, $words, $kit, false, $best);
        }
    }

    /**
     * What a token, or two or three of them, is in plain words.
     *
     * @param  list<Token>  $tokens
     * @return list<array{int, list<string>}>
     */
    private function readings(array $tokens, int $at): array
    {
        $readings = [];
        $said = [];
        $texts = [];
        for ($end = $at; $end < count($tokens) && count($texts) < 3; $end++) {
            if ($tokens[$end]->isMark()) {
                if ($tokens[$end]->text !== '-' || $texts === []) {
                    break;
                }

                continue;
            }
            $texts[] = $tokens[$end]->text;
            $plain = PlainWords::of($texts);
            $key = implode(' ', $plain);
            // Two words are read together only where that says more than one after the other.
            $isOne = isset(TradeNames::WORDS[implode(' ', array_map(PlainWords::singular(...), $texts))]);
            if (count($texts) === 1 || count($plain) < count($texts) || $isOne) {
                if (! isset($said[$key])) {
                    $readings[] = [$end - $at + 1, $plain];
                    $said[$key] = true;
                }
            }
        }

        return $readings;
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $ids
     */
    private function meaning(array $words, array $ids, ?string $kit): Meant
    {
        $name = implode(' ', $words);
        if ($kit === 'band' && isset(TradeNames::ASKED["band {$name}"])) {
            $ids = [];
            $name = "band {$name}";
        }
        $ids = array_values(array_filter($ids, static fn (string $id): bool => $id !== ''));
        if ($ids === []) {
            $asked = $this->those(TradeNames::ASKED[$name] ?? []);

            return new Meant($asked === [] ? $this->nearest($words) : $asked, false, $kit);
        }
        $family = TradeNames::FAMILIES[$name] ?? null;
        if ($family !== null && isset($this->byId[$family])) {
            return new Meant([$this->byId[$family]], true, $kit, "{$name} as {$this->byId[$family]->nameInASentence()}");
        }

        return new Meant($this->sorted($this->those($ids)), true, $kit);
    }

    private function add(string $name, string $id, bool $isOurs): void
    {
        $words = PlainWords::of(array_values(array_map(
            static fn (Token $token): string => $token->text,
            array_filter(
                Tokens::of($name)->all,
                static fn (Token $token): bool => ! $token->isMark() && ! isset(self::SKIPPED[$token->text]),
            ),
        )));
        if ($words === []) {
            return;
        }
        $node = &$this->tree;
        foreach ($words as $word) {
            $node[$word] = is_array($node[$word] ?? null) ? $node[$word] : [];
            $node = &$node[$word];
            if (! isset(self::SKIPPED[$word])) {
                $this->known[$word] = true;
            }
        }
        $there = is_array($node[''] ?? null) ? $node[''] : [];
        // What the trade means by a name goes before an exercise that is also called so.
        $node[''] = $isOurs && $id !== '' ? [$id] : [...$there, $id];
        if ($id !== '') {
            foreach (array_unique($words) as $word) {
                $this->inNames[$word] = ($this->inNames[$word] ?? 0) + 1;
            }
            $key = implode(' ', $words);
            $this->wordsOf[$key] = array_values(array_unique([...($this->wordsOf[$key] ?? []), $id]));
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<Exercise>
     */
    private function those(array $ids): array
    {
        $those = [];
        foreach ($ids as $id) {
            if (isset($this->byId[$id])) {
                $those[$id] = $this->byId[$id];
            }
        }

        return array_values($those);
    }

    /** @return array{int, int, int} */
    private static function plainness(Exercise $exercise): array
    {
        return [$exercise->reckonedAs === null ? 0 : 1, $exercise->skill, strlen($exercise->name)];
    }
}
