<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Timeline;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Strength\HardSets;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Strength;

/**
 * Chooses the tests of a first session for one person, shelf and room: four to six, about twelve minutes; planning contract,
 * section 4b.
 *
 * A ramp begins with what nearly everybody like this can do. Each further step is what the filter itself would ask for had
 * the one before ended with five or more in reserve, so that no step is a leap and the answer of the last one is a number.
 */
final readonly class StartFinder
{
    /** What is found out, by which patterns, the first that can be done. */
    private const OFFICES = [
        'Legs' => ['squat', 'single-leg', 'knee-extension'],
        'Pushing' => ['horizontal-press', 'vertical-press', 'elbow-extension'],
        'Pulling' => ['horizontal-pull', 'vertical-pull', 'elbow-flexion'],
        'Hips' => ['hinge', 'bridge', 'hip-extension'],
        'Shoulders' => ['vertical-press', 'shoulder-raise'],
    ];

    /** Tests that are planned whatever they cost, and minutes that more of them may not exceed. */
    private const AT_LEAST = 4;

    private const MINUTES = 12.0;

    private const WARM_UP_MINUTES = 20;

    /** Repetitions of a step: enough to tell, few enough to do three times; our choice. */
    private const REPETITIONS = 6;

    /** Nobody careful is asked for fewer; who is not sure of so many is not tested. */
    private const FEWEST = 3;

    private const STEPS = 3;

    /** The same once more is worth it for so many repetitions more. */
    private const SO_MANY_MORE = 4;

    /** Skill, of five, that a first session may ask: the steadiest ways alone. */
    private const SKILL = 2;

    private const REST_SECONDS = 30;

    /** So many like this can do the first step, or each further one; who takes care is never asked for more than nine in ten can. */
    private const SURE = 0.9;

    private const FAIRLY_SURE = 0.75;

    private const LIKELY = 0.5;

    /** Left in reserve at the least, by what is expected; a set ends there. */
    private const RESERVE = 2;

    private const CAREFUL_RESERVE = 4;

    /** A step is so much heavier than the one before, whole load; within these it is felt and no leap. Our choice. */
    private const LEAST_STEP = 1.08;

    private const MOST_STEP = 1.60;

    private const CAREFUL_STEP = 1.25;

    /** What is so near to the heaviest that may be asked is as good; then what is easier to set up decides. */
    private const NEAR = 0.80;

    /** Repetitions of the last step where nothing heavier is there, at the most. */
    private const MOST_REPETITIONS = 15;

    /** A hold is asked for at the most so long, seconds; of who takes care no longer than a first plan would ask. */
    private const LONGEST_HOLD = 90;

    /** Shares of people for whom it is looked whether a step would be easy. */
    private const SHARES = [0.05, 0.15, 0.25, 0.35, 0.45, 0.55, 0.65, 0.75, 0.85, 0.95];

    private FrameFinder $frames;

    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ShelfRungs $rungs,
        private OptionFinder $finder,
    ) {
        $this->frames = new FrameFinder($catalogue, $rungs);
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        $rungs = ShelfRungs::of($model);

        return new self($catalogue, $model, $rungs, new OptionFinder($catalogue, $model, $rungs));
    }

    /** @param  Strength  $known  What is known of the client so far: norms, and what was done or told. */
    public function find(Brief $brief, Strength $known): StartSession
    {
        $tests = $untested = $used = [];
        $seconds = 0.0;
        foreach (self::OFFICES as $name => $patterns) {
            $test = $this->test($name, array_values(array_diff($patterns, $used)), $brief, $known);
            if ($test === null && array_intersect($patterns, $used) !== []) {
                continue;
            }
            if ($test === null) {
                $untested[] = "{$name}: nothing here is heavy enough to tell, or light enough to be sure, within the limits in force.";

                continue;
            }
            $longer = $seconds + $this->seconds($test, $brief);
            if (count($tests) >= self::AT_LEAST && $longer > 60 * self::MINUTES) {
                continue;
            }
            $tests[] = $test;
            $used[] = $test->pattern;
            $seconds = $longer;
        }
        $hold = $this->hold($brief, $known);
        if ($hold !== null && (count($tests) < self::AT_LEAST || $seconds + $this->seconds($hold, $brief) <= 60 * self::MINUTES)) {
            $tests[] = $hold;
            $seconds += $this->seconds($hold, $brief);
        }
        $first = array_map(static fn (StartTest $test): Slot => $test->steps[0], $tests);
        $warmUp = $tests === [] ? null : $this->frames->opening($first, self::WARM_UP_MINUTES, $brief->situation, 'start.0');
        $session = new StartSession($warmUp, $tests, $untested, 0.0, 0.0);
        $likely = $whole = Timeline::of($session->plan(), $brief->isSlowOnFeet())->likelySeconds();
        foreach ($tests as $test) {
            $likely -= (count($test->steps) / $test->likelySteps - 1) * $this->seconds($test, $brief);
        }

        return new StartSession($warmUp, $tests, $untested, $likely / 60, $whole / 60);
    }

    /** Seconds of a test with as many steps as are likely. */
    private function seconds(StartTest $test, Brief $brief): float
    {
        $whole = Timeline::of((new StartSession(null, [$test], [], 0.0, 0.0))->plan(), $brief->isSlowOnFeet())->likelySeconds();

        return ($whole + self::REST_SECONDS) * $test->likelySteps / count($test->steps);
    }

    /**
     * Of the first pattern whose main lifts tell something; else of one where they are light, else by what helps.
     *
     * @param  list<string>  $patterns
     */
    private function test(string $name, array $patterns, Brief $brief, Strength $known): ?StartTest
    {
        foreach ([[Role::Main, HardSets::NOTHING], [Role::Main, INF], [Role::Builder, HardSets::NOTHING]] as [$role, $most]) {
            foreach ($patterns as $pattern) {
                $test = $this->ramp($name, $pattern, $this->ways($pattern, $role, $brief), $most, $brief, $known);
                if ($test !== null) {
                    return $test;
                }
            }
        }

        return null;
    }

    /**
     * @param  list<array{exercise: Exercise, rung: Rung, wholeKg: float}>  $ways
     * @param  float  $most  Repetitions to failure that are likely at the first step, at the most.
     */
    private function ramp(string $name, string $pattern, array $ways, float $most, Brief $brief, Strength $known): ?StartTest
    {
        $capacity = $known->capacity($pattern);
        $steps = $reps = [];
        $likely = 0.0;
        $strength = $known;
        $way = $this->first($ways, $capacity, $most, $brief);
        while ($way !== null && count($steps) < self::STEPS) {
            $before = $strength->capacity($pattern);
            $last = $steps[count($steps) - 1] ?? null;
            $likely += $last === null ? 1.0 : self::shareWithMore($capacity, $last['wholeKg'], $reps[count($steps) - 1]);
            $isAgain = $way === $last;
            // As if it had ended with five or more in reserve.
            $sdKg = $this->model->equivalent(
                $way['exercise'],
                $brief->situation->client->body,
                $way['rung']->setting,
                School::Mean,
                $way['rung']->certainty,
            )->sdKg;
            $few = min(self::REPETITIONS, self::most($before, $way['wholeKg'], 0, $brief, isFirst: $last === null));
            $after = $strength->afterSet($pattern, $way['wholeKg'], $sdKg, $few, Strength::OR_MORE);
            $next = $this->next($ways, $after->capacity($pattern), $way, $brief);
            $spare = $brief->isCareful() ? self::CAREFUL_RESERVE : self::RESERVE;
            // Where nothing heavier follows, more of the same tells more.
            $reps[] = $next !== null && ! $isAgain
                ? $few
                : max($few, self::most($before, $way['wholeKg'], $spare, $brief, isFirst: $last === null));
            $steps[] = $way;
            $strength = $strength->afterSet($pattern, $way['wholeKg'], $sdKg, $reps[count($steps) - 1], Strength::OR_MORE);
            $again = self::most($strength->capacity($pattern), $way['wholeKg'], $spare, $brief, isFirst: false);
            $way = $next ?? ($again >= $reps[count($steps) - 1] + self::SO_MANY_MORE ? $way : null);
        }
        if ($steps === []) {
            return null;
        }

        return new StartTest($name, $pattern, array_map(
            fn (array $way, int $place): Slot => $this->slot(
                $way['exercise'],
                $way['rung'],
                $reps[$place],
                'start.'.strtolower($name).'.'.($place + 1),
                $brief,
            ),
            $steps,
            array_keys($steps),
        ), $likely);
    }

    /** @return list<array{exercise: Exercise, rung: Rung, wholeKg: float}> */
    private function ways(string $pattern, Role $role, Brief $brief): array
    {
        $ways = [];
        $client = $brief->situation->client;
        foreach ($this->catalogue->exercises as $exercise) {
            if ($exercise->pattern !== $pattern || $exercise->isHold || $exercise->reckonedAs !== null
                || $exercise->skill > self::SKILL || $exercise->has('spine-twist') || ! $this->finder->isPlanned($exercise, $brief)) {
                continue;
            }
            foreach ($this->rungs->usable($exercise, $brief->situation) as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
                if ($exercise->role($rung->setting) === $role && $client->preferences->scoreOf($rung) > 0.0) {
                    $ways[] = ['exercise' => $exercise, 'rung' => $rung, 'wholeKg' => $wholeKg];
                }
            }
        }

        return $ways;
    }

    /**
     * What is surely light enough; where nothing is, what is sure to be managed, and stops when it is hard.
     *
     * @param  list<array{exercise: Exercise, rung: Rung, wholeKg: float}>  $ways
     * @return array{exercise: Exercise, rung: Rung, wholeKg: float}|null
     */
    private function first(array $ways, Capacity $capacity, float $most, Brief $brief): ?array
    {
        $spare = $brief->isCareful() ? self::CAREFUL_RESERVE : self::RESERVE;
        $then = $brief->isCareful()
            ? [[self::SURE, 0], [self::SURE, self::FEWEST - self::REPETITIONS]]
            : [[self::FAIRLY_SURE, $spare]];
        foreach ([[self::SURE, $spare], ...$then] as [$share, $left]) {
            $may = static fn (float $kg): bool => self::can($capacity, $share, $kg) >= self::REPETITIONS + $left
                && self::can($capacity, self::LIKELY, $kg) <= $most;
            $found = self::steadiest($ways, null, $may);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    /**
     * @param  list<array{exercise: Exercise, rung: Rung, wholeKg: float}>  $ways
     * @param  array{exercise: Exercise, rung: Rung, wholeKg: float}  $before
     * @return array{exercise: Exercise, rung: Rung, wholeKg: float}|null
     */
    private function next(array $ways, Capacity $capacity, array $before, Brief $brief): ?array
    {
        $isCareful = $brief->isCareful();
        $share = $isCareful ? self::SURE : self::LIKELY;
        $needed = self::REPETITIONS + ($isCareful ? self::CAREFUL_RESERVE : self::RESERVE);
        $mostKg = $before['wholeKg'] * ($isCareful ? self::CAREFUL_STEP : self::MOST_STEP);

        return self::steadiest($ways, $before, static fn (float $kg): bool => $kg >= $before['wholeKg'] * self::LEAST_STEP
            && $kg <= $mostKg && self::can($capacity, $share, $kg) >= $needed);
    }

    /** Repetitions to failure that so many like this can do at the least. */
    private static function can(Capacity $capacity, float $share, float $wholeKg): float
    {
        return RepetitionMaximum::repetitionsToFailure($capacity->atLeastKg($share), $wholeKg);
    }

    /**
     * The heaviest that may be asked; of those near to it the steadiest and quickest to set up.
     *
     * @param  list<array{exercise: Exercise, rung: Rung, wholeKg: float}>  $ways
     * @param  array{exercise: Exercise, rung: Rung, wholeKg: float}|null  $before
     * @param  \Closure(float): bool  $may  Whether so many kilograms may be asked.
     * @return array{exercise: Exercise, rung: Rung, wholeKg: float}|null
     */
    private static function steadiest(array $ways, ?array $before, \Closure $may): ?array
    {
        $possible = array_filter($ways, static fn (array $way): bool => $may($way['wholeKg']));
        $heaviest = max([0.0, ...array_column($possible, 'wholeKg')]);
        $best = null;
        foreach ($possible as $way) {
            $exercise = $way['exercise'];
            $rank = [
                $way['wholeKg'] >= self::NEAR * $heaviest ? 0 : 1,
                self::sides($exercise, $way['rung']) === Sides::Each ? 1 : 0,
                $exercise === ($before['exercise'] ?? null) ? 0 : 1,
                $exercise->skill,
                strlen($exercise->name),
                -$way['wholeKg'],
            ];
            if ($best === null || $rank < $best[0]) {
                $best = [$rank, $way];
            }
        }

        return $best[1] ?? null;
    }

    /** Repetitions that can be asked of a load with so many left. */
    private static function most(Capacity $capacity, float $wholeKg, int $spare, Brief $brief, bool $isFirst): int
    {
        $share = $brief->isCareful() || $isFirst ? self::SURE : self::LIKELY;

        return (int) max(self::FEWEST, min(self::MOST_REPETITIONS, floor(self::can($capacity, $share, $wholeKg) - $spare)));
    }

    /** How many in a hundred, as a share, would end a step with five or more in reserve. */
    private static function shareWithMore(Capacity $capacity, float $wholeKg, int $reps): float
    {
        $easy = array_filter(
            self::SHARES,
            static fn (float $share): bool => self::can($capacity, $share, $wholeKg) >= $reps + Strength::OR_MORE,
        );

        return count($easy) / count(self::SHARES);
    }

    private function slot(Exercise $exercise, Rung $rung, int $reps, string $thread, Brief $brief): Slot
    {
        $sides = self::sides($exercise, $rung);

        return new Slot($thread, $exercise, Assignment::of(
            exercise: $exercise->id,
            setting: $rung->setting,
            sets: 1,
            dose: Dose::repetitions($reps, perSide: $sides === Sides::Each),
            reserve: $brief->isCareful() ? self::CAREFUL_RESERVE : self::RESERVE,
            restSeconds: self::REST_SECONDS,
            sides: $sides,
            words: $rung->words,
        ), $rung->things);
    }

    private static function sides(Exercise $exercise, Rung $rung): Sides
    {
        return $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
    }

    private function hold(Brief $brief, Strength $known): ?StartTest
    {
        $exercise = $this->catalogue->exercise(FitnessTest::Plank->exercise());
        $usable = $this->finder->isPlanned($exercise, $brief) ? $this->rungs->usable($exercise, $brief->situation) : [];
        foreach ($usable as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            if ($rung->setting->massKg > 0 || $rung->setting->band !== null) {
                continue;
            }
            $surely = Norms::HOLD_SECONDS * self::can($known->capacity($exercise->pattern), self::SURE, $wholeKg);
            $seconds = $brief->isCareful() ? (int) min($brief->experience->holdSeconds(), 5 * floor($surely / 5)) : self::LONGEST_HOLD;
            if ($seconds < 10) {
                return null;
            }

            return new StartTest('Hold', $exercise->pattern, [new Slot('start.hold.1', $exercise, Assignment::of(
                exercise: $exercise->id,
                setting: $rung->setting,
                sets: 1,
                dose: $brief->isCareful() ? Dose::seconds($seconds) : Dose::asLongAsClean($seconds),
                reserve: $brief->isCareful() ? self::CAREFUL_RESERVE : 0,
                restSeconds: self::REST_SECONDS,
                words: $rung->words,
            ), $rung->things)], 1.0);
        }

        return null;
    }
}
