<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** Who looked at or changed health answers, and when. */
final readonly class AuditEntryResource extends Resource
{
    public function __construct(
        public int $id,
        public string $at,
        public string $who,
        public string $what,
    ) {
    }
}
