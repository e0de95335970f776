<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowClient;
use App\Actions\Clients\ShowClients;
use App\Actions\Clients\ShowHealth;
use App\Http\Requests\Clients\StoreClientRequest;
use App\Http\Requests\Clients\UpdateClientRequest;
use App\Http\Resources\Clients\ClientResource;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

final class ClientController extends Controller
{
    public function index(ShowClients $list, #[CurrentUser] User $trainer): JsonResponse
    {
        return response()->json($list->handle($trainer));
    }

    public function show(Client $client, ShowClient $show, #[CurrentUser] User $trainer): ClientResource
    {
        $this->authorize('view', $client);
        ShowHealth::note($client, $trainer, 'looked at the person and the note');

        return $show->handle($client);
    }

    public function store(StoreClientRequest $request, ShowClient $show, #[CurrentUser] User $trainer): JsonResponse
    {
        $client = DB::transaction(static function () use ($request, $trainer): Client {
            $client = $trainer->clients()->create($request->newPerson());
            $client->bodyMeasures()->create($request->measures());
            $client->home()->create(['anchors' => [], 'note' => '']);

            return $client;
        });

        return response()->json($show->handle($client->refresh()), 201);
    }

    public function update(UpdateClientRequest $request, Client $client, ShowClient $show): ClientResource
    {
        $client->update($request->person());
        ShowHealth::note($client, $request->trainer(), 'changed the person or the note');

        return $show->handle($client->refresh());
    }
}
