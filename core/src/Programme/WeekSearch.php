<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/**
 * Finds the week with the highest score that breaks neither time nor recovery.
 *
 * Small cases are tried out whole. Large ones begin with the best addition for its time again and again, and twice with
 * nothing; then each day in turn is planned anew from its most promising beginnings while
 * the others stay, and single slots are tried elsewhere, until nothing comes out better. Every step takes the best there
 * is, ties by order, so that the same question has the same answer.
 */
final class WeekSearch
{
    /** As many weeks are tried out whole. */
    private const WHOLE = 70_000;

    private const LEAST_SETS = 2;

    /** So many beginnings of a day are followed in each way. */
    private const BEGINNINGS = 3;

    /** Less than this is no improvement. */
    private const WORTH = 1e-7;

    /** @var list<array<int, true>> Options pinned on each day. */
    private array $pinned;

    /** @var list<list<int>> Options that may come and go on each day. */
    private array $open;

    /** @var list<int> Sets of one exercise at most, by day. */
    private array $mostSets;

    private WeekState $state;

    /** @var array<int, array<string, array{array<int, int>, float}>> Best of a day and what it adds, by what the others hold. */
    private array $rebuilt = [];

    /** @param  list<PlanOption>  $options */
    private function __construct(private readonly array $options, private readonly Brief $brief)
    {
        $this->state = new WeekState($options, $brief);
        $this->pinned = array_fill(0, count($brief->days), []);
        $this->open = array_fill(0, count($brief->days), array_keys($options));
        $this->mostSets = array_map($brief->mostSets(...), $brief->days);
    }

    /**
     * @param  list<PlanOption>  $options
     * @param  list<array<int, int>>  $pinned  Sets by day and option that stay as they are.
     * @return list<array<int, int>> Sets by option, for each day.
     */
    public static function best(array $options, Brief $brief, array $pinned = []): array
    {
        $search = new self($options, $brief);
        foreach ($pinned as $day => $slots) {
            foreach ($slots as $option => $sets) {
                $search->state->put($day, $option, $sets);
                $search->pinned[$day][$option] = true;
            }
            $search->open[$day] = array_values(array_diff($search->open[$day], array_keys($slots)));
        }
        $choices = array_map(static fn (int $most): float => log(2 + $most - self::LEAST_SETS), $search->mostSets);
        if (count($options) * array_sum($choices) <= log(self::WHOLE)) {
            return $search->whole();
        }
        $search->climb();

        return array_map(static function (array $slots): array {
            ksort($slots);

            return $slots;
        }, $search->state->days);
    }

    /** @return list<array<int, int>> */
    private function whole(): array
    {
        $best = $this->state->days;
        $most = $this->state->total;
        $places = [];
        foreach (array_keys($this->brief->days) as $day) {
            foreach (array_keys($this->options) as $option) {
                if (! isset($this->pinned[$day][$option])) {
                    $places[] = [$day, $option];
                }
            }
        }
        $try = function (int $place) use (&$try, &$best, &$most, $places): void {
            if ($this->state->total > $most + self::WORTH) {
                [$best, $most] = [$this->state->days, $this->state->total];
            }
            for ($i = $place; $i < count($places); $i++) {
                [$day, $option] = $places[$i];
                for ($sets = self::LEAST_SETS; $sets <= $this->mostSets[$day]; $sets++) {
                    $gain = $this->state->gain($day, $option, $sets);
                    if ($gain !== null) {
                        $this->state->put($day, $option, $sets, $gain);
                        $try($i + 1);
                        $this->state->put($day, $option, 0);
                    }
                }
            }
        };
        $try(0);

        return $best;
    }

    /**
     * Adds the best there is again and again until nothing helps or fits.
     *
     * @param  list<int>  $days
     */
    private function fill(array $days, bool $byTime): void
    {
        while (($best = $this->bestAddition($days, $byTime)) !== null) {
            $this->state->put(...$best);
        }
    }

    /**
     * @param  list<int>  $days
     * @return array{int, int, int}|null Day, option, sets.
     */
    private function bestAddition(array $days, bool $byTime): ?array
    {
        $best = null;
        $most = 0.0;
        foreach ($days as $day) {
            foreach ($this->open[$day] as $option) {
                $now = $this->state->days[$day][$option] ?? 0;
                foreach ($this->state->gains($day, $option, max(self::LEAST_SETS, $now + 1), $this->mostSets[$day]) as $sets => $gain) {
                    $worth = $byTime ? $gain / $this->state->secondsFor($option, $sets, $now) : $gain;
                    if ($gain > self::WORTH && $worth > $most + self::WORTH / 100) {
                        [$most, $best] = [$worth, [$day, $option, $sets]];
                    }
                }
            }
        }

        return $best;
    }

    /** Climbs from what gives most for its time, and from nothing, from either end of the week; keeps the best week. */
    private function climb(): void
    {
        [$empty, $nothing] = [$this->state->days, $this->state->total];
        $days = array_keys($this->brief->days);
        [$best, $most] = [$empty, -INF];
        $starts = [[true, $days], [false, $days], ...(count($days) > 1 ? [[false, array_reverse($days)]] : [])];
        foreach ($starts as [$isFilled, $inOrder]) {
            $this->restore($empty, $nothing);
            if ($isFilled) {
                $this->fill($days, byTime: true);
            }
            $this->climbOn($inOrder);
            if ($this->state->total > $most) {
                [$best, $most] = [$this->state->days, $this->state->total];
            }
        }
        $this->restore($best, $most);
    }

