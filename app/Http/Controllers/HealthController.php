<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowHealth;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class HealthController extends Controller
{
    public function show(Client $client, ShowHealth $show, #[CurrentUser] User $trainer): HealthResource
    {
        ShowHealth::note($client, $trainer, 'looked at the health answers');

        return $show->handle($client);
    }

    /** Earlier entries of who looked and who changed. */
    public function audit(Request $request, Client $client, ShowHealth $show): JsonResponse
    {
        $request->validate(['before' => ['required', 'integer', 'min:1']]);

        return response()->json($show->audit($client, $request->integer('before')));
    }
}
