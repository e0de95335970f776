<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\BuildRound;
use App\Http\Requests\ShowRoundRequest;
use App\Http\Resources\RoundResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class RoundController extends Controller
{
    public function __invoke(ShowRoundRequest $request, BuildRound $buildRound, #[CurrentUser] User $trainer): RoundResource
    {
        return $buildRound->handle($trainer, $request->day());
    }
}
