<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CheckSupport;
use App\Actions\DescribeCoverage;
use App\Actions\DescribeShelf;
use App\Actions\FillCarrier;
use App\Actions\LoadPlates;
use App\Actions\ReadShelfLine;
use App\Http\Requests\CheckSupportRequest;
use App\Http\Requests\FillRequest;
use App\Http\Requests\InspectShelfItemRequest;
use App\Http\Requests\ReadShelfLineRequest;
use App\Http\Resources\CoverageResource;
use App\Http\Resources\FillResource;
use App\Http\Resources\ParsedLineResource;
use App\Http\Resources\PlateLoadingResource;
use App\Http\Resources\ShelfItemResource;
use App\Http\Resources\SupportCheckResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Http\Request;

/** What is reckoned about a shelf without changing it, and the looking-over of its things. */
final class ShelfToolController extends Controller
{
    public function read(ReadShelfLineRequest $request, Client $client, ReadShelfLine $read): ParsedLineResource
    {
        return $read->handle($request->line());
    }

    public function fill(FillRequest $request, Client $client, FillCarrier $fill): FillResource
    {
        return $fill->handle($client, $request->targetKg(), $request->carrier(), $request->boolean('pair'));
    }

    public function coverage(Client $client, DescribeCoverage $describe): CoverageResource
    {
        return $describe->handle($client);
    }

    public function plates(Request $request, Client $client, ShelfItem $shelfItem, LoadPlates $plates): PlateLoadingResource
    {
        abort_unless($shelfItem->kind === 'adjustable-dumbbell', 404);

        return $plates->handle($shelfItem, $request->integer('from'), $request->integer('to'));
    }

    public function support(CheckSupportRequest $request, Client $client, ShelfItem $shelfItem, CheckSupport $check): SupportCheckResource
    {
        return $check->handle($client, $shelfItem, $request->exercise(), $request->measured());
    }

    public function inspect(InspectShelfItemRequest $request, Client $client, ShelfItem $shelfItem, DescribeShelf $describe): ShelfItemResource
    {
        $shelfItem->update($request->inspection());

        return $describe->item($shelfItem, $client);
    }
}
