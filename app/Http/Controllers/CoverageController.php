<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowCoverage;
use App\Http\Resources\Shelf\CoverageResource;
use App\Models\Client;
use Illuminate\Http\JsonResponse;

final class CoverageController extends Controller
{
    public function show(Client $client, ShowCoverage $show): CoverageResource
    {
        return $show->handle($client);
    }

    /** Asked for apart: trying every thing of the list takes longer than looking at the shelf. */
    public function additions(Client $client, ShowCoverage $show): JsonResponse
    {
        return response()->json($show->additions($client));
    }
}
