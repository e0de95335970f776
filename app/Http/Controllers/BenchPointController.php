<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;

final class BenchPointController extends Controller
{
    public function store(BenchRequest $request, Client $client, RunBench $bench, ShowBench $show): BenchResource
    {
        [$state, $item] = $bench->hanging($request->trainer(), $client);
        $typed = $request->typed();
        if ($request->has('lengthCm')) {
            $bench->pull($state, $item, $request->lengthM());
        }
        $bench->take($state, $item, $typed);

        return $show->handle($client, $request->trainer());
    }

    public function destroy(BenchRequest $request, Client $client, int $place, RunBench $bench, ShowBench $show): BenchResource
    {
        $bench->drop($bench->state($request->trainer(), $client), $place);

        return $show->handle($client, $request->trainer());
    }
}
