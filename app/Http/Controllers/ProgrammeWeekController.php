<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\EditProgramme;
use App\Actions\Programme\ShowWeek;
use App\Http\Requests\Programme\EditProgrammeRequest;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;

final class ProgrammeWeekController extends Controller
{
    public function show(Programme $programme, int $week, ShowWeek $show): WeekSheetResource
    {
        return $show->handle($programme, $week);
    }

    public function update(EditProgrammeRequest $request, Programme $programme, int $week, EditProgramme $edit): WeekSheetResource
    {
        return $edit->handle(
            $programme,
            $week,
            $request->edit(),
            $request->integer('version'),
            $request->boolean('onwards', true),
            $request->time(),
        );
    }
}
