<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowPlates;
use App\Http\Resources\Shelf\PlateLoadingResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\Request;

final class PlateController extends Controller
{
    public function show(Request $request, Client $client, ShelfItem $shelfItem, ShowPlates $show): PlateLoadingResource
    {
        abort_unless($shelfItem->kind === 'adjustable-dumbbell', 404);

        return $show->handle($shelfItem, $request->integer('from'), $request->integer('to'));
    }
}
