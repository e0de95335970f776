<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Floor\ShowTogether;
use App\Http\Resources\Floor\TogetherResource;
use App\Models\TrainingSession;

final class SessionTogetherController extends Controller
{
    public function __invoke(TrainingSession $session, TrainingSession $other, ShowTogether $showTogether): TogetherResource
    {
        return $showTogether->handle($session, $other);
    }
}
