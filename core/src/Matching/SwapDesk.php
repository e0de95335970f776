<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Exception\UnknownExercise;
use NimbleShelf\Core\Mechanics\Equivalent;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\ResistanceModel;
use NimbleShelf\Core\Mechanics\School;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\RepetitionMaximum;

/** Replaces a prescribed exercise by the best rungs a shelf allows, keeping the effort, with reasons for and against. */
final class SwapDesk
{
    /** How much each part of a match counts; the order is the one trainers keep, the sizes are our judgement. */
    public const WEIGHTS = ['movement' => 0.30, 'muscles' => 0.15, 'effort' => 0.30, 'limbs' => 0.08, 'shape' => 0.10, 'set-up' => 0.07];

    /** Beyond this many repetitions a set no longer trains what was prescribed. */
    private const MOST_REPS = 30;

    /** Shapes that differ by more carry a note; engine contract, section 7. */
    private const SHAPE_NOTE = 0.35;

    public readonly ShelfRungs $rungs;

    private readonly RungFinder $finder;

    /** @var array<string, float> Share of each part, adding up to one. */
    private readonly array $weights;

    /**
     * @param  array<string, float|int>  $weights  By part, in hundredths; what is left out counts as usual, and all are scaled to add up to one.
     *
     * @throws InvalidQuantity If one is negative, unknown, or all are zero.
     */
    public function __construct(private readonly Catalogue $catalogue, private readonly ResistanceModel $model, array $weights = [])
    {
        foreach ($weights as $part => $weight) {
            if (! isset(self::WEIGHTS[$part])) {
                throw InvalidQuantity::because("weights.{$part}", "A match has no part called \"{$part}\".");
            }
            InvalidQuantity::unlessBetween("weights.{$part}", $weight, 0, 100, '');
        }
        $all = $weights + array_map(static fn (float $usual): float => 100 * $usual, self::WEIGHTS);
        $sum = array_sum($all);
        if ($sum <= 0) {
            throw InvalidQuantity::because('weights', 'Something must count: all weights are zero.');
        }
        $this->weights = array_map(static fn (float|int $weight): float => $weight / $sum, $all);
        $this->rungs = new ShelfRungs($model);
        $this->finder = new RungFinder;
    }

    /**
     * @param  list<Thing>  $shelf
     * @param  int  $limit  Most candidates to return, best first.
     *
     * @throws InvalidQuantity If the prescribed setting does not fit its exercise.
     * @throws UnknownExercise If the exercise is not in the catalogue.
     */
    public function rank(Prescription $prescription, Client $client, array $shelf, Home $home, School $school = School::Mean, int $limit = 12): SwapResult
    {
        $wanted = $this->catalogue->exercise($prescription->exercise);
        $prescribed = $this->model->equivalent($wanted, $client->body, $prescription->setting, $school);
        $maximumKg = $this->maximumFor($prescription, $wanted, $prescribed, $client);

        $candidates = $excluded = $leftOut = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $closeness = $this->closeness($wanted, $exercise);
            if ($closeness === 0.0) {
                $excluded[] = new Exclusion($exercise, [sprintf('It trains another pattern: %s.', mb_strtolower($this->catalogue->pattern($exercise->pattern)->name))], related: false);

                continue;
            }
            [$found, $reasons] = $this->candidatesFrom($exercise, $closeness, $wanted, $prescription, $prescribed, $maximumKg, $client, $shelf, $home, $school);
            $candidates = [...$candidates, ...$found];
            if ($found === []) {
                $excluded[] = new Exclusion($exercise, $reasons, related: true);
            } elseif ($reasons !== []) {
                $leftOut[] = new Exclusion($exercise, $reasons, related: true);
            }
        }
        usort($candidates, static fn (Candidate $one, Candidate $two): int => $two->match <=> $one->match);
        usort($excluded, static fn (Exclusion $one, Exclusion $two): int => $two->related <=> $one->related);

