<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Certainty;

/** What there is to fill a carrier with: pieces that go in whole, and contents poured in steps. */
final readonly class FillStock
{
    /**
     * @param  list<array{id: string, massKg: float, count: int, certainty: Certainty}>  $items
     * @param  list<array{id: string, kgPerL: float, maxL: float, stepL: float, containerKg: float}>  $pourables
     */
    private function __construct(public array $items, public array $pourables)
    {
    }

    /**
     * @param  list<array{id: string, massKg: float, count: int, certainty?: Certainty}>  $items  0.001–200 kg each; 0–200 of each.
     * @param  list<array{
     *     id: string, kgPerL: float, maxL: float, stepL: float, containerKg: float
     * }>  $pourables  0.05–8 kg/L; up to 200 L in up to 2000 steps.
     *
     * @throws InvalidQuantity If a measure is out of range, naming it.
     */
    public static function of(array $items, array $pourables = []): self
    {
        $counted = [];
        foreach (['items' => $items, 'pourables' => $pourables] as $list => $things) {
            foreach (array_keys(array_diff_key($things, array_unique(array_column($things, 'id')))) as $i) {
                throw InvalidQuantity::because("{$list}.{$i}.id", "{$list}.{$i}.id is there twice; give each its own.");
            }
        }
        foreach ($items as $i => $item) {
            InvalidQuantity::unlessBetween("items.{$i}.mass_kg", $item['massKg'], 0.001, 200, 'kg');
            InvalidQuantity::unlessBetween("items.{$i}.count", $item['count'], 0, 200, 'pieces');
            $counted[] = $item + ['certainty' => Certainty::Labelled];
        }
        foreach ($pourables as $i => $pourable) {
            InvalidQuantity::unlessBetween("pourables.{$i}.density_kg_per_l", $pourable['kgPerL'], 0.05, 8, 'kg/L');
            InvalidQuantity::unlessBetween("pourables.{$i}.max_l", $pourable['maxL'], 0, 200, 'L');
            InvalidQuantity::unlessBetween("pourables.{$i}.step_l", $pourable['stepL'], 0.001, 200, 'L');
            InvalidQuantity::unlessBetween("pourables.{$i}.container_kg", $pourable['containerKg'], 0, 100, 'kg');
            if ($pourable['maxL'] / $pourable['stepL'] > 2000) {
                throw InvalidQuantity::because(
                    "pourables.{$i}.step_l",
                    "pourables.{$i}.step_l makes more than 2000 steps; take a larger one.",
                );
            }
        }

        return new self($counted, $pourables);
    }

    /**
     * What of a shelf goes into a carrier: objects whole, and vessels with what is poured into them.
     *
     * @param  list<Thing>  $shelf
     * @param  float  $stepL  Contents are poured in steps of this, litres.
     * @param  string|null  $except  The carrier itself, by its id.
     */
    public static function ofShelf(array $shelf, float $stepL, ?string $except = null): self
    {
        $items = $pourables = [];
        foreach ($shelf as $thing) {
            if ($thing->outOfService !== null || $thing->id === $except) {
                continue;
            }
            if ($thing->kind === 'object') {
                $items[] = ['id' => $thing->id, 'massKg' => $thing->massKg, 'count' => $thing->count, 'certainty' => $thing->certainty];
            } elseif ($thing->kind === 'pourable' && $thing->maxL >= $stepL) {
                $pourables[] = [
                    'id' => $thing->id,
                    'kgPerL' => $thing->kgPerL,
                    'maxL' => $thing->maxL,
                    'stepL' => $stepL,
                    'containerKg' => $thing->containerKg,
                ];
            }
        }

        return self::of($items, $pourables);
    }

    /** Most steps that one pourable is poured in. */
    public static function steps(float $maxL, float $stepL): int
    {
        return (int) floor($maxL / $stepL + 1e-9);
    }

    /** The stock for one of two loads that are made alike. */
    public function halved(): self
    {
        return new self(
            array_map(static fn (array $item): array => ['count' => intdiv($item['count'], 2)] + $item, $this->items),
            // Two containers are not one: what is poured into a pair needs a vessel for each, so a vessel serves one load only.
            [],
        );
    }

    /** What is left when a recipe has been taken out. */
    public function without(Recipe $recipe): self
    {
        $taken = array_column($recipe->picks, 'count', 'id');
        $poured = array_column($recipe->pours, 'litres', 'id');

        return new self(
            array_map(static fn (array $item): array => ['count' => $item['count'] - ($taken[$item['id']] ?? 0)] + $item, $this->items),
            array_values(array_filter($this->pourables, static fn (array $pourable): bool => ! isset($poured[$pourable['id']]))),
        );
    }
}
