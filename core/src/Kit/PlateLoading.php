<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/**
 * Every load one adjustable dumbbell can be built to, with the plates on each end, and the way from one to another.
 *
 * @phpstan-type Plates list<array{massKg: float, count: int}>
 */
final readonly class PlateLoading
{
    /** Heavier than this nobody holds a dumbbell; it also keeps what can be built to a number that can be listed. Our bound. */
    public const HEAVIEST_KG = 100.0;

    /** Builds that agree to this are one, grams. */
    private const GRAIN_G = 10;

    /** @param  list<array{loadKg: float, perEnd: Plates}>  $builds  Lightest first; heavier plates first. */
    private function __construct(public array $builds)
    {
    }

    /**
     * Plates are shared out evenly between the dumbbells of a pair; each build takes the fewest plates that make it.
     *
     * @param  float  $handleKg  The bare handle.
     * @param  Plates  $plates  Of all the dumbbells.
     * @param  int  $dumbbells  That share them.
     */
    public static function of(float $handleKg, array $plates, int $dumbbells): self
    {
        $builds = [0 => ['loadKg' => $handleKg, 'perEnd' => []]];
        usort($plates, static fn (array $one, array $two): int => $two['massKg'] <=> $one['massKg']);
        foreach ($plates as $plate) {
            $pairs = intdiv($plate['count'], 2 * $dumbbells);
            $more = $builds;
            foreach ($builds as $build) {
                for ($n = 1; $n <= $pairs; $n++) {
                    $loadKg = $build['loadKg'] + 2 * $n * $plate['massKg'];
                    if ($loadKg > self::HEAVIEST_KG) {
                        break;
                    }
                    $perEnd = [...$build['perEnd'], ['massKg' => $plate['massKg'], 'count' => $n]];
                    $grain = (int) round(1000 * ($loadKg - $handleKg) / self::GRAIN_G);
                    if (! isset($more[$grain]) || self::plates($more[$grain]['perEnd']) > self::plates($perEnd)) {
                        $more[$grain] = ['loadKg' => $loadKg, 'perEnd' => $perEnd];
                    }
                }
            }
            $builds = $more;
        }
        ksort($builds);

        return new self(array_values($builds));
    }

    /** Place in `builds` of a load, to 10 g; null where it cannot be built. */
    public function placeOf(float $loadKg): ?int
    {
        foreach ($this->builds as $place => $build) {
            if (abs($build['loadKg'] - $loadKg) < 0.0101) {
                return $place;
            }
        }

        return null;
    }

    /**
     * What to take off and put on at each end.
     *
     * @param  int  $from  Place in `builds`.
     * @param  int  $to  Place in `builds`.
     * @return array{off: Plates, on: Plates}
     */
    public function change(int $from, int $to): array
    {
        $before = $this->builds[$from]['perEnd'];
        $after = $this->builds[$to]['perEnd'];

        return ['off' => self::beyond($before, $after), 'on' => self::beyond($after, $before)];
    }

    /**
     * @param  Plates  $these
     * @param  Plates  $those
     * @return Plates What these have more than those.
     */
    private static function beyond(array $these, array $those): array
    {
        $more = [];
        foreach ($these as ['massKg' => $massKg, 'count' => $count]) {
            foreach ($those as $other) {
                $count -= $other['massKg'] === $massKg ? $other['count'] : 0;
            }
            if ($count > 0) {
                $more[] = ['massKg' => $massKg, 'count' => $count];
            }
        }

        return $more;
    }

    /** @param  Plates  $perEnd */
    private static function plates(array $perEnd): int
    {
        return (int) array_sum(array_column($perEnd, 'count'));
    }
}
