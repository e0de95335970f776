<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Enums\SessionState;
use App\Http\Resources\Resource;
use App\Models\TrainingSession;

/** A session in a list. */
final readonly class SessionSummaryResource extends Resource
{
    /**
     * @param  string  $startsAt  ISO 8601.
     * @param  int  $swapsNeeded  Exercises the shelf cannot serve as written.
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $startsAt,
        public int $minutes,
        public SessionState $state,
        public int $swapsNeeded,
    ) {
    }

    public static function of(TrainingSession $session, int $swapsNeeded): self
    {
        return new self(
            id: $session->id,
            name: $session->name,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            state: $session->state(),
            swapsNeeded: $swapsNeeded,
        );
    }
}
