<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\ShowForecast;
use App\Models\Programme;
use Illuminate\Http\JsonResponse;

/** The main lifts of a programme through its weeks. */
final class ProgrammeForecastController extends Controller
{
    public function __invoke(Programme $programme, ShowForecast $show): JsonResponse
    {
        return new JsonResponse($show->handle($programme));
    }
}
