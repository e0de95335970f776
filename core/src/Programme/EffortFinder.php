<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RepetitionMaximum;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Strength\HardSets;
use NimbleShelf\Core\Strength\Norms;

/** Finds what to ask of a rung from what this client can probably do, and says what a written dose can be expected to cost. */
final readonly class EffortFinder
{
    /** What nothing measures is taken to meet the goal so well: work of the trunk, a hold, a squeeze or a drill; our choice. */
    private const UNMEASURED = 0.8;

    /** Of the body's mass at the most, where no strength says what is too heavy: a halo or a chop; our choice. */
    private const MOST_UNMEASURED = 0.18;

    private const CAREFUL_UNMEASURED = 0.10;

    private const HOLD = 0.9;

    private const NO_LOAD = 0.3;

    /** A first load of who takes care is one that so many like them could do; planning contract, section 4b. */
    private const SURE = 0.9;

    /** Who takes care is judged as one of the weaker third would be. */
    private const WEAKER = 0.7;

    /** The body alone cannot be made lighter in the middle of a set: so many like them must be able to do what is asked; our choice. */
    private const SURE_OF_THE_BODY = 0.8;

    /** Fewer repetitions than this are no set to begin with, for who takes care and with the body alone; our choice. */
    private const FEWEST_SURE = 4;

    private const FEWEST_OF_THE_WEAK = 3;

    private const FEWEST_OF_THE_BODY = 5;

    /** Done slowly: so many seconds down, held so long, so many repetitions at the most, and matching so much less; our choice. */
    private const SLOW_SECONDS = 4;

    private const PAUSE_SECONDS = 2;

    private const SLOW_REPETITIONS = 12;

    private const SLOWLY = 0.9;

    /** What flies is swung sharply or not at all: so many repetitions at the most, unless the goal wants more; our choice. */
    public const SHARP_REPETITIONS = 15;

    /** How far the heaviest of the loads at which nobody counts meets the goal; our choice. */
    private const FAR_TOO_LIGHT = 0.1;

    /** A hold to begin with lasts at least so long, and is no work where it could be held so many times as long; our choice. */
    private const SHORTEST_HOLD = 15;

    private const TOO_LONG = 4.0;

    /** A carry is of something: of what could be carried at most at least such a share; our choice. */
    private const WORTH_CARRYING = 0.25;

    /** What is likely more often than this is said as more. */
    private const NOBODY_COUNTS = 50;

    /** Lighter than this nothing is reckoned, kilograms. */
    private const LEAST_KG = 0.1;

    /** @var \WeakMap<Body, \ArrayObject<string, float>> Whole loads that were reckoned before: a slot comes again every week. */
    private \WeakMap $wholeKgs;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model)
    {
        /** @var \WeakMap<Body, \ArrayObject<string, float>> $known */
        $known = new \WeakMap;
        $this->wholeKgs = $known;
    }

    /**
     * @param  float  $wholeKg  In the pattern's reference lift.
     * @return AskedEffort|null Null where the load is too heavy, or no work.
     */
    public function ask(Exercise $exercise, Setting $setting, float $wholeKg, Brief $brief): ?AskedEffort
    {
        $capacity = $this->capacity($exercise, $brief);
        if ($exercise->isHold) {
            return $this->hold($exercise, $wholeKg, $capacity, $brief);
        }
        $share = $brief->isCareful() ? self::CAREFUL_UNMEASURED : self::MOST_UNMEASURED;
        if ($capacity === null && $setting->massKg > $share * $brief->situation->client->body->massKg) {
            return null;
        }
        if ($capacity === null) {
            return new AskedEffort(
                self::firstRepetitions($brief),
                null,
                $brief->mostReserve(),
                self::withoutLoad($exercise, $setting),
                'Not measured in kilograms: the repetitions in reserve say when it is right.',
            );
        }

        return $capacity->isOnRecord()
            ? $this->known($exercise, $setting, $wholeKg, $capacity, $brief)
            : $this->first($exercise, $setting, $wholeKg, $capacity, $brief);
    }

    /**
     * What can be expected at a load; null where nothing is measured.
     *
     * @param  float  $share  So many like this can do it at the least; the middle, unless a load is to be sure.
     */
    public function expected(Exercise $exercise, float $wholeKg, ?Tempo $tempo, Brief $brief, float $share = 0.5): ?ExpectedEffort
    {
        $capacity = $this->capacity($exercise, $brief);
        if ($capacity === null) {
            return null;
        }
        $can = static fn (float $share): float => self::at($tempo, $exercise, self::repetitions($capacity, $wholeKg, $share));
        $middle = $can($share);

        return $brief->isCareful()
            ? new ExpectedEffort($capacity->isOnRecord() ? $middle : $can(self::WEAKER), $can(self::SURE))
            : new ExpectedEffort($middle, $middle);
    }

    /** So many repetitions at a load, and how they meet the goal. */
    public function asking(Exercise $exercise, float $wholeKg, int $reps, string $why, ?Tempo $tempo, Brief $brief): AskedEffort
    {
        $expected = $this->expected($exercise, $wholeKg, $tempo, $brief);
        if ($expected === null) {
            return new AskedEffort($reps, null, $brief->mostReserve(), self::UNMEASURED, $why, tempo: $tempo);
        }
        $fit = EffortFit::asking($expected->toFailure, $reps, Wanted::of($brief, isFirst: false));

        return new AskedEffort(
            $reps,
            null,
            $fit->reserve,
            $fit->match,
            $why,
            HardSets::count($expected->toFailure - $reps, $expected->toFailure),
            $tempo,
        );
    }

    /**
     * What is asked where everything the shelf has for a movement is far too light to be work: slowly, so that the movement
     * is there all the same; it counts nothing. Null where it is not so light, or not that kind of exercise.
     */
    public function farTooLight(Exercise $exercise, Setting $setting, float $wholeKg, Brief $brief): ?AskedEffort
    {
        $capacity = $this->capacity($exercise, $brief);
        $slow = self::slow($exercise, $setting, $brief);
        if ($capacity === null || $exercise->isHold || $slow === null
            || RepetitionMaximum::repetitionsToFailure($capacity->kg, max(self::LEAST_KG, $wholeKg)) <= HardSets::NOTHING) {
            return null;
        }
        [, $most] = $brief->goal->repetitions();
        $reps = min($most, self::SLOW_REPETITIONS);

        return self::repetitions($capacity, $wholeKg, self::SURE) < $reps ? null : new AskedEffort(
            $reps,
            null,
            $brief->mostReserve(),
            self::FAR_TOO_LIGHT * min(1.0, $wholeKg / $capacity->kg),
            'Far too light to be work: done slowly, so that the movement is there.',
            0.0,
            $slow,
        );
    }

    /** What somebody chose, though the load is not what the goal asks. */
    public static function chosen(Brief $brief): AskedEffort
    {
        $why = 'Chosen by the trainer; the load is not what the goal asks.';

        return new AskedEffort(self::firstRepetitions($brief), null, $brief->mostReserve(), 0.0, $why);
    }

    /** What a slot that somebody wrote can be expected to cost. */
    public function written(Slot $slot, Brief $brief): WrittenEffort
    {
        $asked = $slot->assignment;
        $exercise = $slot->exercise;
        $capacity = $this->capacity($exercise, $brief);
        $isHold = $exercise->isHold || $asked->dose->isTimed();
        if ($capacity === null || ($isHold && self::isOfTheTrunk($exercise))) {
            $match = $isHold ? self::HOLD : self::withoutLoad($exercise, $asked->setting);

            return WrittenEffort::unmeasured($asked->reserve, $match);
        }
        try {
            $wholeKg = $this->wholeKg($exercise, $asked->setting, $brief->situation->client->body);
        } catch (InvalidQuantity) {
            // A band used up by where it is held.
            return WrittenEffort::unmeasured($asked->reserve, 0.0);
        }
        $isFirst = ! $capacity->isOnRecord();
        [$low, $middle, $high] = array_map(
            static fn (float $n): float => self::at($asked->tempo, $exercise, $n),
            $capacity->repetitionsAround(max(self::LEAST_KG, $wholeKg), 0.0),
        );
        $toFailure = $isFirst && $brief->isCareful()
            ? self::at($asked->tempo, $exercise, self::repetitions($capacity, $wholeKg, self::WEAKER))
            : $middle;
        $reps = $isHold ? (int) max(1, round($asked->dose->count() / Norms::HOLD_SECONDS)) : $asked->dose->count();

        return new WrittenEffort(
            wholeKg: $wholeKg,
            toFailure: $middle,
            low: $low,
            high: $high,
            reserve: $middle - $reps,
            // Of two loads that are both far too light the heavier is less wrong.
            match: $isHold ? self::HOLD : max(
                EffortFit::asking($toFailure, $reps, Wanted::of($brief, $isFirst))->match,
                $toFailure > HardSets::NOTHING ? self::FAR_TOO_LIGHT * min(1.0, $wholeKg / $capacity->kg) : 0.0,
            ),
            // Light on purpose counts as what the goal will ask of it, unless the load can never be hard.
            counts: HardSets::count($isFirst ? min($asked->reserve, $middle - $reps) : $middle - $reps, $toFailure),
        );
    }

    /**
     * What the sets of a slot count each, 0 to 1: by what they can be expected to leave, for the one measure of volume.
     *
     * @return \Closure(Slot): float
     */
    public function counting(Brief $brief): \Closure
    {
        return fn (Slot $slot): float => $this->written($slot, $brief)->counts;
    }

    /** @throws InvalidQuantity If a band is used up by where it is held. */
    private function wholeKg(Exercise $exercise, Setting $setting, Body $body): float
    {
        $known = $this->wholeKgs[$body] ??= new \ArrayObject;

        return $known["{$exercise->id}|{$setting->implement}|{$setting->key()}"] ??= $this->model->wholeKg(
            $exercise,
            $body,
            $this->model->summary($exercise, $body, $setting),
            School::Mean,
            $exercise->pattern,
        );
    }

    private function capacity(Exercise $exercise, Brief $brief): ?Capacity
    {
        return $this->catalogue->pattern($exercise->pattern)->isMeasured()
            ? $brief->situation->client->capacityFor($exercise)
            : null;
    }

    private function known(Exercise $exercise, Setting $setting, float $wholeKg, Capacity $capacity, Brief $brief): ?AskedEffort
    {
        $toFailure = RepetitionMaximum::repetitionsToFailure($capacity->kg, max(self::LEAST_KG, $wholeKg));
        [$fit, $tempo] = self::fit($exercise, $setting, $toFailure, Wanted::of($brief, isFirst: false), $brief);

        return $fit === null ? null : new AskedEffort(
            $fit->reps,
            null,
            $fit->reserve,
            $fit->match,
            match (true) {
                $tempo !== null => 'Lighter than the goal asks: slow lowering and a pause make up for it.',
                $fit->reps > $brief->goal->repetitions()[1] => 'Lighter than the goal asks: more repetitions make up for it.',
                // How many there are stands beside it.
                default => 'The repetitions and the reserve that the goal asks for.',
            },
            HardSets::count($fit->reserve, self::at($tempo, $exercise, $toFailure)),
            $tempo,
        );
    }

    /**
     * Where nothing of this pattern was done yet: a load from what people like this can, with more left than the goal will ask,
     * and for who takes care never more than nine in ten like them could do.
     */
    private function first(Exercise $exercise, Setting $setting, float $wholeKg, Capacity $capacity, Brief $brief): ?AskedEffort
    {
        $isCareful = $brief->isCareful();
        $wanted = Wanted::of($brief, isFirst: true);
        $toFailure = $isCareful
            ? self::repetitions($capacity, $wholeKg, self::WEAKER)
            : RepetitionMaximum::repetitionsToFailure($capacity->kg, max(self::LEAST_KG, $wholeKg));
        [$fit, $tempo] = self::fit($exercise, $setting, $toFailure, $wanted, $brief);
        $few = $fit === null && $isCareful && self::isPlainest($exercise, $setting)
            ? self::fewOf($toFailure, self::repetitions($capacity, $wholeKg, self::SURE), $wanted)
            : null;
        $fit ??= $few;
        if ($fit === null) {
            return null;
        }
        // What the arms bear of the body stays when a load is put down.
        $isTheBody = ($setting->massKg <= 0 && $setting->band === null) || ($exercise->usesBodyWeight && $exercise->effort->isOfArms());
        if ($isCareful || $isTheBody) {
            $share = $isCareful ? self::SURE : self::SURE_OF_THE_BODY;
            $sure = (int) floor(self::at($tempo, $exercise, self::repetitions($capacity, $wholeKg, $share)));
            if ($few === null && $sure < ($isCareful ? min(self::FEWEST_SURE, $wanted->fewest) : self::FEWEST_OF_THE_BODY)) {
                return null;
            }
            // Nobody careful is asked for more; others stop where the reserve says so.
            if ($isCareful && $sure < $fit->reps) {
                $fit = EffortFit::asking(
                    self::at($tempo, $exercise, $toFailure),
                    $sure,
                    $wanted,
                )->less($tempo === null ? 1.0 : self::SLOWLY);
            }
        }

        return new AskedEffort(
            $fit->reps,
            null,
            $brief->mostReserve(),
            $fit->match,
            self::likely($capacity->repetitionsAround($wholeKg, 0.0))
                .($tempo === null ? '.' : '; slow lowering and a pause make up for it.'),
            // Light on purpose: it counts as what the goal will ask of it, unless the load can never be hard.
            HardSets::count($brief->mostReserve(), self::at($tempo, $exercise, $toFailure)),
            $tempo,
        );
    }

    /** The body alone on its legs, done the plainest way there is: for the arms there is always a wall. */
    private static function isPlainest(Exercise $exercise, Setting $setting): bool
    {
        return $setting->massKg <= 0 && $setting->band === null && $exercise->skill === 1
            && ! $exercise->effort->isOfArms() && $exercise->role($setting) === Role::Main;
    }

    /** What the weak rise with all the same: as often as nine in ten like them can, and too seldom for a goal. */
    private static function fewOf(float $toFailure, float $sure, Wanted $wanted): ?EffortFit
    {
        $few = (int) floor($sure);

        return $few < self::FEWEST_OF_THE_WEAK || $few >= $wanted->fewest ? null : EffortFit::asking($toFailure, $few, $wanted);
    }

    /**
     * How a load meets what is wanted, done slowly where nothing else makes it work.
     *
     * @return array{EffortFit|null, Tempo|null}
     */
    private static function fit(Exercise $exercise, Setting $setting, float $toFailure, Wanted $wanted, Brief $brief): array
    {
        $fit = EffortFit::of($toFailure, $wanted);
        $sharp = max($wanted->most, self::SHARP_REPETITIONS);
        if ($fit !== null && $fit->reps > $sharp && $exercise->role($setting) === Role::Power) {
            return [EffortFit::asking($toFailure, $sharp, $wanted), null];
        }
        $slow = self::slow($exercise, $setting, $brief);
        if (($fit !== null && $fit->reps <= $wanted->most) || $toFailure - $wanted->leastReserve < $wanted->fewest || $slow === null) {
            return [$fit, null];
        }
        $usual = Tempo::of(...$exercise->tempo);
        $left = $slow->repetitionsFrom($toFailure, $usual);
        $slowly = EffortFit::of($left, $wanted);
        $most = max($wanted->most, self::SLOW_REPETITIONS);
        $slowly = $slowly !== null && $slowly->reps > $most ? EffortFit::asking($left, $most, $wanted) : $slowly;

        if ($slowly === null || $slowly->match * self::SLOWLY <= ($fit->match ?? 0.0)) {
            return [$fit, null];
        }

        return [$slowly->less(self::SLOWLY), $slow];
    }

    /** Slow lowering and a pause; null for what flies or only warms up. */
    private static function slow(Exercise $exercise, Setting $setting, Brief $brief): ?Tempo
    {
        if (in_array($exercise->role($setting), [Role::Power, Role::Drill], true)) {
            return null;
        }
        $usual = Tempo::of(...$exercise->tempo);
        $slow = $usual->lowering(max(self::SLOW_SECONDS, $usual->lower));

        // A held breath is what a pause invites.
        return $brief->situation->client->has(Limit::HighBloodPressure)
            ? $slow
            : $slow->pausing(max(self::PAUSE_SECONDS, $usual->pause));
    }

    private function hold(Exercise $exercise, float $wholeKg, ?Capacity $capacity, Brief $brief): ?AskedEffort
    {
        $seconds = $brief->experience->holdSeconds();
        // What a hold of the trunk weighs has no measure in common with what bends or turns it.
        if ($capacity !== null && ! self::isOfTheTrunk($exercise)) {
            $n = self::repetitions($capacity, $wholeKg, $brief->isCareful() ? self::SURE : 0.5);
            $longest = Norms::HOLD_SECONDS * $n;
            $seconds = (int) min($seconds, 5 * floor($longest / 5));
            $ownKg = $this->model->ownKg($exercise->pattern, $brief->situation->client->body);
            $isNothing = $exercise->pattern === 'carry' && $wholeKg - $ownKg < self::WORTH_CARRYING * ($capacity->kg - $ownKg);
            if ($seconds < self::SHORTEST_HOLD || $longest > self::TOO_LONG * $seconds || $isNothing) {
                return null;
            }
        }
        $why = 'Held for as long as it stays clean; the first log sets the next.';

        return new AskedEffort(null, $seconds, $brief->mostReserve(), self::HOLD, $why);
    }

    /** Repetitions left of those possible at the usual tempo. */
    private static function at(?Tempo $tempo, Exercise $exercise, float $repetitions): float
    {
        return $tempo?->repetitionsFrom($repetitions, Tempo::of(...$exercise->tempo)) ?? $repetitions;
    }

    /** Repetitions to failure that so many in a hundred like this can do at the least. */
    private static function repetitions(Capacity $capacity, float $wholeKg, float $share): float
    {
        return RepetitionMaximum::repetitionsToFailure($capacity->atLeastKg($share), max(self::LEAST_KG, $wholeKg));
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

    private static function withoutLoad(Exercise $exercise, Setting $setting): float
    {
        return $exercise->pattern === 'squeeze' || $exercise->role($setting) === Role::Drill ? self::NO_LOAD : self::UNMEASURED;
    }

    private static function isOfTheTrunk(Exercise $exercise): bool
    {
        return PatternGroup::of($exercise->pattern) === PatternGroup::Trunk;
    }

    /** Where nothing is known: eight, or what comes nearest to it in the goal's window. */
    private static function firstRepetitions(Brief $brief): int
    {
        [$fewest, $most] = $brief->goal->repetitions();

        return max($fewest, min($most, 8));
    }
}
