<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use App\Models\ProgrammeEdit;

/** One change of a programme, by hand or by what was logged. */
final readonly class ProgrammeEditResource extends Resource
{
    /** @param  string  $at  A moment. */
    public function __construct(public int $id, public int $week, public string $words, public string $at, public bool $isUndone)
    {
    }

    public static function of(ProgrammeEdit $edit): self
    {
        return new self(
            $edit->id,
            $edit->week,
            $edit->words,
            (string) $edit->created_at?->toIso8601String(),
            $edit->undone_at !== null,
        );
    }
}
