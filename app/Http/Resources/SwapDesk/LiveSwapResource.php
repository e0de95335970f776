<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;

/** A candidate at a setting moved by hand, or why it cannot be used there. */
final readonly class LiveSwapResource extends Resource
{
    public function __construct(
        public ?string $problem,
        public ?CandidateResource $candidate,
    ) {
    }
}
