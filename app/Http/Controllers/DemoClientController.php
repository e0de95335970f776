<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\TryDemoClient;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** Somebody to try things on, and away with them. */
final class DemoClientController extends Controller
{
    public function __construct(private readonly TryDemoClient $try)
    {
    }

    public function store(#[CurrentUser] User $trainer): JsonResponse
    {
        return response()->json(['clientId' => $this->try->handle($trainer)->id], 201);
    }

    public function destroy(#[CurrentUser] User $trainer): Response
    {
        $this->try->takeAway($trainer);

        return response()->noContent();
    }
}
