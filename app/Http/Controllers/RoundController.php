<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\ShowRound;
use App\Http\Requests\Round\ShowRoundRequest;
use App\Http\Resources\Round\RoundResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;

final class RoundController extends Controller
{
    public function __invoke(ShowRoundRequest $request, ShowRound $buildRound, #[CurrentUser] User $trainer): RoundResource
    {
        return $buildRound->handle($trainer, $request->day());
    }
}
