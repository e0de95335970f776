<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\StreamGauge;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class BenchReadingController extends Controller
{
    public function index(Request $request, Client $client, StreamGauge $stream, #[CurrentUser] User $trainer): StreamedResponse
    {
        return $stream->handle($trainer, $client, $request->integer('readings', StreamGauge::READINGS));
    }
}
