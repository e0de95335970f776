<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Models\Programme;
use App\Models\TrainingSession;
use Illuminate\Database\Eloquent\Collection;

/** A programme that runs, with its visits that lie ahead. */
final readonly class RunningProgrammeResource extends Resource
{
    /** @param  list<AheadVisitResource>  $visits  That nobody has begun, the next first. */
    public function __construct(public int $id, public string $name, public int $week, public int $weeks, public array $visits)
    {
    }

    /** @param  Collection<int, TrainingSession>  $visits */
    public static function of(Programme $programme, Collection $visits): self
    {
        return new self(
            id: $programme->id,
            name: $programme->name,
            week: $programme->currentWeek(),
            weeks: $programme->weeks()->count(),
            visits: array_values($visits->map(AheadVisitResource::of(...))->all()),
        );
    }
}
