<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Planning\Ability;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Text\Plain;

/**
 * A prescription rewritten for another load, so that the client ends a set with the same number in reserve.
 *
 * What is too light is made harder in the order trainers keep: one limb and more range are rungs of their own and
 * compete by their load; then slower lowering, a pause where it is hardest, more repetitions up to thirty, and a
 * shorter rest. What is too heavy goes back the same way: a longer rest, fewer repetitions, and below what the goal asks
 * for a shorter range, whose load is reckoned from the curve.
 */
final readonly class KeptEffort
{
    /** Beyond this many repetitions a set no longer trains what was prescribed. */
    public const MOST_REPS = 30;

    /** Fewer repetitions than this are a test and no set, unless as few were asked for; our judgement. */
    private const FEWEST = 3;

    /** No lowering is slower, no pause longer, seconds. Our choice: what a client can count without a clock. */
    private const SLOWEST_LOWERING = 5;

    private const LONGEST_PAUSE = 3;

    /** What is left of a range that is cut short. */
    private const SHORT_RANGE = 2 / 3;

    /** With thirty repetitions at the slowest tempo and this many more possible, the effort counts as out of reach. */
    private const OUT_OF_REACH = 12;

    /** So many repetitions to failure, or more: no formula says how many. */
    private const UNTOLD = 59.5;

    /** Repetitions fall to less than this share: the load is felt, and the rest grows. */
    private const LONGER_REST_BELOW = 0.7;

    /** Share that a mended difference still counts for. Our judgement. */
    private const MENDED_COUNTS = 0.35;

    /** A range is cut short only where that takes this much off the load or more. */
    private const WORTH_CUTTING = 0.97;

    /** Share of the rest that is taken off, seconds put on. Rules of thumb. */
    private const SHORTER_REST = 0.5;

    private const LONGER_REST_SECONDS = 30;

    /**
     * @param  float  $possible  Repetitions at the usual tempo over the whole range that leave the reserve.
     * @param  Tempo|null  $tempo  Null for the usual one.
     * @param  string|null  $range  How to keep to the part of the range that is used; null for the whole.
     * @param  float  $rangeRatio  What the load comes to over that part, against the whole; 1 for the whole.
     * @param  float  $restFactor  What the rest is multiplied by, before seconds are added.
     * @param  int  $restSeconds  Seconds added to the rest.
     * @param  bool  $isReached  False where even the hardest way leaves more in reserve than was asked for.
     * @param  list<string>  $changes  What changed, and why.
     * @param  list<string>  $lost
     * @param  Execution|null  $execution  Set by hand; null where only the tempo may differ from the usual way.
     */
    private function __construct(
        public float $possible,
        public int $reps,
        public ?Tempo $tempo,
        public ?string $range,
        public float $rangeRatio,
        public float $restFactor,
        public int $restSeconds,
        public bool $isReached,
        public array $changes,
        public array $lost,
        public ?Execution $execution = null,
    ) {
    }

    /** True where slower lowering and a pause make sense: not in a hold, nor where the load flies. */
    public static function slows(Exercise $exercise): bool
    {
        return Execution::canBeSlow($exercise);
    }

    public static function asWritten(Prescription $prescription, ?string $note = null): self
    {
        return new self($prescription->reps, $prescription->reps, null, null, 1.0, 1.0, 0, true, $note === null ? [] : [$note], []);
    }

    /**
     * @param  \Closure(): ResistanceCurve  $curve  Asked only where a shorter range may be.
     * @param  float  $wholeKg  What the rung comes to, in kilograms of the reference lift.
     * @param  bool  $mayPause  False for who must not hold under load.
     * @param  Execution|null  $execution  Set by hand; null to find a tempo.
     * @return self|null Null where it is too heavy for a set worth the name.
     */
    public static function on(
        Exercise $exercise,
        \Closure $curve,
        Ability $ability,
        float $wholeKg,
        Prescription $prescription,
        int $reserve,
        bool $mayPause,
        ?Execution $execution = null,
    ): ?self {
        $usual = Tempo::of(...$exercise->tempo);
        $toFailure = $ability->repetitionsToFailure($wholeKg);
        $possible = $toFailure - $reserve;
        $target = $prescription->reps;
        if ($execution !== null) {
            return self::byHand($execution, Execution::usualFor($exercise), $possible, $toFailure, $reserve, $target);
        }
        if ($possible < $target - 0.5) {
            return self::lessHeavy($curve, $ability, $wholeKg, $possible, $prescription, $reserve);
        }
        $slowest = $usual;
        foreach (self::slows($exercise) && round($possible) > $target ? self::tempos($usual, $mayPause) : [] as $slower) {
            if ($slower->repetitionsFrom($toFailure, $usual) - $reserve < $target - 0.5) {
                break;
            }
            $slowest = $slower;
        }
        $left = $slowest->repetitionsFrom($toFailure, $usual) - $reserve;
        $reps = (int) round($left);
        $changes = [];
        if ($slowest !== $usual) {
            $changes[] = sprintf(
                'Too light for %s as it is%s: %s. A rule of thumb takes %d %% off the repetitions for it; the first '
                    .'logged set corrects that.',
                Plain::count($target, 'repetition'),
                $possible <= self::MOST_REPS ? sprintf(' (%d would go)', round($possible)) : '',
                $slowest->inWords(),
                round(100 * (1 - $slowest->repetitionsFrom(1.0, $usual))),
            );
        }
        $over = $reps - self::MOST_REPS;
        $isReached = $over <= self::OUT_OF_REACH && $toFailure < self::UNTOLD;
        $reps = min(self::MOST_REPS, $reps);
        if ($reps > $target) {
            $changes[] = sprintf('%s instead of %d, near failure: %d in reserve.', Plain::count($reps, 'repetition'), $target, $reserve);
        }
        if ($over > 0 && $isReached) {
            $changes[] = sprintf('About %d more would still go after %d: halve the rest between sets.', $over, self::MOST_REPS);
        }

        return new self(
            possible: $possible,
            reps: max(1, $reps),
            tempo: $slowest === $usual ? null : $slowest,
            range: null,
            rangeRatio: 1.0,
            restFactor: $over > 0 ? self::SHORTER_REST : 1.0,
            restSeconds: 0,
            isReached: $isReached,
            changes: $changes,
            lost: $isReached ? [] : [
                sprintf(
                    'The effort is out of reach: even at its hardest, %d repetitions would leave %s.',
                    self::MOST_REPS,
                    $toFailure >= self::UNTOLD ? 'more than can be foretold' : sprintf('about %d', $reserve + $over),
                ),
            ],
        );
    }

    /**
     * How far this is from what was asked, as the natural logarithm of a ratio of repetitions; positive where lighter.
     *
     * What a rewriting mends counts for a third: the effort is there, but it is another set.
     */
    public function offFrom(int $reps): float
    {
        return self::MENDED_COUNTS * log(max(0.5, $this->possible) / $reps) + (1 - self::MENDED_COUNTS) * log($this->reps / $reps);
    }

    /** Repetitions at another load at the tempo and over the range chosen here; for the ends of a spread. */
    public function repetitionsAt(Exercise $exercise, Ability $ability, float $wholeKg, int $reserve): int
    {
        $toFailure = $ability->repetitionsToFailure($wholeKg * $this->rangeRatio);
        $left = match (true) {
            $this->execution !== null => $this->execution->repetitionsFrom($toFailure, Execution::usualFor($exercise)),
            $this->tempo !== null => $this->tempo->repetitionsFrom($toFailure, Tempo::of(...$exercise->tempo)),
            default => $toFailure,
        };

        return max(1, min(self::MOST_REPS, (int) round($left - $reserve)));
    }

    private static function byHand(
        Execution $execution,
        Execution $usual,
        float $possible,
        float $toFailure,
        int $reserve,
        int $target,
    ): ?self {
        $left = $execution->repetitionsFrom($toFailure, $usual) - $reserve;
        if ($left < 0.5) {
            return null;
        }
        $reps = min(self::MOST_REPS, (int) round($left));
        $how = $execution->inWords($usual);
        $changes = [$how === '' ? 'Tempo set by hand.' : sprintf('Set by hand: %s.', $how)];
        if ($execution->sides !== $usual->sides) {
            $changes[] = $execution->sides->effect();
        }
        if ($reps !== $target) {
            $changes[] = sprintf('%s instead of %d, with %d in reserve.', Plain::count($reps, 'repetition'), $target, $reserve);
        }

        return new self(
            $possible,
            $reps,
            $execution->tempo,
            null,
            1.0,
            1.0,
            0,
            $left <= self::MOST_REPS + self::OUT_OF_REACH,
            $changes,
            [],
            $execution,
        );
    }

    /** @param  \Closure(): ResistanceCurve  $curve */
    private static function lessHeavy(
        \Closure $curve,
        Ability $ability,
        float $wholeKg,
        float $possible,
        Prescription $prescription,
        int $reserve,
    ): ?self {
        $target = $prescription->reps;
        $least = min($target, $prescription->goal->repetitions()[0]);
        $reps = (int) round($possible);
        $changes = $lost = [];
        $range = null;
        $rangeRatio = 1.0;
        if ($reps < $least) {
            [$ratio, $how] = self::easierPart($curve());
            if ($ratio < self::WORTH_CUTTING) {
                [$range, $rangeRatio] = [$how, $ratio];
                $reps = (int) round(min($target, $ability->repetitionsToFailure($wholeKg * $ratio) - $reserve));
                $changes[] = sprintf(
                    'Too heavy for %s over the whole range: %s, which takes %d %% off the load.',
                    Plain::count($least, 'repetition'),
                    $how,
                    round(100 * (1 - $ratio)),
                );
                $lost[] = 'A third of the range.';
            }
        }
        if ($reps < min($least, self::FEWEST)) {
            return null;
        }
        if ($reps !== $target) {
            $changes[] = sprintf('%s instead of %d, with %d in reserve as before.', Plain::count($reps, 'repetition'), $target, $reserve);
        }
        $longer = $reps < self::LONGER_REST_BELOW * $target;
        if ($longer) {
            $changes[] = sprintf('%d s more rest between sets: the load is felt.', self::LONGER_REST_SECONDS);
        }

        return new self($possible, $reps, null, $range, $rangeRatio, 1.0, $longer ? self::LONGER_REST_SECONDS : 0, true, $changes, $lost);
    }

    /**
     * The easier two thirds of a range: how their mean compares with the whole, and how to keep to them.
     *
     * @return array{float, string}
     */
    public static function easierPart(ResistanceCurve $curve): array
    {
        $last = count($curve->us) - 1;
        $cut = (int) round($last * (1 - self::SHORT_RANGE));
        $mean = $curve->mean();
        $of = static fn (int $from, int $count): float => $mean <= 0
            ? 1.0
            : ResistanceCurve::meanOf(array_slice($curve->resistance, $from, $count), array_slice($curve->effort, $from, $count)) / $mean;
        $end = $of($cut, $last - $cut + 1);
        $start = $of(0, $last - $cut + 1);

        return $end <= $start
            ? [min(1.0, $end), 'lower it only two thirds of the way']
            : [min(1.0, $start), 'lift it only two thirds of the way'];
    }

    /** @return list<Tempo> Slower and slower, a second at a time. */
    private static function tempos(Tempo $usual, bool $mayPause): array
    {
        $tempos = [];
        for ($lower = $usual->lower + 1; $lower <= self::SLOWEST_LOWERING; $lower++) {
            $tempos[] = $usual->lowering($lower);
        }
        $slowest = $tempos === [] ? $usual : $tempos[count($tempos) - 1];
        for ($pause = $usual->pause + 1; $mayPause && $pause <= self::LONGEST_PAUSE; $pause++) {
            $tempos[] = $slowest->pausing($pause);
        }

        return $tempos;
    }
}
