<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\PackedLoads;
use NimbleShelf\Core\Kit\Recipe;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Text\Plain;

/** What a carrier can be made to weigh with what stands beside it on a shelf, and how. */
final readonly class Packing
{
    /** A load asked for is met by a recipe this near, as a share of it: less than the steps between recipes. */
    private const NEAR = 0.04;

    /**
     * @param  array<string, Thing>  $things  What the recipes speak of, by id.
     * @param  non-empty-list<Recipe>  $recipes  Lightest first.
     */
    private function __construct(public Thing $carrier, private array $things, public array $recipes)
    {
    }

    /**
     * A bag, with everything on the shelf that goes into it.
     *
     * @param  list<Thing>  $shelf
     */
    public static function of(Thing $carrier, array $shelf): self
    {
        $things = [];
        foreach ($shelf as $thing) {
            $things[$thing->id] = $thing;
        }

        $recipes = PackedLoads::into($carrier, $shelf);

        return new self($carrier, $things, $recipes === [] ? [new Recipe($carrier->massKg, 0.0, 0.0, [], [], 0)] : $recipes);
    }

    /** A vessel held by its handle, with more and more in it; null where it holds nothing. */
    public static function ofVessel(Thing $vessel): ?self
    {
        $recipes = PackedLoads::poured($vessel);

        return $recipes === [] ? null : new self($vessel, [$vessel->id => $vessel], $recipes);
    }

    /**
     * The recipe nearest to a load.
     *
     * @throws InvalidQuantity If none comes near, naming the two between which it lies.
     */
    public function near(float $massKg): Recipe
    {
        $nearest = $this->recipes[0];
        foreach ($this->recipes as $recipe) {
            if (abs($recipe->totalKg - $massKg) < abs($nearest->totalKg - $massKg)) {
                $nearest = $recipe;
            }
        }
        if (abs($nearest->totalKg - $massKg) > max(0.25, self::NEAR * $massKg)) {
            throw InvalidQuantity::because('massKg', sprintf(
                'Nothing on the shelf makes the %s weigh %s kg; the nearest is %s kg.',
                $this->carrier->name,
                SettingInWords::kg($massKg),
                self::kg($nearest),
            ));
        }

        return $nearest;
    }

    /** "two clay bags and the jug with 3 L in it"; empty where nothing goes in. */
    public function inWords(Recipe $recipe): string
    {
        $parts = [];
        foreach ($recipe->picks as ['id' => $id, 'count' => $count]) {
            $thing = $this->things[$id];
            $parts[] = match (true) {
                $count > 1 => Plain::small($count).' '.Plain::plural($thing->name),
                $thing->count > 1 => 'one '.$thing->name,
                default => 'the '.$thing->name,
            };
        }
        foreach ($recipe->pours as ['id' => $id, 'litres' => $litres]) {
            $parts[] = $id === $this->carrier->id
                ? sprintf('%s L in it', Plain::number($litres))
                : sprintf('the %s with %s L in it', $this->things[$id]->name, Plain::number($litres));
        }

        return Plain::listed($parts);
    }

    /**
     * What must be at hand: the carrier, and what goes into it, as many as the recipe takes.
     *
     * @return list<Thing>
     */
    public function thingsFor(Recipe $recipe): array
    {
        $things = [$this->carrier->filledWith($this->inWords($recipe))];
        foreach ($recipe->picks as ['id' => $id, 'count' => $count]) {
            $things[] = $this->things[$id]->packed($count);
        }
        foreach ($recipe->pours as ['id' => $id]) {
            if ($id !== $this->carrier->id) {
                $things[] = $this->things[$id]->packed(1);
            }
        }

        return $things;
    }

    /** True where a thing goes into the carrier. */
    public function takes(Recipe $recipe, Thing $thing): bool
    {
        return $thing->id !== $this->carrier->id
            && in_array($thing->id, [...array_column($recipe->picks, 'id'), ...array_column($recipe->pours, 'id')], true);
    }

    /** "canvas rucksack, 11 kg: two clay bags". */
    public function laidOut(Recipe $recipe): string
    {
        $fill = $this->inWords($recipe);

        return sprintf('%s, %s kg: %s', $this->carrier->name, self::kg($recipe), $fill === '' ? 'nothing in it' : $fill);
    }

    /** @return list<array{value: float, label: string}> For a choice among loads: "15.9 kg: two clay bags". */
    public function stops(): array
    {
        return array_map(function (Recipe $recipe): array {
            $words = $this->inWords($recipe);

            return [
                'value' => round($recipe->totalKg, 2),
                'label' => sprintf('%s kg: %s', self::kg($recipe), $words === '' ? 'nothing in it' : $words),
            ];
        }, $this->recipes);
    }

    public static function kg(Recipe $recipe): string
    {
        return Plain::number($recipe->totalKg, 1);
    }
}
