<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Start\ShowStart;
use App\Actions\Start\TellResult;
use App\Http\Requests\Start\TellResultRequest;
use App\Http\Resources\Start\ReadResultResource;
use App\Http\Resources\Start\ToldResultResource;
use App\Models\Client;
use App\Models\ToldResult;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** What a trainer knows already of what a client can do. */
final class ToldResultController extends Controller
{
    public function __construct(private readonly TellResult $tell)
    {
    }

    /** How a line would be understood; nothing is kept. */
    public function show(TellResultRequest $request, Client $client): ReadResultResource
    {
        return ReadResultResource::of($this->tell->read($client, $request->line()));
    }

    public function store(TellResultRequest $request, Client $client, ShowStart $show): JsonResponse
    {
        return response()->json($show->told($this->tell->handle($client, $request->line())), 201);
    }

    public function destroy(Client $client, ToldResult $toldResult): Response
    {
        $this->tell->takeBack($toldResult);

        return response()->noContent();
    }

    public function restore(Client $client, ToldResult $toldResult, ShowStart $show): ToldResultResource
    {
        $this->tell->putBack($toldResult);

        return $show->told($toldResult);
    }
}
