<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Models\ProgrammeTurn;

/** That a programme was started, stopped, paused or went on. */
final readonly class ProgrammeTurnResource extends Resource
{
    /**
     * @param  string  $kind  `started`, `stopped`, `paused` or `went-on`.
     * @param  string  $at  When.
     * @param  int  $gone  Visits it took off the Round.
     * @param  int  $made  Visits it put there.
     */
    public function __construct(
        public int $id,
        public int $programmeId,
        public string $kind,
        public string $at,
        public int $gone,
        public int $made,
    ) {
    }

    public static function of(ProgrammeTurn $turn): self
    {
        return new self(
            id: $turn->id,
            programmeId: $turn->programme_id,
            kind: $turn->kind->value,
            at: $turn->created_at?->toIso8601String() ?? '',
            gone: count($turn->gone),
            made: count($turn->made),
        );
    }
}
