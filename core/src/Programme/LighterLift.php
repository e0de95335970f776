<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Role;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;

/** What prepares a main lift: the same on less, once. */
final readonly class LighterLift
{
    /** A lighter set of a first lift: of what is to come such a share, and so many repetitions, in all or on each side; our choice. */
    private const LIGHTER = 0.6;

    private const AT_LEAST = 0.25;

    private const AT_MOST = 0.85;

    /** What has to be fetched for it, or is another exercise, is taken where it fits so much better; our choice. */
    private const ELSEWHERE = 0.2;

    private const ANOTHER = 0.05;

    private const REPETITIONS = 8;

    private const REPETITIONS_EACH = 5;

    public function __construct(private Catalogue $catalogue, private ShelfRungs $rungs)
    {
    }

    /**
     * A lighter way of a lift, done once before it: the same on a lighter load, or an easier exercise of its pattern; null where
     * there is none.
     */
    public function of(Slot $lift, Situation $situation, string $under): ?Slot
    {
        $ids = array_map(static fn (Thing $thing): string => $thing->id, $lift->things);
        $wholeKg = null;
        $ways = [];
        foreach ([$lift->exercise->id, ...($lift->exercise->ladder['easier'] ?? [])] as $id) {
            $exercise = $this->catalogue->exercises[$id] ?? null;
            if ($exercise === null || $exercise->pattern !== $lift->exercise->pattern || $exercise->isHold) {
                continue;
            }
            foreach ($this->rungs->usable($exercise, $situation) as ['rung' => $rung, 'wholeKg' => $kg]) {
                if ($exercise === $lift->exercise && $rung->setting->sameAs($lift->assignment->setting)) {
                    $wholeKg = $kg;
                }
                $ways[] = [$exercise, $rung, $kg];
            }
        }
        $best = null;
        $nearest = INF;
        foreach ($ways as [$exercise, $rung, $kg]) {
            $share = $kg / ($wholeKg ?? INF);
            // The body alone before what is added to it, however much it is.
            $isBare = $exercise === $lift->exercise && $rung->setting->massKg <= 0 && $rung->setting->band === null && $share < 1;
            $isAtHand = array_filter(
                $rung->things,
                static fn (Thing $thing): bool => ! $thing->isSupport() && ! in_array($thing->id, $ids, true),
            ) === [];
            $away = abs($share - self::LIGHTER)
                + ($isAtHand ? 0.0 : self::ELSEWHERE)
                + ($exercise === $lift->exercise ? 0.0 : self::ANOTHER);
            $isLighter = $share >= self::AT_LEAST && $share <= self::AT_MOST
                && $rung->setting->massKg <= max(0.0, $lift->assignment->setting->massKg);
            if (($isBare || $isLighter) && $away < $nearest - 1e-9) {
                [$best, $nearest] = [[$exercise, $rung], $away];
            }
        }
        if ($best === null) {
            return null;
        }
        [$exercise, $rung] = $best;
        $sides = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $perSide = $sides === Sides::Each;

        return new Slot("{$under}.{$exercise->id}", $exercise, Assignment::of(
            exercise: $exercise->id,
            setting: $rung->setting,
            sets: 1,
            dose: Dose::repetitions($perSide ? self::REPETITIONS_EACH : self::REPETITIONS, perSide: $perSide),
            reserve: 10,
            restSeconds: 0,
            sides: $sides,
            words: $rung->words,
            why: "Lighter than what comes first: {$lift->exercise->nameInASentence()}.",
        ), $rung->things);
    }

    /**
     * What carries the session and can be prepared by less of the same, the first of each pattern.
     *
     * @param  list<Slot>  $work
     * @return list<Slot>
     */
    public static function mainLifts(array $work): array
    {
        $lifts = [];
        foreach ($work as $slot) {
            $isMain = in_array($slot->exercise->role($slot->assignment->setting), [Role::Main, Role::Power], true);
            if ($isMain && ! $slot->exercise->isHold && ! $slot->assignment->dose->isTimed()) {
                $lifts[$slot->exercise->pattern] ??= $slot;
            }
        }

        return array_values($lifts);
    }
}
