<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OptionFinder;
use NimbleShelf\Core\Programme\PlannedDay;
use NimbleShelf\Core\Programme\PlannedWeek;
use NimbleShelf\Core\Programme\Wanted;
use RuntimeException;

/**
 * Pairs of weeks, the better and the worse, with a reason each: `tests/data/preferences.json`.
 *
 * A week is a list of days, a day a list of lines "exercise load sets×count": the load is kilograms ("12", or "12/1" in one
 * hand), `bare` for the body alone, at the height that fits, or empty hands, `light` or `heavy` for the ends of what the shelf
 * has, `fit` for what is
 * nearest to what the goal asks, `band` for the same of bands. The worse week of a pair says only what is otherwise: some lines
 * instead of others, or nothing in the place of some.
 *
 * @phpstan-type Pair array{who: string, better: list<list<string>>, worse: list<list<string>>, why: string}
 */
final class Preferences
{
    private ShelfRungs $rungs;

    private OptionFinder $finder;

    /** @param  ResistanceModel  $model  Keeps what it reckoned of a body: one for each person, and let go with them. */
    public function __construct(ResistanceModel $model)
    {
        $this->rungs = ShelfRungs::of($model);
        $this->finder = new OptionFinder(Shipped::catalogue(), $model, $this->rungs);
    }

    /** @return array{people: array<string, array<string, mixed>>, weeks: array<string, array<string, mixed>>} */
    private static function data(): array
    {
        /** @var array{people: array<string, array<string, mixed>>, weeks: array<string, array<string, mixed>>} $data */
        $data = json_decode((string) file_get_contents(dirname(__DIR__).'/data/preferences.json'), true, flags: JSON_THROW_ON_ERROR);

        return $data;
    }

    /** @return array<string, array<string, mixed>> Everybody there are weeks for, as a trainer would enter them. */
    public static function people(): array
    {
        $own = array_map(static fn (array $asked): array => $asked + [
            'home' => ['ceiling_cm' => 245, 'floor' => 'smooth'], 'weeks' => 1, 'start' => '2026-11-30',
        ], self::data()['people']);

        return array_intersect_key(People::all() + $own, self::data()['weeks']);
    }

    /** @return array<string, array{string, list<list<string>>}> Each week a trainer wrote, by whom it is for. */
    public static function good(): array
    {
        return array_map(static fn (array $of): array => $of['good'], self::data()['weeks']);
    }

    /** @return array<string, Pair> By who and why. */
    public static function pairs(): array
    {
        $pairs = [];
        foreach (self::data()['weeks'] as $who => $of) {
            foreach ($of['worse'] as $worse) {
                $pairs["{$who}: {$worse['why']}"] = [
                    'who' => $who,
                    'better' => $of['good'],
                    'worse' => $worse['week'] ?? self::otherwise($of['good'], $worse['instead']),
                    'why' => $worse['why'],
                ];
            }
        }

        return $pairs;
    }

    /**
     * @param  list<list<string>>  $week
     * @param  array<string, string|null>  $instead  By the line, wherever it stands; null to leave it out.
     * @return list<list<string>>
     */
    private static function otherwise(array $week, array $instead): array
    {
        $lines = array_merge(...$week);
        foreach (array_keys($instead) as $line) {
            if (! in_array($line, $lines, true)) {
                throw new RuntimeException("No such line: {$line}");
            }
        }

        return array_map(static fn (array $day): array => array_values(array_filter(array_map(
            static fn (string $line): ?string => array_key_exists($line, $instead) ? $instead[$line] : $line,
            $day,
        ))), $week);
    }

    /** @param  list<list<string>>  $days */
    public function week(array $days, Brief $brief): PlannedWeek
    {
        $brief = $this->finder->known($brief);
        $planned = [];
        foreach ($days as $i => $lines) {
            $slots = [];
            foreach ($lines as $place => $line) {
                $slots[] = $this->slot($line, "{$i}.{$place}", $brief);
            }
            $planned[] = new PlannedDay($brief->days[$i], new SessionPlan('Work', [
                Block::asItStands(BlockKind::Straight, 'Work', BlockRule::plain(), $slots),
            ]));
        }

        return new PlannedWeek(1, false, $planned);
    }

    private function slot(string $line, string $thread, Brief $brief): Slot
    {
        [$id, $load, $dose] = explode(' ', $line);
        [$sets, $count] = explode('x', $dose);
        $exercise = Shipped::catalogue()->exercise($id);
        $rung = $this->rung($id, $load, $brief)
            ?? throw new RuntimeException("{$line}: the shelf has no such load for it.");
        $sides = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $isEach = $sides === Sides::Each;

        return new Slot($thread, $exercise, Assignment::of(
            exercise: $id,
            setting: $rung->setting,
            sets: (int) $sets,
            dose: str_ends_with($count, 's') ? Dose::seconds((int) $count, $isEach) : Dose::repetitions((int) $count, perSide: $isEach),
            reserve: $brief->mostReserve(),
            restSeconds: $brief->restSeconds($exercise->effort->isCompound()),
            sides: $sides,
            words: $rung->words,
        ), $rung->things);
    }

    private function rung(string $id, string $load, Brief $brief): ?Rung
    {
        $exercise = Shipped::catalogue()->exercise($id);
        $usable = $this->rungs->usable($exercise, $brief->situation);
        if (is_numeric($load[0])) {
            [$kg, $hands] = [...explode('/', $load), null];
            // Where a load may not be at all, somebody wrote it all the same.
            $all = $usable === []
                ? array_map(
                    static fn (Rung $rung): array => ['rung' => $rung],
                    (new RungFinder)->rungs($exercise, $brief->situation)['rungs'],
                )
                : $usable;
            foreach ($all as ['rung' => $rung]) {
                if (abs($rung->setting->massKg - (float) $kg) < 0.05 && ($hands === null || $rung->setting->limbs === (int) $hands)) {
                    return $rung;
                }
            }

            return null;
        }
        $loaded = array_values(array_filter(
            $usable,
            static fn (array $one): bool => match ($load) {
                'band' => $one['rung']->setting->band !== null,
                'bare' => $one['rung']->setting->massKg <= 0 && $one['rung']->setting->band === null,
                'fit' => true,
                default => $one['rung']->setting->massKg > 0,
            },
        ));
        if ($load === 'bare' && $loaded === []) {
            // Empty hands where something belongs in them.
            return new Rung($exercise, Setting::bodyWeight(), [], Certainty::Weighed, 'empty hands', $exercise->setUpSeconds);
        }
        if ($load === 'light' || $load === 'heavy') {
            return $loaded === [] ? null : $loaded[$load === 'light' ? 0 : count($loaded) - 1]['rung'];
        }
        $isFirst = ! ($brief->situation->client->capacities[$exercise->pattern] ?? null)?->isOnRecord();
        $wanted = Wanted::of($brief, $isFirst)->toFailure();
        $best = null;
        $least = INF;
        foreach ($loaded as ['rung' => $rung, 'wholeKg' => $kg]) {
            $can = $this->finder->expected($exercise, $kg, null, $brief)?->toFailure;
            // What nothing measures is taken as heavy as it may be.
            $off = $can === null ? -$kg : abs(log(max(0.5, $can) / $wanted));
            if ($off < $least) {
                [$best, $least] = [$rung, $off];
            }
        }

        return $best;
    }
}
