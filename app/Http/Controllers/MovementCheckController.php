<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\RecordHealth;
use App\Http\Requests\Clients\StoreMovementCheckRequest;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Client;

final class MovementCheckController extends Controller
{
    public function store(StoreMovementCheckRequest $request, Client $client, RecordHealth $record): HealthResource
    {
        $seen = ['checked_on' => $request->trainer()->today(), 'seen' => $request->seen()];

        return $record->handle($client, $request->trainer(), 'noted movement checks', fn () => $client->movementChecks()->create($seen));
    }
}
