<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowClient;
use App\Http\Requests\Clients\StoreBodyMeasureRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;

final class BodyMeasureController extends Controller
{
    public function store(StoreBodyMeasureRequest $request, Client $client, ShowClient $show): ClientResource
    {
        $client->bodyMeasures()->create($request->measures());

        return $show->handle($client->refresh());
    }
}
