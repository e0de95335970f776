<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Casts\AsMoment;
use App\Http\Resources\Resource;
use App\Models\SetLog;

/** One logged set. */
final readonly class SetLogResource extends Resource
{
    public function __construct(
        public int $id,
        public string $key,
        public string $exercise,
        public string $words,
        public int $setNumber,
        public ?string $side,
        public ?int $reps,
        public ?int $seconds,
        public ?float $reserve,
        public bool $pain,
        public string $painNote,
        public string $loggedAt,
    ) {
    }

    public static function of(SetLog $set): self
    {
        return new self(
            id: $set->id,
            key: $set->key,
            exercise: $set->exercise,
            words: $set->words,
            setNumber: $set->set_number,
            side: $set->side,
            reps: $set->reps,
            seconds: $set->seconds,
            reserve: $set->reserve,
            pain: $set->pain,
            painNote: $set->pain_note,
            loggedAt: AsMoment::said($set->logged_at),
        );
    }
}
