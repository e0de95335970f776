<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Catalogue\Exercise;

/**
 * Which side begins where sides are done apart: the weaker one, so that the stronger does no more than it managed.
 *
 * A difference counts only when it exceeds a tenth and its own 80 % interval; until then the left side begins.
 */
final readonly class LeadingSides
{
    /** Smaller differences are the day's; planning contract, section 7. */
    private const NAMED_FROM = 0.10;

    private const FEWEST = 3;

    /** Upper tenth of Student's t by degrees of freedom, from 2 on; standard tables. */
    private const T = [2 => 1.886, 1.638, 1.533, 1.476, 1.440, 1.415, 1.397, 1.383, 1.372];

    private const T_MANY = 1.29;

    /** @param  array<'arms'|'legs', 'left'|'right'>  $weaker */
    private function __construct(private array $weaker)
    {
    }

    public static function unknown(): self
    {
        return new self([]);
    }

    /**
     * @param  array{arms?: list<array{float, float}>, legs?: list<array{float, float}>}  $sets  Repetitions to failure of left and
     *     right, the same movement with the same load on the same day; above 0.
     */
    public static function from(array $sets): self
    {
        $weaker = [];
        foreach ($sets as $limbs => $pairs) {
            $side = self::weakerOf($pairs);
            if ($side !== null) {
                $weaker[$limbs] = $side;
            }
        }

        return new self($weaker);
    }

    /** @return 'left'|'right' */
    public function first(Exercise $exercise): string
    {
        return $this->weaker[$exercise->effort->isOfArms() ? 'arms' : 'legs'] ?? 'left';
    }

    /** @return 'left'|'right'|null The weaker side of a movement; null where no difference is sure enough. */
    public function weaker(Exercise $exercise): ?string
    {
        return $this->weaker[$exercise->effort->isOfArms() ? 'arms' : 'legs'] ?? null;
    }

    /**
     * @param  list<array{float, float}>  $pairs
     * @return 'left'|'right'|null
     */
    private static function weakerOf(array $pairs): ?string
    {
        $count = count($pairs);
        if ($count < self::FEWEST) {
            return null;
        }
        $differences = array_map(
            static fn (array $pair): float => 2 * ($pair[0] - $pair[1]) / max(1e-9, $pair[0] + $pair[1]),
            $pairs,
        );
        $mean = array_sum($differences) / $count;
        $squares = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $differences));
        $margin = (self::T[$count - 1] ?? self::T_MANY) * sqrt($squares / ($count - 1) / $count);
        if (abs($mean) <= self::NAMED_FROM || abs($mean) <= $margin) {
            return null;
        }

        return $mean < 0 ? 'left' : 'right';
    }
}
