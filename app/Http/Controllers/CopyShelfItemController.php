<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\CopyShelfItem;
use App\Http\Requests\Shelf\CopyShelfItemRequest;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\JsonResponse;

/** One more like it, on this shelf or on another client's. */
final class CopyShelfItemController extends Controller
{
    public function __invoke(CopyShelfItemRequest $request, Client $client, ShelfItem $shelfItem, CopyShelfItem $copy): JsonResponse
    {
        return response()->json($copy->handle($shelfItem, $request->target()), 201);
    }
}
