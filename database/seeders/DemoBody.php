<?php

declare(strict_types=1);

namespace Database\Seeders;

use NimbleShelf\Core\Planning\Capacity;

/**
 * How somebody who is made up trains: a strength nobody is told, which grows, has better and worse days, and tires from set to set.
 *
 * What it does with a load follows from that strength; the first set of a pattern says where it begins.
 */
final class DemoBody
{
    /** A day is up to this much better or worse. */
    private const FORM = 0.02;

    /** What each set takes off the next one. */
    private const TIRING = 0.012;

    private const MOST_IN_RESERVE = 5;

    /** Nobody doubts what is made up. */
    private const SURE_KG = 0.01;

    /** @var array<string, float> What is lifted once, kilograms of the pattern's reference lift, on the first day. */
    private array $kg = [];

    /**
     * @param  string  $name  Days differ from person to person.
     * @param  float  $growth  Of the strength at first, a week.
     * @param  int  $spare  Repetitions left beyond what was asked, the first time.
     * @param  float  $left  How strong the left side is; 1 for as strong as the right.
     */
    public function __construct(
        private readonly string $name,
        private readonly float $growth = 0.008,
        private readonly int $spare = 2,
        private readonly float $left = 1.0,
    ) {
    }

    /**
     * What is done of some repetitions that are asked for.
     *
     * @param  int  $asked  Repetitions, at least 1.
     * @param  float  $reserve  What is to be left.
     * @param  int  $set  Counted from 1.
     * @param  int  $day  Since the first.
     * @return array{int, int} Repetitions done, and left in reserve.
     */
    public function does(string $pattern, float $wholeKg, int $asked, float $reserve, int $set, int $day, ?string $side): array
    {
        $this->kg[$pattern] ??= Capacity::fromSet($wholeKg, self::SURE_KG, $asked, min(20.0, $reserve + $this->spare))->kg;
        $today = $this->kg[$pattern] * (1 + $this->growth * $day / 7) * $this->form($day) * (1 - self::TIRING * ($set - 1));
        $strength = Capacity::of($today * ($side === 'left' ? $this->left : 1), self::SURE_KG);
        $can = (int) $strength->repetitionsAt($wholeKg, 0);
        $done = max(1, min($asked, $can));

        return [$done, max(0, min(self::MOST_IN_RESERVE, $can - $done))];
    }

    private function form(int $day): float
    {
        return 1 + self::FORM * (crc32("{$this->name}/{$day}") % 201 - 100) / 100;
    }
}
