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
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Text\Plain;

/** Replaces a prescribed exercise by the best rungs a shelf allows, keeping the effort, with reasons for and against. */
final readonly class SwapDesk
{
    /** Reasons kept of one exercise that is out. */
    private const REASONS = 4;

    /** Without a capacity on record what is heavier than prescribed counts as this much further off: start light. */
    private const HEAVIER_COUNTS = 2.0;

    /** Repetitions by which a capacity may differ from what is written before it is said. */
    private const CAPACITY_DIFFERS = 4;

    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private RungFinder $finder,
        private BandSolver $bands,
        private ShelfRungs $rungs,
        private SwapWords $words,
        private MatchScore $score,
    ) {
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

        $best = $excluded = $leftOut = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $closeness = $this->closeness($wanted, $exercise);
            if ($closeness === 0.0) {
                $excluded[] = new Exclusion(
                    $exercise,
                    [sprintf('It trains another pattern: %s.', mb_strtolower($this->catalogue->pattern($exercise->pattern)->name))],
                    related: false,
                );

                continue;
            }
            $spared = $sore?->against($exercise);
            [$found, $reasons] = $spared === null ? $this->bestOf($exercise, $asked, $situation, $school) : [[], [$spared]];
            $best = [...$best, ...$found];
            if ($found === []) {
                $excluded[] = new Exclusion($exercise, $reasons, related: true);
            } elseif ($reasons !== []) {
                $leftOut[] = new Exclusion($exercise, $reasons, related: true);
            }
        }
        usort($best, static fn (Internal\Rated $one, Internal\Rated $two): int => $two->match <=> $one->match);
        usort($excluded, static fn (Exclusion $one, Exclusion $two): int => $two->related <=> $one->related);

        return new SwapResult(
            prescription: $prescription,
            prescribed: $asked->equivalent,
            // Spreads and words are for what is shown.
            candidates: array_map(
                fn (Internal\Rated $rated): Candidate => $this->candidate($rated, $asked, $situation, $school),
                array_slice($best, 0, $limit),
            ),
            excluded: $excluded,
            leftOut: $leftOut,
            problems: $this->rungs->problemsAsWritten($wanted, $prescription->setting, $situation),
            capacityKnown: $asked->capacityKnown,
        );
    }

    /**
     * What one rung comes to in the place of a prescription, ranked by nothing: for a setting or a tempo moved by hand.
     *
     * @param  Tempo|null  $tempo  Set by hand; null to find one.
     * @return Candidate|string The candidate, or why it cannot be used.
     *
     * @throws InvalidQuantity If the setting uses a band up or does not fit its exercise.
     */
    public function candidateFor(
        Prescription $prescription,
        Rung $rung,
        Situation $situation,
        School $school = School::Mean,
        ?Tempo $tempo = null,
    ): Candidate|string {
        $against = Cautions::against($rung->exercise, $situation);
        if ($against !== []) {
            return $against[0];
        }
        $curve = $this->model->curve($rung->exercise, $situation->client->body, $rung->setting);
        $problem = $this->rungs->problemOf($rung, $curve, $situation->home);
        if ($problem !== null) {
            return $problem;
        }
        $asked = $this->asked($prescription, $situation->client, $school);
        $wholeKg = $this->model->wholeKg($rung->exercise, $situation->client->body, $curve, $school, $asked->exercise->pattern);
        $rated = $this->rated($rung, $curve, $wholeKg, $asked, $situation->client, $tempo);

        return is_string($rated) ? $rated : $this->candidate($rated, $asked, $situation, $school);
    }

    private function asked(Prescription $prescription, Client $client, School $school): Internal\Asked
    {
        $exercise = $this->catalogue->exercise($prescription->exercise);
        $equivalent = $this->model->equivalent($exercise, $client->body, $prescription->setting, $school);
        $capacity = $client->capacities[$exercise->pattern] ?? null;

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
        );
    }

    private function closeness(Exercise $wanted, Exercise $exercise): float
    {
        $measured = $this->catalogue->pattern($wanted->pattern)->isMeasured();
        $comparable = $this->catalogue->reckoned($wanted)->effort->comparesWith($this->catalogue->reckoned($exercise)->effort);
        if (($measured && ! $comparable) || $wanted->isHold !== $exercise->isHold) {
            return 0.0;
        }

        $closeness = $wanted->pattern === $exercise->pattern
            ? 1.0
            : $this->catalogue->pattern($wanted->pattern)->related[$exercise->pattern] ?? 0.0;

        return MatchScore::jumpsInstead($wanted, $exercise) ? $closeness * MatchScore::JUMPING : $closeness;
    }

    /**
     * @return array{list<Internal\Rated>, list<string>} The best rung of each implement, and why others are left out.
     */
    private function bestOf(Exercise $exercise, Internal\Asked $asked, Situation $situation, School $school): array
    {
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
        $pattern = $asked->exercise->pattern;
        $best = [];
        foreach ($roots as $root) {
            $near = $this->bands->toward($root, $situation->client->body, $school, $pattern, $asked->equivalent->wholeKg());
            $found = $this->usable($near, $asked, $situation, $school);
            if ($root->setting->band !== null
                && array_filter($found, static fn (Internal\Rated|string $one): bool => ! is_string($one)) === []) {
                // What comes nearest hangs slack or is too heavy: any other way to rig it is better than none.
                $found = [
                    ...$found,
                    ...$this->usable($this->bands->steps($root, $situation->client->body, $school, $pattern), $asked, $situation, $school),
                ];
            }
            foreach ($found as $rated) {
                if (is_string($rated)) {
                    $reasons[] = $rated;

                    continue;
                }
                $rung = $rated->rung;
                $kind = $rung->setting->band === null
                    ? $rung->setting->implement
                    : implode('+', array_map(static fn (Thing $thing): string => $thing->id, $rung->things));
                if (! isset($best[$kind]) || $rated->isBetterThan($best[$kind])) {
                    $best[$kind] = $rated;
                }
            }
        }

        return [
            array_values($best),
            array_slice(array_values(array_unique($reasons)), 0, self::REASONS),
        ];
    }

    /**
     * @param  list<Rung>  $rungs
     * @return list<Internal\Rated|string> Each rated, or why it cannot be used; what grip and stance use up is left out.
     */
    private function usable(array $rungs, Internal\Asked $asked, Situation $situation, School $school): array
    {
        $found = [];
        foreach ($rungs as $rung) {
            try {
                $curve = $this->model->curve($rung->exercise, $situation->client->body, $rung->setting);
            } catch (InvalidQuantity) {
                continue;
            }
            $wholeKg = $this->model->wholeKg($rung->exercise, $situation->client->body, $curve, $school, $asked->exercise->pattern);
            $found[] = $this->rungs->problemOf($rung, $curve, $situation->home)
                ?? ($wholeKg <= 0 ? "{$rung->words}: it gives no resistance to speak of." : $this->rated(
                    $rung,
                    $curve,
                    $wholeKg,
                    $asked,
                    $situation->client,
                ));
        }

        return $found;
    }

    /** A rung with its rewriting and its match, before the spread is known; or why it cannot be used. */
    private function rated(
        Rung $rung,
        ResistanceCurve $curve,
        float $wholeKg,
        Internal\Asked $asked,
        Client $client,
        ?Tempo $tempo = null,
    ): Internal\Rated|string {
        $prescription = $asked->prescription;
        $exercise = $rung->exercise;
        $asWritten = $tempo === null && $exercise->id === $asked->exercise->id && $rung->setting->sameAs($prescription->setting);
        $kept = match (true) {
            $exercise->isHold => KeptEffort::asWritten($prescription),
            $asWritten => KeptEffort::asWritten($prescription, $this->capacityNote($wholeKg, $asked)),
            default => KeptEffort::on(
                $exercise,
                $curve,
                $asked->ability,
                $wholeKg,
                $prescription,
                $asked->reserve,
                ! $client->has(Limit::HighBloodPressure),
                $tempo,
            ),
        };
        if ($kept === null) {
            return sprintf('%s: too heavy to leave %d in reserve.', $rung->words, $asked->reserve);
        }
        $off = $exercise->isHold ? log($wholeKg / $asked->equivalent->wholeKg()) : $kept->offFrom($prescription->reps);
        // More repetitions possible is lighter, and lighter is where a client of unknown strength begins.
        $off = ! $asked->capacityKnown && ! $exercise->isHold && $off < 0 ? self::HEAVIER_COUNTS * $off : $off;
        $closeness = $this->closeness($asked->exercise, $exercise);
        $parts = $this->score->parts(
            $rung,
            $curve,
            $asked->exercise,
            $prescription,
            $asked->equivalent->curve,
            $closeness,
            $off,
            $client->preferences,
        );

        return new Internal\Rated($rung, $kept, $parts, MatchScore::of($parts, $kept->isReached), $closeness);
    }

    private function candidate(Internal\Rated $rated, Internal\Asked $asked, Situation $situation, School $school): Candidate
    {
        $rung = $rated->rung;
        $exercise = $rung->exercise;
        $kept = $rated->kept;
        $equivalent = $this->model->equivalent(
            $exercise,
            $situation->client->body,
            $rung->setting,
            $school,
            $rung->certainty,
            $asked->exercise->pattern,
        );
        [$low, $high] = $exercise->isHold || ! $equivalent->isMeasured ? [$kept->reps, $kept->reps] : array_map(
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
                $rated->closeness,
                $situation->client->preferences,
            ),
            lost: [...$kept->lost, ...$this->words->lost($rung, $asked->exercise, $asked->equivalent, $equivalent)],
            changes: $this->changes($rung, $kept, $asked),
            cautions: Cautions::of($rung, $situation),
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
        if (! $asked->capacityKnown && ! $rung->exercise->isHold && $asked->equivalent->isMeasured) {
            $changes[] = sprintf(
                'No set of this pattern is on record: end the first set with %d in reserve and log it; it calibrates the second.',
                $asked->reserve + 2,
            );
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
