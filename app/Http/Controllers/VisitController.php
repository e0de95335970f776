<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\PlaceVisits;
use App\Http\Requests\Round\AddVisitRequest;
use App\Http\Requests\Round\PlaceVisitRequest;
use App\Models\Client;
use App\Models\TrainingSession;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Where the visits of the Round stand: what a visit more could be, one more, one moved, one taken out again. */
final class VisitController extends Controller
{
    public function __construct(private readonly PlaceVisits $place)
    {
    }

    public function index(Client $client): JsonResponse
    {
        return response()->json($this->place->offered($client));
    }

    public function store(AddVisitRequest $request, Client $client): JsonResponse
    {
        $visit = $this->place->add($request->planned(), $request->startsAt());

        return response()->json(['sessionId' => $visit->id], 201);
    }

    public function update(PlaceVisitRequest $request, TrainingSession $session): Response
    {
        $this->place->move($session, $request->startsAt(), $request->why());

        return response()->noContent();
    }

    public function destroy(TrainingSession $session): Response
    {
        $this->place->remove($session);

        return response()->noContent();
    }
}
