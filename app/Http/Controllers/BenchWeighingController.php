<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\FinishBench;
use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;

final class BenchWeighingController extends Controller
{
    public function store(BenchRequest $request, Client $client, RunBench $bench, ShowBench $show, FinishBench $finish): BenchResource
    {
        [$state, $item] = $bench->hanging($request->trainer(), $client);
        $finish->weigh($state, $item, $request->typed());

        return $show->handle($client, $request->trainer());
    }
}
