<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Client;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** Puts a client away, and brings one back. Nothing that was done, planned or written is touched by either. */
final class ArchiveController extends Controller
{
    public function store(Client $client): Response
    {
        $this->authorize('update', $client);
        $client->archived_at ??= Carbon::now();
        $client->save();

        return response()->noContent();
    }

    public function destroy(Client $client): Response
    {
        $this->authorize('update', $client);
        $client->archived_at = null;
        $client->save();

        return response()->noContent();
    }
}
