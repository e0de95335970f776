<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Catalogue\Exercise;

/** Limbs that rest an injury: what is done with one side at a time is then done with the other side alone. */
final readonly class RestingLimbs
{
    private const OTHER = ['left-arm-out' => 'right', 'right-arm-out' => 'left', 'left-leg-out' => 'right', 'right-leg-out' => 'left'];

    /** @param  array<string, 'left'|'right'>  $works  By limit: the side that works while that limit is in force. */
    private function __construct(private array $works)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @param  list<string>  $limits  All that are in force; those that rest no limb say nothing here. */
    public static function under(array $limits): self
    {
        $works = [];
        foreach (self::OTHER as $limit => $side) {
            if (in_array($limit, $limits, true)) {
                $works[$limit] = $side;
            }
        }

        return new self($works);
    }

    /** True where one hand has to hold what there is to hold. */
    public function restsAnArm(): bool
    {
        return array_filter(array_keys($this->works), static fn (string $limit): bool => str_contains($limit, 'arm')) !== [];
    }

    /** "10 repetitions, right side only"; what is asked where no limb rests. */
    public function inWords(Exercise $exercise, Assignment $asked): string
    {
        $only = $this->onlySideOf($exercise);

        return implode(', ', array_filter([
            $only === null || $asked->sides === Sides::Both
                ? $asked->dose->inWords()
                : "{$asked->dose->onOneSide()->inWords()}, {$only} side only",
            $asked->lastToFailure ? 'the last set to failure' : null,
        ], is_string(...)));
    }

    /** @return 'left'|'right'|null The one side an exercise may be done with; null where both may work, or it does not matter. */
    public function onlySideOf(Exercise $exercise): ?string
    {
        foreach ($this->works as $limit => $side) {
            // A leg that rests lets somebody sit for work of the arms, with both sides.
            $isOfLimb = $exercise->has(str_contains($limit, 'arm') ? 'one-arm' : 'one-leg');
            if ($isOfLimb && ($exercise->limits[$limit]['effect'] ?? '') === 'alter') {
                return $side;
            }
        }

        return null;
    }
}
