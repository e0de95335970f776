<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/**
 * Finds the week with the highest score that breaks neither time nor recovery.
 *
 * Small cases are tried out whole. Large ones begin with the best single addition again and again, are then mended by the
 * best change of one slot, and are shaken: each slot in turn is forbidden, the rest mended without it and then with it, and
 * what comes out better is kept. Every step takes the best there is, ties by order, so that the same question has the same
 * answer, and what would never have been chosen does not matter to it.
 */
final class WeekSearch
{
    /** As many weeks are tried out whole. */
    private const WHOLE = 70_000;

    private const LEAST_SETS = 2;

    /** So far below, a shaken week is not mended any further. */
    private const HOPELESS = 2.0;

    /** Less than this is no improvement. */
    private const WORTH = 1e-7;

    /** @var list<array<int, true>> Options pinned on each day. */
    private array $pinned;

    private WeekState $state;

    /** @param  list<PlanOption>  $options */
    private function __construct(private readonly array $options, private readonly Brief $brief)
    {
        $this->state = new WeekState($options, $brief);
        $this->pinned = array_fill(0, count($brief->days), []);
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
        }
        $choices = 2 + $brief->experience->mostSets() - self::LEAST_SETS;
        if (count($options) * count($brief->days) * log($choices) <= log(self::WHOLE)) {
            return $search->whole();
        }
        $search->climb([]);
        $search->shake();

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
                for ($sets = self::LEAST_SETS; $sets <= $this->brief->experience->mostSets(); $sets++) {
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
     * Takes the best single change until none is left that helps.
     *
     * @param  array<int, true>  $forbidden  Options that may not be taken.
     * @param  list<int>|null  $days  Where to look; null for everywhere.
     */
    private function climb(array $forbidden, ?array $days = null): void
    {
        $days ??= array_keys($this->brief->days);
        do {
            $best = $this->bestAddition($forbidden, self::WORTH, $days) ?? $this->bestMove($forbidden, $days);
            foreach ($best ?? [] as [$day, $option, $sets]) {
                $this->state->put($day, $option, $sets);
            }
        } while ($best !== null);
    }

    /**
     * @param  array<int, true>  $forbidden
     * @param  list<int>  $days
     * @return list<array{int, int, int}>|null Day, option, sets.
     */
    private function bestAddition(array $forbidden, float $more, array $days): ?array
    {
        $best = null;
        foreach ($days as $day) {
            foreach (array_keys($this->options) as $option) {
                if (isset($forbidden[$option]) || isset($this->pinned[$day][$option])) {
                    continue;
                }
                $now = $this->state->days[$day][$option] ?? 0;
                for ($sets = max(self::LEAST_SETS, $now + 1); $sets <= $this->brief->experience->mostSets(); $sets++) {
                    $gain = $this->state->gain($day, $option, $sets);
                    if ($gain !== null && $gain > $more + self::WORTH) {
                        [$more, $best] = [$gain, [[$day, $option, $sets]]];
                    }
                }
            }
        }

        return $best;
    }

    /**
     * The best of taking a slot out or down and putting the best other thing, or nothing, in the room it leaves.
     *
     * @param  array<int, true>  $forbidden
     * @param  list<int>  $days
     * @return list<array{int, int, int}>|null
     */
    private function bestMove(array $forbidden, array $days): ?array
    {
        $best = null;
        $more = self::WORTH;
        foreach ($days as $day) {
            foreach ($this->state->days[$day] as $option => $sets) {
                if (isset($this->pinned[$day][$option])) {
                    continue;
                }
                foreach ($sets > self::LEAST_SETS ? [0, $sets - 1] : [0] as $left) {
                    $before = $this->state->total;
                    $this->state->put($day, $option, $left);
                    $lost = $before - $this->state->total;
                    if (-$lost > $more) {
                        [$more, $best] = [-$lost, [[$day, $option, $left]]];
                    }
                    $instead = $this->bestAddition($forbidden, $more + $lost, [$day]);
                    if ($instead !== null) {
                        [$d, $o, $s] = $instead[0];
                        if ($o !== $option || $d !== $day) {
                            $more = (float) $this->state->gain($d, $o, $s) - $lost;
                            $best = [[$day, $option, $left], ...$instead];
                        }
                    }
                    $this->state->put($day, $option, $sets);
                }
            }
        }

        return $best;
    }

    /** Forbids each slot in turn and mends what is left; keeps what comes out better. */
    private function shake(): void
    {
        do {
            $found = false;
            foreach ($this->state->days as $day => $slots) {
                foreach (array_keys($slots) as $option) {
                    if (isset($this->pinned[$day][$option])) {
                        continue;
                    }
                    [$before, $total] = [$this->state->days, $this->state->total];
                    $this->without($option);
                    $this->climb([$option => true], [$day]);
                    if ($this->state->total > $total - self::HOPELESS) {
                        $this->climb([]);
                    }
                    if ($this->state->total > $total + self::WORTH) {
                        $found = true;

                        continue 3;
                    }
                    $this->restore($before, $total);
                }
            }
        } while ($found);
    }

    private function without(int $option): void
    {
        foreach (array_keys($this->state->days) as $day) {
            if (isset($this->state->days[$day][$option]) && ! isset($this->pinned[$day][$option])) {
                $this->state->put($day, $option, 0);
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
