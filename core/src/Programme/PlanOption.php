<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;

/** One rung that could stand in a week, with the dose a goal asks of it and what a set costs and gives. */
final readonly class PlanOption
{
    /** What it is to a plan as it is loaded here. */
    public Role $role;

    /**
     * @param  float|null  $wholeKg  In the pattern's reference lift; null where nothing is measured.
     * @param  float  $match  How well the load meets the goal, 0 to 1.
     * @param  float  $liking  0 for nothing known, 1 for liked or known.
     * @param  array<string, int>  $halves  Half sets by muscle that one set gives; recovery goes by all of them.
     * @param  float  $counts  Share of a hard set that one set is, 0 to 1; engine contract, section 8.
     * @param  float  $workSeconds  One set, all sides, as long as it grows before the first lighter week.
     * @param  string  $why  Why this rung and no other of its exercise.
     * @param  Tempo|null  $tempo  Slower than usual, where nothing is heavier; null for the usual.
     */
    public function __construct(
        public Exercise $exercise,
        public Rung $rung,
        public ?float $wholeKg,
        public Dose $dose,
        public int $reserve,
        public Sides $sides,
        public int $restSeconds,
        public float $match,
        public float $liking,
        public array $halves,
        public float $workSeconds,
        public bool $isOnFloor,
        public string $why,
        public ?Tempo $tempo = null,
        public float $counts = 1.0,
    ) {
        $this->role = $exercise->role($rung->setting);
    }

    /** True where a set gives a muscle at least a half of what a hard one would. */
    public function isHard(): bool
    {
        return $this->counts >= 0.5;
    }

    /** @return array<string, int> Tenths of half sets by muscle that one set counts in a week's volume. */
    public function volume(): array
    {
        $tenths = [];
        foreach (array_intersect_key($this->halves, Muscles::WEIGHTS) as $muscle => $each) {
            $tenths[$muscle] = (int) round(10 * $this->counts * $each);
        }

        return array_filter($tenths, static fn (int $each): bool => $each > 0);
    }

    /** Tells two options apart that may not both stand in one session. */
    public function key(): string
    {
        return $this->exercise->id;
    }

    /** True of what carries a plan. */
    public function isMain(): bool
    {
        return $this->role === Role::Main || $this->role === Role::Power;
    }

    /** True where nothing heavier is there and repetitions or a slow tempo have to make up for it. */
    public function isTooLight(Brief $brief): bool
    {
        return $this->wholeKg !== null
            && ! $this->exercise->isHold
            && ($this->tempo !== null || $this->dose->count() > $brief->goal->repetitions()[1]);
    }

    public function group(): ?PatternGroup
    {
        return PatternGroup::of($this->exercise->pattern);
    }

    public function assignment(int $sets): Assignment
    {
        return Assignment::of(
            exercise: $this->exercise->id,
            setting: $this->rung->setting,
            sets: $sets,
            dose: $this->dose,
            reserve: $this->reserve,
            restSeconds: $this->restSeconds,
            sides: $this->sides,
            words: $this->rung->words,
            why: $this->why,
            tempo: $this->tempo,
        );
    }

    /** The same rung with so many repetitions, or seconds. */
    public function doing(int $count): self
    {
        return $this->asking($this->assignment(1)->with(dose: $this->dose->to($count)));
    }

    /** The same rung with the dose, reserve, sides and rest that somebody asks of it. */
    public function asking(Assignment $asked): self
    {
        return new self(
            $this->exercise,
            $this->rung,
            $this->wholeKg,
            $asked->dose,
            $asked->reserve,
            $asked->sides,
            $asked->restSeconds,
            $this->match,
            $this->liking,
            $this->halves,
            $this->workSeconds,
            $this->isOnFloor,
            $this->why,
            $asked->tempo,
            $this->counts,
        );
    }

    public function slot(string $thread, int $sets): Slot
    {
        return new Slot($thread, $this->exercise, $this->assignment($sets), $this->rung->things);
    }
}
