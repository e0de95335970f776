<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use NimbleShelf\Core\Kit\FillSolver;
use NimbleShelf\Core\Kit\FillStock;

final class FillCommand extends JsonCommand
{
    protected $signature = 'nimble:fill';

    protected $description = 'Finds the recipe that makes a carrier weigh what is wanted';

    protected function answer(Fields $asked): array
    {
        $targetKg = $asked->number('target_kg', 0.1, 300, 'kg');
        $carrier = $asked->object('carrier');
        $tareKg = $carrier->number('tare_kg', 0, 100, 'kg');
        $maxKg = $carrier->number('max_kg', $tareKg, 300, 'kg');
        $stock = FillStock::of(
            items: array_map(static fn (Fields $item): array => [
                'id' => $item->text('id'),
                'massKg' => $item->number('mass_kg', 0.001, 200, 'kg'),
                'count' => $item->whole('count', 0, 200, 'pieces'),
            ], $asked->has('items') ? $asked->objects('items') : []),
            pourables: array_map(static fn (Fields $pourable): array => [
                'id' => $pourable->text('id'),
                'kgPerL' => $pourable->number('density_kg_per_l', 0.05, 8, 'kg/L'),
                'maxL' => $pourable->number('max_l', 0, 200, 'L'),
                'stepL' => $pourable->number('step_l', 0.001, 200, 'L'),
                'containerKg' => $pourable->has('container_kg') ? $pourable->number('container_kg', 0, 100, 'kg') : 0.0,
            ], $asked->has('pourables') ? $asked->objects('pourables') : []),
        );
        $recipe = FillSolver::solve($targetKg, $tareKg, $maxKg, $stock);

        return [
            'total_kg' => round($recipe->totalKg, 6),
            'error_kg' => round($recipe->errorKg, 6),
            'picks' => $recipe->picks,
            'pours' => array_map(
                static fn (array $pour): array => ['id' => $pour['id'], 'litres' => round($pour['litres'], 6)],
                $recipe->pours,
            ),
            'pieces' => $recipe->pieces,
        ];
    }
}
