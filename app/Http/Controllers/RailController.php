<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Rail\ShowRail;
use App\Http\Resources\Rail\RailDetailResource;
use App\Http\Resources\Rail\RailResource;
use App\Models\Client;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Pattern;

final class RailController extends Controller
{
    public function show(Client $client, string $pattern, Catalogue $catalogue, ShowRail $show): RailResource
    {
        return $show->handle($client, $this->measured($catalogue, $pattern));
    }

    public function rung(Client $client, string $pattern, string $key, Catalogue $catalogue, ShowRail $show): RailDetailResource
    {
        return $show->detail($client, $this->measured($catalogue, $pattern), $key) ?? abort(404);
    }

    private function measured(Catalogue $catalogue, string $pattern): Pattern
    {
        $known = $catalogue->patterns[$pattern] ?? abort(404);

        return $known->isMeasured() ? $known : abort(404);
    }
}
