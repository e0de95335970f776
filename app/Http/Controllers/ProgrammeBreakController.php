<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\ResumeProgramme;
use App\Http\Resources\Programme\BreakResource;
use App\Models\Programme;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** A programme after days without training. */
final class ProgrammeBreakController extends Controller
{
    public function show(Programme $programme, ResumeProgramme $resume): BreakResource
    {
        return $resume->show($programme);
    }

    public function store(Programme $programme, ResumeProgramme $resume): BreakResource
    {
        return $resume->handle($programme);
    }

    /** Puts its start on a day: what going on has moved is moved back. */
    public function update(Request $request, Programme $programme, ResumeProgramme $resume): BreakResource
    {
        $day = $request->validate(['startsOn' => ['required', 'date_format:Y-m-d']])['startsOn'];
        $resume->startsOn($programme, CarbonImmutable::parse(is_string($day) ? $day : ''));

        return $resume->show($programme->refresh());
    }
}
