<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\PlanProgramme;
use App\Http\Requests\Programme\PlanProgrammeRequest;
use App\Http\Resources\Programme\ProgrammeResource;
use App\Models\Client;

final class ProgrammeProposalController extends Controller
{
    public function show(PlanProgrammeRequest $request, Client $client, PlanProgramme $plan): ProgrammeResource
    {
        return $plan->propose($client, $request->wish());
    }
}
