<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\PlaceAppointments;
use App\Http\Requests\Round\StoreAppointmentRequest;
use App\Models\Appointment;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Visits without a session, and time that is not free. */
final class AppointmentController extends Controller
{
    public function __construct(private readonly PlaceAppointments $place)
    {
    }

    public function store(StoreAppointmentRequest $request): JsonResponse
    {
        $ids = $this->place->add($request->trainer(), $request->appointment(), $request->moments());

        return response()->json(['id' => $ids[0], 'count' => count($ids)], 201);
    }

    public function update(StoreAppointmentRequest $request, Appointment $appointment): Response
    {
        $this->place->change($appointment, $request->appointment(), $request->startsAt());

        return response()->noContent();
    }

    public function destroy(Request $request, Appointment $appointment): Response
    {
        $this->place->remove($appointment, $request->boolean('later'));

        return response()->noContent();
    }

    public function restore(Request $request, Appointment $appointment): Response
    {
        $this->place->bringBack($appointment, $request->boolean('later'));

        return response()->noContent();
    }
}
