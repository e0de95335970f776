<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\Programme\ProgrammeEditResource;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;

/** What was changed in a programme, the newest first. */
final class ProgrammeEditController extends Controller
{
    private const SHOWN = 30;

    public function index(Programme $programme): JsonResponse
    {
        /** @var Collection<int, ProgrammeEdit> $edits */
        $edits = $programme->edits()->orderByDesc('id')->limit(self::SHOWN)->get();

        return new JsonResponse($edits->map(ProgrammeEditResource::of(...))->values());
    }
}
