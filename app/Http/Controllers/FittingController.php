<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Catalogue\ShowFitting;
use App\Http\Resources\Catalogue\FittingResource;
use App\Models\Client;

final class FittingController extends Controller
{
    public function __invoke(Client $client, ShowFitting $show): FittingResource
    {
        return $show->handle($client);
    }
}
