<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Programme\CopyProgramme;
use App\Http\Requests\Programme\CopyProgrammeRequest;
use App\Http\Resources\Programme\ProgrammeNameResource;
use App\Http\Resources\Programme\TemplateResource;
use App\Models\Programme;
use App\Models\User;
use App\Models\Week;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class ProgrammeCopyController extends Controller
{
    /** Everything of the trainer that can be copied, templates first. */
    public function index(Request $request): JsonResponse
    {
        /** @var User $trainer */
        $trainer = $request->user();
        /** @var Collection<int, Programme> $all */
        $all = Programme::query()->with(['client', 'weeks.plannedSessions'])->where('user_id', $trainer->id)->orderByDesc('id')->get();

        return new JsonResponse($all
            ->filter(static fn (Programme $one): bool => $one->weeks->isNotEmpty())
            ->sortBy(static fn (Programme $one): int => $one->client_id === null ? 0 : 1)
            ->map(static fn (Programme $one): TemplateResource => new TemplateResource(
                $one->id,
                $one->name,
                $one->client?->name,
                $one->state->value,
                $one->weeks->count(),
                $one->weeks->sum(static fn (Week $week): int => $week->plannedSessions->count()),
            ))
            ->values());
    }

    public function store(CopyProgrammeRequest $request, Programme $programme, CopyProgramme $copy): ProgrammeNameResource
    {
        return ProgrammeNameResource::of($copy->handle(
            $programme,
            $request->for(),
            $request->filled('week') ? $request->integer('week') : null,
            $request->filled('weekday') ? $request->integer('weekday') : null,
            $request->string('name')->trim()->toString(),
        ));
    }
}
