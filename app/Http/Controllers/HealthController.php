<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\ShowHealth;
use App\Http\Resources\Clients\HealthResource;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class HealthController extends Controller
{
    public function show(Client $client, ShowHealth $show, #[CurrentUser] User $trainer): HealthResource
    {
        ShowHealth::note($client, $trainer, 'looked at the health answers');

        return $show->handle($client);
    }
}
