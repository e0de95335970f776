<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

/**
 * What a note says of an exercise, of a block, or of a part of one: numbers and ways, each null where nothing is said.
 *
 * Times are seconds, loads kilograms, lengths metres.
 */
final readonly class Said
{
    /** What says how much a set is: whoever says one of these leaves no room for another's. */
    private const COUNTS = ['reps', 'most', 'seconds', 'metres', 'isMax', 'isClean', 'doses', 'loads', 'bare'];

    /**
     * @param  int|null  $bare  A number alone: what it counts depends on the exercise.
     * @param  list<int>|null  $doses  One for each set or round.
     * @param  list<float>|null  $loads  Kilograms, one for each set.
     * @param  bool|null  $isMax  As many as clean.
     * @param  bool|null  $isClean  As long as clean.
     * @param  bool|null  $perSide  The count is for each side.
     * @param  int|null  $hold  Seconds of "hold", which are the dose or a stop at the top.
     * @param  list<int>|null  $tempo  Seconds down, held, up, held.
     * @param  int|null  $work  Seconds by the clock, with `between` off.
     * @param  int|null  $rest  After a set, or a round.
     * @param  int|null  $gap  Between the exercises of a round.
     * @param  list<int>|null  $phases  Seconds alternating, seconds together.
     * @param  int|null  $period  Every so many seconds a set.
     * @param  int|null  $clock  Seconds that the whole block lasts.
     * @param  int|null  $pick  So many of what is listed.
     */
    private function __construct(
        public ?int $sets = null,
        public ?int $rounds = null,
        public ?int $bare = null,
        public ?int $times = null,
        public ?int $reps = null,
        public ?int $most = null,
        public ?int $seconds = null,
        public ?float $metres = null,
        public ?bool $isMax = null,
        public ?bool $isClean = null,
        public ?array $doses = null,
        public ?array $loads = null,
        public ?bool $perSide = null,
        public ?bool $isAlternating = null,
        public ?bool $swapsEachRound = null,
        public ?float $kg = null,
        public ?bool $isBodyWeight = null,
        public ?int $reserve = null,
        public ?bool $toFailure = null,
        public ?bool $lastToFailure = null,
        public ?array $tempo = null,
        public ?int $lower = null,
        public ?int $pause = null,
        public ?int $top = null,
        public ?int $hold = null,
        public ?int $work = null,
        public ?int $between = null,
        public ?int $rest = null,
        public ?int $gap = null,
        public ?int $roundRest = null,
        public ?array $phases = null,
        public ?int $period = null,
        public ?int $clock = null,
        public ?int $pick = null,
        public ?string $kit = null,
        public ?string $way = null,
    ) {
    }

    public static function nothing(): self
    {
        return new self;
    }

    /** @param  array<string, int|float|bool|string|list<int>|list<float>|null>  $said  By the names of the properties. */
    public static function of(array $said): self
    {
        // @phpstan-ignore argument.type (what a phrase says has the type of its property)
        return new self(...$said);
    }

    /** This, and of the other what this does not say. */
    public function and(self $other): self
    {
        return self::of($this->told() + $other->told());
    }

    /** What one exercise says over what is said of all of them. */
    public function over(self $all): self
    {
        $said = $all->told();
        if ($this->counts()) {
            $said = array_diff_key($said, array_flip(self::COUNTS), ['perSide' => 1]);
        }

        return self::of($this->told() + $said);
    }

    public function only(string ...$names): self
    {
        return self::of(array_intersect_key($this->told(), array_flip($names)));
    }

    public function without(string ...$names): self
    {
        return self::of(array_diff_key($this->told(), array_flip($names)));
    }

    /**
     * A number beside an "x" alone, read: it counts sets where something else counts repetitions, else those.
     *
     * @param  bool  $isCounted  True where that is said elsewhere.
     */
    public function settled(bool $isCounted = false): self
    {
        if ($this->times === null) {
            return $this;
        }
        $said = $this->without('times');

        return match (true) {
            $isCounted || $said->counts() => $said->and(self::of(['sets' => $this->times])),
            $said->toFailure === true => $said->and(self::of(['sets' => $this->times, 'isMax' => true])),
            default => $said->and(self::of(['bare' => $this->times])),
        };
    }

    /** True where it says how much a set is. */
    public function counts(): bool
    {
        return array_intersect_key($this->told(), array_flip(self::COUNTS)) !== [];
    }

    public function isNothing(): bool
    {
        return $this->told() === [];
    }

    public function says(string $name): bool
    {
        return isset($this->told()[$name]);
    }

    /** @return array<string, int|float|bool|string|list<int>|list<float>> What is said, by the names of the properties. */
    public function told(): array
    {
        /** @var array<string, int|float|bool|string|list<int>|list<float>|null> $said */
        $said = get_object_vars($this);

        return array_filter($said, static fn (mixed $value): bool => $value !== null);
    }
}
