<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowLimits;
use App\Http\Requests\Clients\UpdateHomeRequest;
use App\Http\Resources\Clients\LimitEffectsResource;
use App\Models\Client;

final class HomeController extends Controller
{
    public function __invoke(UpdateHomeRequest $request, Client $client, ShowLimits $describe): LimitEffectsResource
    {
        $client->home->update($request->home());

        return $describe->handle($client);
    }
}
