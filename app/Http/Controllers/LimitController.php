<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowHealth;
use App\Actions\Clients\ShowLimits;
use App\Http\Requests\Clients\UpdateLimitsRequest;
use App\Http\Resources\Clients\LimitEffectsResource;
use App\Models\Client;

final class LimitController extends Controller
{
    public function index(Client $client, ShowLimits $describe): LimitEffectsResource
    {
        return $describe->handle($client);
    }

    public function update(UpdateLimitsRequest $request, Client $client, ShowLimits $describe): LimitEffectsResource
    {
        $client->update(['limits' => $request->limits()]);
        ShowHealth::note($client, $request->trainer(), 'changed the limits');

        return $describe->handle($client->refresh());
    }
}
