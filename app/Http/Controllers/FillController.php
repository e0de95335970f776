<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Shelf\ShowFill;
use App\Http\Requests\Shelf\FillRequest;
use App\Http\Resources\Shelf\FillResource;
use App\Models\Client;

final class FillController extends Controller
{
    public function show(FillRequest $request, Client $client, ShowFill $show): FillResource
    {
        return $show->handle($client, $request->targetKg(), $request->carrier(), $request->boolean('pair'));
    }
}
