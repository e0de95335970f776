<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DescribeHealth;
use App\Http\Requests\StoreClearanceRequest;
use App\Http\Requests\StoreMovementCheckRequest;
use App\Http\Requests\StoreScreeningRequest;
use App\Http\Resources\HealthResource;
use App\Models\Clearance;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use NimbleShelf\Core\Health\Screening;

final class HealthController extends Controller
{
    public function show(Client $client, DescribeHealth $describe, #[CurrentUser] User $trainer): HealthResource
    {
        DescribeHealth::note($client, $trainer, 'looked at the health answers');

        return $describe->handle($client);
    }

    public function screen(StoreScreeningRequest $request, Client $client, Screening $screening, DescribeHealth $describe): HealthResource
    {
        $client->screenings()->create($request->screening($screening));
        DescribeHealth::note($client, $request->trainer(), 'answered the health questions');

        return $describe->handle($client);
    }

    public function clear(StoreClearanceRequest $request, Client $client, DescribeHealth $describe): HealthResource
    {
        $client->clearances()->create($request->clearance());
        DescribeHealth::note($client, $request->trainer(), 'noted a clearance');

        return $describe->handle($client);
    }

    public function withdraw(Client $client, Clearance $clearance, DescribeHealth $describe, #[CurrentUser] User $trainer): HealthResource
    {
        $clearance->delete();
        DescribeHealth::note($client, $trainer, 'withdrew a clearance');

        return $describe->handle($client);
    }

    public function check(StoreMovementCheckRequest $request, Client $client, DescribeHealth $describe): HealthResource
    {
        $client->movementChecks()->create(['checked_on' => now(), 'seen' => $request->seen()]);
        DescribeHealth::note($client, $request->trainer(), 'noted movement checks');

        return $describe->handle($client);
    }
}
