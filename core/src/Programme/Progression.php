<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Text\Plain;

/**
 * Carries a slot forward through the weeks as strength is likely to grow: repetitions first, then the next rung that fits; where
 * the loads of an exercise are used up, another of its pattern, or a bridge. What it says of later weeks is a forecast: what
 * is logged rewrites it.
 */
final readonly class Progression
{
    /** Where nothing changes; a page need not say it of each. */
    public const SAME = 'The same again.';

    private const SECONDS_A_WEEK = 5;

    private const LONGEST_HOLD_SECONDS = 60;

    /** Sets of a lighter week, and what it leaves in reserve beyond the usual; planning contract, section 5. */
    private const DELOAD_SETS = 0.6;

    private const DELOAD_RESERVE = 2;

    /** Weeks that a lift is kept before another takes its place; planning contract, section 4b: four to six. */
    private const KEPT_WEEKS = 4;

    /** Of what is done slowly at most so many, or as many as the goal asks; our choice. */
    private const SLOW_REPETITIONS = 15;

    public function __construct(private ResistanceModel $model, private OptionFinder $finder, private NextRung $next)
    {
    }

    public static function of(ResistanceModel $model, ShelfRungs $rungs, OptionFinder $finder): self
    {
        return new self($model, $finder, new NextRung($rungs, $finder));
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
     * @param  list<string>|null  $taken  Exercises that may not take its place, since the session has them; null where nothing may.
     * @param  int  $stays  The week from which on it stays on its rung, since things are wanted elsewhere.
     * @return list<array{slot: Slot, wholeKg: float|null, words: string}> One a week, from the first on.
     */
    public function forward(
        PlanOption $option,
        int $sets,
        string $thread,
        Brief $brief,
        int $first = 1,
        ?array $taken = null,
        int $stays = PHP_INT_MAX,
    ): array {
        $weeks = [];
        // What is carried on from a later week has stood there before.
        $since = max(1, $first - self::KEPT_WEEKS);
        $words = ($first === 1 ? 'First week: ' : '').lcfirst($option->why);
        for ($week = $first; $week <= $brief->weeks; $week++) {
            $slot = $option->slot($thread, $sets);
            if (self::isDeload($week) && $brief->goal !== Goal::Keep) {
                $weeks[] = [
                    'slot' => $slot->asking(self::lighter($slot->assignment)),
                    'wholeKg' => $option->wholeKg,
                    'words' => 'A lighter week: fewer sets, more in reserve, nothing new.',
                ];

                continue;
            }
            if ($week > $first && $brief->goal === Goal::Keep) {
                $words = 'The same again: what there is is kept.';
            } elseif ($week > $first) {
                $mayGo = $week - $since >= self::KEPT_WEEKS ? $taken : null;
                [$then, $words] = $this->step($option, $brief->inWeek($week), $mayGo, $week < $stays);
                $since = $then->exercise === $option->exercise ? $since : $week;
                $option = $then;
            }
            $weeks[] = ['slot' => $option->slot($thread, $sets), 'wholeKg' => $option->wholeKg, 'words' => $words];
        }

        return $weeks;
    }

    /**
     * @param  list<string>|null  $taken
     * @return array{PlanOption, string}
     */
    private function step(PlanOption $now, Brief $then, ?array $taken, bool $mayStep): array
    {
        $count = $now->dose->count();
        $expected = $now->wholeKg === null || $now->dose->isTimed()
            ? null
            : $this->finder->expected($now->exercise, $now->wholeKg, $now->tempo, $then);
        if ($expected === null) {
            $more = $now->dose->isTimed()
                ? min(max(self::LONGEST_HOLD_SECONDS, $count), $count + self::SECONDS_A_WEEK)
                : min(max($then->goal->repetitions()[1], $count), $count + 1);

            return match (true) {
                $more > $count => [$now->doing($more), $now->dose->isTimed() ? '5 s longer.' : 'One more repetition.'],
                $mayStep => $this->other($now, $taken, $then),
                default => null,
            } ?? [$now, 'As long as it stays clean: a harder way next.'];
        }
        $wanted = Wanted::of($then, isFirst: false);
        $top = $now->tempo === null ? $wanted->most : max($wanted->most, self::SLOW_REPETITIONS);
        $isEasy = NextRung::isFarTooEasy($expected->toFailure - min($count + 1, $top), $wanted);
        if ($mayStep && ($count >= $top || $isEasy)) {
            $up = $this->next->up($now, $then);
            if ($up !== null) {
                return [$up, self::saidOf($up, $now)];
            }
            $other = $now->isTooLight($then) || $isEasy ? $this->other($now, $taken, $then) : null;
            if ($other !== null) {
                return $other;
            }
        }

        return self::more($now, $expected, $wanted, $isEasy, $top);
    }

    /**
     * @param  list<string>|null  $taken
     * @return array{PlanOption, string}|null
     */
    private function other(PlanOption $now, ?array $taken, Brief $then): ?array
    {
        $other = $taken === null ? null : $this->next->other($now, $taken, $then);

        return $other === null ? null : [$other, sprintf(
            'From here on %s: %s has nothing more that fits.',
            $other->exercise->nameInASentence(),
            $now->exercise->nameInASentence(),
        )];
    }

    /** @return array{PlanOption, string} */
    private static function more(PlanOption $now, ExpectedEffort $expected, Wanted $wanted, bool $isEasy, int $top): array
    {
        $count = $now->dose->count();
        $isBridge = $count >= $top;
        $most = match (true) {
            // What flies is done sharply, however many there are.
            $now->role === Role::Power => max($wanted->most, EffortFinder::SHARP_REPETITIONS),
            $isBridge && $now->tempo === null => EffortFit::MOST_REPETITIONS,
            default => $top,
        };
        $more = min($most, $count + ($isEasy ? 2 : 1), $expected->repetitions($wanted->leastReserve));
        if ($more > $count) {
            $said = $more - $count > 1 ? sprintf('%s more repetitions', ucfirst(Plain::small($more - $count))) : 'One more repetition';

            return [$now->doing($more), $isBridge ? "{$said}: no load up fits yet." : "{$said}."];
        }
        if ($isBridge && $expected->repetitions($wanted->leastReserve) > $count) {
            return [$now, $now->tempo === null && $now->role !== Role::Power
                ? 'Bridge: thirty repetitions are enough; slower lowering, a pause or added fill next.'
                : self::SAME];
        }

        return [$now, self::SAME];
    }

    private static function saidOf(PlanOption $up, PlanOption $before): string
    {
        $heavier = (float) $up->wholeKg / (float) $before->wholeKg - 1;

        return sprintf('The next load up, %.0f %% heavier: %s.', 100 * $heavier, $up->rung->words);
    }

    /** Whole load less the body's own part, kilograms of the reference lift; null where nothing is measured. */
    public function equivalentKg(PlanOption $option, ?float $wholeKg, Brief $brief): ?float
    {
        return $wholeKg === null ? null : $wholeKg - $this->model->ownKg($option->exercise->pattern, $brief->situation->client->body);
    }
}
