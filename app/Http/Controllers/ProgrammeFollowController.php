<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\FollowProgramme;
use App\Http\Resources\Programme\FollowedResource;
use App\Models\Programme;

/** Lets the weeks after a change, and the visits ahead, take it over now. */
final class ProgrammeFollowController extends Controller
{
    public function __invoke(Programme $programme, FollowProgramme $follow): FollowedResource
    {
        return new FollowedResource($follow->handle($programme));
    }
}
