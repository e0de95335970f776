<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Text\Plain;

/** What to ask for next time, by small steps: repetitions first, then the next rung. */
final readonly class NextTarget
{
    /** A jump in load above this is bridged with repetitions instead, fraction; engine contract and trainers' habit. */
    public const BIG_JUMP = 0.15;

    private function __construct(
        public string $step,
        public ?int $rung,
        public int $reps,
        public string $why,
    ) {
    }

    /** As whoever reckons with strength finds it. */
    public static function standing(string $step, int $rung, int $reps, string $why): self
    {
        return new self($step, $rung, $reps, $why);
    }

    /**
     * @param  list<float>  $wholeKgs  Whole loads of the rungs that can be used, lightest first.
     * @param  int  $current  Index of the rung just used.
     * @param  int  $reps  Repetitions of the weakest working set.
     * @param  float  $reserve  Repetitions left after it.
     * @param  bool  $pain  Whether a set was stopped for pain.
     */
    public static function after(array $wholeKgs, int $current, int $reps, float $reserve, bool $pain, Goal $goal): self
    {
        [$fewest, $most] = $goal->repetitions();
        [$leastReserve, $mostReserve] = $goal->reserve();
        if ($pain) {
            $lighter = $current > 0 ? $current - 1 : null;

            return new self(
                'down',
                $lighter ?? $current,
                $fewest,
                'A set was stopped for pain: something lighter next time, and a look at the movement first.',
            );
        }
        if ($reserve < $leastReserve && $reps <= $fewest) {
            $lighter = $current > 0 ? $current - 1 : $current;

            return new self(
                $lighter === $current ? 'hold' : 'down',
                $lighter,
                $fewest,
                sprintf(
                    '%s with %s in reserve is harder than the goal asks (%d–%d in reserve).',
                    Plain::count($reps, 'repetition'),
                    Plain::number($reserve, 1),
                    $leastReserve,
                    $mostReserve,
                ),
            );
        }
        $next = $current + 1;
        if ($reps >= $most && $reserve >= $leastReserve && isset($wholeKgs[$next])) {
            $jump = $wholeKgs[$next] / $wholeKgs[$current] - 1;
            if ($jump <= self::BIG_JUMP) {
                return new self(
                    'up',
                    $next,
                    $fewest,
                    sprintf(
                        'The top of the range, %d clean repetitions, is reached: the next load up is %d %% heavier, so start again at %d.',
                        $most,
                        round(100 * $jump),
                        $fewest,
                    ),
                );
            }

            return new self(
                'bridge',
                $current,
                min(30, $reps + 2),
                sprintf(
                    'The next load up is %d %% heavier, more than 15 %%: more repetitions, slower lowering or a '
                        .'little added fill first.',
                    round(100 * $jump),
                ),
            );
        }
        if ($reserve > $mostReserve && isset($wholeKgs[$next]) && $wholeKgs[$next] / $wholeKgs[$current] - 1 <= self::BIG_JUMP) {
            return new self(
                'up',
                $next,
                max($fewest, $reps - 2),
                sprintf(
                    '%s in reserve is easier than the goal asks (%d–%d): one load up.',
                    Plain::number($reserve, 1),
                    $leastReserve,
                    $mostReserve,
                ),
            );
        }
        if ($reserve < $leastReserve) {
            return new self('hold', $current, $reps, sprintf('The same again until %d stay in reserve.', $leastReserve));
        }

        return new self('repetitions', $current, min(max($most, $reps), $reps + 1), 'One more repetition per set with the same load.');
    }
}
