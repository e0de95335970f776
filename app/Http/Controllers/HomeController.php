<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DescribeLimits;
use App\Http\Requests\UpdateHomeRequest;
use App\Http\Resources\LimitEffectsResource;
use App\Models\Client;

final class HomeController extends Controller
{
    public function __invoke(UpdateHomeRequest $request, Client $client, DescribeLimits $describe): LimitEffectsResource
    {
        $client->home->update($request->home());

        return $describe->handle($client);
    }
}
