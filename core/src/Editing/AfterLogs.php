<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Answer;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\LeastHeld;
use NimbleShelf\Core\Programme\PlannedWeek;

/**
 * What happened rewrites what comes: where a session was harder or easier than planned, the next one asks what fits.
 * Planning contract, section 5. What is held stays as it is; what hurt is held and asked about.
 */
final readonly class AfterLogs
{
    /** A repetition either way is within what a day does. */
    private const ABOUT_THE_SAME = 1;

    private function __construct(
        private Catalogue $catalogue,
        private ShelfRungs $rungs,
        private Answer $answer,
        private LeastHeld $leastHeld,
    ) {
    }

    public static function of(Catalogue $catalogue, ResistanceModel $model): self
    {
        return new self($catalogue, ShelfRungs::of($model), Answer::of($catalogue, $model), new LeastHeld($model));
    }

    /**
     * @param  PlannedWeek  $next  The week that comes.
     * @param  list<LoggedSlot>  $logged
     * @return list<Mend> Each with why; none where the plan fits what was done.
     */
    public function mends(PlannedWeek $next, array $logged, Brief $brief): array
    {
        if ($next->isDeload) {
            // A lighter week is lighter whatever was done before it.
            return [];
        }
        $mends = [];
        $hand = WeekInHand::of($next);
        foreach ($logged as $done) {
            try {
                $planned = $hand->slot($done->weekday, $done->slot->thread);
            } catch (InvalidQuantity) {
                // It does not stand there any more.
                continue;
            }
            if ($planned->assignment->isHeld || $planned->exercise->id !== $done->slot->exercise->id) {
                continue;
            }
            $mend = $done->pain ? self::held($done, $planned) : $this->mend($done, $planned, $brief);
            if ($mend !== null) {
                $mends[] = $mend;
            }
        }

        return $mends;
    }

    /**
     * The same exercises on other days: what was found out of one on Monday is known on Wednesday. Only where strength says that
     * what is planned there does not fit; what hurt is held there as well.
     *
     * @param  list<LoggedSlot>  $logged
     * @param  list<int>  $weekdays  Of the days that are still to come.
     * @return list<Mend>
     */
    public function elsewhere(PlannedWeek $week, array $logged, array $weekdays, Brief $brief): array
    {
        $mends = [];
        foreach ($week->isDeload ? [] : $week->days as $day) {
            foreach (in_array($day->day->weekday, $weekdays, true) ? $day->work() : [] as $planned) {
                $done = self::doneOf($planned, $day->day->weekday, $logged);
                if ($done === null || $planned->assignment->isHeld) {
                    continue;
                }
                $mend = $done->pain
                    ? self::held($done, $planned, $day->day->weekday)
                    : $this->mend($done, $planned, $brief, $day->day->weekday);
                if ($mend !== null) {
                    $mends[] = new Mend("{$day->day->label()}, {$mend->words}", $mend->edit);
                }
            }
        }

        return $mends;
    }

    /** @param  list<LoggedSlot>  $logged */
    private static function doneOf(Slot $planned, int $weekday, array $logged): ?LoggedSlot
    {
        foreach ($logged as $done) {
            if ($done->slot->exercise->id === $planned->exercise->id
                && ($done->weekday !== $weekday || $done->slot->thread !== $planned->thread)) {
                return $done;
            }
        }

        return null;
    }

    /** It stays as it was done, and does not grow until somebody has asked. */
    private static function held(LoggedSlot $done, Slot $planned, ?int $elsewhere = null): Mend
    {
        return new Mend(
            "{$planned->exercise->name}: a set was stopped for pain. It is held as it stands; look at it before it grows again.",
            Edit::fromArray(['kind' => 'hold', 'weekday' => $elsewhere ?? $done->weekday, 'slot' => $planned->thread]),
        );
    }

    /** @param  int|null  $elsewhere  Weekday of a slot that is not the one that was done. */
    private function mend(LoggedSlot $done, Slot $planned, Brief $brief, ?int $elsewhere = null): ?Mend
    {
        if ($planned->assignment->dose->isTimed() || ! $this->catalogue->pattern($planned->exercise->pattern)->isMeasured()) {
            return null;
        }
        // What is in use stays, however little it adds.
        $ladder = array_values(array_filter(
            $this->rungs->usable($planned->exercise, $brief->situation),
            fn (array $one): bool => $one['rung']->setting->sameAs($done->slot->assignment->setting)
                || $one['rung']->setting->sameAs($planned->assignment->setting)
                || $this->leastHeld->isEnough(
                    $planned->exercise,
                    $one['rung']->setting,
                    $one['wholeKg'],
                    $brief->situation->client->body,
                ),
        ));
        $now = $then = null;
        foreach ($ladder as $i => ['rung' => $rung]) {
            $now = $rung->setting->sameAs($done->slot->assignment->setting) ? $i : $now;
            $then = $rung->setting->sameAs($planned->assignment->setting) ? $i : $then;
        }
        if ($now === null) {
            return null;
        }
        $count = $planned->assignment->dose->count();
        // The very load that was done speaks for itself below; another one is as planned where strength says that it fits.
        $left = $then === null || ($then === $now && $elsewhere === null)
            ? null
            : $this->answer->left($planned->exercise, $ladder[$then]['wholeKg'], $count, $planned->assignment->tempo, $brief);
        if ($left === null ? $elsewhere !== null : Answer::fits($left, $brief)) {
            return null;
        }
        [$ladder, $now] = self::apart($ladder, $now);
        $wholeKgs = array_column($ladder, 'wholeKg');
        $target = $this->answer->after(
            $planned->exercise,
            $wholeKgs,
            $now,
            $done->reps,
            $done->reserve,
            false,
            $done->slot->assignment->tempo,
            $brief,
        );
        $rung = $ladder[$target->rung ?? $now]['rung'];
        $isSameRung = $rung->setting->sameAs($planned->assignment->setting);
        if ($isSameRung && abs($target->reps - $count) <= self::ABOUT_THE_SAME) {
            return null;
        }
        $at = ['weekday' => $elsewhere ?? $done->weekday, 'slot' => $planned->thread];
        $ask = ['kind' => 'ask', 'ask' => ['reps' => $target->reps]] + $at;
        $swap = [
            'kind' => 'swap',
            'exercise' => $planned->exercise->id,
            'setting' => $rung->setting->toArray(),
        ] + $at;

        return new Mend(
            "{$planned->exercise->name}: {$target->why}",
            Edit::fromArray(['kind' => 'together', 'edits' => $isSameRung ? [$ask] : [$swap, $ask]]),
        );
    }

    /**
     * Rungs that feel alike are one; the one in use stays.
     *
     * @param  list<array{rung: Rung, wholeKg: float}>  $ladder
     * @return array{list<array{rung: Rung, wholeKg: float}>, int}
     */
    private static function apart(array $ladder, int $now): array
    {
        $kept = [];
        $place = 0;
        $kg = $ladder[$now]['wholeKg'];
        foreach ($ladder as $i => $one) {
            $last = $kept === [] ? 0.0 : $kept[count($kept) - 1]['wholeKg'];
            $isNear = $i !== $now && abs($one['wholeKg'] / $kg - 1) < ShelfRungs::ALIKE;
            if ($i !== $now && ($isNear || $one['wholeKg'] < $last * (1 + ShelfRungs::ALIKE))) {
                continue;
            }
            if ($i === $now) {
                $place = count($kept);
            }
            $kept[] = $one;
        }

        return [$kept, $place];
    }
}
