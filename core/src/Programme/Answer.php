<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Planning\NextTarget;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Text\Plain;

/**
 * What to ask for after what was logged: as much as was said. Near the target by small steps; far from it where strength now
 * puts it, several loads up or down at once. Planning contract, section 4b.
 */
final readonly class Answer
{
    /** A load that leaves so much more, or less, than the goal asks is another load's business; our choice. */
    private const TOO_MANY = 1.5;

    private const TOO_FEW = 1.0;

    /** At most so much more in one session for who does not take care; our choice. */
    private const MOST = 0.5;

    /** After "five or more" nobody knows how much more: a load that so many with such sets on record could do; our choice. */
    private const SURE = 0.75;

    /** Where nothing is heavier, repetitions make up for it to so many times the goal's most, and no further; our choice. */
    private const BRIDGED = 2;

    public function __construct(private EffortFinder $efforts)
    {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        return new self(new EffortFinder($catalogue, $model));
    }

    /** Repetitions that what is known now would leave of so many; null where nothing of the pattern is on record. */
    public function left(Exercise $exercise, float $wholeKg, int $reps, ?Tempo $tempo, Brief $brief): ?float
    {
        $expected = $brief->situation->client->onRecord($exercise->pattern) === null
            ? null
            : $this->efforts->expected($exercise, $wholeKg, $tempo, $brief);

        return $expected === null ? null : $expected->toFailure - $reps;
    }

    /** True where what is planned is about what the goal asks. */
    public static function fits(float $left, Brief $brief): bool
    {
        return $left >= $brief->leastReserve() - self::TOO_FEW && $left <= $brief->mostReserve() + self::TOO_MANY;
    }

    /**
     * @param  list<float>  $wholeKgs  Whole loads of the rungs that can be used, lightest first.
     * @param  int  $current  Index of the rung just used.
     * @param  int  $reps  Repetitions of the weakest working set.
     * @param  float  $reserve  Repetitions that were said to be left after it.
     * @param  Tempo|null  $tempo  At which it was done and will be again; null for the usual.
     */
    public function after(
        Exercise $exercise,
        array $wholeKgs,
        int $current,
        int $reps,
        float $reserve,
        bool $pain,
        ?Tempo $tempo,
        Brief $brief,
    ): NextTarget {
        $small = NextTarget::after($wholeKgs, $current, $reps, $reserve, $pain, $brief->goal);
        $left = $pain ? null : $this->left($exercise, $wholeKgs[$current], $reps, $tempo, $brief);
        $wanted = Wanted::of($brief, isFirst: false);
        // What was said decides whether the load is to blame, and strength by how much.
        $isEasy = $left > $wanted->mostReserve
            && ($reserve >= Strength::OR_MORE || $reserve > $wanted->mostReserve + self::TOO_MANY);
        $isHard = $small->step === 'down' || $reps + $reserve < $wanted->fewest + $wanted->leastReserve;
        if ($left === null || ! ($isEasy || $isHard)) {
            return self::sharply($small, $exercise, $wanted);
        }
        $found = null;
        foreach ($wholeKgs as $rung => $kg) {
            $isWithin = $isEasy
                ? $rung > $current && $kg <= $wholeKgs[$current] * (1 + ($brief->isCareful() ? NextRung::CAREFUL_STEP : self::MOST))
                : $rung < $current;
            $expected = $isWithin ? $this->efforts->expected($exercise, $kg, $tempo, $brief, $isEasy ? self::SURE : 0.5) : null;
            $can = $expected?->repetitions($wanted->reserve()) ?? 0;
            // The heaviest that leaves what is wanted; where all are too heavy, the lightest.
            if ($isWithin && ($can >= $wanted->fewest || (! $isEasy && $found === null))) {
                $found = [$rung, max($wanted->fewest, min($wanted->most, $can))];
            }
        }

        return self::sharply(match (true) {
            $found !== null => NextTarget::standing(
                $isEasy ? 'up' : 'down',
                $found[0],
                $found[1],
                $isEasy ? self::why($left, $found[0] - $current, $wanted) : $small->why,
            ),
            $isEasy => NextTarget::standing(
                'bridge',
                $current,
                max(min(EffortFit::MOST_REPETITIONS, $reps + 1), min(
                    EffortFit::MOST_REPETITIONS,
                    self::BRIDGED * $wanted->most,
                    (int) floor($reps + $left - $wanted->reserve()),
                )),
                self::why($left, 0, $wanted),
            ),
            default => $small,
        }, $exercise, $wanted);
    }

    /** What flies is done sharply or not at all, however many more there would be. */
    private static function sharply(NextTarget $target, Exercise $exercise, Wanted $wanted): NextTarget
    {
        $most = max($wanted->most, EffortFinder::SHARP_REPETITIONS);

        return $exercise->pattern !== 'power' || $target->reps <= $most ? $target : NextTarget::standing(
            'hold',
            (int) $target->rung,
            $most,
            "What flies is done sharply: {$most} repetitions are enough.",
        );
    }

    private static function why(float $left, int $steps, Wanted $wanted): string
    {
        return sprintf(
            'about %.0f would be left instead of %d–%d: %s.',
            $left,
            $wanted->leastReserve,
            $wanted->mostReserve,
            $steps === 0 ? 'more repetitions' : Plain::count($steps, 'load').' up',
        );
    }
}
