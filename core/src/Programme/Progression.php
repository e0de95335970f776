<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\NextTarget;
use NimbleShelf\Core\Planning\Slot;

/**
 * Carries a slot forward through the weeks by small steps: repetitions first, then the next rung; a jump that is too big is
 * bridged. What it says of later weeks is a forecast: what is logged rewrites it.
 */
final readonly class Progression
{
    private const REPETITIONS_A_WEEK = 1;

    private const SECONDS_A_WEEK = 5;

    private const LONGEST_HOLD_SECONDS = 60;

    /** Sets of a lighter week, and what it leaves in reserve beyond the usual; planning contract, section 5. */
    private const DELOAD_SETS = 0.6;

    private const DELOAD_RESERVE = 2;

    public function __construct(private ResistanceModel $model, private ShelfRungs $rungs)
    {
    }

    public static function isDeload(int $week): bool
    {
        return $week % Brief::DELOAD_EVERY === 0;
    }

    /** What a lighter week asks of the same. */
    public static function lighter(Assignment $asked): Assignment
    {
        return $asked->with(
            sets: max(1, (int) round(self::DELOAD_SETS * $asked->sets)),
            reserve: min(10, $asked->reserve + self::DELOAD_RESERVE),
            lastToFailure: false,
        );
    }

    /**
     * @param  int  $first  The week it begins in, as the option asks it.
     * @return list<array{slot: Slot, wholeKg: float|null, words: string}> One a week, from the first on.
     */
    public function forward(PlanOption $option, int $sets, string $thread, Brief $brief, int $first = 1): array
    {
        $weeks = [];
        $rung = $option->rung;
        $wholeKg = $option->wholeKg;
        $dose = $option->dose;
        $words = ($first === 1 ? 'First week: ' : '').lcfirst($option->why);
        $ladder = null;
        for ($week = $first; $week <= $brief->weeks; $week++) {
            if (self::isDeload($week) && $brief->goal !== Goal::Keep) {
                $weeks[] = [
                    'slot' => $this->slot(
                        $option,
                        $rung,
                        $dose,
                        max(1, (int) round(self::DELOAD_SETS * $sets)),
                        $option->reserve + self::DELOAD_RESERVE,
                        $thread,
                    ),
                    'wholeKg' => $wholeKg,
                    'words' => 'A lighter week: fewer sets, more in reserve, nothing new.',
                ];

                continue;
            }
            if ($week > $first) {
                $isAtTheTop = ! $dose->isTimed() && $dose->count() >= $brief->goal->repetitions()[1];
                if ($brief->goal !== Goal::Keep && $wholeKg !== null && $isAtTheTop) {
                    $ladder ??= $this->ladder($option, $brief);
                }
                [$dose, $rung, $wholeKg, $words] = $this->next($dose, $rung, $wholeKg, $ladder ?? [], $brief);
            }
            $weeks[] = [
                'slot' => $this->slot($option, $rung, $dose, $sets, $option->reserve, $thread),
                'wholeKg' => $wholeKg,
                'words' => $words,
            ];
        }

        return $weeks;
    }

    /**
     * @param  list<array{rung: Rung, wholeKg: float}>  $ladder
     * @return array{Dose, Rung, float|null, string}
     */
    private function next(Dose $dose, Rung $rung, ?float $wholeKg, array $ladder, Brief $brief): array
    {
        if ($brief->goal === Goal::Keep) {
            return [$dose, $rung, $wholeKg, 'The same again: what there is is kept.'];
        }
        if ($dose->isTimed()) {
            $seconds = min(max(self::LONGEST_HOLD_SECONDS, $dose->count()), $dose->count() + self::SECONDS_A_WEEK);

            $words = $seconds > $dose->count() ? '5 s longer.' : 'As long as it stays clean: a harder way next.';

            return [$dose->to($seconds), $rung, $wholeKg, $words];
        }
        [$fewest, $most] = $brief->goal->repetitions();
        if ($dose->count() < $most) {
            return [$dose->to($dose->count() + self::REPETITIONS_A_WEEK), $rung, $wholeKg, 'One more repetition.'];
        }
        foreach ($ladder as ['rung' => $next, 'wholeKg' => $kg]) {
            if ($wholeKg === null || $kg < $wholeKg * (1 + ShelfRungs::ALIKE)) {
                continue;
            }
            if ($kg <= $wholeKg * (1 + NextTarget::BIG_JUMP)) {
                $words = sprintf('The next load up, %.0f %% heavier: %s.', 100 * ($kg / $wholeKg - 1), $next->words);

                return [$dose->to($fewest), $next, $kg, $words];
            }

            break;
        }
        if ($dose->count() < EffortFit::MOST_REPETITIONS) {
            return [
                $dose->to($dose->count() + self::REPETITIONS_A_WEEK),
                $rung,
                $wholeKg,
                'No load up within 15 %, so one repetition more than the goal’s usual most.',
            ];
        }

        return [$dose, $rung, $wholeKg, 'Bridge: thirty repetitions are enough; slower lowering, a pause or added fill next.'];
    }

    /** @return list<array{rung: Rung, wholeKg: float}> */
    private function ladder(PlanOption $option, Brief $brief): array
    {
        return $this->rungs->usable($option->exercise, $brief->situation);
    }

    private function slot(PlanOption $option, Rung $rung, Dose $dose, int $sets, int $reserve, string $thread): Slot
    {
        return new Slot($thread, $option->exercise, Assignment::of(
            exercise: $option->exercise->id,
            setting: $rung->setting,
            sets: $sets,
            dose: $dose,
            reserve: $reserve,
            restSeconds: $option->restSeconds,
            sides: $option->sides,
            words: $rung->words,
            why: $option->why,
            tempo: $option->tempo,
        ), $rung->things);
    }

    /** Whole load less the body's own part, kilograms of the reference lift; null where nothing is measured. */
    public function equivalentKg(PlanOption $option, ?float $wholeKg, Brief $brief): ?float
    {
        return $wholeKg === null ? null : $wholeKg - $this->model->ownKg($option->exercise->pattern, $brief->situation->client->body);
    }
}
