<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowShelf;
use App\Actions\Shelf\StoreShelfItem;
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

    public function store(StoreShelfItemRequest $request, Client $client, StoreShelfItem $store): JsonResponse
    {
        return response()->json($store->handle($client, null, $request->shelfItem()), 201);
    }

    public function update(StoreShelfItemRequest $request, Client $client, ShelfItem $shelfItem, StoreShelfItem $store): ShelfItemResource
    {
        return $store->handle($client, $shelfItem, $request->shelfItem());
    }

    public function destroy(Client $client, ShelfItem $shelfItem): Response
    {
        $this->authorize('delete', $shelfItem);
        $shelfItem->delete();

        return response()->noContent();
    }
}
