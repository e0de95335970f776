<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Catalogue\Exercise;

/** How a movement is done, apart from what loads it: its tempo, how the sides share a set, and what makes it harder. */
final readonly class Execution
{
    /** Between its turns a side rests: so much more goes for each. A rule of thumb, ours; the first logged set corrects it. */
    private const RESTED = 1.10;

    /** @param  list<Manner>  $manners  Each once. */
    public function __construct(public Tempo $tempo, public Sides $sides, public array $manners = [])
    {
    }

    /** As the catalogue has it. */
    public static function usualFor(Exercise $exercise): self
    {
        return new self(Tempo::of(...$exercise->tempo), match ($exercise->side) {
            'each' => Sides::Each,
            'alternating' => Sides::Alternating,
            default => Sides::Both,
        });
    }

    /**
     * How the sides of an exercise may share a set, the usual way first; one entry where there is no choice.
     *
     * @return non-empty-list<Sides>
     */
    public static function sidesFor(Exercise $exercise): array
    {
        $usual = self::usualFor($exercise)->sides;

        return match (true) {
            $exercise->isHold || $exercise->impact === 'high' => [$usual],
            $usual === Sides::Each => [Sides::Each, Sides::Alternating, Sides::SwapEachRound],
            $usual === Sides::Alternating => [Sides::Alternating, Sides::Each],
            // Two arms that could as well work one by one: each holds a thing of its own, or an end of its own.
            $exercise->effort->isOfArms() && ! $exercise->usesBodyWeight => [Sides::Both, Sides::Alternating, Sides::Each],
            default => [Sides::Both],
        };
    }

    /** @return list<Manner> What the exercise can be made harder by. */
    public static function mannersFor(Exercise $exercise): array
    {
        return array_values(array_filter(Manner::cases(), static fn (Manner $manner): bool => match ($manner) {
            Manner::HoldHard, Manner::Pulses => self::canBeSlow($exercise),
            Manner::NoLockOut => self::canBeSlow($exercise) && $exercise->has('lock-out'),
            Manner::HandRelease => $exercise->usesBodyWeight
                && $exercise->pattern === 'horizontal-press'
                && in_array($exercise->position, ['hands-and-feet', 'kneeling'], true)
                && ($exercise->support === null || ! $exercise->support->required),
        }));
    }

    /** Not in a hold, nor where the load flies. */
    public static function canBeSlow(Exercise $exercise): bool
    {
        return ! $exercise->isHold && $exercise->pattern !== 'power' && $exercise->impact === 'none';
    }

    /**
     * Repetitions to failure, of each side where sides are done apart, of those possible the usual way.
     *
     * @param  self  $usual  The way the prediction was made for.
     */
    public function repetitionsFrom(float $repetitions, self $usual): float
    {
        $left = $this->tempo->repetitionsFrom($repetitions, $usual->tempo);
        foreach ($this->manners as $manner) {
            $left *= $manner->repetitionsLeft();
        }

        return $this->sides === Sides::Alternating && $usual->sides !== Sides::Alternating ? $left * self::RESTED : $left;
    }

    /** "5 s down, 1 s up; sides alternating; hold for 2 s where it is hardest"; empty where it is the usual way. */
    public function inWords(self $usual): string
    {
        return implode('; ', [
            ...($this->tempo->toArray() === $usual->tempo->toArray() ? [] : [$this->tempo->inWords()]),
            ...($this->sides === $usual->sides ? [] : [$this->sides->inWords()]),
            ...array_map(static fn (Manner $manner): string => $manner->inWords(), $this->manners),
        ]);
    }
}
