<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Rail\ShowRail;
use App\Http\Resources\Rail\ExerciseRungsResource;
use App\Models\Client;

/** The rungs of one exercise that a client's shelf has. */
final class ExerciseRungController extends Controller
{
    public function __invoke(Client $client, string $exercise, ShowRail $show): ExerciseRungsResource
    {
        return $show->exercise($client, $exercise);
    }
}
