<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Floor\KeepEvents;
use App\Http\Requests\Floor\KeepEventsRequest;
use App\Http\Resources\Floor\KeptEventsResource;
use App\Http\Resources\Floor\RefusedEventResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class FloorEventController extends Controller
{
    /** 200 where all are kept; 409 where some are refused, with what became of each and the reasons by field. */
    public function store(KeepEventsRequest $request, KeepEvents $keep, #[CurrentUser] User $trainer): JsonResponse
    {
        ['accepted' => $accepted, 'refused' => $refused] = $keep->handle($trainer, $request->events());
        $kept = new KeptEventsResource(
            $accepted,
            array_map(static fn (array $one): RefusedEventResource => new RefusedEventResource(...$one), $refused),
        );
        if ($refused === []) {
            return new JsonResponse($kept);
        }
        $errors = [];
        foreach ($refused as $one) {
            $errors[$one['field']][] = $one['message'];
        }

        return new JsonResponse(
            ['message' => $refused[0]['message'], 'errors' => $errors, 'accepted' => $kept->accepted, 'refused' => $kept->refused],
            409,
        );
    }
}
