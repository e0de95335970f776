<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Floor\LogSet;
use App\Http\Requests\Floor\StoreSetLogRequest;
use App\Http\Resources\Floor\SetLogResource;
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
