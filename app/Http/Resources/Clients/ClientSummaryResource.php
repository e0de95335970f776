<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;

/** A client in the list. */
final readonly class ClientSummaryResource extends Resource
{
    /**
     * @param  list<LimitResource>  $limits
     * @param  string|null  $nextVisit  ISO 8601; null where none is planned.
     * @param  bool  $isDemo  True where they are nobody real, but somebody to try things on.
     * @param  bool  $isArchived  True where they are put away.
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $trade,
        public string $goal,
        public array $limits,
        public int $shelfCount,
        public ?string $nextVisit,
        public bool $isArchived,
        public bool $isDemo,
    ) {
    }
}
