<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Exception\UnknownExercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Ability;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Text\Plain;

/** Replaces a prescribed exercise by the best rungs a shelf allows, keeping the effort, with reasons for and against. */
final readonly class SwapDesk
{
    /** Reasons kept of one exercise that is out. */
    private const REASONS = 4;

    /** So many loads on either side of the wanted one are rated. */
    private const AROUND = 2;

    /** With so many exercises to choose from nobody looks for one whose load cannot be compared; our choice. */
    private const ENOUGH = 6;

    /** Without a capacity on record what is heavier than prescribed counts as this much further off: start light. */
    private const HEAVIER_COUNTS = 2.0;

    /** Where nothing says how heavy it is for this client the effort counts half; e^(−1.3 × this) is a half. */
    private const UNKNOWN_OFF = 0.533;

    /** Loads out of reach differ less than repetitions do; our judgement. */
    private const UNREACHED = 1.3;

    /** Repetitions by which a capacity may differ from what is written before it is said. */
    private const CAPACITY_DIFFERS = 4;

    private Internal\Shapes $shapes;

    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private RungFinder $finder,
        private BandSolver $bands,
        private ShelfRungs $rungs,
        private SwapWords $words,
        private MatchScore $score,
    ) {
        $this->shapes = new Internal\Shapes($model);
    }

    /**
     * @param  array<string, float|int>  $weights  By part, in hundredths; see MatchScore.
     *
     * @throws InvalidQuantity If one is negative, unknown, or all are zero.
     */
    public static function of(Catalogue $catalogue, ResistanceModel $model, array $weights = []): self
    {
        $finder = new RungFinder;
        $bands = new BandSolver($model);

        return new self(
            $catalogue,
            $model,
            $finder,
            $bands,
            new ShelfRungs($model, $finder, $bands),
            new SwapWords($catalogue),
            new MatchScore($weights),
        );
    }

    /** The same desk for a trainer who weighs the parts of a match in another way. */
    public function weighing(MatchScore $score): self
    {
        return new self($this->catalogue, $this->model, $this->finder, $this->bands, $this->rungs, $this->words, $score);
    }

    /**
     * @param  int  $limit  Most candidates to return, best first.
     * @param  SorePart|null  $sore  A part to spare today.
     *
     * @throws InvalidQuantity If the prescribed setting does not fit its exercise.
     * @throws UnknownExercise If the exercise is not in the catalogue.
     */
    public function rank(
        Prescription $prescription,
        Situation $situation,
        School $school = School::Mean,
        int $limit = 12,
        ?SorePart $sore = null,
    ): SwapResult {
        $asked = $this->asked($prescription, $situation->client, $school);
        $wanted = $asked->exercise;

        $best = $excluded = $leftOut = $others = $comparable = $neighbours = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $kinship = Kinship::between($wanted, $exercise, $this->catalogue);
            if ($kinship === null) {
                $others[] = $exercise;
            } elseif ($kinship->byMuscles) {
                $neighbours[] = [$exercise, $kinship];
            } else {
                $comparable[] = [$exercise, $kinship];
            }
        }
        // Neighbours whose loads cannot be compared are asked where too few can.
        foreach ([...$comparable, ...$neighbours] as [$exercise, $kinship]) {
            if ($kinship->byMuscles && $this->areEnough($best)) {
                $excluded[] = new Exclusion(
                    $exercise,
                    ['It is felt along another joint, and enough ways can be compared by their load.'],
                    related: false,
                );

                continue;
            }
            $spared = $sore?->against($exercise);
            [$found, $reasons] = $spared === null ? $this->bestOf($exercise, $asked, $kinship, $situation, $school) : [[], [$spared]];
            $best = [...$best, ...$found];
            if ($found === []) {
                $excluded[] = new Exclusion($exercise, $reasons, related: true);
            } elseif ($reasons !== []) {
                $leftOut[] = new Exclusion($exercise, $reasons, related: true);
            }
        }
        // Nothing fits only where nothing in reach trains the main muscle.
        $isLastResort = $best === [];
        foreach ($others as $exercise) {
            $kinship = $isLastResort ? Kinship::byMainMuscle($wanted, $exercise, $this->catalogue) : null;
            $found = [];
            if ($kinship !== null && $sore?->against($exercise) === null) {
                [$found] = $this->bestOf($exercise, $asked, $kinship, $situation, $school);
                $best = [...$best, ...$found];
            }
            if ($found === []) {
                $excluded[] = new Exclusion(
                    $exercise,
                    [sprintf('It trains another pattern: %s.', mb_strtolower($this->catalogue->pattern($exercise->pattern)->name))],
                    related: false,
                );
            }
        }
        usort($best, static fn (Internal\Rated $one, Internal\Rated $two): int => $two->match <=> $one->match);
        usort($excluded, static fn (Exclusion $one, Exclusion $two): int => $two->related <=> $one->related);

        return new SwapResult(
            prescription: $prescription,
            prescribed: $asked->equivalent,
            // Spreads and words are for what is shown.
            candidates: array_map(
                fn (Internal\Rated $rated): Candidate => $this->candidate($rated, $situation, $school),
                array_slice($best, 0, $limit),
            ),
            excluded: $excluded,
            leftOut: $leftOut,
            problems: $this->rungs->problemsAsWritten($wanted, $prescription->setting, $situation),
            capacityKnown: $asked->capacityKnown,
        );
    }

    /**
     * The first candidates of `rank()` and nothing else: what cannot come among them is not asked.
     *
     * @param  int  $limit  Most candidates to return, best first; 1 or more.
     * @return list<Candidate>
     *
     * @throws InvalidQuantity If the prescribed setting does not fit its exercise.
     * @throws UnknownExercise If the exercise is not in the catalogue.
     */
    public function best(Prescription $prescription, Situation $situation, int $limit, ?SorePart $sore = null): array
    {
        $asked = $this->asked($prescription, $situation->client, School::Mean);
        $most = [[], []];
        $kin = [];
        foreach (array_values($this->catalogue->exercises) as $i => $exercise) {
            $kinship = Kinship::between($asked->exercise, $exercise, $this->catalogue);
            if ($kinship !== null && $sore?->against($exercise) === null) {
                $kin[$i] = [$exercise, $kinship];
                $most[$kinship->byMuscles ? 1 : 0][$i] = $this->score->most(
                    $asked->exercise,
                    $exercise,
                    $kinship,
                    $situation->client->preferences,
                );
            }
        }
        [$comparable, $neighbours] = $most;
        arsort($comparable);
        arsort($neighbours);
        $found = [];
        $atLeast = 0.0;
        $ask = function (array $mosts, bool $all = false) use (&$found, &$atLeast, $kin, $asked, $situation, $limit): void {
            foreach ($mosts as $i => $bound) {
                if (! isset($found[$i]) && ($all || $bound >= $atLeast - 1e-9)) {
                    [$found[$i]] = $this->bestOf($kin[$i][0], $asked, $kin[$i][1], $situation, School::Mean, $atLeast);
                    $matches = array_map(static fn (Internal\Rated $one): float => $one->match, array_merge(...array_values($found)));
                    rsort($matches);
                    $atLeast = $matches[$limit - 1] ?? 0.0;
                }
            }
        };
        $ask($comparable);
        if ($neighbours !== [] && max($neighbours) >= $atLeast - 1e-9) {
            // Only where too few can be compared, which is known once all of those are asked.
            $ask($comparable, all: true);
            if (! $this->areEnough(array_merge(...array_values($found)))) {
                $ask($neighbours);
            }
        }
        // In the order in which all of them would have been asked.
        ksort($found);
        $best = [];
        foreach ([$comparable, $neighbours] as $mosts) {
            array_push($best, ...array_merge(...array_values(array_intersect_key($found, $mosts))));
        }
        usort($best, static fn (Internal\Rated $one, Internal\Rated $two): int => $two->match <=> $one->match);

        return $best === []
            ? $this->rank($prescription, $situation, School::Mean, $limit, $sore)->candidates
            : array_map(
                fn (Internal\Rated $one): Candidate => $this->candidate($one, $situation, School::Mean),
                array_slice($best, 0, $limit),
            );
    }

    /**
     * What one rung comes to in the place of a prescription, ranked by nothing: for a setting or a tempo moved by hand.
     *
     * @param  Execution|null  $execution  Set by hand; null to find a tempo.
     * @return Candidate|string The candidate, or why it cannot be used.
     *
     * @throws InvalidQuantity If the setting uses a band up or does not fit its exercise.
     */
    public function candidateFor(
        Prescription $prescription,
        Rung $rung,
        Situation $situation,
        School $school = School::Mean,
        ?Execution $execution = null,
    ): Candidate|string {
        $against = Cautions::against($rung->exercise, $situation);
        if ($against !== []) {
            return $against[0];
        }
        $curve = $this->model->curve($rung->exercise, $situation->client->body, $rung->setting);
        $problem = $this->rungs->problemOf($rung, $curve, $situation);
        if ($problem !== null) {
            return $problem;
        }
        $asked = $this->asked($prescription, $situation->client, $school);
        $kinship = Kinship::between($asked->exercise, $rung->exercise, $this->catalogue)
            ?? Kinship::byMainMuscle($asked->exercise, $rung->exercise, $this->catalogue);
        if ($kinship === null) {
            return 'It trains neither the pattern nor the main muscle.';
        }
        $asked = $this->askedOf($rung->exercise, $asked, $kinship, $situation->client);
        $wholeKg = $this->model->wholeKg($rung->exercise, $situation->client->body, $curve, $school, $asked->pattern);
        $rated = $this->rated($rung, $wholeKg, $asked, $kinship, $situation->client, $execution);

        return is_string($rated) ? $rated : $this->candidate($this->shapes->with($rated, $situation->client->body), $situation, $school);
    }

    /** @param  list<Internal\Rated>  $found */
    private function areEnough(array $found): bool
    {
        $exercises = [];
        foreach ($found as $rated) {
            if ($rated->kept->isReached && ! $rated->asked->byMuscles) {
                $exercises[$rated->rung->exercise->id] = true;
            }
        }

        return count($exercises) >= self::ENOUGH;
    }

    private function asked(Prescription $prescription, Client $client, School $school): Internal\Asked
    {
        $exercise = $this->catalogue->exercise($prescription->exercise);
        $equivalent = $this->model->equivalent($exercise, $client->body, $prescription->setting, $school);
        $capacity = $client->onRecordFor($exercise);

        return new Internal\Asked(
            prescription: $prescription,
            exercise: $exercise,
            equivalent: $equivalent,
            // The prescription is what the programme wants felt; a capacity on record says what that load really does.
            ability: $capacity === null ? Ability::impliedBy(
                $equivalent->wholeKg(),
                $prescription->reps,
                $prescription->reserve,
            ) : Ability::of($capacity->kg),
            reserve: $client->has(Limit::Youth) ? max(Rail::YOUTH_RESERVE, $prescription->reserve) : $prescription->reserve,
            capacityKnown: $capacity !== null,
            pattern: $exercise->pattern,
        );
    }

    /** What is asked in terms of an exercise that could take the place. */
    private function askedOf(Exercise $exercise, Internal\Asked $asked, Kinship $kinship, Client $client): Internal\Asked
    {
        // A slack band hardly resists: what it comes to says nothing about what to look for.
        return $kinship->byMuscles || $asked->isNextToNothing()
            ? $asked->inAnotherMeasure($exercise, $client->capacityFor($exercise))
            : $asked->of($exercise->pattern === $asked->pattern ? $client->onRecordFor($exercise) : null);
    }

    /**
     * @param  float  $atLeast  What matches less is told apart no further: its match is what it could be at the most.
     * @return array{list<Internal\Rated>, list<string>} The best rung of each implement, and why others are left out.
     */
    private function bestOf(
        Exercise $exercise,
        Internal\Asked $asked,
        Kinship $kinship,
        Situation $situation,
        School $school,
        float $atLeast = 0.0,
    ): array {
        $reasons = Cautions::against($exercise, $situation);
        if ($reasons !== []) {
            return [[], $reasons];
        }
        ['rungs' => $roots, 'problems' => $reasons] = $this->finder->rungs($exercise, $situation);
        if ($roots === []) {
            // What is on the shelf and could serve has its own reason; what is not is asked for.
            $there = array_filter($situation->shelf, fn (Thing $thing): bool => $this->finder->couldServe($exercise, $thing));

            return [[], $reasons !== [] && $there !== [] ? $reasons : [...$reasons, RungWords::missing($exercise)]];
        }
        $asked = $this->askedOf($exercise, $asked, $kinship, $situation->client);
        $pattern = $asked->pattern;
        $wantedKg = $this->wantedKg($asked);
        $ofAKind = [];
        $settled = [];
        foreach ($this->worthAsking($roots, $asked, $situation, $school, $wantedKg) as $root) {
            $rig = $root->rigWithoutStance();
            if (isset($settled[$rig])) {
                // Another stance of a rig that already gives what was asked adds nothing.
                continue;
            }
            $near = $this->bands->toward($root, $situation->client->body, $school, $pattern, $wantedKg);
            $found = $this->usable($near, $asked, $kinship, $situation, $school);
            // Where loads cannot be compared, one way that is not slack is enough.
            if ($root->setting->band !== null
                && ! ($asked->byMuscles && $ofAKind !== [])
                && array_filter($found, static fn (Internal\Rated|string $one): bool => ! is_string($one)) === []) {
                // What comes nearest hangs slack or is too heavy: any other way to rig it is better than none.
                $found = [
                    ...$found,
                    ...$this->usable(
                        $this->bands->steps($root, $situation->client->body, $school, $pattern),
                        $asked,
                        $kinship,
                        $situation,
                        $school,
                    ),
                ];
            }
            foreach ($found as $rated) {
                if (is_string($rated)) {
                    $reasons[] = $rated;

                    continue;
                }
                $rung = $rated->rung;
                if ($rig !== '' && $rated->kept->changes === []) {
                    $settled[$rig] = true;
                }
                $kind = $rung->setting->band === null
                    ? $rung->setting->implement
                    : implode('+', array_map(static fn (Thing $thing): string => $thing->id, $rung->things));
                $ofAKind[$kind][] = $rated;
            }
        }

        return [
            array_values(array_map(
                fn (array $alike): Internal\Rated => $this->shapes->bestOf($alike, $atLeast, $situation->client->body),
                $ofAKind,
            )),
            array_slice(array_values(array_unique($reasons)), 0, self::REASONS),
        ];
    }

    /**
     * Of one thing's many loads only those around the wanted one: what is felt grows in a straight line with the kilograms, so
     * that two of them tell where it lies, and what lies further off matches worse.
     *
     * @param  list<Rung>  $roots
     * @return list<Rung>
     */
    private function worthAsking(array $roots, Internal\Asked $asked, Situation $situation, School $school, float $wantedKg): array
    {
        $groups = [];
        foreach ($roots as $i => $root) {
            $setting = $root->setting;
            if ($setting->massKg > 0 && $setting->band === null) {
                $key = "{$setting->implement}|{$setting->perHand}|{$setting->limbs}|{$setting->supportHeightM}|{$setting->footHeightM}";
                $groups[$key][$i] = $setting->massKg;
            }
        }
        foreach ($groups as $group) {
            if (count($group) <= 2 * self::AROUND + 1) {
                continue;
            }
            asort($group);
            $places = array_keys($group);
            $whole = fn (int $i): float => $this->model->wholeKg(
                $roots[$i]->exercise,
                $situation->client->body,
                $this->model->summary($roots[$i]->exercise, $situation->client->body, $roots[$i]->setting, $school),
                $school,
                $asked->pattern,
            );
            [$first, $last] = [$places[0], $places[count($places) - 1]];
            [$least, $most] = [$whole($first), $whole($last)];
            $target = $most > $least
                ? $group[$first] + ($wantedKg - $least) * ($group[$last] - $group[$first]) / ($most - $least)
                : $group[$first];
            $below = count(array_filter($group, static fn (float $massKg): bool => $massKg < $target));
            $from = max(0, min($below - self::AROUND, count($places) - 2 * self::AROUND));
            foreach (array_diff_key($places, array_flip(range($from, $from + 2 * self::AROUND - 1))) as $i) {
                unset($roots[$i]);
            }
        }

        return array_values($roots);
    }

    /**
     * @param  list<Rung>  $rungs
     * @return list<Internal\Rated|string> Each rated before its shape is known, or why it cannot be used; what grip and
     *     stance use up is left out.
     */
    private function usable(array $rungs, Internal\Asked $asked, Kinship $kinship, Situation $situation, School $school): array
    {
        $found = [];
        foreach ($rungs as $rung) {
            try {
                $curve = $this->model->summary($rung->exercise, $situation->client->body, $rung->setting, $school);
            } catch (InvalidQuantity) {
                continue;
            }
            $wholeKg = $this->model->wholeKg($rung->exercise, $situation->client->body, $curve, $school, $asked->pattern);
            $found[] = $this->rungs->problemOf($rung, $curve, $situation)
                ?? ($wholeKg <= 0 ? "{$rung->words}: it gives no resistance to speak of." : $this->rated(
                    $rung,
                    $wholeKg,
                    $asked,
                    $kinship,
                    $situation->client,
                ));
        }

        return $found;
    }

    /**
     * A rung with its rewriting and the match it would have if it were hard at the same places as what is written: no rung has
     * a better one. Or why it cannot be used.
     */
    private function rated(
        Rung $rung,
        float $wholeKg,
        Internal\Asked $asked,
        Kinship $kinship,
        Client $client,
        ?Execution $execution = null,
    ): Internal\Rated|string {
        $prescription = $asked->prescription;
        $exercise = $rung->exercise;
        if ($asked->isTooMuchToBeginWith($rung->setting, $wholeKg)) {
            return "{$rung->words}: too heavy to begin with, where its load has no common measure with what is written.";
        }
        $asWritten = $execution === null && $exercise->id === $asked->exercise->id && $rung->setting->sameAs($prescription->setting);
        $kept = match (true) {
            $exercise->isHold => KeptEffort::asWritten($prescription),
            $execution === null && $asked->byMuscles && ! $asked->capacityKnown => KeptEffort::asWritten($prescription),
            $asWritten => KeptEffort::asWritten($prescription, $this->capacityNote($wholeKg, $asked)),
            default => KeptEffort::on(
                $exercise,
                fn (): ResistanceCurve => $this->model->curve($exercise, $client->body, $rung->setting),
                $asked->ability,
                $wholeKg,
                $prescription,
                $asked->reserve,
                ! $client->has(Limit::HighBloodPressure),
                $execution,
            ),
        };
        if ($kept === null) {
            return sprintf('%s: too heavy to leave %d in reserve.', $rung->words, $asked->reserve);
        }
        $parts = $this->score->parts(
            $rung,
            $asked->exercise,
            $prescription,
            $kinship->closeness,
            $this->off($rung, $kept, $wholeKg, $asked),
            $client->preferences,
        );

        return Internal\Rated::of($rung, $kept, $parts, $kinship->closeness, $asked);
    }

    /** How far the effort is off, as the logarithm of a ratio: of repetitions where they tell loads apart, else of loads. */
    private function off(Rung $rung, KeptEffort $kept, float $wholeKg, Internal\Asked $asked): float
    {
        if ($asked->byMuscles && (! $asked->capacityKnown || $rung->exercise->isHold)) {
            return self::UNKNOWN_OFF;
        }
        if ($rung->exercise->isHold) {
            return log($wholeKg / $asked->equivalent->wholeKg());
        }
        if (! $kept->isReached && ! $asked->byMuscles) {
            // Beyond what repetitions can tell the nearest load is still the nearest.
            return self::UNREACHED * abs(log($wholeKg / $asked->equivalent->wholeKg()));
        }
        $off = $kept->offFrom($asked->prescription->reps);

        // More repetitions possible is lighter, and lighter is where a client of unknown strength begins.
        return (! $asked->capacityKnown || $asked->isExpected) && $off < 0 ? self::HEAVIER_COUNTS * $off : $off;
    }

    /** The whole load to look for, kilograms; the lightest where nothing says what this client lifts in that measure. */
    private function wantedKg(Internal\Asked $asked): float
    {
        return match (true) {
            ! $asked->byMuscles => $asked->equivalent->wholeKg(),
            $asked->capacityKnown => $asked->ability->loadFor($asked->prescription->reps + $asked->reserve),
            default => 0.0,
        };
    }

    private function candidate(Internal\Rated $rated, Situation $situation, School $school): Candidate
    {
        $asked = $rated->asked;
        $rung = $rated->rung;
        $exercise = $rung->exercise;
        $kept = $rated->kept;
        $equivalent = $this->model->equivalent(
            $exercise,
            $situation->client->body,
            $rung->setting,
            $school,
            $rung->certainty,
            $asked->pattern,
        );
        $isForetold = ! $exercise->isHold && $equivalent->isMeasured && (! $asked->byMuscles || $asked->capacityKnown);
        [$low, $high] = ! $isForetold ? [$kept->reps, $kept->reps] : array_map(
            static fn (float $kg): int => $kept->repetitionsAt($exercise, $asked->ability, $kg, $asked->reserve),
            [$equivalent->wholeKg() + $equivalent->sdKg, $equivalent->wholeKg() - $equivalent->sdKg],
        );

        return new Candidate(
            rung: $rung,
            equivalent: $equivalent,
            match: $rated->match,
            parts: $rated->parts,
            reps: $kept->reps,
            repsLow: max(1, min($low, $kept->reps)),
            repsHigh: max($kept->reps, $high),
            reserve: $asked->reserve,
            tempo: $kept->tempo,
            range: $kept->range,
            rangeRatio: $kept->rangeRatio,
            restFactor: $kept->restFactor,
            restSeconds: $kept->restSeconds,
            isReached: $kept->isReached,
            reasons: $this->words->reasons(
                $rung,
                $asked->exercise,
                $asked->equivalent,
                $equivalent,
                $situation->client->preferences,
                $asked->byMuscles,
            ),
            lost: [
                ...$kept->lost,
                ...$this->words->lost($rung, $asked->exercise, $asked->equivalent, $equivalent, $asked->byMuscles),
            ],
            changes: $this->changes($rung, $kept, $asked),
            cautions: Cautions::of($rung, $situation),
            byMuscles: $asked->byMuscles,
            execution: $kept->execution,
        );
    }

    /** @return list<string> */
    private function changes(Rung $rung, KeptEffort $kept, Internal\Asked $asked): array
    {
        $changes = $kept->changes;
        if ($asked->reserve !== $asked->prescription->reserve) {
            array_unshift(
                $changes,
                sprintf('%d in reserve instead of %d, because the client is under 18.', $asked->reserve, $asked->prescription->reserve),
            );
        }
        if ($rung->isOneSided() && ! $asked->exercise->oneSideAtATime) {
            $changes[] = 'Repetitions are per side; weaker side first.';
        }
        if ($asked->byMuscles && ! $asked->capacityKnown && ! $rung->exercise->isHold) {
            $changes[] = 'Start light: what is written says nothing about this load.';
        }
        if ($asked->isExpected && ! $rung->exercise->isHold) {
            $changes[] = 'Reckoned from what nine in ten people like this client can: start light.';
        }
        if ((! $asked->capacityKnown || $asked->isExpected) && ! $rung->exercise->isHold && $asked->equivalent->isMeasured) {
            // One reserve on a card: what the first set leaves beyond it is said in repetitions.
            $changes[] = 'No set of this pattern is on record: stop the first set two repetitions early and log it; it calibrates '
                .'the second.';
        }

        return $changes;
    }

    private function capacityNote(float $wholeKg, Internal\Asked $asked): ?string
    {
        if (! $asked->capacityKnown) {
            return null;
        }
        $expected = (int) round($asked->ability->repetitionsToFailure($wholeKg) - $asked->reserve);

        return abs($expected - $asked->prescription->reps) < self::CAPACITY_DIFFERS
            ? null
            : sprintf(
                'As written. The capacity on record expects about %s here with %d in reserve.',
                Plain::count(max(0, $expected), 'repetition'),
                $asked->reserve,
            );
    }
}
