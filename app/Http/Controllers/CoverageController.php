<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowCoverage;
use App\Http\Resources\Shelf\CoverageResource;
use App\Models\Client;

final class CoverageController extends Controller
{
    public function show(Client $client, ShowCoverage $show): CoverageResource
    {
        return $show->handle($client);
    }
}
