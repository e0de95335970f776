<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\ShowDue;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

final class DueController extends Controller
{
    public function __invoke(ShowDue $show, #[CurrentUser] User $trainer): JsonResponse
    {
        return response()->json($show->handle($trainer));
    }
}
