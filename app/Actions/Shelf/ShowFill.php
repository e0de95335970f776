<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Shelf\FillPartResource;
use App\Http\Resources\Shelf\FillResource;
use App\Http\Resources\Shelf\RecipeResource;
use App\Models\Client;
use App\Models\ShelfItem;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Kit\FillSolver;
use NimbleShelf\Core\Kit\FillStock;
use NimbleShelf\Core\Kit\Recipe;
use NimbleShelf\Core\Kit\Thing;

/** The recipe that makes a rucksack, or two of anything, weigh what is wanted with what stands on the shelf. */
final readonly class ShowFill
{
    /** Contents are poured in quarters of a litre; a measuring jug shows them. */
    private const STEP_L = 0.25;

    /** Most that anything carries where no rucksack is meant, kilograms. */
    private const MOST_KG = 60.0;

    public function __construct(private DescribeClient $describe)
    {
    }

    public function handle(Client $client, float $targetKg, ?ShelfItem $carrier, bool $pair): FillResource
    {
        $shelf = $this->describe->shelf($client);
        $stock = FillStock::ofShelf($shelf, self::STEP_L, except: $carrier === null ? null : (string) $carrier->id);
        $things = array_column(array_map(static fn (Thing $thing): array => [$thing->id, $thing], $shelf), 1, 0);
        $held = $carrier?->toThing();
        [$tareKg, $maxKg] = $held === null ? [0.0, self::MOST_KG] : [$held->massKg, $held->maxKg];
        $recipes = $pair
            ? FillSolver::solvePair($targetKg, $tareKg, $maxKg, $stock)
            : [FillSolver::solve($targetKg, $tareKg, $maxKg, $stock)];

        return new FillResource(
            targetKg: $targetKg,
            carrier: $held?->name,
            tareKg: $tareKg,
            maxKg: $maxKg,
            stock: count($stock->items) + count($stock->pourables),
            recipes: array_map(fn (Recipe $recipe): RecipeResource => $this->recipe($recipe, $things), $recipes),
        );
    }

    /** @param  array<string, Thing>  $things */
    private function recipe(Recipe $recipe, array $things): RecipeResource
    {
        $parts = [];
        foreach ($recipe->picks as ['id' => $id, 'count' => $count]) {
            $parts[] = new FillPartResource($things[$id]->name, $count, null, round($count * $things[$id]->massKg, 3));
        }
        foreach ($recipe->pours as ['id' => $id, 'litres' => $litres]) {
            $parts[] = new FillPartResource(
                $things[$id]->name,
                null,
                $litres,
                round($things[$id]->containerKg + $litres * $things[$id]->kgPerL, 3),
            );
        }

        return new RecipeResource(
            round($recipe->totalKg, 3),
            round($recipe->errorKg, 3),
            round(Equivalent::LIKELY * $recipe->sdKg, 2),
            $recipe->pieces,
            $parts,
        );
    }
}
