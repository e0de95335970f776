<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\Said;
use NimbleShelf\Core\Text\Plain;

/** Puts an exercise that somebody wrote on a rung of this shelf, with the dose that was said and the usual for what was not. */
final readonly class SlotWriter
{
    /** A load within this share of what is written is what is written. */
    private const SAME_LOAD = 0.03;

    /** What is done once where nothing else is said. */
    private const ONCE = [BlockKind::Hold, BlockKind::TwoPhase, BlockKind::WarmUp, BlockKind::CoolDown];

    private const FRAME_SECONDS = 30;

    private const USUAL_SETS = 3;

    /** As many as are clean, where nothing says how many that are. */
    private const CLEAN_REPETITIONS = 12;

    private const KITS = [
        'mini-loop' => 'mini band', 'long-loop' => 'long loop', 'flat-band' => 'flat band', 'pourable' => 'jug', 'object' => 'bottle',
    ];

    public function __construct(private ShelfRungs $rungs, private OptionFinder $finder)
    {
    }

    public function slot(NotedItem $item, string $thread, BlockKind $kind, Said $said, Brief $brief): WrittenSlot
    {
        $exercise = $item->meant->exercise();
        if ($exercise === null) {
            return new WrittenSlot($item->written, null, $said, null, null, "Nothing in the catalogue is called \"{$item->written}\".");
        }
        $assumed = $item->meant->assumed === '' ? [] : [$item->meant->assumed];
        $rung = null;
        foreach ($item->meant->exercises as $meant) {
            $rung = $this->rung($meant, $said, $brief);
            if ($rung !== null) {
                $exercise = $meant;

                break;
            }
        }
        try {
            $asked = $this->asked($exercise, $rung, $kind, $said, $brief, $assumed);
        } catch (InvalidQuantity $refused) {
            $problem = "{$exercise->name}: {$refused->getMessage()}";

            return new WrittenSlot($item->written, $exercise, $said, null, null, $problem, null, $assumed);
        }
        if ($rung !== null) {
            $slot = new Slot($thread, $exercise, $asked, $rung->things);

            return new WrittenSlot($item->written, $exercise, $said, $asked, $slot, self::lacking($rung, $said), null, $assumed);
        }
        $against = Cautions::against($exercise, $brief->situation);
        $reasons = $this->rungs->leftOut($exercise, $brief->situation);
        // What the room forbids, no other thing would mend.
        usort($reasons, static fn (string $one, string $two): int => str_starts_with($two, 'Ceiling') <=> str_starts_with($one, 'Ceiling'));
        $why = $against[0] ?? $reasons[0] ?? RungWords::missing($exercise);

        return new WrittenSlot(
            $item->written,
            $exercise,
            $said,
            $asked,
            null,
            "{$exercise->name}: {$why}",
            $this->instead($exercise, $brief),
            $assumed,
        );
    }

    private function rung(Exercise $exercise, Said $said, Brief $brief): ?Rung
    {
        $usable = $this->rungs->usable($exercise, $brief->situation);
        $withIt = array_filter($usable, static fn (array $one): bool => self::isWith($one['rung'], $said));
        $there = $withIt === [] ? $usable : $withIt;
        // Who means one arm of a lift for two says so, or counts each.
        $onOne = array_filter($there, static fn (array $one): bool => $one['rung']->setting->limbs === 1);
        $onBoth = array_filter($there, static fn (array $one): bool => $one['rung']->setting->limbs !== 1);
        $there = match (true) {
            $said->perSide === true && $exercise->side === 'both' && $onOne !== [] => $onOne,
            default => $onBoth === [] ? $there : $onBoth,
        };
        $kg = $said->isBodyWeight === true ? 0.0 : $said->kg;
        // Without a load in words the one that meets the goal is meant.
        $meant = $kg === null ? $this->finder->pinned(new Pin($brief->days[0]->weekday, $exercise->id), $brief)?->wholeKg : null;
        $best = null;
        $least = INF;
        foreach ($there as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            // Kilograms are not those of a band.
            $off = match (true) {
                $kg === null => abs($wholeKg - ($meant ?? 0.0)),
                $rung->setting->band !== null => 1000.0,
                default => abs($rung->setting->massKg - $kg),
            };
            if ($off < $least) {
                [$best, $least] = [$rung, $off];
            }
        }

        return $best;
    }

    private static function isWith(Rung $rung, Said $said): bool
    {
        return match ($said->kit) {
            null, 'towel' => true,
            'band' => $rung->setting->band !== null,
            default => str_contains($rung->setting->implement, $said->kit),
        };
    }

    /** What is written and not on this shelf; null where all of it is. */
    private static function lacking(Rung $rung, Said $said): ?string
    {
        if (! self::isWith($rung, $said)) {
            return sprintf('There is no %s here for it: this is the nearest.', self::KITS[$said->kit ?? ''] ?? $said->kit);
        }
        $isAsWritten = $said->kg === null || ($rung->setting->massKg > 0 && abs($rung->setting->massKg / $said->kg - 1) <= self::SAME_LOAD);
        if (! $isAsWritten) {
            return sprintf('There is no %s kg for it: this is the nearest.', Plain::number($said->kg ?? 0.0));
        }

        return $said->loads !== null && count(array_unique($said->loads)) > 1
            ? 'A load of its own for each set cannot be planned yet: all sets with this one.'
            : null;
    }

    private function instead(Exercise $exercise, Brief $brief): ?PlanOption
    {
        return $this->finder->among(static fn (Exercise $other): bool => $other->pattern === $exercise->pattern, $brief)[0] ?? null;
    }

    /**
     * @param  Rung|null  $rung  Null where the shelf has none: the dose stands as it is written.
     * @param  list<string>  $assumed
     *
     * @throws InvalidQuantity If a number is out of range.
     */
    private function asked(Exercise $exercise, ?Rung $rung, BlockKind $kind, Said $said, Brief $brief, array &$assumed): Assignment
    {
        $setting = $rung === null ? Setting::bodyWeight() : $rung->setting;
        $usual = $exercise->isOneSidedIn($setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $sides = match (true) {
            $said->isAlternating === true => Sides::Alternating,
            $said->swapsEachRound === true => Sides::SwapEachRound,
            default => $usual,
        };
        $canTakeTurns = $sides !== Sides::Both;
        if ($said->perSide === true && ! $canTakeTurns) {
            $assumed[] = 'both sides at once';
        }
        // "20 steps" are counted together.
        $perSide = ($said->perSide === true && $canTakeTurns) || $sides === Sides::Each;
        $isClocked = $said->clock !== null || $said->period !== null;
        $sets = $said->sets ?? $said->rounds ?? match (true) {
            $said->doses !== null => count($said->doses),
            $said->period !== null && $said->clock !== null => max(1, min(20, intdiv($said->clock, $said->period))),
            // How many rounds are clean is what is found out.
            $isClocked => 1,
            default => null,
        };
        if ($sets === null && ! in_array($kind, self::ONCE, true) && $kind !== BlockKind::Intervals) {
            $assumed[] = self::USUAL_SETS.' sets, usual';
        }
        $rest = $said->rest ?? $brief->restSeconds($exercise->effort->isCompound());
        if (! $isClocked && $said->rest === null && $said->roundRest === null && ! $kind->isFrame() && $kind !== BlockKind::Intervals) {
            $assumed[] = "rest {$rest} s, usual";
        }
        [$dose, $top] = $this->dose($exercise, $kind, $said, $perSide, $brief, $assumed);

        return Assignment::of(
            exercise: $exercise->id,
            setting: $setting,
            sets: $sets ?? (in_array($kind, self::ONCE, true) ? 1 : self::USUAL_SETS),
            dose: $dose,
            reserve: match (true) {
                $said->toFailure === true => 0,
                $said->isMax === true => max(1, $brief->mostReserve() - 2),
                default => $said->reserve ?? $brief->mostReserve(),
            },
            restSeconds: $rest,
            sides: $sides,
            words: $rung?->words,
            tempo: self::tempo($exercise, $said, $top),
            lastToFailure: $said->lastToFailure === true,
        );
    }

    /**
     * @param  list<string>  $assumed
     * @return array{Dose, int|null} And how long the top is held.
     *
     * @throws InvalidQuantity
     */
    private function dose(Exercise $exercise, BlockKind $kind, Said $said, bool $perSide, Brief $brief, array &$assumed): array
    {
        $top = $said->top;
        $seconds = $said->seconds;
        if ($said->hold !== null && ! $exercise->isHold && $said->counts()) {
            $top ??= min(10, $said->hold);
        } elseif ($said->hold !== null) {
            $seconds ??= $said->hold;
        }
        $counted = $said->reps ?? $said->bare;
        if ($exercise->isHold && $counted !== null) {
            $seconds ??= $said->most ?? $counted;
            $counted = null;
            $assumed[] = "{$seconds} as seconds";
        }
        $usual = max($brief->goal->repetitions()[0], min($brief->goal->repetitions()[1], 10));
        $same = $kind === BlockKind::Ladder ? null : max([0, ...($said->doses ?? [])]);
        $same = $same === 0 ? null : $same;
        $dose = match (true) {
            $kind === BlockKind::TwoPhase => Dose::seconds($said->phases === null ? 60 : array_sum($said->phases)),
            $kind === BlockKind::Intervals => Dose::seconds($said->work ?? 40, $perSide),
            $said->isClean === true || ($said->isMax === true && $exercise->isHold) => Dose::asLongAsClean(perSide: $perSide),
            $kind === BlockKind::Ladder && $said->doses !== null => $exercise->isHold
                ? Dose::seconds($said->doses[0], $perSide)
                : Dose::repetitions($said->doses[0], perSide: $perSide),
            $said->metres !== null => Dose::metres($said->metres, $perSide),
            $said->isMax === true => Dose::asManyAsClean(self::CLEAN_REPETITIONS, $perSide),
            $kind->isFrame() && $counted === null => Dose::seconds($seconds ?? self::FRAME_SECONDS, $perSide),
            $seconds !== null || $exercise->isHold => Dose::seconds($seconds ?? $brief->experience->holdSeconds(), $perSide),
            default => Dose::repetitions($counted ?? $same ?? $usual, $said->most, $perSide),
        };
        if (! $said->counts() && $said->hold === null && ! in_array($kind, [BlockKind::TwoPhase, BlockKind::Intervals], true)) {
            $assumed[] = "{$dose->inWords()}, usual";
        }

        return [$dose, $top];
    }

    /** @throws InvalidQuantity */
    private static function tempo(Exercise $exercise, Said $said, ?int $top): ?Tempo
    {
        if ($said->tempo !== null) {
            return Tempo::of($said->tempo[0], $said->tempo[1], $said->tempo[2], $said->tempo[3] ?? 0);
        }
        if ($said->lower === null && $said->pause === null && $top === null) {
            return null;
        }
        $usual = $exercise->tempo;

        return Tempo::of($said->lower ?? $usual['lower'], $said->pause ?? $usual['pause'], $usual['lift'], $top ?? $usual['top']);
    }
}
