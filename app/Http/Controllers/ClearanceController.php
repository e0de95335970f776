<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\RecordHealth;
use App\Http\Requests\Clients\StoreClearanceRequest;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Clearance;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class ClearanceController extends Controller
{
    public function store(StoreClearanceRequest $request, Client $client, RecordHealth $record): HealthResource
    {
        return $record->handle(
            $client,
            $request->trainer(),
            'noted a clearance',
            fn () => $client->clearances()->create($request->clearance()),
        );
    }

    public function destroy(Client $client, Clearance $clearance, RecordHealth $record, #[CurrentUser] User $trainer): HealthResource
    {
        return $record->handle($client, $trainer, 'withdrew a clearance', fn () => $clearance->delete());
    }
}
