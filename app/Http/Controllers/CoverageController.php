<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowCoverage;
use App\Http\Resources\Shelf\CoverageResource;
use App\Http\Resources\Shelf\TriedAdditionResource;
use App\Models\Client;
use NimbleShelf\Core\Shelf\Addition;

final class CoverageController extends Controller
{
    public function show(Client $client, ShowCoverage $show): CoverageResource
    {
        return $show->handle($client);
    }

    /** Asked for one by one: trying every thing of the list takes longer than looking at the shelf. */
    public function addition(Client $client, int $place, ShowCoverage $show): TriedAdditionResource
    {
        return new TriedAdditionResource($show->addition($client, Addition::usual()[$place] ?? abort(404), $place));
    }
}