    /**
     * Plans one day after the other anew as long as that helps, then looks at single slots, and begins again.
     *
     * @param  list<int>  $days
     */
    private function climbOn(array $days): void
    {
        do {
            $before = $this->state->total;
            foreach ($days as $day) {
                $this->rebuild($day);
            }
            if ($this->state->total <= $before + self::WORTH) {
                $this->mend();
            }
        } while ($this->state->total > $before + self::WORTH);
    }

    /**
     * Plans a day anew while the others stay, following the best beginnings a slot at a time: some by what they give, some
     * by what they give for their time.
     */
    private function rebuild(int $day): void
    {
        [$before, $total] = [$this->state->days, $this->state->total];
        foreach (array_diff_key($before[$day], $this->pinned[$day]) as $option => $sets) {
            $this->state->put($day, $option, 0);
        }
        [$base, $bare] = [$this->state->days, $this->state->total];
        // What is best on a day follows from the other days alone.
        $others = self::told($base);
        [$best, $most] = $this->rebuilt[$day][$others] ??= $this->bestOf($day, $bare);
        if ($bare + $most <= $total + self::WORTH) {
            $this->restore($before, $total);

            return;
        }
        $this->restore($base, $bare);
        foreach ($best as $option => $sets) {
            $this->state->put($day, $option, $sets);
        }
    }

    /**
     * @param  list<array<int, int>>  $days
     * @return string The same for the same slots, in whatever order they came.
     */
    private static function told(array $days): string
    {
        return json_encode(array_map(static function (array $slots): array {
            ksort($slots);

            return $slots;
        }, $days), JSON_THROW_ON_ERROR);
    }

    /** @return array{array<int, int>, float} Sets by option on an emptied day, and what they add to the bare week. */
    private function bestOf(int $day, float $bare): array
    {
        [$best, $most] = [[], $bare];
        $beginnings = [['slots' => [], 'total' => $bare]];
        while ($beginnings !== []) {
            $totals = $rates = $made = [];
            foreach ($beginnings as $beginning) {
                foreach ($beginning['slots'] as $option => $sets) {
                    $this->state->put($day, $option, $sets);
                }
                $used = $this->state->secondsOn($day);
                foreach ($this->open[$day] as $option) {
                    if (isset($beginning['slots'][$option])) {
                        continue;
                    }
                    foreach ($this->state->gains($day, $option, self::LEAST_SETS, $this->mostSets[$day]) as $sets => $gain) {
                        if ($gain > self::WORTH) {
                            $made[] = [$beginning['slots'], $option, $sets];
                            $totals[] = $beginning['total'] + $gain;
                            $rates[] = ($beginning['total'] + $gain - $bare) / ($used + $this->state->secondsFor($option, $sets, 0));
                        }
                    }
                }
                foreach (array_keys($beginning['slots']) as $option) {
                    $this->state->put($day, $option, 0);
                }
                $this->state->total = $bare;
            }
            $beginnings = self::promising($made, $totals, $rates);
            foreach ($beginnings as $beginning) {
                if ($beginning['total'] > $most + self::WORTH) {
                    [$best, $most] = [$beginning['slots'], $beginning['total']];
                }
            }
        }

        return [$best, $most - $bare];
    }

    /**
     * @param  list<array{array<int, int>, int, int}>  $made  Slots there were, the option that came, its sets.
     * @param  list<float>  $totals
     * @param  list<float>  $rates
     * @return list<array{slots: array<int, int>, total: float}> The best by either, each set of slots once.
     */
    private static function promising(array $made, array $totals, array $rates): array
    {
        $kept = [];
        foreach ([$totals, $rates] as $values) {
            arsort($values);
            $count = 0;
            foreach (array_keys($values) as $place) {
                [$slots, $option, $sets] = $made[$place];
                $slots[$option] = $sets;
                ksort($slots);
                $key = json_encode($slots, JSON_THROW_ON_ERROR);
                $count += isset($kept[$key]) ? 0 : 1;
                $kept[$key] ??= ['slots' => $slots, 'total' => $totals[$place]];
                if ($count === self::BEGINNINGS) {
                    break;
                }
            }
        }

        return array_values($kept);
    }

    /** Takes out single slots and fills the room anew, there and elsewhere; keeps what comes out better. */
    private function mend(): void
    {
        foreach ($this->state->days as $day => $slots) {
            foreach (array_diff_key($slots, $this->pinned[$day]) as $option => $sets) {
                foreach ($sets > self::LEAST_SETS ? [0, $sets - 1] : [0] as $left) {
                    foreach ([false, true] as $byTime) {
                        [$before, $total] = [$this->state->days, $this->state->total];
                        if (! isset($before[$day][$option]) || $before[$day][$option] <= $left) {
                            continue;
                        }
                        $this->state->put($day, $option, $left);
                        $this->fill(array_keys($this->brief->days), $byTime);
                        if ($this->state->total <= $total + self::WORTH) {
                            $this->restore($before, $total);
                        }
                    }
                }
            }
        }
    }

    /** @param  list<array<int, int>>  $days */
    private function restore(array $days, float $total): void
    {
        foreach ($this->state->days as $day => $slots) {
            foreach (array_keys($slots) as $option) {
                if (! isset($days[$day][$option])) {
                    $this->state->put($day, $option, 0);
                }
            }
        }
        foreach ($days as $day => $slots) {
            foreach ($slots as $option => $sets) {
                $this->state->put($day, $option, $sets);
            }
        }
        $this->state->days = $days;
        $this->state->total = $total;
    }
}
