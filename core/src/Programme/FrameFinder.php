<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;

/** Chooses what warms up before the work of a session and what cools down after it, within the minutes there are. */
final readonly class FrameFinder
{
    /** Exercises of a frame, at most, and what one lasts, seconds. */
    private const MOST = 4;

    private const LEAST_SECONDS = 20;

    private const MOST_SECONDS = 60;

    /** Visits longer than this, minutes, prepare the second lift as well. */
    private const LONG = 40;

    /** What only reminds of a lighter set, where there can be one. */
    private const REMINDER = 'lighter-first-lift';

    private LighterLift $lighter;

    public function __construct(private Catalogue $catalogue, private ShelfRungs $rungs)
    {
        $this->lighter = new LighterLift($catalogue, $rungs);
    }

    /**
     * @param  list<Slot>  $work
     * @param  string  $under  Names the threads: the day.
     */
    public function warmUp(array $work, int $minutes, Situation $situation, string $under): ?Block
    {
        $seconds = 60 * Frame::minutes($minutes)['warmUp'];
        $lifts = array_slice(LighterLift::mainLifts($work), 0, $minutes > self::LONG ? 2 : 1);
        $lighter = array_values(array_filter(array_map(fn (Slot $lift): ?Slot => $this->lighter->of($lift, $situation, $under), $lifts)));
        // Whoever gets down and up with trouble does not do so for the second one.
        if (self::isSlow($situation) && isset($lighter[1]) && $lighter[1]->isOnFloor() !== $lighter[0]->isOnFloor()) {
            $lighter = [$lighter[0]];
        }
        // What opens comes first, and the lighter lift leads into the first one; where there is no time for all, the second goes.
        for ($count = count($lighter); $count >= 0; $count--) {
            $ramp = array_slice($lighter, 0, $count);
            $left = $seconds - (int) array_sum(array_map(self::seconds(...), $ramp));
            $opens = $this->block(BlockKind::WarmUp, 'Warm-up', ['loosen'], array_slice($work, 0, 3), $left, $situation, $under);
            if ($opens !== null) {
                return $opens->withSlots([...$opens->slots, ...$ramp]);
            }
        }

        return null;
    }

    /**
     * What opens, without a lighter lift.
     *
     * @param  list<Slot>  $work
     */
    public function opening(array $work, int $minutes, Situation $situation, string $under): ?Block
    {
        $seconds = 60 * Frame::minutes($minutes)['warmUp'];

        return $this->block(BlockKind::WarmUp, 'Warm-up', ['loosen'], array_slice($work, 0, 3), $seconds, $situation, $under);
    }

    private static function isSlow(Situation $situation): bool
    {
        return $situation->client->isSlowOnFeet() || $situation->client->has(Limit::Postnatal);
    }

    /** Of a lighter set with its set-up. */
    private static function seconds(Slot $slot): float
    {
        $once = $slot->assignment->dose->workSeconds($slot->secondsEach());

        return $once * ($slot->assignment->sides === Sides::Each ? 2 : 1) + $slot->exercise->setUpSeconds;
    }

    /** @param  list<Slot>  $work */
    public function coolDown(array $work, int $minutes, Situation $situation, string $under): ?Block
    {
        return $this->block(
            BlockKind::CoolDown,
            'Cool-down',
            ['stretch'],
            $work,
            60 * Frame::minutes($minutes)['coolDown'],
            $situation,
            $under,
        );
    }

    /**
     * @param  list<string>  $patterns
     * @param  list<Slot>  $for
     */
    private function block(
        BlockKind $kind,
        string $name,
        array $patterns,
        array $for,
        int $seconds,
        Situation $situation,
        string $under,
    ): ?Block {
        $wanted = [];
        foreach ($for as $slot) {
            foreach (Muscles::halvesOf($slot->exercise) as $muscle => $each) {
                $wanted[$muscle] = ($wanted[$muscle] ?? 0) + $each * $slot->assignment->sets;
            }
        }
        $near = $for[$kind === BlockKind::WarmUp ? 0 : count($for) - 1] ?? null;
        $isNearFloor = $near?->isOnFloor() === true;
        // Whoever gets down and up with trouble does so for work alone.
        $staysUp = ! $isNearFloor && self::isSlow($situation);
        $found = [];
        foreach ($this->catalogue->exercises as $exercise) {
            if (! in_array($exercise->pattern, $patterns, true) || $exercise->skill > 2 || $exercise->id === self::REMINDER) {
                continue;
            }
            $rung = null;
            foreach ($this->rungs->usable($exercise, $situation) as ['rung' => $one]) {
                // Nothing to fetch for it.
                if (array_filter($one->things, static fn (Thing $thing): bool => ! $thing->isSupport()) === []) {
                    $rung ??= $one;
                }
            }
            if ($rung === null) {
                continue;
            }
            $isOnFloor = (new Slot('', $exercise, Assignment::of($exercise->id, $rung->setting, 1, Dose::seconds(30), 4, 0)))->isOnFloor();
            if (! $isOnFloor || ! $staysUp) {
                $found[$exercise->id] = ['exercise' => $exercise, 'rung' => $rung, 'isOnFloor' => $isOnFloor];
            }
        }
        $slots = [];
        while ($found !== [] && count($slots) < self::MOST) {
            $best = null;
            $most = -1.0;
            foreach ($found as $id => ['exercise' => $exercise]) {
                $worth = 0.0;
                foreach (Muscles::halvesOf($exercise) as $muscle => $each) {
                    $worth += $each * ($wanted[$muscle] ?? 0);
                }
                // Where the work begins standing, standing costs no getting up.
                $worth -= $found[$id]['isOnFloor'] !== ($kind === BlockKind::CoolDown) ? 0.5 : 0.0;
                if ($worth > $most) {
                    [$best, $most] = [$id, $worth];
                }
            }
            if ($best === null) {
                break;
            }
            $slots[] = $found[$best];
            // What is loosened once is loosened; the next takes what is left.
            foreach (Muscles::halvesOf($found[$best]['exercise']) as $muscle => $each) {
                $wanted[$muscle] = 0.25 * ($wanted[$muscle] ?? 0);
            }
            unset($found[$best]);
        }

        // One way down and one way up: what is done on the floor is done together, next to the work that is done there.
        $floorFirst = $kind === BlockKind::WarmUp ? ! $isNearFloor : $isNearFloor;
        usort($slots, static fn (array $one, array $two): int => $floorFirst
            ? $two['isOnFloor'] <=> $one['isOnFloor']
            : $one['isOnFloor'] <=> $two['isOnFloor']);

        return $slots === [] ? null : $this->timed($kind, $name, $slots, $seconds, $under);
    }

    /** @param  non-empty-list<array{exercise: Exercise, rung: Rung, isOnFloor: bool}>  $chosen */
    private function timed(BlockKind $kind, string $name, array $chosen, int $seconds, string $under): ?Block
    {
        for ($count = count($chosen); $count > 0; $count--) {
            $used = array_slice($chosen, 0, $count);
            $sides = array_sum(array_map(static fn (array $one): int => self::sides($one['exercise']) === Sides::Each ? 2 : 1, $used));
            $setUp = array_sum(array_map(static fn (array $one): int => $one['exercise']->setUpSeconds, $used));
            // Down and up again once.
            $each = min(self::MOST_SECONDS, (int) floor(($seconds - $setUp - 30) / $sides / 5) * 5);
            if ($each >= self::LEAST_SECONDS) {
                return Block::asItStands($kind, $name, BlockRule::plain(), array_map(
                    static fn (array $one): Slot => new Slot(
                        "{$under}.{$one['exercise']->id}",
                        $one['exercise'],
                        Assignment::of(
                            exercise: $one['exercise']->id,
                            setting: $one['rung']->setting,
                            sets: 1,
                            dose: Dose::seconds($each, self::sides($one['exercise']) === Sides::Each),
                            reserve: 5,
                            restSeconds: 0,
                            sides: self::sides($one['exercise']),
                            words: $one['rung']->words,
                        ),
                        $one['rung']->things,
                    ),
                    $used,
                ));
            }
        }

        return null;
    }

    private static function sides(Exercise $exercise): Sides
    {
        return Execution::usualFor($exercise)->sides;
    }
}
