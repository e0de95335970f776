<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowShelf;
use App\Http\Resources\Shelf\ShelfItemResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Validation\ValidationException;

/** Puts a thing back that was taken off the shelf. */
final class RestoreShelfItemController extends Controller
{
    public function __invoke(Client $client, ShelfItem $shelfItem, ShowShelf $describe): ShelfItemResource
    {
        if ($shelfItem->trashed() && $client->shelfItems()->where('name', $shelfItem->name)->exists()) {
            throw ValidationException::withMessages([
                'name' => "There is already a thing called {$shelfItem->name} on this shelf; it stays as it is.",
            ]);
        }
        $shelfItem->restore();

        return $describe->item($shelfItem, $client);
    }
}
