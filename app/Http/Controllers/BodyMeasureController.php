<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ShowClient;
use App\Http\Requests\StoreBodyMeasureRequest;
use App\Http\Resources\ClientResource;
use App\Models\Client;

final class BodyMeasureController extends Controller
{
    public function store(StoreBodyMeasureRequest $request, Client $client, ShowClient $show): ClientResource
    {
        $client->bodyMeasures()->create($request->measures());

        return $show->handle($client->refresh());
    }
}
