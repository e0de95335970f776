<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;

/** Whether the scale answers at all. */
final class BenchPlugController extends Controller
{
    public function store(BenchRequest $request, Client $client, RunBench $bench, ShowBench $show): BenchResource
    {
        $state = $bench->state($request->trainer(), $client);
        $state->isPlugged = $request->boolean('plugged');
        $state->keep();

        return $show->handle($client, $request->trainer());
    }
}
