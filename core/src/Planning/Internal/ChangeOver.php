<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning\Internal;

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\ThingInUse;
use NimbleShelf\Core\Text\Plain;

/**
 * What it takes to go from one slot to the next: what is put down and picked up, and how long that lasts.
 *
 * @internal
 */
final readonly class ChangeOver
{
    /** Seconds of one plate on or off, a band rigged anew, a piece of fill, furniture moved; planning contract, section 3. */
    private const PLATE_SECONDS = 6;

    private const BAND_SECONDS = 15;

    private const PIECE_SECONDS = 10;

    private const FURNITURE_SECONDS = 15;

    /** Standing to the floor or back, seconds, and for who is slow at it; planning contract, section 3. */
    private const FLOOR_SECONDS = 8;

    private const SLOW_FLOOR_SECONDS = 15;

    /** One piece of a fill where no recipe is known, kilograms: about a large bottle; our estimate. */
    private const PIECE_KG = 2.0;

    /** Without its plates known, one comes off or goes on at each end; our estimate. */
    private const PLATES_MOVED = 2;

    private const ON_THE_FLOOR = ['floor-seated', 'hands-and-feet', 'kneeling', 'lying', 'prone', 'side-lying'];

    /** Hands on something this high, metres, spare the way to the floor. */
    private const OFF_THE_FLOOR_M = 0.40;

    /**
     * @param  list<ThingInUse>  $pickUp
     * @param  list<ThingInUse>  $putDown
     * @param  array<string, float>  $anew  Seconds to set a thing up anew, by its id; only of what was used another way before.
     * @param  list<ThingInUse>  $changed  Those things, as they are used next.
     */
    private function __construct(
        public float $seconds,
        public array $pickUp,
        public array $putDown,
        public array $anew,
        public array $changed,
        public bool $changesPosition,
        public bool $toTheFloor,
    ) {
    }

    /**
     * @param  list<ThingInUse>  $inHand
     * @param  array<string, ThingInUse>  $lastUse  How each thing was last set up, by its id.
     */
    public static function to(Slot $next, ?Slot $before, array $inHand, array $lastUse, bool $isOnFloor, bool $slowOnFeet): self
    {
        $wanted = ThingInUse::allOf($next);
        $anew = [];
        foreach ($wanted as $use) {
            $last = $lastUse[$use->id] ?? null;
            if ($last !== null && $last->setUp !== $use->setUp) {
                $anew[$use->id] = self::secondsToSetAnew($use, $last, $next);
            }
        }
        $isSame = $before !== null && $before->thread === $next->thread && $before->exercise->id === $next->exercise->id;
        $toTheFloor = self::isOnFloor($next);
        $changesPosition = $toTheFloor !== $isOnFloor;
        $seconds = ($isSame ? 0.0 : (float) $next->exercise->setUpSeconds) + array_sum($anew);
        if ($changesPosition) {
            $seconds += $slowOnFeet ? self::SLOW_FLOOR_SECONDS : self::FLOOR_SECONDS;
        }

        return new self(
            seconds: $seconds,
            pickUp: self::beyond($wanted, $inHand),
            putDown: self::beyond($inHand, $wanted),
            anew: $anew,
            changed: array_values(array_filter($wanted, static fn (ThingInUse $use): bool => isset($anew[$use->id]))),
            changesPosition: $changesPosition,
            toTheFloor: $toTheFloor,
        );
    }

    public function isNothing(): bool
    {
        return $this->seconds <= 0.0 && $this->pickUp === [] && $this->putDown === [];
    }

    /** "Put down the red tube; pick up the 8 kg dumbbell; down to the floor." */
    public function inWords(Slot $next): string
    {
        $names = static fn (array $uses): string => implode(
            ' and the ',
            array_map(static fn (ThingInUse $use): string => $use->name, $uses),
        );
        // What is set anew is said with its filling there.
        $filled = fn (array $uses): string => implode(' and the ', array_map(
            fn (ThingInUse $use): string => isset($this->anew[$use->id]) || $use->filling() === ''
                ? $use->name
                : "{$use->name} ({$use->filling()})",
            $uses,
        ));
        // A wall is gone to, and furniture is set; neither is put down.
        $isOfKind = static fn (string $kind, array $uses): array => array_filter($uses, static fn (ThingInUse $use): bool => match (true) {
            $use->kind === 'wall' => $kind === 'wall',
            Thing::isSupportKind($use->kind) => $kind === 'furniture',
            default => $kind === 'load',
        });
        [$down, $up] = [$isOfKind('load', $this->putDown), $isOfKind('load', $this->pickUp)];
        [$aside, $set] = [$isOfKind('furniture', $this->putDown), $isOfKind('furniture', $this->pickUp)];
        $wall = $isOfKind('wall', $this->pickUp);
        $said = array_values(array_filter([
            $down === [] ? '' : "put down the {$names($down)}",
            $aside === [] ? '' : "move the {$names($aside)} aside",
            $up === [] ? '' : "take the {$filled($up)}",
            $set === [] ? '' : "set the {$names($set)} ready",
            $wall === [] ? '' : "go to the {$names($wall)}",
            ...array_map(static fn (ThingInUse $use): string => self::anewInWords($use, $next), array_values($this->changed)),
            ! $this->changesPosition ? '' : ($this->toTheFloor ? 'down to the floor' : 'up from the floor'),
        ], static fn (string $part): bool => $part !== ''));

        return $said === [] ? "Make ready for {$next->exercise->name}" : ucfirst(implode('; ', $said));
    }

    public static function isOnFloor(Slot $slot): bool
    {
        return in_array($slot->exercise->position, self::ON_THE_FLOOR, true)
            && $slot->assignment->setting->supportHeightM < self::OFF_THE_FLOOR_M;
    }

    private static function anewInWords(ThingInUse $use, Slot $next): string
    {
        $kg = Plain::number($use->massKg);

        return match (true) {
            Thing::isBandKind($use->kind) => "rig the {$use->name} for {$next->exercise->name}",
            Thing::isSupportKind($use->kind) => "move the {$use->name} for {$next->exercise->name}",
            $use->isPacked() => "put the {$use->name} in",
            $use->kind === 'object' => "take the {$use->name} out of the bag",
            $use->kind === 'adjustable-dumbbell' => "set the {$use->name} to {$kg} kg",
            default => "pack the {$use->name} to {$kg} kg".($use->filling() === '' ? '' : ": {$use->filling()}"),
        };
    }

    private static function secondsToSetAnew(ThingInUse $use, ThingInUse $last, Slot $next): float
    {
        return match (true) {
            Thing::isBandKind($use->kind) => self::BAND_SECONDS,
            Thing::isSupportKind($use->kind) => $use->kind === 'wall' ? 0.0 : self::FURNITURE_SECONDS,
            $use->kind === 'adjustable-dumbbell' => self::PLATE_SECONDS * self::platesMoved($use, $last, $next),
            default => (float) self::PIECE_SECONDS * self::piecesMoved($use, $last),
        };
    }

    /** A piece goes in or comes out; of a carrier all that lie in it now and did not before, or the other way round. */
    private static function piecesMoved(ThingInUse $use, ThingInUse $last): int
    {
        if ($use->isPacked() || $last->isPacked()) {
            return max(1, $use->thing->count ?? 1);
        }
        if ($use->contents === [] && $last->contents === []) {
            return max(1, (int) ceil(abs($use->massKg - $last->massKg) / self::PIECE_KG));
        }
        $moved = 0;
        foreach ($use->contents + $last->contents as $id => $count) {
            $moved += abs(($use->contents[$id] ?? 0) - ($last->contents[$id] ?? 0));
        }

        return max(1, $moved);
    }

    private static function platesMoved(ThingInUse $use, ThingInUse $last, Slot $next): int
    {
        $setting = $next->assignment->setting;
        $dumbbells = $setting->perHand && $setting->limbs !== 1 ? 2 : 1;
        if ($use->thing !== null && $use->thing->dialKg !== []) {
            return $dumbbells;
        }
        $loading = $use->thing?->loading;
        if ($loading === null) {
            return $dumbbells * self::PLATES_MOVED;
        }
        [$from, $to] = [$loading->placeOf($last->massKg), $loading->placeOf($use->massKg)];
        if ($from === null || $to === null) {
            return $dumbbells * self::PLATES_MOVED;
        }
        ['off' => $off, 'on' => $on] = $loading->change($from, $to);

        return 2 * $dumbbells * (int) (array_sum(array_column($off, 'count')) + array_sum(array_column($on, 'count')));
    }

    /**
     * @param  list<ThingInUse>  $these
     * @param  list<ThingInUse>  $those
     * @return list<ThingInUse> What is among these and not among those.
     */
    private static function beyond(array $these, array $those): array
    {
        $ids = array_map(static fn (ThingInUse $use): string => $use->id, $those);

        return array_values(array_filter($these, static fn (ThingInUse $use): bool => ! in_array($use->id, $ids, true)));
    }
}
