<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\ReviewProgramme;
use App\Http\Requests\Programme\ReviewRequest;
use App\Http\Resources\Programme\ReviewResource;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;

final class ProgrammeReviewController extends Controller
{
    public function show(Programme $programme, ReviewProgramme $review): ReviewResource
    {
        return $review->handle($programme);
    }

    public function store(ReviewRequest $request, Programme $programme, ReviewProgramme $review): WeekSheetResource
    {
        return $review->apply($programme, $request->accepted(), $request->integer('version'));
    }
}
