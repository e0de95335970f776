<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LogSet;
use App\Http\Requests\StoreSetLogRequest;
use App\Http\Resources\SetLogResource;
use App\Models\Item;
use App\Models\SetLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

final class SetLogController extends Controller
{
    public function store(StoreSetLogRequest $request, Item $item, LogSet $logSet): JsonResponse
    {
        return response()->json(SetLogResource::of($logSet->handle($item, $request->done())), 201);
    }

    public function destroy(SetLog $set): Response
    {
        $set->delete();

        return response()->noContent();
    }
}
