<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;

/** Lists what could stand in a client's week: of every exercise the rungs that meet the goal best with what is there. */
final readonly class OptionFinder
{
    /** Power is planned for who is trained and wants one of these. */
    private const POWERFUL = [Goal::Strength, Goal::Muscle, Goal::Endurance, Goal::Health, Goal::Keep];

    /** Warming up, stretching and play are no week's work; squeezes only where somebody sits; power see above. */
    private const NOT_PLANNED = ['loosen', 'stretch', 'play', 'squeeze', 'power'];

    /** Of one exercise at most so many rungs, each on other things; of what trains the same at most so many ways. */
    private const WAYS = 3;

    private const OF_A_PATTERN = 6;

    /** What is worth trying is seen by as many sets. */
    private const FEWEST_SETS = 2;

    /** Two that meet the goal about as well. */
    private const ALIKE = 0.01;

    /** Where everything is too light, what comes to less than so much of the heaviest is not worth setting up; our choice. */
    private const NEARLY_HEAVIEST = 0.4;

    /** With so many exercises that are work no drill is; our choice. */
    private const ENOUGH = 4;

    /** Steps that a week leaves room for: those before the first lighter one. */
    private const GROWS = Brief::DELOAD_EVERY - 2;

    /** Skill, of five, that is asked of who takes care, and of others by their experience: the steadiest way of each pattern. */
    private const CAREFUL_SKILL = 2;

    private const SKILL = ['new' => 2, 'some' => 4, 'years' => 5];

    private StrengthPrior $prior;

    private EffortFinder $efforts;

    private LeastHeld $leastHeld;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private ShelfRungs $rungs)
    {
        $this->prior = new StrengthPrior($catalogue, $model);
        $this->efforts = new EffortFinder($catalogue, $model);
        $this->leastHeld = new LeastHeld($model);
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

        $options = self::worthLifting(self::withoutDrills($options));
        foreach (Movement::cases() as $movement) {
            $isThere = array_filter($options, static fn (PlanOption $option): bool => $option->isHard() && $option->isMain()
                && Movement::of($option->exercise->pattern) === $movement);
            if ($isThere === []) {
                array_push($options, ...$this->farTooLight($movement, $brief));
            }
        }

        return $this->worthTrying($options, $brief);
    }

    /**
     * A drill is work only where limits leave next to nothing else.
     *
     * @param  list<PlanOption>  $options
     * @return list<PlanOption>
     */
    private static function withoutDrills(array $options): array
    {
        $work = array_values(array_filter($options, static fn (PlanOption $option): bool => $option->role !== Role::Drill));
        $exercises = array_unique(array_map(static fn (PlanOption $option): string => $option->exercise->id, $work));

        return count($exercises) >= self::ENOUGH ? $work : $options;
    }

    /**
     * Where something of a movement gives a muscle something to count on, what does not is no choice; where nothing does, the
     * heaviest of each pattern are.
     *
     * @param  list<PlanOption>  $options
     * @return list<PlanOption>
     */
    private static function worthLifting(array $options): array
    {
        $of = static fn (PlanOption $option): string => Movement::of($option->exercise->pattern)->value ?? $option->exercise->pattern;
        $isLight = static fn (PlanOption $option): bool => ! $option->isHard() && $option->wholeKg !== null && ! $option->exercise->isHold;
        $counted = $heaviest = [];
        foreach ($options as $option) {
            $pattern = $option->exercise->pattern;
            $heaviest[$pattern] = max($heaviest[$pattern] ?? 0.0, $option->wholeKg ?? 0.0);
            if ($option->isHard()) {
                $counted[$of($option)] = true;
            }
        }

        return array_values(array_filter($options, static fn (PlanOption $option): bool => ! $isLight($option)
            || (! isset($counted[$of($option)]) && $option->wholeKg >= self::NEARLY_HEAVIEST * $heaviest[$option->exercise->pattern])));
    }

    /**
     * Main lifts of a movement for which the shelf has nothing heavy enough, each at its heaviest, the plainest first.
     *
     * @return list<PlanOption>
     */
    private function farTooLight(Movement $movement, Brief $brief): array
    {
        $found = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if (Movement::of($exercise->pattern) !== $movement || ! $this->isPlanned($exercise, $brief)) {
                continue;
            }
            // With both sides at once and with one after the other, which takes twice as long; of equally heavy ones the quickest.
            $heaviest = [];
            foreach ($this->rungs->usable($exercise, $brief->situation) as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
                $effort = $exercise->role($rung->setting) === Role::Main && $brief->situation->client->preferences->scoreOf($rung) > 0.0
                    ? $this->efforts->farTooLight($exercise, $rung->setting, $wholeKg, $brief)
                    : null;
                $option = $effort === null ? null : $this->built($exercise, $rung, $wholeKg, $effort, $brief);
                $way = $exercise->isOneSidedIn($rung->setting) ? 'one side' : 'both';
                if ($option !== null && (! isset($heaviest[$way]) || ! self::feelAlike($option, $heaviest[$way]))) {
                    $heaviest[$way] = $option;
                }
            }
            $most = max([0.0, ...array_map(static fn (PlanOption $option): float => $option->wholeKg ?? 0.0, $heaviest)]);
            $worth = array_filter($heaviest, static fn (PlanOption $option): bool => $option->wholeKg >= self::NEARLY_HEAVIEST * $most);
            usort($worth, static fn (PlanOption $one, PlanOption $two): int => $two->match <=> $one->match);
            $found = [...$found, ...($worth === [] ? [] : [$worth])];
        }
        $order = static fn (PlanOption $one): array => [$one->exercise->skill, -$one->match, $one->rung->setUpSeconds];
        usort($found, static fn (array $one, array $two): int => $order($one[0]) <=> $order($two[0]));

        return array_merge(...array_slice($found, 0, self::WAYS));
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
                ?? ($lightest === null ? null : $this->chosen($exercise, $lightest['rung'], $lightest['wholeKg'], $brief));
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

        return $this->option($exercise, $rung, $wholeKg, $brief) ?? $this->chosen($exercise, $rung, $wholeKg, $brief);
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
            && $exercise->skill <= ($brief->isCareful() ? self::CAREFUL_SKILL : self::SKILL[$brief->experience->value])
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
        $body = $brief->situation->client->body;
        $bareKg = null;
        // Lightest first: the body alone comes before what is added to it.
        foreach ($this->rungs->usable($exercise, $brief->situation, only: $isNear) as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            $isLoaded = $rung->setting->massKg > 0;
            $bareKg = $isLoaded || $rung->setting->band !== null ? $bareKg : $wholeKg;
            if ($brief->situation->client->preferences->scoreOf($rung) <= 0.0
                || ($isLoaded && $bareKg !== null && $wholeKg < LeastHeld::WORTH_HOLDING * $bareKg)
                || ! $this->leastHeld->isEnough($exercise, $rung->setting, $wholeKg, $body)) {
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
        // Two arms and one with the same load differ by less than anybody feels: what is set up sooner, then.
        return abs($one->match - $two->match) < self::ALIKE && self::feelAlike($one, $two)
            ? $one->rung->setUpSeconds < $two->rung->setUpSeconds
            : self::worth($one) > self::worth($two);
    }

    private static function feelAlike(PlanOption $one, PlanOption $two): bool
    {
        return $one->wholeKg !== null && $two->wholeKg !== null && abs($one->wholeKg / $two->wholeKg - 1) < ShelfRungs::ALIKE;
    }

    /**
     * @return array{float, float, float} What meets the goal better, is set up sooner, is heavier; heavier first where all is
     *     too light.
     */
    private static function worth(PlanOption $option): array
    {
        // Of what nothing measures the heavier as well, as far as it may be taken at all.
        $rest = [-(float) $option->rung->setUpSeconds, $option->wholeKg ?? $option->rung->setting->massKg];

        return [round($option->match, 6), ...($option->tempo === null ? $rest : array_reverse($rest))];
    }

    private function option(Exercise $exercise, Rung $rung, float $wholeKg, Brief $brief): ?PlanOption
    {
        // What throws the whole body about is for endurance; strength and muscle are swung, cleaned or pressed.
        $isPower = $exercise->role($rung->setting) === Role::Power;
        if ($isPower && ! ($this->isPowerful($brief)
            && ($brief->goal === Goal::Endurance || PatternGroup::of($exercise->pattern) !== PatternGroup::Trunk))) {
            return null;
        }
        $effort = $this->efforts->ask($exercise, $rung->setting, $wholeKg, $brief);

        return $effort === null ? null : $this->built($exercise, $rung, $wholeKg, $effort, $brief);
    }

    /** What can be expected of the client at a load; null where nothing is measured. */
    public function expected(Exercise $exercise, float $wholeKg, ?Tempo $tempo, Brief $brief): ?ExpectedEffort
    {
        return $this->efforts->expected($exercise, $wholeKg, $tempo, $brief);
    }

    /** The same exercise on another rung, or doing another dose there. */
    public function standing(PlanOption $now, Rung $rung, float $wholeKg, int $reps, Brief $brief): PlanOption
    {
        $tempo = $rung === $now->rung ? $now->tempo : null;

        return $this->built(
            $now->exercise,
            $rung,
            $wholeKg,
            $this->efforts->asking($now->exercise, $wholeKg, $reps, $now->why, $tempo, $brief),
            $brief,
        );
    }

    private function chosen(Exercise $exercise, Rung $rung, float $wholeKg, Brief $brief): PlanOption
    {
        return $this->built($exercise, $rung, $wholeKg, EffortFinder::chosen($brief), $brief);
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
        $expected = $this->efforts->written($slot, $brief);
        [$reps, $seconds] = $asked->dose->isTimed() ? [null, $asked->dose->count()] : [$asked->dose->count(), null];
        $effort = new AskedEffort($reps, $seconds, $asked->reserve, $expected->match, $asked->why, $expected->counts, $asked->tempo);

        return [
            'option' => $this->built($exercise, $rung, $expected->wholeKg, $effort, $brief)->asking($asked),
            'expected' => $expected,
        ];
    }

    /** @param  float|null  $wholeKg  Left out where nothing is measured. */
    private function built(Exercise $exercise, Rung $rung, ?float $wholeKg, AskedEffort $effort, Brief $brief): PlanOption
    {
        $sides = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $perSide = $sides === Sides::Each;
        $dose = $effort->reps === null
            ? Dose::seconds($effort->seconds ?? $brief->experience->holdSeconds(), $perSide)
            : Dose::repetitions($effort->reps, perSide: $perSide);
        $restSeconds = $brief->restSeconds($exercise->effort->isCompound());
        $asked = Assignment::of($exercise->id, $rung->setting, 1, $dose, $effort->reserve, $restSeconds, $sides, tempo: $effort->tempo);
        $slot = new Slot('', $exercise, $asked, $rung->things);

        return new PlanOption(
            exercise: $exercise,
            rung: $rung,
            wholeKg: $this->catalogue->pattern($exercise->pattern)->isMeasured() ? $wholeKg : null,
            dose: $dose,
            reserve: $effort->reserve,
            sides: $sides,
            restSeconds: $restSeconds,
            match: $effort->match,
            liking: max(0.0, 2 * $brief->situation->client->preferences->scoreOf($rung) - 1),
            halves: $effort->reserve > Muscles::HARD_RESERVE ? [] : Muscles::halvesOf($exercise),
            workSeconds: self::grown($dose, $brief)->workSeconds($slot->secondsEach()) * ($perSide ? 2 : 1),
            isOnFloor: $slot->isOnFloor(),
            why: $effort->why,
            tempo: $effort->tempo,
            counts: $effort->match > 0.0 ? $effort->counts : 0.0,
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
            $kind = json_encode([$option->exercise->pattern, $option->isHard() ? $halves : [], $option->isOnFloor], JSON_THROW_ON_ERROR);
            $ranked[$kind][$i] = WeekScore::slot($option, self::FEWEST_SETS, $brief)
                - WeekState::boundSeconds($option, self::FEWEST_SETS, $brief) / 600;
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
