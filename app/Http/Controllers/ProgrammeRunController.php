<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\RunProgramme;
use App\Actions\Programme\ShowProgramme;
use App\Http\Requests\Programme\StartProgrammeRequest;
use App\Http\Resources\Programme\ProgrammeResource;
use App\Http\Resources\Programme\ProgrammeTurnResource;
use App\Http\Resources\Programme\RunningProgrammeResource;
use App\Http\Resources\Programme\StartPreviewResource;
use App\Models\Client;
use App\Models\Programme;
use App\Models\ProgrammeTurn;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Programmes as a whole: started, stopped, paused, gone on with, and each taken back. */
final class ProgrammeRunController extends Controller
{
    public function __construct(private readonly RunProgramme $run)
    {
    }

    /** What starting it would end. */
    public function show(Client $client, Programme $programme): StartPreviewResource
    {
        $today = $client->trainer->today();
        $first = $programme->firstDay($today);
        $running = $this->run->inTheWay($client, $programme);

        return new StartPreviewResource(
            firstDay: $first->toDateString(),
            lastDays: array_values(array_unique([
                $first->subDay()->toDateString(),
                ...($today < $first ? [$today->toDateString()] : []),
            ])),
            running: array_map(
                static fn (array $one): RunningProgrammeResource => RunningProgrammeResource::of($one['programme'], $one['visits']),
                $running,
            ),
        );
    }

    /** Starts a draft that was kept. */
    public function store(StartProgrammeRequest $request, Client $client, Programme $programme, ShowProgramme $show): ProgrammeResource
    {
        $this->run->start($client, $programme, $request->endsOther());

        return $show->kept($programme->refresh());
    }

    public function stop(Request $request, Programme $programme): ProgrammeTurnResource
    {
        $request->validate(
            ['lastDay' => ['required', 'date_format:Y-m-d']],
            ['lastDay.required' => 'Give its last day.', 'lastDay.date_format' => 'Give its last day.'],
        );

        return ProgrammeTurnResource::of($this->run->stop($programme, $this->day($request, 'lastDay')));
    }

    public function pause(Request $request, Programme $programme): ProgrammeTurnResource
    {
        $request->validate(
            ['from' => ['required', 'date_format:Y-m-d'], 'until' => ['required', 'date_format:Y-m-d', 'after_or_equal:from']],
            [
                'from.required' => 'Give the first day away.',
                'until.required' => 'Give the last day away.',
                'until.after_or_equal' => 'The last day away comes before the first.',
            ],
        );

        return ProgrammeTurnResource::of($this->run->pause(
            $programme,
            from: $this->day($request, 'from'),
            until: $this->day($request, 'until'),
        ));
    }

    public function goOn(Programme $programme): ProgrammeTurnResource
    {
        return ProgrammeTurnResource::of($this->run->goOn($programme));
    }

    public function destroy(Programme $programme, ProgrammeTurn $turn): Response
    {
        $this->run->takeBack($turn);

        return response()->noContent();
    }

    /** As dates are kept. */
    private function day(Request $request, string $field): CarbonImmutable
    {
        return CarbonImmutable::parse($request->string($field)->toString(), 'UTC');
    }
}
