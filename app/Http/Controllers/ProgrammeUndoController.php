<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\EditProgramme;
use App\Http\Resources\Programme\WeekSheetResource;
use App\Models\Programme;
use Illuminate\Http\Request;

/** Changes taken back, and made again. */
final class ProgrammeUndoController extends Controller
{
    public function store(Request $request, Programme $programme, EditProgramme $edit): WeekSheetResource
    {
        return $edit->undo($programme, $request->integer('version'));
    }

    public function destroy(Request $request, Programme $programme, EditProgramme $edit): WeekSheetResource
    {
        return $edit->redo($programme, $request->integer('version'));
    }
}
