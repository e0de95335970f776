<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/**
 * A week in the making, and what each change to it would be worth: kept so that a change costs no more than itself.
 *
 * Its total is always that of `WeekScore`; it allows only what breaks neither time nor recovery.
 */
final class WeekState
{
    /** Sets of a muscle on one day that count as hard work, in half sets; planning contract, section 4. */
    private const HARD_DAY = 6;

    /** Of one session, so many exercises: more nobody keeps in mind. */
    private const MOST_SLOTS = 10;

    /** Setting a thing up anew, seconds at most: plates, a band rigged anew, furniture; a bag packed anew. */
    private const ANEW_SECONDS = 24;

    private const REPACK_SECONDS = 60;

    private const FLOOR_SECONDS = 15;

    /** @var list<array<int, int>> */
    public array $days;

    public float $total = 0.0;

    /** @var array<string, int> Tenths of half sets by muscle, as far as they count. */
    private array $volume = [];

    /** @var list<array<string, int>> */
    private array $dayHalves;

    /** @var array<int, float> */
    private array $seconds;

    /** @var list<array{int, int}> Slots on the floor, and not. */
    private array $positions;

    /** @var list<array<string, int>> */
    private array $patterns;

    /** @var list<array<string, int>> */
    private array $exercises;

    /** @var array<string, array<int, int>> Slots by group and day. */
    private array $groups = [];

    /** @var array<string, int> Slots of the week by movement. */
    private array $movements = [];

    /** @var array<string, int> */
    private array $regions = ['push' => 0, 'pull' => 0, 'front' => 0, 'back' => 0];

    private float $imbalance = 0.0;

    /** @var array<int, array<int, array<int, array<int, float>>>> By sets of each region. */
    private array $imbalances = [];

    /** What it costs that main lifts are less than half. */
    private float $short = 0.0;

    /** Sets of main lifts, and of all. */
    private int $main = 0;

    private int $all = 0;

    /** @var list<list<int>> Days less than two nights away. */
    private array $near = [];

    /** @var array<int, float> */
    private array $budgets;

    /** @var array<int, float> Seconds of work that are wanted used. */
    private array $wanted;

    /**
     * @var list<array{
     *     seconds: float, setUp: float, group: string|null, movement: string|null, region: string|null, pattern: string,
     *     main: bool, key: string, floor: int, judged: array<string, int>, slot: list<float>
     * }> What does not change of each option.
     */
    private array $known = [];

    /** @var array<string, array<int, float>> Worth of a muscle by tenths of half sets. */
    private array $worth = [];

    /** @param  list<PlanOption>  $options */
    public function __construct(private readonly array $options, private readonly Brief $brief)
    {
        $count = count($brief->days);
        $this->days = $this->dayHalves = $this->patterns = $this->exercises = array_fill(0, $count, []);
        $this->seconds = array_fill(0, $count, 0.0);
        $this->positions = array_fill(0, $count, [0, 0]);
        $this->budgets = array_map(static fn (TrainingDay $day): float => Frame::workSeconds($day->minutes), $brief->days);
        $this->wanted = array_map(static fn (float $seconds): float => WeekScore::USED * $seconds, $this->budgets);
        foreach ($brief->days as $i => $day) {
            $near = [];
            foreach ($brief->days as $j => $other) {
                if ($i !== $j && $day->nightsFrom($other) < 2) {
                    $near[] = $j;
                }
            }
            $this->near[] = $near;
        }
        foreach ($options as $option) {
            $this->known[] = [
                'seconds' => self::boundSeconds($option, 1, $brief) - self::boundSeconds($option, 0, $brief),
                'setUp' => self::boundSeconds($option, 0, $brief),
                'group' => $option->group()?->value,
                'movement' => Movement::of($option->exercise->pattern)?->value,
                'region' => Region::of($option->exercise->pattern)?->value,
                'pattern' => $option->exercise->pattern,
                'main' => $option->isMain(),
                'key' => $option->key(),
                'floor' => $option->isOnFloor ? 1 : 0,
                'judged' => $option->volume(),
                'slot' => array_map(
                    static fn (int $sets): float => WeekScore::slot($option, $sets, $brief),
                    range(0, max(0, ...array_map($brief->mostSets(...), $brief->days))),
                ),
            ];
        }
    }

    /**
     * Seconds that so many sets take at most, in straight sets: rest after each, and what a change exceeds the rest by.
     * None for no sets is what setting it up costs beyond the rest.
     */
    public static function boundSeconds(PlanOption $option, int $sets, Brief $brief): float
    {
        $anew = in_array($option->rung->setting->implement, ['rucksack', 'pourable'], true) ? self::REPACK_SECONDS : self::ANEW_SECONDS;
        $beyond = max(0.0, $option->exercise->setUpSeconds + $anew + self::FLOOR_SECONDS - $option->restSeconds);

        $pace = max(1.0, $brief->paceFactor);

        return $sets * ($option->workSeconds + $pace * $option->restSeconds) + $pace * $beyond;
    }

