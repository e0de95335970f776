<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Start\PlanStart;
use App\Actions\Start\ShowStart;
use App\Http\Requests\Start\StoreStartRequest;
use App\Http\Resources\Start\StartResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

/** The first session, which finds out what a client can do. */
final class StartController extends Controller
{
    public function show(Client $client, ShowStart $show): StartResource
    {
        return $show->handle($client);
    }

    public function store(StoreStartRequest $request, Client $client, PlanStart $plan): JsonResponse
    {
        return response()->json(['sessionId' => $plan->handle($client, $request->startsAt())->id], 201);
    }
}
