<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\HardSets;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;

/** Lists what could stand in a client's week: of every exercise the rungs that meet the goal best with what is there. */
final readonly class OptionFinder
{
    /** Power is planned for who is trained and wants one of these. */
    private const POWERFUL = [Goal::Strength, Goal::Muscle, Goal::Endurance, Goal::Health];

    /** Warming up, stretching and play are no week's work; squeezes only where somebody sits; power see above. */
    private const NOT_PLANNED = ['loosen', 'stretch', 'play', 'squeeze', 'power'];

    /** Of one exercise at most so many rungs, each on other things; of what trains the same at most so many ways. */
    private const WAYS = 3;

    private const OF_A_PATTERN = 6;

    /** Steps that a week leaves room for: those before the first lighter one. */
    private const GROWS = Brief::DELOAD_EVERY - 2;

    /** What nothing measures is taken to meet the goal so well; our choice. */
    private const UNMEASURED = 0.8;

    private const HOLD = 0.9;

    private const NO_LOAD = 0.3;

    /** Left beyond the goal's own most in a first week, for who takes care and for others; planning contract, section 4b. */
    private const CAREFUL_SPARE = 4;

    private const SPARE = 2;

    /** A first load of who takes care is one that so many like them could do; planning contract, section 4b. */
    private const SURE = 0.9;

    private const WEAKER = 0.7;

    /** Done slowly: so many seconds down, held so long, so many repetitions at the most, and matching so much less; our choice. */
    private const SLOW_SECONDS = 4;

    private const PAUSE_SECONDS = 2;

    private const SLOW_REPETITIONS = 12;

    private const SLOWLY = 0.9;

    /** Fewer repetitions than this are no set to begin with; our choice. */
    private const FEWEST_SURE = 4;

    /** What is likely more often than this is said as more. */
    private const NOBODY_COUNTS = 50;

    /** A hold to begin with lasts at least so long, and is no work where it could be held so many times as long; our choice. */
    private const SHORTEST_HOLD = 10;

    private const TOO_LONG = 4.0;

    private const WORTH_CARRYING = 0.25;

    /** Skill of an exercise that somebody new, or with some experience, is given; of five. */
    private const CAREFUL_SKILL = 2;

    private const SKILL = ['new' => 3, 'some' => 4, 'years' => 5];

    private StrengthPrior $prior;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private ShelfRungs $rungs)
    {
        $this->prior = new StrengthPrior($catalogue, $model);
    }

    /** The brief with what people like this client usually can in place of what is not told. */
    public function known(Brief $brief): Brief
    {
        $client = $brief->situation->client;
        foreach (Strength::patterns() as $pattern) {
            if (! isset($client->capacities[$pattern])) {
                return $brief->knowing($this->prior->knowing(
                    Person::of($client->body, experience: $brief->experience),
                    $client->capacities,
                ));
            }
        }

        return $brief;
    }

    /** @return list<PlanOption> In the catalogue's order. */
    public function options(Brief $brief): array
    {
        $brief = $this->known($brief);
        $options = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if ($this->isPlanned($exercise, $brief)) {
                array_push($options, ...$this->of($exercise, $brief));
            }
        }

        return $this->worthTrying($options, $brief);
    }

    /**
     * What could stand for one pattern group, or in place of an exercise: the best of each exercise, best first.
     *
     * @param  \Closure(Exercise): bool  $wanted
     * @return list<PlanOption>
     */
    public function among(\Closure $wanted, Brief $brief): array
    {
        $brief = $this->known($brief);
        $found = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if ($wanted($exercise) && $this->isPlanned($exercise, $brief)) {
                array_push($found, ...array_slice($this->of($exercise, $brief), 0, 1));
            }
        }
        usort(
            $found,
            static fn (PlanOption $one, PlanOption $two): int => WeekScore::slot($two, 3, $brief) <=> WeekScore::slot($one, 3, $brief),
        );

        return $found;
    }

    /** The option for exactly this exercise and setting, as a pin asks; null where the shelf or a limit forbids it. */
    public function pinned(Pin $pin, Brief $brief): ?PlanOption
    {
        $brief = $this->known($brief);
        $exercise = $this->catalogue->exercise($pin->exercise);
        if ($pin->setting === null) {
            $lightest = $this->rungs->usable($exercise, $brief->situation)[0] ?? null;

            return $this->of($exercise, $brief)[0]
                ?? ($lightest === null ? null : $this->asLightAsItIs($exercise, $lightest['rung'], $lightest['wholeKg'], $brief));
        }
        $rung = $this->rungs->rungFor($exercise, $pin->setting, $brief->situation, $pin->words);
        if ($rung === null || $this->rungs->problemsAsWritten($exercise, $pin->setting, $brief->situation) !== []) {
            return null;
        }
        $rung = $rung->setting->sameAs($pin->setting) ? $rung : LiveRung::with($rung, $pin->setting);
        $body = $brief->situation->client->body;
        $wholeKg = $this->model->wholeKg(
            $exercise,
            $body,
            $this->model->summary($exercise, $body, $rung->setting),
            School::Mean,
            $exercise->pattern,
        );

        return $this->option($exercise, $rung, $wholeKg, $brief) ?? $this->asLightAsItIs($exercise, $rung, $wholeKg, $brief);
    }

    /** False where the shelf allows it but what is known of the client says that the load is not what the goal asks. */
    public function suits(Exercise $exercise, Setting $setting, Brief $brief): bool
    {
        $option = $this->pinned(new Pin(1, $exercise->id, $setting), $brief);

        return $option !== null && $option->match > 0.0;
    }

    /** Every exercise with what makes it usable or not, for saying what held a plan back. */
    public function isPlanned(Exercise $exercise, Brief $brief): bool
    {
        $client = $brief->situation->client;

        return (! in_array($exercise->pattern, self::NOT_PLANNED, true)
                || ($exercise->pattern === 'squeeze' && $client->has(Limit::SeatedOnly))
                || ($exercise->pattern === 'power' && $this->isPowerful($brief)))
            && $exercise->impact === 'none'
            && $exercise->skill <= ($brief->isCareful() && $brief->experience !== Experience::None
                ? self::CAREFUL_SKILL
                : self::SKILL[$brief->experience->value])
            && ! in_array($exercise->id, $brief->dislikes, true);
    }

    private function isPowerful(Brief $brief): bool
    {
        return ! $brief->isCareful() && in_array($brief->goal, self::POWERFUL, true);
    }

    /** @return list<PlanOption> Best first. */
    private function of(Exercise $exercise, Brief $brief): array
    {
        $best = [];
        // The narrowest and the widest stance bound what a band gives; grips fill the space between.
        $isNear = static fn (Rung $rung): bool => $rung->setting->band?->stanceM !== RungFinder::STANCES_M[1];
        foreach ($this->rungs->usable($exercise, $brief->situation, only: $isNear) as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            if ($brief->situation->client->preferences->scoreOf($rung) <= 0.0) {
                continue;
            }
            $option = $this->option($exercise, $rung, $wholeKg, $brief);
            $with = implode('+', array_map(static fn (Thing $thing): string => $thing->id, $rung->things));
            if ($option !== null && (! isset($best[$with]) || self::isBetter($option, $best[$with]))) {
                $best[$with] = $option;
            }
        }
        $best = array_values($best);
        usort($best, static fn (PlanOption $one, PlanOption $two): int => self::worth($two) <=> self::worth($one));

        return array_slice($best, 0, self::WAYS);
    }

    private static function isBetter(PlanOption $one, PlanOption $two): bool
    {
        return self::worth($one) > self::worth($two);
    }

    /**
     * @return array{float, float, float} What meets the goal better, is set up sooner, is heavier; heavier first where all is
     *     too light.
     */
    private static function worth(PlanOption $option): array
    {
        $rest = [-(float) $option->rung->setUpSeconds, $option->wholeKg ?? 0.0];

        return [round($option->match, 6), ...($option->tempo === null ? $rest : array_reverse($rest))];
    }

    private function option(Exercise $exercise, Rung $rung, float $wholeKg, Brief $brief): ?PlanOption
    {
        $client = $brief->situation->client;
        if ($exercise->role($rung->setting) === Role::Power && ! $this->isPowerful($brief)) {
            return null;
        }
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured();
        $capacity = $isMeasured ? $client->capacities[$exercise->pattern] ?? null : null;
        if ($exercise->isHold) {
            return $this->hold($exercise, $rung, $isMeasured ? $wholeKg : null, $capacity, $brief);
        }
        if (! $isMeasured) {
            $why = 'Not measured in kilograms: the repetitions in reserve say when it is right.';

            $reps = self::firstRepetitions($brief);

            $match = $exercise->pattern === 'squeeze' || $exercise->role($rung->setting) === Role::Drill ? self::NO_LOAD : self::UNMEASURED;

            return $this->built($exercise, $rung, null, $brief, $reps, $brief->mostReserve(), $match, $why);
        }
        if ($capacity === null) {
            return null;
        }

        return $capacity->isOnRecord()
            ? $this->knownLoad($exercise, $rung, $wholeKg, $capacity, $brief)
            : $this->firstLoad($exercise, $rung, $wholeKg, $capacity, $brief);
    }

    private function knownLoad(Exercise $exercise, Rung $rung, float $wholeKg, Capacity $capacity, Brief $brief): ?PlanOption
    {
        $toFailure = RepetitionMaximum::repetitionsToFailure($capacity->kg, max(0.1, $wholeKg));
        [$fit, $tempo] = $this->fit($exercise, $rung, $toFailure, $brief->leastReserve(), $brief->mostReserve(), $brief);

        return $fit === null ? null : $this->built(
            $exercise,
            $rung,
            $wholeKg,
            $brief,
            $fit->reps,
            $fit->reserve,
            $fit->match,
            match (true) {
                $tempo !== null => 'Lighter than the goal asks: slow lowering and a pause make up for it.',
                $fit->reps > $brief->goal->repetitions()[1] => 'Lighter than the goal asks: more repetitions make up for it.',
                // How many there are stands beside it.
                default => 'The repetitions and the reserve that the goal asks for.',
            },
            HardSets::count($fit->reserve, $toFailure),
            tempo: $tempo,
        );
    }

    /**
     * How a load meets the goal, done slowly where nothing else makes it work.
     *
     * @return array{EffortFit|null, Tempo|null}
     */
    private function fit(Exercise $exercise, Rung $rung, float $toFailure, int $least, int $most, Brief $brief): array
    {
        $goal = $brief->goal;
        $fit = EffortFit::of($toFailure, $goal, $least, $most);
        $role = $exercise->role($rung->setting);
        if (($fit !== null && $fit->reps <= $goal->repetitions()[1]) || $toFailure - $least < $goal->repetitions()[0]
            || $role === Role::Power || $role === Role::Drill) {
            return [$fit, null];
        }
        $usual = Tempo::of(...$exercise->tempo);
        $slow = $usual->lowering(max(self::SLOW_SECONDS, $usual->lower));
        // A held breath is what a pause invites.
        $slow = $brief->situation->client->has(Limit::HighBloodPressure) ? $slow : $slow->pausing(max(self::PAUSE_SECONDS, $usual->pause));
        $slowly = EffortFit::of($slow->repetitionsFrom($toFailure, $usual), $goal, $least, $most);

        return $slowly === null || $slowly->match * self::SLOWLY <= ($fit->match ?? 0.0)
            ? [$fit, null]
            : [$slowly->atMost(max($goal->repetitions()[1], self::SLOW_REPETITIONS), self::SLOWLY), $slow];
    }

    /** @return array{least: int, most: int} Repetitions in reserve that a first load may be expected to leave. */
    private static function spared(Brief $brief): array
    {
        $isCareful = $brief->isCareful();

        return [
            'least' => $brief->leastReserve() + ($isCareful ? 1 : 0),
            'most' => $brief->mostReserve() + ($isCareful ? self::CAREFUL_SPARE : self::SPARE),
        ];
    }

    /**
     * What stands in a week that somebody wrote, as an option of that week: what its dose asks, and how that meets the goal.
     *
     * @return array{option: PlanOption, expected: WrittenEffort}
     */
    public function written(Slot $slot, Brief $brief): array
    {
        $brief = $this->known($brief);
        $asked = $slot->assignment;
        $exercise = $slot->exercise;
        $rung = $this->rungs->rungFor($exercise, $asked->setting, $brief->situation, (string) $asked->words)
            ?? new Rung($exercise, $asked->setting, $slot->things, Certainty::Labelled, (string) $asked->words, $exercise->setUpSeconds);
        $effort = $this->effort($slot, $brief);
        $option = $this->built(
            $exercise,
            $rung,
            $effort->wholeKg,
            $brief,
            $asked->dose->isTimed() ? null : $asked->dose->count(),
            $asked->reserve,
            $effort->match,
            $asked->why,
            $effort->counts,
            $asked->dose->isTimed() ? $asked->dose->count() : null,
            $asked->tempo,
        );

        return ['option' => $option->asking($asked), 'expected' => $effort];
    }

    private function effort(Slot $slot, Brief $brief): WrittenEffort
    {
        $asked = $slot->assignment;
        $exercise = $slot->exercise;
        $body = $brief->situation->client->body;
        $capacity = $brief->situation->client->capacities[$exercise->pattern] ?? null;
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured();
        $isHold = $exercise->isHold || $asked->dose->isTimed();
        if (! $isMeasured || $capacity === null || ($isHold && PatternGroup::of($exercise->pattern) === PatternGroup::Trunk)) {
            $isNothing = $exercise->pattern === 'squeeze' || $exercise->role($asked->setting) === Role::Drill;

            return WrittenEffort::unmeasured($asked->reserve, match (true) {
                $isNothing => self::NO_LOAD,
                $isHold => self::HOLD,
                default => self::UNMEASURED,
            });
        }
        try {
            $curve = $this->model->summary($exercise, $body, $asked->setting);
            $wholeKg = $this->model->wholeKg($exercise, $body, $curve, School::Mean, $exercise->pattern);
        } catch (InvalidQuantity) {
            // A band used up by where it is held.
            return WrittenEffort::unmeasured($asked->reserve, 0.0);
        }
        $around = $capacity->repetitionsAround(max(0.1, $wholeKg), 0.0);
        $weaker = RepetitionMaximum::repetitionsToFailure($capacity->atLeastKg(self::WEAKER), max(0.1, $wholeKg));
        if ($asked->tempo !== null) {
            $usual = Tempo::of(...$exercise->tempo);
            $around = array_map(static fn (float $n): float => $asked->tempo->repetitionsFrom($n, $usual), $around);
            $weaker = $asked->tempo->repetitionsFrom($weaker, $usual);
        }
        $isFirst = ! $capacity->isOnRecord();
        ['least' => $least, 'most' => $most] = $isFirst
            ? self::spared($brief)
            : ['least' => $brief->leastReserve(), 'most' => $brief->mostReserve()];
        $reps = $isHold ? (int) max(1, round($asked->dose->count() / Norms::HOLD_SECONDS)) : $asked->dose->count();
        $toFailure = $isFirst && $brief->isCareful() ? $weaker : $around[1];

        return new WrittenEffort(
            wholeKg: $wholeKg,
            toFailure: $around[1],
            low: $around[0],
            high: $around[2],
            reserve: $around[1] - $reps,
            match: $isHold ? self::HOLD : EffortFit::match($toFailure, $reps, $brief->goal, $least, $most),
            // Light on purpose counts as what the goal will ask of it, unless the load can never be hard.
            counts: HardSets::count($isFirst ? min($asked->reserve, $around[1] - $reps) : $around[1] - $reps, $toFailure),
        );
    }

    private function hold(Exercise $exercise, Rung $rung, ?float $wholeKg, ?Capacity $capacity, Brief $brief): ?PlanOption
    {
        $seconds = $brief->experience->holdSeconds();
        // What a hold of the trunk weighs has no measure in common with what bends or turns it.
        if ($wholeKg !== null && $capacity !== null && PatternGroup::of($exercise->pattern) !== PatternGroup::Trunk) {
            $kg = $brief->isCareful() ? $capacity->atLeastKg(self::SURE) : $capacity->kg;
            $longest = Norms::HOLD_SECONDS * RepetitionMaximum::repetitionsToFailure($kg, max(0.1, $wholeKg));
            $seconds = (int) min($seconds, 5 * floor($longest / 5));
            $ownKg = $this->model->ownKg($exercise->pattern, $brief->situation->client->body);
            // A carry is of something: what is next to nothing in the hand is a walk.
            $isNothing = $exercise->pattern === 'carry' && $wholeKg - $ownKg < self::WORTH_CARRYING * ($capacity->kg - $ownKg);
            if ($seconds < self::SHORTEST_HOLD || $longest > self::TOO_LONG * $seconds || $isNothing) {
                return null;
            }
        }
        $why = 'Held for as long as it stays clean; the first log sets the next.';

        return $this->built($exercise, $rung, $wholeKg, $brief, null, $brief->mostReserve(), self::HOLD, $why, holdSeconds: $seconds);
    }

    /**
     * Where nothing of this pattern was done yet: a load from what people like this can, with more left than the goal will ask,
     * and for who takes care never more than nine in ten like them could do.
     */
    private function firstLoad(Exercise $exercise, Rung $rung, float $wholeKg, Capacity $capacity, Brief $brief): ?PlanOption
    {
        $isCareful = $brief->isCareful();
        // Who takes care is judged as one of the weaker third would be.
        $toFailure = RepetitionMaximum::repetitionsToFailure(
            $isCareful ? $capacity->atLeastKg(self::WEAKER) : $capacity->kg,
            max(0.1, $wholeKg),
        );
        [$fit, $tempo] = $this->fit(
            $exercise,
            $rung,
            $toFailure,
            ...self::spared($brief),
            brief: $brief,
        );
        if ($fit === null) {
            return null;
        }
        $reps = $fit->reps;
        if ($isCareful) {
            $sure = RepetitionMaximum::repetitionsToFailure($capacity->atLeastKg(self::SURE), max(0.1, $wholeKg));
            $sure = (int) floor($tempo === null ? $sure : $tempo->repetitionsFrom($sure, Tempo::of(...$exercise->tempo)));
            if ($sure < min(self::FEWEST_SURE, $brief->goal->repetitions()[0])) {
                return null;
            }
            $reps = min($reps, $sure);
        }
        ['least' => $least, 'most' => $most] = self::spared($brief);
        $atTempo = $tempo === null ? $toFailure : $tempo->repetitionsFrom($toFailure, Tempo::of(...$exercise->tempo));
        $match = $reps === $fit->reps && $tempo === null ? $fit->match : EffortFit::match($atTempo, $reps, $brief->goal, $least, $most);
        $slowly = $tempo === null ? '.' : '; slow lowering and a pause make up for it.';
        $why = self::likely($capacity->repetitionsAround($wholeKg, 0.0)).$slowly;

        return $this->built(
            $exercise,
            $rung,
            $wholeKg,
            $brief,
            $reps,
            $brief->mostReserve(),
            $match,
            $why,
            // Light on purpose: it counts as what the goal will ask of it, unless the load can never be hard.
            HardSets::count($brief->mostReserve(), $toFailure),
            tempo: $tempo,
        );
    }

    /** @param  array{float, float, float}  $around  Repetitions to failure: an interval of 80 % and its middle. */
    private static function likely(array $around): string
    {
        [$low, $middle, $high] = $around;
        $often = static fn (float $times): string => $times >= self::NOBODY_COUNTS
            ? 'over '.self::NOBODY_COUNTS
            : sprintf('%.0f', $times);

        return sprintf('Likely %s to failure', $often($middle)).($low >= self::NOBODY_COUNTS
            ? ''
            : sprintf(' (%s to %s for eight in ten like them)', $often($low), $often($high)));
    }

    private function asLightAsItIs(Exercise $exercise, Rung $rung, float $wholeKg, Brief $brief): PlanOption
    {
        $why = 'Chosen by the trainer; the load is not what the goal asks.';

        return $this->built($exercise, $rung, $wholeKg, $brief, self::firstRepetitions($brief), $brief->mostReserve(), 0.0, $why);
    }

    /** Where nothing is known: eight, or what comes nearest to it in the goal's window. */
    private static function firstRepetitions(Brief $brief): int
    {
        [$fewest, $most] = $brief->goal->repetitions();

        return max($fewest, min($most, 8));
    }

    private function built(
        Exercise $exercise,
        Rung $rung,
        ?float $wholeKg,
        Brief $brief,
        ?int $reps,
        int $reserve,
        float $match,
        string $why,
        float $counts = 1.0,
        ?int $holdSeconds = null,
        ?Tempo $tempo = null,
    ): PlanOption {
        $sides = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $perSide = $sides === Sides::Each;
        $dose = $reps === null ? Dose::seconds(
            $holdSeconds ?? $brief->experience->holdSeconds(),
            $perSide,
        ) : Dose::repetitions($reps, perSide: $perSide);
        $restSeconds = $brief->restSeconds($exercise->effort->isCompound());
        $asked = Assignment::of($exercise->id, $rung->setting, 1, $dose, $reserve, $restSeconds, $sides, tempo: $tempo);
        $slot = new Slot('', $exercise, $asked, $rung->things);

        return new PlanOption(
            exercise: $exercise,
            rung: $rung,
            wholeKg: $wholeKg,
            dose: $dose,
            reserve: $reserve,
            sides: $sides,
            restSeconds: $restSeconds,
            match: $match,
            liking: max(0.0, 2 * $brief->situation->client->preferences->scoreOf($rung) - 1),
            halves: $reserve > Muscles::HARD_RESERVE ? [] : Muscles::halvesOf($exercise),
            workSeconds: self::grown($dose, $brief)->workSeconds($slot->secondsEach()) * ($perSide ? 2 : 1),
            isOnFloor: $slot->isOnFloor(),
            why: $why,
            tempo: $tempo,
            // What nobody could finish gives a muscle nothing to count on.
            counts: $counts >= 0.5 && $match > 0.0,
        );
    }

    /** What a dose may grow to before the first lighter week: room for it is kept from the beginning. */
    private static function grown(Dose $dose, Brief $brief): Dose
    {
        $steps = min($brief->goal === Goal::Keep ? 0 : self::GROWS, $brief->weeks - 1);
        [, $most] = $brief->goal->repetitions();

        return $dose->to($dose->isTimed()
            ? max($dose->count(), min(60, $dose->count() + 5 * $steps))
            : max($dose->count(), min($most, $dose->count() + $steps)));
    }

    /**
     * Of those that train the same muscles in the same pattern only the best ways: the others could only be worse.
     *
     * @param  list<PlanOption>  $options
     * @return list<PlanOption>
     */
    private function worthTrying(array $options, Brief $brief): array
    {
        $ranked = [];
        foreach ($options as $i => $option) {
            $halves = array_intersect_key($option->halves, Muscles::WEIGHTS);
            ksort($halves);
            $kind = json_encode([$option->exercise->pattern, $option->counts ? $halves : [], $option->isOnFloor], JSON_THROW_ON_ERROR);
            $ranked[$kind][$i] = WeekScore::slot($option, 3, $brief)
                - WeekState::boundSeconds($option, 3, $brief) / 600;
        }
        // Of each kind the best, then of each pattern the best of those.
        $patterns = [];
        foreach ($ranked as $worth) {
            arsort($worth);
            foreach (array_slice($worth, 0, self::WAYS - 1, preserve_keys: true) as $i => $value) {
                $patterns[$options[$i]->exercise->pattern][$i] = $value;
            }
        }
        $kept = [];
        foreach ($patterns as $worth) {
            arsort($worth);
            $kept += array_slice($worth, 0, self::OF_A_PATTERN, preserve_keys: true);
        }
        ksort($kept);

        return array_values(array_intersect_key($options, $kept));
    }
}