    /** What the score would change by if an option had so many sets on a day; null where time or recovery forbid it. */
    public function gain(int $day, int $option, int $sets): ?float
    {
        return $this->gains($day, $option, $sets, $sets)[$sets] ?? null;
    }

    /**
     * The same for each count of sets from one to another, up to where time or recovery forbid more.
     *
     * @return array<int, float> By sets.
     */
    public function gains(int $day, int $option, int $from, int $to): array
    {
        $now = $this->days[$day][$option] ?? 0;
        $known = $this->known[$option];
        $way = $now === 0 ? 1 : ($to === 0 ? -1 : 0);
        $seconds = $this->seconds[$day];
        $room = $this->budgets[$day] + 1e-6 - $way * $known['setUp'];
        if ($to > $now && ($seconds + ($from - $now) * $known['seconds'] > $room
            || ($way === 1 && ! $this->hasRoomFor($day, $known['key'])))) {
            return [];
        }
        $halves = $this->near[$day] === [] ? [] : $this->options[$option]->halves;
        $wanted = $this->wanted[$day];
        // What is the same for each of them.
        $same = ($way === 0 ? 0.0 : $this->worthOfPlace($day, $known, $way))
            - ($known['slot'][$now] ?? WeekScore::slot($this->options[$option], $now, $this->brief))
            - WeekScore::IDLE_MINUTE / 60 * ($seconds < $wanted ? $seconds : $wanted)
            + $this->short + ($known['region'] === null ? 0.0 : $this->imbalance);
        $judged = [];
        foreach ($known['judged'] as $muscle => $each) {
            $held = $this->volume[$muscle] ?? 0;
            $judged[] = [$muscle, $held, $each];
            $same -= $this->worth[$muscle][$held] ?? $this->worthOf($muscle, $held);
        }
        $gains = [];
        for ($sets = $from; $sets <= $to; $sets++) {
            $more = $sets - $now;
            $after = $seconds + $more * $known['seconds'];
            if ($more > 0) {
                if ($after > $room) {
                    break;
                }
                foreach ($halves as $muscle => $each) {
                    if (($this->dayHalves[$day][$muscle] ?? 0) + $each * $more >= self::HARD_DAY && $this->worksHardNear($day, $muscle)) {
                        break 2;
                    }
                }
            }
            $after += $way * $known['setUp'];
            $short = ($this->all + $more) / 2 - $this->main - ($known['main'] ? $more : 0);
            $gain = $same + ($known['slot'][$sets] ?? WeekScore::slot($this->options[$option], $sets, $this->brief))
                + WeekScore::IDLE_MINUTE / 60 * ($after < $wanted ? $after : $wanted)
                - ($short > 0 ? WeekScore::SHORT_OF_HALF * $short : 0.0)
                - ($known['region'] === null ? 0.0 : $this->imbalanceWith($known['region'], $more));
            foreach ($judged as [$muscle, $then, $each]) {
                $then += $each * $more;
                $gain += $this->worth[$muscle][$then] ?? $this->worthOf($muscle, $then);
            }
            $gains[$sets] = $gain;
        }

        return $gains;
    }

    /**
     * What changes by a slot that comes (1) or goes (-1), however many sets it has.
     *
     * @param  array{group: string|null, movement: string|null, pattern: string, floor: int, ...}  $known
     */
    private function worthOfPlace(int $day, array $known, int $way): float
    {
        $gain = 0.0;
        if ($known['group'] !== null) {
            $on = $this->groups[$known['group']] ?? [];
            $days = count($on);
            $here = ($on[$day] ?? 0) + $way;
            $after = $days + ($way === 1 && ! isset($on[$day]) ? 1 : 0) - ($way === -1 && $here === 0 ? 1 : 0);
            $gain += WeekScore::PATTERNS[$after < 2 ? $after : 2] - WeekScore::PATTERNS[$days < 2 ? $days : 2];
        }
        if ($known['movement'] !== null) {
            $there = $this->movements[$known['movement']] ?? 0;
            $gain += WeekScore::MOVEMENT * (($there + $way > 0 ? 1 : 0) - ($there > 0 ? 1 : 0));
        }
        [$onFloor, $standing] = $this->positions[$day];
        $gain -= WeekScore::mixing($onFloor + $known['floor'] * $way, $standing + (1 - $known['floor']) * $way)
            - WeekScore::mixing($onFloor, $standing);
        $alike = $this->patterns[$day][$known['pattern']] ?? 0;

        return $gain - WeekScore::REPEATED * (max(0, $alike + $way - 1) - max(0, $alike - 1));
    }

