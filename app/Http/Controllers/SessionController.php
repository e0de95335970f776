<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Floor\ShowSession;
use App\Http\Resources\Floor\SessionResource;
use App\Models\TrainingSession;

final class SessionController extends Controller
{
    public function show(TrainingSession $session, ShowSession $showSession): SessionResource
    {
        return $showSession->handle($session);
    }
}
