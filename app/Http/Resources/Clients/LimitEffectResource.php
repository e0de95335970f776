<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** One limit, or one thing about the room, and what it switches off. */
final readonly class LimitEffectResource extends Resource
{
    /**
     * @param  string  $source  `trainer`, `health`, `age` or `room`; empty where it is not in force.
     * @param  list<string>  $off  Names of the exercises it switches off on its own.
     */
    public function __construct(
        public string $id,
        public string $label,
        public bool $isOn,
        public string $source,
        public string $why,
        public array $off,
    ) {
    }
}
