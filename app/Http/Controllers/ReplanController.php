<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Replan\ReplanSession;
use App\Actions\SwapDesk\ChangeItem;
use App\Http\Requests\Replan\ReplanRequest;
use App\Http\Resources\Replan\AppliedReplanResource;
use App\Http\Resources\Replan\ReplanResource;
use App\Models\TrainingSession;

final class ReplanController extends Controller
{
    public function show(ReplanRequest $request, TrainingSession $session, ReplanSession $replan): ReplanResource
    {
        return $replan->propose($request->replan($session));
    }

    public function store(ReplanRequest $request, TrainingSession $session, ReplanSession $replan): AppliedReplanResource
    {
        $accepted = $request->accepted();

        return new AppliedReplanResource($replan->apply($request->replan($session), $accepted), count($accepted));
    }

    public function destroy(TrainingSession $session, string $batch, ChangeItem $change): AppliedReplanResource
    {
        return new AppliedReplanResource($batch, $change->takeBackBatch($batch, $session->client_id));
    }
}
