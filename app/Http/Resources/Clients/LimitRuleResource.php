<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** What a person's limit does to an exercise, and why. */
final readonly class LimitRuleResource extends Resource
{
    public function __construct(
        public string $limit,
        public string $label,
        public bool $excludes,
        public string $why,
    ) {
    }
}
