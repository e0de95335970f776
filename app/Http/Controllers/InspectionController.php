<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowShelf;
use App\Http\Requests\Shelf\InspectShelfItemRequest;
use App\Http\Resources\Shelf\ShelfItemResource;
use App\Models\Client;
use App\Models\ShelfItem;

final class InspectionController extends Controller
{
    public function update(InspectShelfItemRequest $request, Client $client, ShelfItem $shelfItem, ShowShelf $show): ShelfItemResource
    {
        $shelfItem->update($request->inspection());

        return $show->item($shelfItem, $client);
    }
}
