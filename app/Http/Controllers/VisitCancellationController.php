<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\PlaceVisits;
use App\Http\Requests\Round\CancelVisitRequest;
use App\Models\TrainingSession;
use Illuminate\Http\Response;

/** Cancels a visit with why, and brings it back. */
final class VisitCancellationController extends Controller
{
    public function __construct(private readonly PlaceVisits $place)
    {
    }

    public function store(CancelVisitRequest $request, TrainingSession $session): Response
    {
        $this->place->cancel($session, $request->why());

        return response()->noContent();
    }

    public function destroy(TrainingSession $session): Response
    {
        $this->place->bringBack($session);

        return response()->noContent();
    }
}
