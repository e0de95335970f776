<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Bench\StandInThings;
use App\Console\Input\Fields;
use App\Models\ShelfItem;
use NimbleShelf\Core\Exception\InvalidQuantity;

/** Says what the simulated scale hides, so that a test of the bench can be checked against the truth. */
final class StandInCommand extends JsonCommand
{
    protected $signature = 'nimble:stand-in';

    protected $description = 'Says what the simulated hanging scale really has on its hook';

    protected function answer(Fields $asked): array
    {
        $item = ShelfItem::query()->find($asked->whole('item_id', 1, PHP_INT_MAX, ''))
            ?? throw InvalidQuantity::because('item_id', 'There is no such thing on any shelf.');
        $band = StandInThings::band($item);

        return $band === null
            ? ['pull_n' => round(StandInThings::pullN($item, 0.0), 4)]
            : [
                'rest_length_cm' => $band->restLengthM * 100,
                'a_n' => round($band->aN, 4),
                'b_n' => round($band->bN, 4),
                'force_at_double_n' => round($band->forceAt(2 * $band->restLengthM), 4),
            ];
    }
}
