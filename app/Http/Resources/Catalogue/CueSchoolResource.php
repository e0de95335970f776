<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;

/** A point on which trainers differ, with the cue of each side. */
final readonly class CueSchoolResource extends Resource
{
    /** @param  list<string>  $others  What other trainers say. */
    public function __construct(
        public string $about,
        public string $cue,
        public array $others,
        public string $why,
    ) {
    }
}
