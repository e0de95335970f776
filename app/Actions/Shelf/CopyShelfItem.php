<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Http\Resources\Shelf\ShelfItemResource;
use App\Models\Client;
use App\Models\ShelfItem;

/** Puts one more like it on a shelf. What was tried of the one says nothing of the other. */
final readonly class CopyShelfItem
{
    public function __construct(private ShowShelf $show, private FreeName $freeName)
    {
    }

    public function handle(ShelfItem $item, Client $to): ShelfItemResource
    {
        $measures = $item->measures;
        unset($measures['checked']);
        if ($item->toThing()->isBand()) {
            // Of the same make, and no two pull alike.
            $measures['source'] = 'unknown';
        }
        /** @var ShelfItem $copy */
        $copy = $to->shelfItems()->create([
            'kind' => $item->kind,
            'name' => $this->freeName->on($to, $item->name),
            'count' => $item->count,
            'measures' => $measures,
            'out_of_service' => $item->out_of_service,
        ]);

        return $this->show->item($copy->refresh(), $to);
    }
}