    /** Imbalance of the week with so many sets of a region more, or fewer. */
    private function imbalanceWith(string $region, int $more): float
    {
        $regions = $this->regions;
        $regions[$region] += $more;

        return $this->imbalances[$regions['push']][$regions['pull']][$regions['front']][$regions['back']]
            ??= WeekScore::imbalance($regions);
    }

    /** Gives an option so many sets on a day; none takes it out. What that breaks is for `gain()` to say before. */
    public function put(int $day, int $option, int $sets, ?float $gain = null): void
    {
        $now = $this->days[$day][$option] ?? 0;
        if ($sets === $now) {
            return;
        }
        $this->total += $gain ?? $this->gainUnchecked($day, $option, $sets);
        $known = $this->known[$option];
        $one = $this->options[$option];
        $more = $sets - $now;
        $way = $now === 0 ? 1 : ($sets === 0 ? -1 : 0);
        $this->seconds[$day] += $more * $known['seconds'] + $way * $known['setUp'];
        $this->main += $known['main'] ? $more : 0;
        $this->all += $more;
        $this->short = WeekScore::shortOfHalf($this->main, $this->all);
        foreach ($one->halves as $muscle => $each) {
            $this->dayHalves[$day][$muscle] = ($this->dayHalves[$day][$muscle] ?? 0) + $each * $more;
        }
        foreach ($known['judged'] as $muscle => $each) {
            $this->volume[$muscle] = ($this->volume[$muscle] ?? 0) + $each * $more;
        }
        if ($known['region'] !== null) {
            $this->regions[$known['region']] += $more;
            $this->imbalance = $this->imbalanceWith($known['region'], 0);
        }
        if ($way !== 0) {
            $this->positions[$day][$one->isOnFloor ? 0 : 1] += $way;
            $this->patterns[$day][$one->exercise->pattern] = ($this->patterns[$day][$one->exercise->pattern] ?? 0) + $way;
            $this->exercises[$day][$one->key()] = ($this->exercises[$day][$one->key()] ?? 0) + $way;
            if ($known['movement'] !== null) {
                $this->movements[$known['movement']] = ($this->movements[$known['movement']] ?? 0) + $way;
            }
            if ($known['group'] !== null) {
                $here = ($this->groups[$known['group']][$day] ?? 0) + $way;
                $this->groups[$known['group']][$day] = $here;
                if ($here === 0) {
                    unset($this->groups[$known['group']][$day]);
                }
            }
        }
        if ($sets === 0) {
            unset($this->days[$day][$option]);
        } else {
            $this->days[$day][$option] = $sets;
        }
    }

    /** Seconds at most by which a slot grows from so many sets to more. */
    public function secondsFor(int $option, int $sets, int $from): float
    {
        return ($sets - $from) * $this->known[$option]['seconds'] + ($from === 0 ? $this->known[$option]['setUp'] : 0.0);
    }

    public function secondsOn(int $day): float
    {
        return $this->seconds[$day];
    }

    private function gainUnchecked(int $day, int $option, int $sets): float
    {
        $seconds = $this->budgets[$day];
        $near = $this->near[$day];
        [$this->budgets[$day], $this->near[$day]] = [INF, []];
        $gain = $this->gain($day, $option, $sets);
        [$this->budgets[$day], $this->near[$day]] = [$seconds, $near];

        return $gain ?? throw new \LogicException('This option cannot stand twice in one session.');
    }

    private function hasRoomFor(int $day, string $key): bool
    {
        if (($this->exercises[$day][$key] ?? 0) > 0 || count($this->days[$day]) >= self::MOST_SLOTS) {
            return false;
        }
        if ($this->near[$day] === []) {
            return true;
        }
        // Not the same exercise on three days running.
        $before = $after = [];
        foreach ($this->near[$day] as $near) {
            if (($this->exercises[$near][$key] ?? 0) > 0) {
                $before[] = $near;
                foreach ($this->near[$near] as $next) {
                    if ($next !== $day && ($this->exercises[$next][$key] ?? 0) > 0) {
                        $after[] = $next;
                    }
                }
            }
        }

        return count($before) < 2 && $after === [];
    }

    private function worksHardNear(int $day, string $muscle): bool
    {
        foreach ($this->near[$day] as $near) {
            if (($this->dayHalves[$near][$muscle] ?? 0) >= self::HARD_DAY) {
                return true;
            }
        }

        return false;
    }

    private function worthOf(string $muscle, int $tenths): float
    {
        return $this->worth[$muscle][$tenths] ??= WeekScore::muscle($muscle, $tenths, $this->brief->band());
    }
}
