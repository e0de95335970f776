<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Models\TrainingSession;

/** A visit that lies ahead. */
final readonly class AheadVisitResource extends Resource
{
    /** @param  string  $date  In the zone it was made for. */
    public function __construct(public int $id, public string $name, public string $date, public string $time)
    {
    }

    public static function of(TrainingSession $visit): self
    {
        return new self($visit->id, $visit->name, $visit->starts_at->toDateString(), $visit->starts_at->format('H:i'));
    }
}
