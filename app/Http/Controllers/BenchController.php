<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\ShowBench;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class BenchController extends Controller
{
    public function show(Client $client, ShowBench $show, #[CurrentUser] User $trainer): BenchResource
    {
        return $show->handle($client, $trainer);
    }
}
