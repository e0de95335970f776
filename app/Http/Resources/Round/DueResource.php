<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** Something that falls due for a client. */
final readonly class DueResource extends Resource
{
    /**
     * @param  string  $kind  `screening`, `clearance`, `checks`, `band`, `thing`, `retest`, `programme` or `start`.
     * @param  string  $what  In words: "Health questions".
     * @param  string  $on  The day it falls due, or fell.
     * @param  string  $place  Of the client, where it is dealt with: `health`, `shelf`, `bench`, `programme` or `start`.
     */
    public function __construct(
        public int $clientId,
        public string $clientName,
        public string $kind,
        public string $what,
        public string $on,
        public bool $isOver,
        public string $place,
    ) {
    }
}
