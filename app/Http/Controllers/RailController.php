<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Rail\ShowRail;
use App\Http\Resources\Rail\RailResource;
use App\Models\Client;

final class RailController extends Controller
{
    public function show(Client $client, string $pattern, ShowRail $show): RailResource
    {
        return $show->handle($client, $show->measured($pattern));
    }
}
