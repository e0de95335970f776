<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;

/** Lists what could stand in a client's week: of every exercise the rungs that meet the goal best with what is there. */
final readonly class OptionFinder
{
    /** Warming up, stretching, play and squeezes are no week's work, and power is written by hand. */
    private const NOT_PLANNED = ['loosen', 'stretch', 'play', 'squeeze', 'power'];

    /**
     * How much a first load may come to without a set on record, as a share of body mass beyond the body's own part; ours,
     * low on purpose: the first set calibrates the second.
     */
    private const STARTS = [
        'squat' => 0.10, 'single-leg' => 0.05, 'hinge' => 0.15, 'bridge' => 0.15, 'hip-extension' => 0.03, 'knee-flexion' => 0.04,
        'knee-extension' => 0.04, 'calf' => 0.10, 'hip-abduction' => 0.03, 'hip-flexion' => 0.03, 'horizontal-press' => 0.20,
        'vertical-press' => 0.08, 'dip' => 0.25, 'horizontal-pull' => 0.15, 'vertical-pull' => 0.15, 'shoulder-extension' => 0.08,
        'elbow-flexion' => 0.06, 'elbow-extension' => 0.05, 'shoulder-raise' => 0.025, 'rear-shoulder' => 0.025,
        'shoulder-rotation' => 0.02, 'fly' => 0.06, 'trunk-side' => 0.06, 'carry' => 0.20, 'trunk' => 0.5, 'trunk-flexion' => 0.1,
        'trunk-extension' => 0.1,
    ];

    /** Of one exercise at most so many rungs, each on other things; of what trains the same at most so many ways. */
    private const WAYS = 3;

    private const OF_A_PATTERN = 6;

    /** Steps that a week leaves room for: those before the first lighter one. */
    private const GROWS = Brief::DELOAD_EVERY - 2;

    /** What nothing is known of, and what nothing measures, is taken to meet the goal so well; our choice. */
    private const UNKNOWN = 0.7;

    private const UNMEASURED = 0.8;

    private const HOLD = 0.9;

    /** Skill of an exercise that somebody new, or with some experience, is given; of five. */
    private const SKILL = ['new' => 3, 'some' => 4, 'years' => 5];

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private ShelfRungs $rungs)
    {
    }

    /** @return list<PlanOption> In the catalogue's order. */
    public function options(Brief $brief): array
    {
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
        $found = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if ($wanted($exercise) && $this->isPlanned($exercise, $brief)) {
                array_push($found, ...array_slice($this->of($exercise, $brief), 0, 1));
            }
        }
        usort($found, static fn (PlanOption $one, PlanOption $two): int => WeekScore::slot($two, 3) <=> WeekScore::slot($one, 3));

        return $found;
    }

    /** The option for exactly this exercise and setting, as a pin asks; null where the shelf or a limit forbids it. */
    public function pinned(Pin $pin, Brief $brief): ?PlanOption
    {
        $exercise = $this->catalogue->exercise($pin->exercise);
        if ($pin->setting === null) {
            $lightest = $this->rungs->usable($exercise, $brief->situation)[0] ?? null;

            return $this->of($exercise, $brief)[0]
                ?? ($lightest === null ? null : $this->asLightAsItIs($exercise, $lightest['rung'], $lightest['wholeKg'], $brief));
        }
        $rung = $this->rungs->rungFor($exercise, $pin->setting, $brief->situation);
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
        return ! in_array($exercise->pattern, self::NOT_PLANNED, true)
            && $exercise->impact === 'none'
            && $exercise->skill <= self::SKILL[$brief->experience->value]
            && ! in_array($exercise->id, $brief->dislikes, true);
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

    /** @return array{float, int, float} What meets the goal better, is set up sooner, is heavier. */
    private static function worth(PlanOption $option): array
    {
        return [round($option->match, 6), -$option->rung->setUpSeconds, $option->wholeKg ?? 0.0];
    }

    private function option(Exercise $exercise, Rung $rung, float $wholeKg, Brief $brief): ?PlanOption
    {
        $client = $brief->situation->client;
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured();
        $capacity = $isMeasured ? $client->capacities[$exercise->pattern] ?? null : null;
        if ($exercise->isHold) {
            $why = 'Held for as long as it stays clean; the first log sets the next.';

            return $this->built($exercise, $rung, $isMeasured ? $wholeKg : null, $brief, null, $brief->mostReserve(), self::HOLD, $why);
        }
        if (! $isMeasured) {
            $why = 'Not measured in kilograms: the repetitions in reserve say when it is right.';

            $reps = self::firstRepetitions($brief);

            return $this->built($exercise, $rung, null, $brief, $reps, $brief->mostReserve(), self::UNMEASURED, $why);
        }
        if ($capacity === null) {
            $most = $this->model->ownKg($exercise->pattern, $client->body)
                + (self::STARTS[$exercise->pattern] ?? 0.05) * $brief->experience->startFactor() * $client->body->massKg;

            return $wholeKg > $most ? null : $this->built(
                $exercise,
                $rung,
                $wholeKg,
                $brief,
                self::firstRepetitions($brief),
                $brief->mostReserve(),
                // The heavier of the light ones teaches more.
                self::UNKNOWN * min(1.0, max(0.4, $wholeKg / $most)),
                sprintf(
                    'No set of this pattern is on record: start light, end the first set with %d in reserve and log it.',
                    $brief->mostReserve(),
                ),
            );
        }
        $fit = EffortFit::of(
            RepetitionMaximum::repetitionsToFailure($capacity->kg, max(0.1, $wholeKg)),
            $brief->goal,
            $brief->leastReserve(),
            $brief->mostReserve(),
        );

        return $fit === null ? null : $this->built(
            $exercise,
            $rung,
            $wholeKg,
            $brief,
            $fit->reps,
            $fit->reserve,
            $fit->match,
            $fit->match >= 1.0
                // How many there are stands beside it.
                ? 'The repetitions and the reserve that the goal asks for.'
                : 'Lighter than the goal asks: more repetitions make up for it.',
        );
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
    ): PlanOption {
        $sides = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $perSide = $sides === Sides::Each;
        $dose = $reps === null ? Dose::seconds($brief->experience->holdSeconds(), $perSide) : Dose::repetitions($reps, perSide: $perSide);
        $restSeconds = $brief->restSeconds($exercise->effort->isCompound());
        $asked = Assignment::of($exercise->id, $rung->setting, 1, $dose, $reserve, $restSeconds, $sides);
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
            $kind = json_encode([$option->exercise->pattern, $halves, $option->isOnFloor], JSON_THROW_ON_ERROR);
            $ranked[$kind][$i] = WeekScore::slot($option, 3)
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
