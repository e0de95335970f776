<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Rail\ShowRail;
use App\Http\Resources\Rail\RailDetailResource;
use App\Models\Client;

final class RailRungController extends Controller
{
    public function show(Client $client, string $pattern, string $key, ShowRail $show): RailDetailResource
    {
        return $show->detail($client, $show->measured($pattern), $key) ?? abort(404);
    }
}
