<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Strength;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;

/** What a person can probably do before anything of theirs is on record: what people of this sex, age, size and training can. */
final readonly class StrengthPrior
{
    /** Spread of people about the norm, one sigma, of what is lifted beyond the body: 25 to 35 % (B, and a little more for ours). */
    private const SPREAD = 0.30;

    /** Of the whole load it is never less than this, however little is lifted beyond the body; ours. */
    private const LEAST_SPREAD = 0.14;

    /** Where two norms disagree, or one is our own. */
    private const UNSURE = 0.18;

    private const DISAGREED = [
        'single-leg', 'bridge', 'calf', 'carry', 'power', 'hip-extension', 'knee-flexion', 'knee-extension', 'hip-abduction',
        'hip-flexion', 'trunk', 'trunk-flexion', 'trunk-extension', 'trunk-side',
    ];

    /** Ages whose middle and difference stand for an age that nobody told. */
    private const AGES = [28.0, 62.0];

    /** Decline of the arms beyond the last class of the push-up norm is reckoned from its middle. */
    private const LAST_CLASS = 65.0;

    private const FIRST_CLASS = 17.0;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model)
    {
    }

    public function of(Person $person): Strength
    {
        $ages = $person->ageYears === null ? self::AGES : [$person->ageYears];
        $sexes = $person->sex === null ? [Person::FEMALE, Person::MALE] : [$person->sex];
        $levels = $person->experience === null ? [Experience::None, Experience::Some] : [$person->experience];
        $logs = [];
        foreach ($sexes as $s => $sex) {
            foreach ($ages as $a => $age) {
                foreach ($levels as $l => $level) {
                    $logs["{$s}{$a}{$l}"] = array_map(log(...), $this->middle($person->body, $sex, $age, $level));
                }
            }
        }
        $count = count($logs);
        $own = $mean = $spreads = [];
        foreach (Kin::patterns() as $pattern) {
            $own[$pattern] = $this->model->ownKg($pattern, $person->body);
            $mean[$pattern] = array_sum(array_column($logs, $pattern)) / $count;
            $beyond = max(0.0, 1 - $own[$pattern] / exp($mean[$pattern]));
            $spreads[$pattern] = max(
                in_array($pattern, self::DISAGREED, true) ? self::UNSURE : self::LEAST_SPREAD,
                self::SPREAD * min(1.0, $beyond),
            );
        }
        $covariance = [];
        foreach ($mean as $one => $_) {
            foreach ($mean as $other => $__) {
                // A mixture of people of two kinds: what they differ by goes together in all patterns.
                $mixed = 0.0;
                foreach ($logs as $log) {
                    $mixed += ($log[$one] - $mean[$one]) * ($log[$other] - $mean[$other]) / $count;
                }
                $covariance[$one][$other] = $spreads[$one] * $spreads[$other] * Kin::correlation($one, $other) + $mixed;
            }
        }

        return Strength::expected($mean, $covariance, $own);
    }

    /**
     * Every pattern's capacity for somebody of whom some are told: those stand as told, the others follow as far as they go together.
     *
     * @param  array<string, Capacity>  $told  By pattern.
     * @return array<string, Capacity>
     */
    public function knowing(Person $person, array $told): array
    {
        $strength = $this->of($person);
        foreach ($told as $pattern => $capacity) {
            $strength = $strength->measured($pattern, $capacity);
        }

        return $told + $strength->capacities();
    }

    /**
     * The middle person of one kind.
     *
     * @return array<string, float> Whole load that can be lifted once, kilograms of each pattern's reference lift.
     */
    private function middle(Body $body, string $sex, float $age, Experience $level): array
    {
        [$heightM, $massKg] = Norms::MEASURED_ON[$sex];
        $measured = Body::of(heightM: $heightM, massKg: $massKg);
        $size = ($body->massKg / $massKg) ** Norms::SIZE;
        $sizeOfArms = (min($body->massKg, Norms::HEAVY_INDEX * $body->heightM ** 2) / $massKg) ** Norms::SIZE;
        $trained = Norms::TRAINED[$level->value];
        $press = $this->press($measured, $sex, $age) * $sizeOfArms * $trained['arms'];
        $bench = Norms::ONE_HAND_OF_A_BENCH * $massKg * Norms::between(Norms::BENCH[$sex], $age)
            * $this->armsAt($age) * $sizeOfArms * $trained['arms'];
        $legs = Norms::beyond(Norms::SQUATS[$sex]) * $this->model->ownKg('squat', $measured)
            * Norms::between(Norms::LEGS_BY_AGE, $age) * $size * $trained['legs'];
        // Between what push-ups and what bars say; push-ups themselves are their own norm.
        $inTheHand = sqrt($bench * max(0.5, $press - $this->model->ownKg('horizontal-press', $body)));
        $kgs = [];
        foreach (Norms::BESIDE_THE_PRESS as $pattern => $share) {
            $kgs[$pattern] = max(0.5, $share * $inTheHand + $this->model->ownKg($pattern, $body));
        }
        $kgs['horizontal-press'] = $press;
        $kgs['dip'] = Norms::DIP * $press;
        foreach (Norms::BESIDE_THE_SQUAT as $pattern => $share) {
            $kgs[$pattern] = $share * $legs;
        }
        foreach (Norms::TRUNK as $pattern => $repetitions) {
            $kgs[$pattern] = Norms::beyond($repetitions) * $this->model->ownKg($pattern, $measured)
                * Norms::between(Norms::LEGS_BY_AGE, $age) * $size * $trained['legs'];
        }

        return $kgs;
    }

    /** What the people of the push-up norm press once, whole kilograms with one hand. */
    private function press(Body $measured, string $sex, float $age): float
    {
        $id = $sex === Person::MALE ? 'push-up' : 'knee-push-up';
        $exercise = $this->catalogue->exercise($id);
        $wholeKg = $this->model->wholeKg(
            $exercise,
            $measured,
            $this->model->summary($exercise, $measured, Setting::bodyWeight()),
            School::Mean,
            'horizontal-press',
        );

        return $wholeKg * Norms::beyond(Norms::pushUps($sex, min(self::LAST_CLASS, max(self::FIRST_CLASS, $age)))) * $this->armsAt($age);
    }

    /** Strength of the arms before and after the ages of the norms, as a share of that at their ends. */
    private function armsAt(float $age): float
    {
        if ($age < self::FIRST_CLASS) {
            return Norms::between(Norms::ARMS_OF_CHILDREN, $age);
        }
        $share = 1.0;
        $ends = [...array_slice(array_keys(Norms::ARMS_LOSE), 1), 120];
        foreach (array_keys(Norms::ARMS_LOSE) as $i => $from) {
            $share *= (1 - Norms::ARMS_LOSE[$from]) ** max(0.0, min($age, $ends[$i]) - $from);
        }

        return $share;
    }
}
