<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** Somebody of the same household who trains at the same time with the same kit. */
final readonly class TogetherWithResource extends Resource
{
    public function __construct(public int $sessionId, public string $clientName)
    {
    }
}
