<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DescribeShelf;
use App\Http\Requests\StoreShelfItemRequest;
use App\Http\Resources\ShelfItemResource;
use App\Http\Resources\ShelfResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class ShelfItemController extends Controller
{
    public function index(Client $client, DescribeShelf $describe): ShelfResource
    {
        $this->authorize('view', $client);

        return $describe->handle($client);
    }

    public function store(StoreShelfItemRequest $request, Client $client, DescribeShelf $describe): JsonResponse
    {
        $item = $client->shelfItems()->create($request->shelfItem());

        return response()->json($describe->item($item, $client), 201);
    }

    public function update(StoreShelfItemRequest $request, Client $client, ShelfItem $shelfItem, DescribeShelf $describe): ShelfItemResource
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
