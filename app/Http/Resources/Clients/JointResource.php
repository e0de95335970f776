<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;
use NimbleShelf\Core\Health\Joint;

/** A joint that may hurt, and the limits that are proposed while it does. */
final readonly class JointResource extends Resource
{
    /** @param  list<LimitResource>  $limits */
    public function __construct(
        public string $id,
        public string $name,
        public bool $hasSides,
        public array $limits,
        public string $why,
    ) {
    }

    public static function of(Joint $joint): self
    {
        return new self($joint->id, $joint->name, $joint->hasSides, LimitResource::allOf($joint->limits), $joint->why);
    }
}
