<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DescribeHealth;
use App\Actions\DescribeLimits;
use App\Http\Requests\UpdateLimitsRequest;
use App\Http\Resources\LimitEffectsResource;
use App\Models\Client;

final class LimitController extends Controller
{
    public function index(Client $client, DescribeLimits $describe): LimitEffectsResource
    {
        return $describe->handle($client);
    }

    public function update(UpdateLimitsRequest $request, Client $client, DescribeLimits $describe): LimitEffectsResource
    {
        $client->update(['limits' => $request->limits()]);
        DescribeHealth::note($client, $request->trainer(), 'changed the limits');

        return $describe->handle($client->refresh());
    }
}
