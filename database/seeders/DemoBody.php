<?php

declare(strict_types=1);

namespace Database\Seeders;

use NimbleShelf\Core\Planning\Capacity;

/**
 * How somebody who is made up trains: a strength nobody is told, which grows, has better and worse days, and tires from set to set.
 *
 * What it does with a load follows from that strength, which lies about what people like them can.
 */
final class DemoBody
{
    /** A day is up to this much better or worse. */
    private const FORM = 0.02;

    /** What each set takes off the next one. */
    private const TIRING = 0.012;

    private const MOST_IN_RESERVE = 5;

    /** One pattern is up to this much better or worse than the whole. */
    private const OWN = 0.10;

    /** Nobody doubts what is made up. */
    private const SURE_KG = 0.01;

    /** @var array<string, float> What is lifted once, kilograms of the pattern's reference lift, on the first day. */
    private array $kg = [];

    /**
     * @param  string  $name  Days differ from person to person.
     * @param  float  $growth  Of the strength at first, a week.
     * @param  float  $strong  Beside people like them; 1 for the middle.
     * @param  float  $left  How strong the left side is; 1 for as strong as the right.
     */
    public function __construct(
        private readonly string $name,
        private readonly float $growth = 0.008,
        private readonly float $strong = 1.0,
        private readonly float $left = 1.0,
    ) {
    }

    /**
     * What is done of some repetitions that are asked for.
     *
     * @param  float  $usualKg  What people like them lift once, whole, in kilograms of the pattern's reference lift.
     * @param  int  $asked  Repetitions, at least 1.
     * @param  int  $set  Counted from 1.
     * @param  int  $day  Since the first.
     * @return array{int, int} Repetitions done, and left in reserve.
     */
    public function does(string $pattern, float $usualKg, float $wholeKg, int $asked, int $set, int $day, ?string $side): array
    {
        $this->kg[$pattern] ??= $usualKg * $this->strong * self::within(self::OWN, "{$this->name}/{$pattern}");
        $today = $this->kg[$pattern] * (1 + $this->growth * $day / 7) * $this->form($day) * (1 - self::TIRING * ($set - 1));
        $strength = Capacity::of($today * ($side === 'left' ? $this->left : 1), self::SURE_KG);
        $can = (int) $strength->repetitionsAt($wholeKg, 0);
        $done = max(1, min($asked, $can));

        return [$done, max(0, min(self::MOST_IN_RESERVE, $can - $done))];
    }

    private function form(int $day): float
    {
        return self::within(self::FORM, "{$this->name}/{$day}");
    }

    /** About one, by chance that is always the same. */
    private static function within(float $share, string $words): float
    {
        return 1 + $share * (crc32($words) % 201 - 100) / 100;
    }
}
