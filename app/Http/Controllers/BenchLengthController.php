<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;

/** How far the band on the scale is pulled. */
final class BenchLengthController extends Controller
{
    public function store(BenchRequest $request, Client $client, RunBench $bench, ShowBench $show): BenchResource
    {
        [$state, $item] = $bench->hanging($request->trainer(), $client);
        $bench->pull($state, $item, $request->lengthM());

        return $show->handle($client, $request->trainer());
    }
}
