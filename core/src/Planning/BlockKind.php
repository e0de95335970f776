<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** In what shape the slots of a block are done. */
enum BlockKind: string
{
    case Straight = 'straight';
    case Superset = 'superset';
    case Circuit = 'circuit';
    case Intervals = 'intervals';
    case Ladder = 'ladder';
    case TwoPhase = 'two-phase';
    case Layered = 'layered';
    case Hold = 'hold';
    case Section = 'section';
    case WarmUp = 'warm-up';
    case CoolDown = 'cool-down';
    case Menu = 'menu';

    /** From light to heavier, until somebody says that it is enough; what is left is not done. */
    case Ramp = 'ramp';

    /** @return array{int, int} Fewest and most slots. */
    public function slots(): array
    {
        return match ($this) {
            self::Superset => [2, 3],
            self::Circuit => [4, 10],
            self::Section => [2, 4],
            self::Layered => [2, 6],
            self::Menu => [2, 20],
            default => [1, 20],
        };
    }

    /** @return list<self> Those that a plan may hold: a ramp is the business of a first session alone. */
    public static function planned(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $kind): bool => $kind !== self::Ramp));
    }

    /** True where one set of each slot is done before the next set of any. */
    public function goesRound(): bool
    {
        return match ($this) {
            self::Superset, self::Circuit, self::Section, self::Intervals, self::Ladder, self::Layered => true,
            default => false,
        };
    }

    /** True where it warms up or cools down, and the work lies between. */
    public function isFrame(): bool
    {
        return $this === self::WarmUp || $this === self::CoolDown;
    }

    public function label(): string
    {
        return match ($this) {
            self::Straight => 'straight sets',
            self::Superset => 'superset',
            self::Circuit => 'circuit',
            self::Intervals => 'intervals',
            self::Ladder => 'ladder',
            self::TwoPhase => 'two-phase set',
            self::Layered => 'layered set',
            self::Hold => 'hold',
            self::Section => 'section',
            self::WarmUp => 'warm-up',
            self::CoolDown => 'cool-down',
            self::Menu => 'menu',
            self::Ramp => 'ramp',
        };
    }
}
