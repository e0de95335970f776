<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;

/** A joint that the client named. */
final readonly class NamedJointResource extends Resource
{
    /**
     * @param  string  $side  `left`, `right`, `both`, or empty.
     * @param  int|null  $replaced  The year; null where it is their own.
     */
    public function __construct(
        public string $joint,
        public string $name,
        public string $side,
        public ?int $replaced,
    ) {
    }
}
