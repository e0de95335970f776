<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** One health question and its newest answer. */
final readonly class HealthAnswerResource extends Resource
{
    public function __construct(
        public string $id,
        public string $ask,
        public ?bool $yes,
        public bool $locks,
        public bool $namesJoints,
    ) {
    }
}
