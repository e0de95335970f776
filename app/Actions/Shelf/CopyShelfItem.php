<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Http\Resources\Shelf\ShelfItemResource;
use App\Models\Client;
use App\Models\ShelfItem;

/** Puts one more like it on a shelf. What was tried of the one says nothing of the other. */
final readonly class CopyShelfItem
{
    private const LONGEST_NAME = 57;

    public function __construct(private ShowShelf $show)
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
            'name' => $this->freeName($item->name, $to),
            'count' => $item->count,
            'measures' => $measures,
            'out_of_service' => $item->out_of_service,
        ]);

        return $this->show->item($copy->refresh(), $to);
    }

    /** "red tube", or "red tube 2" where there is one of that name. */
    private function freeName(string $name, Client $to): string
    {
        $taken = $to->shelfItems()->pluck('name')->all();
        $free = $name;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = mb_substr($name, 0, self::LONGEST_NAME)." {$n}";
        }

        return $free;
    }
}
