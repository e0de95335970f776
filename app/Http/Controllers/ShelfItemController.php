<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowShelf;
use App\Http\Requests\Shelf\StoreShelfItemRequest;
use App\Http\Resources\Shelf\ShelfItemResource;
use App\Http\Resources\Shelf\ShelfResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class ShelfItemController extends Controller
{
    public function index(Client $client, ShowShelf $describe): ShelfResource
    {
        $this->authorize('view', $client);

        return $describe->handle($client);
    }

    public function store(StoreShelfItemRequest $request, Client $client, ShowShelf $describe): JsonResponse
    {
        $item = $client->shelfItems()->create($request->shelfItem());

        return response()->json($describe->item($item, $client), 201);
    }

    public function update(StoreShelfItemRequest $request, Client $client, ShelfItem $shelfItem, ShowShelf $describe): ShelfItemResource
    {
        $shelfItem->update($request->shelfItem());

        return $describe->item($shelfItem, $client);
    }

    public function destroy(Client $client, ShelfItem $shelfItem): Response
    {
        $this->authorize('delete', $shelfItem);
        $shelfItem->delete();

        return response()->noContent();
    }
}