        return new SwapResult(
            prescription: $prescription,
            prescribed: $prescribed,
            candidates: array_slice($candidates, 0, $limit),
            excluded: $excluded,
            leftOut: $leftOut,
            problems: $this->rungs->problemsAsWritten($wanted, $prescription->setting, $client, $shelf, $home),
            capacityKnown: isset($client->capacities[$wanted->pattern]),
        );
    }

    /**
     * What one rung comes to in the place of a prescription, ranked by nothing: for a setting moved by hand.
     *
     * @return Candidate|string The candidate, or why it cannot be used.
     *
     * @throws InvalidQuantity If the setting uses a band up or does not fit its exercise.
     */
    public function candidateFor(Prescription $prescription, Rung $rung, Client $client, Home $home, School $school = School::Mean): Candidate|string
    {
        $against = Cautions::against($rung->exercise, $client, $home);
        if ($against !== []) {
            return $against[0];
        }
        $problem = $this->rungs->problemOf($rung, $this->model->curve($rung->exercise, $client->body, $rung->setting), $home);
        if ($problem !== null) {
            return $problem;
        }
        $wanted = $this->catalogue->exercise($prescription->exercise);
        $prescribed = $this->model->equivalent($wanted, $client->body, $prescription->setting, $school);

        return $this->candidate($rung, $this->closeness($wanted, $rung->exercise), $wanted, $prescription, $prescribed, $this->maximumFor($prescription, $wanted, $prescribed, $client), $client, $home, $school);
    }

    /** One-repetition maximum the rewriting starts from: the client's own, or what the prescription itself implies. */
    private function maximumFor(Prescription $prescription, Exercise $wanted, Equivalent $prescribed, Client $client): float
    {
        if ($wanted->isHold) {
            return $prescribed->wholeKg();
        }
        $implied = RepetitionMaximum::from(max(0.5, $prescribed->wholeKg()), min(60, $prescription->reps), $prescription->reserve)->medianKg();
        $capacity = $client->capacities[$wanted->pattern] ?? null;

        // The prescription is what the programme wants felt; a capacity on record says what that load really does.
        return $capacity === null ? $implied : $capacity->kg;
    }

    private function closeness(Exercise $wanted, Exercise $exercise): float
    {
        $measured = $this->catalogue->pattern($wanted->pattern)->isMeasured();
        $comparable = $this->catalogue->reckoned($wanted)->effort->comparesWith($this->catalogue->reckoned($exercise)->effort);
        if (($measured && ! $comparable) || $wanted->isHold !== $exercise->isHold) {
            return 0.0;
        }

        return $wanted->pattern === $exercise->pattern
            ? 1.0
            : $this->catalogue->pattern($wanted->pattern)->related[$exercise->pattern] ?? 0.0;
    }

    /**
     * @param  list<Thing>  $shelf
     * @return array{list<Candidate>, list<string>} The best rung of each implement, or the reasons why there is none.
     */
    private function candidatesFrom(Exercise $exercise, float $closeness, Exercise $wanted, Prescription $prescription, Equivalent $prescribed, float $maximumKg, Client $client, array $shelf, Home $home, School $school): array
    {
        $reasons = Cautions::against($exercise, $client, $home);
        if ($reasons !== []) {
            return [[], $reasons];
        }
        ['rungs' => $rungs, 'problems' => $reasons] = $this->finder->rungs($exercise, $client, $home, $shelf);
        if ($rungs === []) {
            return [[], [...$reasons, $this->finder->missing($exercise)]];
        }

        $targetRepsToFailure = $wanted->isHold ? 1.0 : RepetitionMaximum::repetitionsToFailure($maximumKg, $prescribed->wholeKg());
        $best = [];
        $overstretched = null;
        foreach ($rungs as $rung) {
            try {
                $curve = $this->model->curve($exercise, $client->body, $rung->setting);
            } catch (InvalidQuantity) {
                // Grip and stance use the whole band up; the neighbouring settings are tried anyway.
                continue;
            }
            $problem = $this->rungs->problemOf($rung, $curve, $home);
            if ($problem !== null) {
                $overstretched ??= $problem;
                $reasons[] = $problem;

                continue;
            }
            $wholeKg = $this->model->wholeKg($exercise, $client->body, $curve, $school, $wanted->pattern);
            if ($wholeKg <= 0) {
                $reasons[] = "{$rung->words}: it gives no resistance to speak of.";

                continue;
            }
            $distance = $wanted->isHold
                ? abs(log($wholeKg / $prescribed->wholeKg()))
                : abs(log((RepetitionMaximum::repetitionsToFailure($maximumKg, $wholeKg) + 1) / ($targetRepsToFailure + 1)));
            // Among settings about equally near, the quicker to set up.
            $distance += $rung->setUpSeconds / 1000 + ($rung->setting->band === null ? 0.0 : 0.05 * $rung->setting->band->gripM);
            $kind = $rung->setting->band === null ? $rung->setting->implement : $rung->things[0]->id;
            if (! isset($best[$kind]) || $distance < $best[$kind][1]) {
                $best[$kind] = [$rung, $distance];
            }
        }

        $candidates = [];
        foreach ($best as [$rung]) {
            $candidate = $this->candidate($rung, $closeness, $wanted, $prescription, $prescribed, $maximumKg, $client, $home, $school);
            if (is_string($candidate)) {
                $reasons[] = $candidate;
            } else {
                $candidates[] = $candidate;
            }
        }

        return [$candidates, array_slice(array_values(array_unique($reasons)), 0, 4)];
    }

    private function candidate(Rung $rung, float $closeness, Exercise $wanted, Prescription $prescription, Equivalent $prescribed, float $maximumKg, Client $client, Home $home, School $school): Candidate|string
    {
        $exercise = $rung->exercise;
        $equivalent = $this->model->equivalent($exercise, $client->body, $rung->setting, $school, $rung->certainty, $wanted->pattern);
        $reserve = $client->has(Limit::Youth) ? max(Rail::YOUTH_RESERVE, $prescription->reserve) : $prescription->reserve;
        if ($exercise->isHold) {
            $reps = $low = $high = $prescription->reps;
        } else {
            $toFailure = fn (float $kg): float => RepetitionMaximum::repetitionsToFailure($maximumKg, max(0.1, $kg));
            // The prescription's own repetitions at its own load are the measure: the change of load moves them.
            $shift = min(60, $prescription->reps) + $prescription->reserve - $toFailure($prescribed->wholeKg());
            $keepsOwnCount = isset($client->capacities[$wanted->pattern]) ? 0.0 : $shift;
            $reps = (int) round($toFailure($equivalent->wholeKg()) + $keepsOwnCount) - $reserve;
            $low = (int) round($toFailure($equivalent->wholeKg() + $equivalent->sdKg) + $keepsOwnCount) - $reserve;
            $high = (int) round($toFailure($equivalent->wholeKg() - $equivalent->sdKg) + $keepsOwnCount) - $reserve;
            if ($reps < 1) {
                return sprintf('%s: too heavy to leave %d in reserve.', $rung->words, $reserve);
            }
        }

        $possible = $reps;
        $changes = $this->changes($rung, $wanted, $prescription, $reps, $reserve);
        if (! $exercise->isHold && $reps > self::MOST_REPS) {
            $reps = self::MOST_REPS;
        }
        $parts = $this->parts($rung, $closeness, $wanted, $prescription, $prescribed, $equivalent, $possible);
        $match = 0.0;
        foreach ($parts as $part) {
            $match += $part->score * $part->weight;
        }

        return new Candidate(
            rung: $rung,
            equivalent: $equivalent,
            match: $match,
            parts: $parts,
            reps: $reps,
            repsLow: max(1, min($low, $reps)),
            repsHigh: max($reps, min(self::MOST_REPS, $high)),
            reserve: $reserve,
            reasons: $this->reasons($rung, $wanted, $prescribed, $equivalent, $closeness),
            lost: $this->lost($rung, $wanted, $prescribed, $equivalent),
            changes: $changes,
            cautions: Cautions::of($rung, $client, $home),
        );
    }

    /** @return list<MatchPart> */
    private function parts(Rung $rung, float $closeness, Exercise $wanted, Prescription $prescription, Equivalent $prescribed, Equivalent $equivalent, int $possible): array
    {
        $exercise = $rung->exercise;
        $overlap = $this->muscleOverlap($wanted, $exercise);
        $effort = $exercise->isHold
            ? exp(-2 * abs(log($equivalent->wholeKg() / $prescribed->wholeKg())))
            : exp(-1.3 * abs(log($possible / $prescription->reps)));
        $sameLimbs = $wanted->oneSideAtATime === $exercise->oneSideAtATime && ($rung->setting->limbs ?? 2) === ($prescription->setting->limbs ?? 2);
        $shape = $equivalent->curve->shapeDifferenceFrom($prescribed->curve);
        $setUp = ($wanted->position === $exercise->position ? 0.6 : 0.2) + 0.4 * max(0.0, 1 - $rung->setUpSeconds / 120);
        $scores = [
            'movement' => $closeness,
            'muscles' => $overlap,
            'effort' => $effort,
            'limbs' => $sameLimbs ? 1.0 : 0.4,
            'shape' => exp(-1.5 * $shape),
            'set-up' => min(1.0, $setUp),
        ];

        return array_map(
            fn (string $name, float $score): MatchPart => new MatchPart($name, $score, $this->weights[$name]),
            array_keys($scores),
            array_values($scores),
        );
    }

    private function muscleOverlap(Exercise $one, Exercise $two): float
    {
        $theirs = $two->muscles();
        $common = 0.0;
        foreach ($one->muscles() as $muscle => $share) {
            $common += min($share, $theirs[$muscle] ?? 0.0);
        }

        return min(1.0, $common);
    }

    /** @return list<string> */
    private function reasons(Rung $rung, Exercise $wanted, Equivalent $prescribed, Equivalent $equivalent, float $closeness): array
    {
        $reasons = [];
        if ($rung->exercise->id === $wanted->id) {
            $reasons[] = 'The same exercise with what is here.';
        } elseif ($closeness === 1.0) {
            $reasons[] = sprintf('The same movement pattern; %d %% of the muscle work is shared.', round(100 * $this->muscleOverlap($wanted, $rung->exercise)));
        } else {
            $reasons[] = sprintf('A neighbouring pattern (%s); %d %% of the muscle work is shared.', mb_strtolower($this->catalogue->pattern($rung->exercise->pattern)->name), round(100 * $this->muscleOverlap($wanted, $rung->exercise)));
        }
        $reasons[] = sprintf(
            'Feels like %s in the %s; prescribed was %s.',
            $equivalent->inWords(),
            mb_strtolower($this->catalogue->exercise($equivalent->referenceExercise)->name),
            $prescribed->inWords(),
        );
        if ($rung->setUpSeconds <= 15 && $rung->exercise->position === $wanted->position) {
            $reasons[] = 'Same position, set up in a moment.';
        }

        return $reasons;
    }

    /** @return list<string> */
    private function lost(Rung $rung, Exercise $wanted, Equivalent $prescribed, Equivalent $equivalent): array
    {
        $lost = [];
        $ratio = $equivalent->wholeKg() / $prescribed->wholeKg();
        if ($ratio < 0.9) {
            $lost[] = sprintf('%d %% less resistance: more repetitions to reach the same effort.', round(100 * (1 - $ratio)));
        }
        if ($ratio > 1.1) {
            $lost[] = sprintf('%d %% more resistance: fewer repetitions.', round(100 * ($ratio - 1)));
        }
        $shape = $equivalent->curve->shapeDifferenceFrom($prescribed->curve);
        if ($shape > self::SHAPE_NOTE) {
            $lost[] = sprintf('Loads the %s of the movement more than the prescribed lift does (shapes differ by %.2f).', $this->moreLoaded($equivalent->curve, $prescribed->curve), $shape);
        }
        if ($equivalent->curve->slackFraction > 0.04) {
            $lost[] = sprintf('No resistance for the first %d %% of the range.', round(100 * $equivalent->curve->slackFraction));
        }
        if (! $wanted->oneSideAtATime && ($rung->exercise->oneSideAtATime || $rung->setting->limbs === 1)) {
            $lost[] = 'One side at a time: twice the time, and balance works too.';
        }
        if ($rung->exercise->position !== $wanted->position) {
            $lost[] = sprintf('Another position: %s instead of %s.', str_replace('-', ' ', $rung->exercise->position), str_replace('-', ' ', $wanted->position));
        }

        return $lost;
    }

    /** The third of the range in which one curve, scaled to the other's mean, lies highest above it. */
    private function moreLoaded(ResistanceCurve $curve, ResistanceCurve $than): string
    {
        $thirds = ['start' => 0.0, 'middle' => 0.0, 'end' => 0.0];
        foreach ($curve->us as $i => $u) {
            $third = $u < 1 / 3 ? 'start' : ($u <= 2 / 3 ? 'middle' : 'end');
            $thirds[$third] += $curve->resistance[$i] / $curve->mean() - $than->resistance[$i] / $than->mean();
        }

        return (string) array_search(max($thirds), $thirds, true);
    }

    /** @return list<string> */
    private function changes(Rung $rung, Exercise $wanted, Prescription $prescription, int $reps, int $reserve): array
    {
        $changes = [];
        if ($reserve !== $prescription->reserve) {
            $changes[] = sprintf('%d in reserve instead of %d, because the client is under 18.', $reserve, $prescription->reserve);
        }
        if ($rung->exercise->isHold) {
            return $changes;
        }
        if ($reps > self::MOST_REPS) {
            $changes[] = sprintf('Too light for %d repetitions: stop at %d and lower for four seconds, pausing at the hardest point. Slower lowering is a rule of thumb; the first logged set corrects it.', $prescription->reps, self::MOST_REPS);
        } elseif ($reps !== $prescription->reps) {
            $changes[] = sprintf('%d repetitions instead of %d, with %d in reserve as before.', $reps, $prescription->reps, $reserve);
        }
        if (($rung->exercise->oneSideAtATime || $rung->setting->limbs === 1) && ! $wanted->oneSideAtATime) {
            $changes[] = 'Repetitions are per side; weaker side first.';
        }

        return $changes;
    }
}
