<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\PlanProgramme;
use App\Actions\Programme\RunProgramme;
use App\Actions\Programme\ShowProgramme;
use App\Http\Requests\Programme\PlanProgrammeRequest;
use App\Http\Resources\Programme\ProgrammeNameResource;
use App\Http\Resources\Programme\ProgrammeResource;
use App\Http\Resources\Programme\ProgrammesResource;
use App\Models\Client;
use App\Models\Programme;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

final class ProgrammeController extends Controller
{
    public function index(Request $request, Client $client, ShowProgramme $show): ProgrammesResource
    {
        return $show->handle($client, $request->filled('programme') ? $request->integer('programme') : null);
    }

    /** Keeps a proposal; where it is to start at once and cannot, nothing of it is kept. */
    public function store(
        PlanProgrammeRequest $request,
        Client $client,
        PlanProgramme $plan,
        RunProgramme $run,
        ShowProgramme $show,
    ): ProgrammeResource {
        $programme = DB::transaction(function () use ($request, $client, $plan, $run): Programme {
            $programme = $plan->keep($client, $request->wish());
            if ($request->starts()) {
                $run->start($client, $programme, $request->endsOther());
            }

            return $programme;
        });

        return $show->kept($programme->refresh());
    }

    /** A draft or a template; what runs or ran stays. */
    public function destroy(Programme $programme, PlanProgramme $plan): Response
    {
        $plan->discard($programme);

        return response()->noContent();
    }

    /** Puts a draft back that was thrown away. */
    public function restore(Programme $programme): ProgrammeNameResource
    {
        $programme->restore();

        return ProgrammeNameResource::of($programme);
    }
}
