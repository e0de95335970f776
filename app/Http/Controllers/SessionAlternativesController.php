<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Floor\ShowAlternatives;
use App\Http\Resources\Floor\AlternativesResource;
use App\Models\TrainingSession;

final class SessionAlternativesController extends Controller
{
    public function __invoke(TrainingSession $session, ShowAlternatives $showAlternatives): AlternativesResource
    {
        return $showAlternatives->handle($session);
    }
}
