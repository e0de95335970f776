<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowHealth;
use App\Http\Requests\Clients\StoreClearanceRequest;
use App\Http\Requests\Clients\StoreMovementCheckRequest;
use App\Http\Requests\Clients\StoreScreeningRequest;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Clearance;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use NimbleShelf\Core\Health\Screening;

final class HealthController extends Controller
{
    public function show(Client $client, ShowHealth $describe, #[CurrentUser] User $trainer): HealthResource
    {
        ShowHealth::note($client, $trainer, 'looked at the health answers');

        return $describe->handle($client);
    }

    public function screen(StoreScreeningRequest $request, Client $client, Screening $screening, ShowHealth $describe): HealthResource
    {
        $client->screenings()->create($request->screening($screening));
        ShowHealth::note($client, $request->trainer(), 'answered the health questions');

        return $describe->handle($client);
    }

    public function clear(StoreClearanceRequest $request, Client $client, ShowHealth $describe): HealthResource
    {
        $client->clearances()->create($request->clearance());
        ShowHealth::note($client, $request->trainer(), 'noted a clearance');

        return $describe->handle($client);
    }

    public function withdraw(Client $client, Clearance $clearance, ShowHealth $describe, #[CurrentUser] User $trainer): HealthResource
    {
        $clearance->delete();
        ShowHealth::note($client, $trainer, 'withdrew a clearance');

        return $describe->handle($client);
    }

    public function check(StoreMovementCheckRequest $request, Client $client, ShowHealth $describe): HealthResource
    {
        $client->movementChecks()->create(['checked_on' => now(), 'seen' => $request->seen()]);
        ShowHealth::note($client, $request->trainer(), 'noted movement checks');

        return $describe->handle($client);
    }
}
