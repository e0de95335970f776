<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\RepetitionMaximum;

/** Everything a client can use in one movement pattern, lightest first, and why the rest is not there. */
final readonly class Rail
{
    /** Under-18s keep at least this many repetitions in reserve. */
    public const YOUTH_RESERVE = 4;

    /** More repetitions than this nobody counts. */
    private const MOST_REPS = 60;

    /** Reasons shown of one exercise. */
    private const REASONS = 3;

    /**
     * @param  list<RailRung>  $rungs  Lightest first.
     * @param  array{lowKg: float, highKg: float}|null  $window  Whole loads at which the goal's repetitions leave the
     *     goal's reserve; null without a capacity.
     * @param  list<Exclusion>  $unusable  Exercises of which no rung can be used.
     * @param  list<Exclusion>  $leftOut  Things and settings that cannot be used in exercises that otherwise can.
     */
    private function __construct(public array $rungs, public ?array $window, public array $unusable, public array $leftOut)
    {
    }

    public static function of(
        string $pattern,
        Situation $situation,
        Goal $goal,
        Catalogue $catalogue,
        ShelfRungs $shelfRungs,
        School $school = School::Mean,
    ): self {
        $capacity = $situation->client->capacities[$pattern] ?? null;
        [$leastReserve, $mostReserve] = $goal->reserve();
        $leastReserve = $situation->client->has(Limit::Youth) ? max(self::YOUTH_RESERVE, $leastReserve) : $leastReserve;
        [$fewest, $most] = $goal->repetitions();
        $window = $capacity === null ? null : [
            'lowKg' => RepetitionMaximum::loadFor($capacity->kg, $most + max($leastReserve, $mostReserve)),
            'highKg' => RepetitionMaximum::loadFor($capacity->kg, $fewest + $leastReserve),
        ];
        $rungs = $unusable = $leftOut = [];
        foreach ($catalogue->exercises as $exercise) {
            if ($exercise->pattern !== $pattern) {
                continue;
            }
            $usable = $shelfRungs->distinct($exercise, $situation, $school);
            foreach ($usable as ['rung' => $rung, 'equivalent' => $equivalent]) {
                $wholeKg = $equivalent->wholeKg();
                $predicted = null;
                $own = $exercise->isHold ? null : $situation->client->capacityFor($exercise);
                if ($own !== null) {
                    [$low, $high] = $own->repetitionRangeAt($wholeKg, $equivalent->sdKg, $leastReserve);
                    $predicted = [
                        'reps' => (int) max(0, min(self::MOST_REPS, round($own->repetitionsAt($wholeKg, $leastReserve)))),
                        'low' => (int) max(0, min(self::MOST_REPS, floor($low))),
                        'high' => (int) max(0, min(self::MOST_REPS, ceil($high))),
                    ];
                }
                $rungs[] = new RailRung(
                    $rung,
                    $equivalent,
                    $predicted,
                    isInWindow: $window !== null && $wholeKg >= $window['lowKg'] && $wholeKg <= $window['highKg'],
                    cautions: Cautions::of($rung, $situation),
                );
            }
            if ($usable === []) {
                $against = Cautions::against($exercise, $situation);
                $reasons = $against === [] ? $shelfRungs->problems($exercise, $situation) : $against;
                $unusable[] = new Exclusion(
                    $exercise,
                    $reasons === [] ? [RungWords::missing($exercise)] : array_slice($reasons, 0, self::REASONS),
                    related: true,
                );

                continue;
            }
            $reasons = $shelfRungs->leftOut($exercise, $situation);
            if ($reasons !== []) {
                $leftOut[] = new Exclusion($exercise, array_slice($reasons, 0, self::REASONS), related: true);
            }
        }
        usort($rungs, static fn (RailRung $one, RailRung $two): int => $one->equivalent->wholeKg() <=> $two->equivalent->wholeKg());

        return new self($rungs, $window, $unusable, $leftOut);
    }

    /**
     * The rungs next above and below one, with the size of each jump.
     *
     * A rung that is not 2 % away is no step, nor is a hold from a lift or a lift from a hold.
     *
     * @param  int  $from  Place in `rungs`.
     * @return array<int, float> Share of the whole load by place: positive upward; two either way at most.
     */
    public function stepsFrom(int $from): array
    {
        $steps = [];
        foreach ([1, -1] as $way) {
            $found = 0;
            $last = $this->rungs[$from]->equivalent->wholeKg();
            for ($i = $from + $way; isset($this->rungs[$i]) && $found < 2; $i += $way) {
                $wholeKg = $this->rungs[$i]->equivalent->wholeKg();
                if ($this->rungs[$i]->rung->exercise->isHold !== $this->rungs[$from]->rung->exercise->isHold) {
                    continue;
                }
                if (abs($wholeKg / $last - 1) >= ShelfRungs::ALIKE) {
                    $steps[$i] = $wholeKg / $this->rungs[$from]->equivalent->wholeKg() - 1;
                    $last = $wholeKg;
                    $found++;
                }
            }
        }

        return $steps;
    }
}
