<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\NextTarget;

/** Finds the load that fits next, along an exercise's own and then along all of its pattern. */
final readonly class NextRung
{
    /** At most so much more in one step for who takes care; planning contract, section 4b. */
    public const CAREFUL_STEP = 0.20;

    /** And for all others, whatever strength says; our choice: beyond it a forecast is a guess. */
    private const STEP = 0.50;

    /** Where more repetitions and a slow tempo have bridged as far as they can: one limb for two; our choice. */
    private const BRIDGED = 1.00;

    /** Another exercise takes a place only where it is so much heavier; our choice. */
    private const HEAVIER = 0.05;

    /** So many more left than the goal's most are far too many: the load is to blame, and not the repetitions; our choice. */
    private const FAR = 3.0;

    /** Another exercise has to meet the goal so much better to take a place; our choice. */
    private const BETTER = 0.10;

    public function __construct(private ShelfRungs $rungs, private OptionFinder $finder)
    {
    }

    /** True where so many are left that a repetition or two more are no answer. */
    public static function isFarTooEasy(float $left, Wanted $wanted): bool
    {
        return $left > $wanted->mostReserve + self::FAR;
    }

    /**
     * The next load of the same exercise: the heaviest that leaves what is wanted, and beyond a big step the nearest alone; null
     * where none fits.
     */
    public function up(PlanOption $now, Brief $brief): ?PlanOption
    {
        if ($now->wholeKg === null) {
            return null;
        }
        $nearKg = $now->wholeKg * (1 + NextTarget::BIG_JUMP);
        $step = $brief->isCareful() ? self::CAREFUL_STEP : self::STEP;
        $mostKg = $now->wholeKg * (1 + ($now->isTooLight($brief) ? self::BRIDGED : $step));
        $wanted = Wanted::of($brief, isFirst: false);
        $best = null;
        foreach ($this->ladder($now, $brief) as ['rung' => $rung, 'wholeKg' => $kg]) {
            if ($kg < $now->wholeKg * (1 + ShelfRungs::ALIKE)) {
                continue;
            }
            if ($kg > $mostKg || ($best !== null && $kg > $nearKg)) {
                break;
            }
            $expected = $this->finder->expected($now->exercise, $kg, null, $brief);
            if ($expected === null) {
                break;
            }
            $can = $expected->repetitions($wanted->reserve());
            // A big step has to be sure; a small one may be as hard as the goal allows.
            $isSure = $can >= $wanted->fewest + ($kg > $nearKg ? 1 : 0);
            $isHard = $best === null && $kg <= $nearKg && $expected->repetitions($wanted->leastReserve) >= $wanted->fewest;
            if (! $isSure && ! $isHard) {
                break;
            }
            $best = [$rung, $kg, max($wanted->fewest, min($wanted->most, $can))];
        }

        return $best === null ? null : $this->finder->standing($now, $best[0], $best[1], $best[2], $brief);
    }

    /**
     * Another exercise of the same pattern that meets the goal better than what there is; what the catalogue calls harder first.
     *
     * @param  list<string>  $taken  Exercises that may not.
     */
    public function other(PlanOption $now, array $taken, Brief $brief): ?PlanOption
    {
        $harder = $now->exercise->ladder['harder'] ?? [];
        $others = $this->finder->among(
            static fn (Exercise $exercise): bool => $exercise->pattern === $now->exercise->pattern
                && $exercise !== $now->exercise
                && self::isRested($exercise, $now->exercise, $brief)
                // How hard it is what nothing measures, the catalogue alone can tell.
                && ($now->wholeKg !== null && ! $now->exercise->isHold || in_array($exercise->id, $harder, true))
                && ! in_array($exercise->id, $taken, true),
            $brief,
        );
        $isNamed = static fn (PlanOption $option): bool => in_array($option->exercise->id, $harder, true);
        usort($others, static fn (PlanOption $one, PlanOption $two): int => $isNamed($two) <=> $isNamed($one));
        $match = $now->wholeKg === null || $now->exercise->isHold
            ? null
            : $this->finder->standing($now, $now->rung, $now->wholeKg, $now->dose->count(), $brief)->match;
        foreach ($others as $other) {
            if ($other->role === $now->role
                && $other->exercise->isHold === $now->exercise->isHold
                && ($now->isOnFloor || ! $other->isOnFloor)
                && ($match === null || $this->isBetter($other, $now, $match, $brief))) {
                return $other;
            }
        }

        return null;
    }

    /** The days between sessions were left for what works now: nothing else may work, the less so the closer they are. */
    private static function isRested(Exercise $other, Exercise $now, Brief $brief): bool
    {
        if (array_diff_key($other->mainMuscles, $now->mainMuscles) !== []) {
            return false;
        }
        foreach ($brief->days as $i => $day) {
            foreach (array_slice($brief->days, $i + 1) as $later) {
                if ($day->nightsFrom($later) < 2) {
                    return array_diff_key(Muscles::halvesOf($other), Muscles::halvesOf($now)) === [];
                }
            }
        }

        return true;
    }

    private function isBetter(PlanOption $other, PlanOption $now, float $match, Brief $brief): bool
    {
        return ! $other->isTooLight($brief)
            // Fewer than a goal wants are for who has nothing lighter.
            && ($other->dose->isTimed() || $other->dose->count() >= Wanted::of($brief, isFirst: false)->fewest)
            && $other->match >= $match + self::BETTER
            && $other->wholeKg >= (float) $now->wholeKg * (1 + self::HEAVIER)
            && $other->wholeKg <= (float) $now->wholeKg * (1 + self::BRIDGED);
    }

    /** @return list<array{rung: Rung, wholeKg: float}> As many limbs at work as now, lightest first. */
    private function ladder(PlanOption $now, Brief $brief): array
    {
        $isOneSided = $now->exercise->isOneSidedIn($now->rung->setting);

        return $this->rungs->usable(
            $now->exercise,
            $brief->situation,
            only: static fn (Rung $rung): bool => $now->exercise->isOneSidedIn($rung->setting) === $isOneSided,
        );
    }
}
