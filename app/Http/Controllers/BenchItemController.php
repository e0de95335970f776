<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;

/** What hangs on the scale. */
final class BenchItemController extends Controller
{
    public function store(BenchRequest $request, Client $client, RunBench $bench, ShowBench $show): BenchResource
    {
        $bench->hang($bench->state($request->trainer(), $client), $request->item());

        return $show->handle($client, $request->trainer());
    }
}
