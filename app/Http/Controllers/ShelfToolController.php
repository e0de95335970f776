<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\CheckSupport;
use App\Actions\Shelf\ShowCoverage;
use App\Actions\Shelf\ShowFill;
use App\Actions\Shelf\ShowParsedLine;
use App\Actions\Shelf\ShowPlates;
use App\Actions\Shelf\ShowShelf;
use App\Http\Requests\Shelf\CheckSupportRequest;
use App\Http\Requests\Shelf\FillRequest;
use App\Http\Requests\Shelf\InspectShelfItemRequest;
use App\Http\Requests\Shelf\ReadShelfLineRequest;
use App\Http\Resources\Shelf\CoverageResource;
use App\Http\Resources\Shelf\FillResource;
use App\Http\Resources\Shelf\ParsedLineResource;
use App\Http\Resources\Shelf\PlateLoadingResource;
use App\Http\Resources\Shelf\ShelfItemResource;
use App\Http\Resources\Shelf\SupportCheckResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\Request;

/** What is reckoned about a shelf without changing it, and the looking-over of its things. */
final class ShelfToolController extends Controller
{
    public function read(ReadShelfLineRequest $request, Client $client, ShowParsedLine $read): ParsedLineResource
    {
        return $read->handle($request->line());
    }

    public function fill(FillRequest $request, Client $client, ShowFill $fill): FillResource
    {
        return $fill->handle($client, $request->targetKg(), $request->carrier(), $request->boolean('pair'));
    }

    public function coverage(Client $client, ShowCoverage $describe): CoverageResource
    {
        return $describe->handle($client);
    }

    public function plates(Request $request, Client $client, ShelfItem $shelfItem, ShowPlates $plates): PlateLoadingResource
    {
        abort_unless($shelfItem->kind === 'adjustable-dumbbell', 404);

        return $plates->handle($shelfItem, $request->integer('from'), $request->integer('to'));
    }

    public function support(CheckSupportRequest $request, Client $client, ShelfItem $shelfItem, CheckSupport $check): SupportCheckResource
    {
        return $check->handle($client, $shelfItem, $request->exercise(), $request->measured());
    }

    public function inspect(InspectShelfItemRequest $request, Client $client, ShelfItem $shelfItem, ShowShelf $describe): ShelfItemResource
    {
        $shelfItem->update($request->inspection());

        return $describe->item($shelfItem, $client);
    }
}
