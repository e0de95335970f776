<?php

declare(strict_types=1);

namespace App\Http\Resources\Start;

use App\Enums\SessionState;
use App\Http\Resources\Resource;

/** A first session that is planned, under way or done. */
final readonly class StartRunResource extends Resource
{
    public function __construct(public int $id, public SessionState $state, public string $startsAt, public ?string $endedAt)
    {
    }
}
